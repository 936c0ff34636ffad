/** Words around an ingredient's name that change neither what it is nor what is in it. Common practice. */
export const MODIFIERS: ReadonlySet<string> = new Set(
  (
    'a an the of or and little bit touch reserved about approx approximately roughly more such some your favourite favorite good quality best fine finely very extra ' +
    'large lge lrg lg medium med small sml big jumbo xl size sized fresh freshly frozen defrosted thawed ripe overripe very organic raw cold cool cooled chilled warm warmed hot boiling ' +
    'lukewarm tepid scalded iced room temperature temp soft softened melted browned clarified unsalted salted sweet lightly firmly tightly well loosely ' +
    'packed sifted pk pck spooned levelled leveled scooped heaped heaping rounded scant level generous beaten separated whisked whipped stiff half peeled cored deseeded seeded ' +
    'pitted stoned halved quartered chopped diced cubed sliced grated shredded minced crushed mashed pureed drained squeezed rinsed washed dried toasted roasted poached stewed blanched ' +
    'lean runny finest skinned hulled shelled unshelled ground whole coarse coarsely thin thinly thick thickly plain pure natural unsweetened sweetened unrefined refined light dark pale ' +
    'golden white free range brown red green yellow black purple bought store shop ready made homemade leftover day old optional divided each ' +
    'piece chunk wedge strip stick cube knob block bar bag packet pack package box tin can jar tub bottle carton container sachet envelope sheet leaf ' +
    'full fat low reduced semi nonfat style type brand any all purpose kind variety local heritage heirloom unwaxed waxed tart sharp sour crisp firm ' +
    'cultured neutral flavoured flavored tasting virgin cooking baking eating dessert quick instant active dry powder powdered granulated medium-sized bite sized ' +
    'smooth creamy crunchy super ultra finely milled sprouted heirloom fair trade fairtrade homegrown local unbaked baked prebaked punnet cooked canned tinned jarred bottled pot thumb mixed soaked combined dissolved stirred torn trimmed hard but plump knobbly floury waxy cut thick-cut juicy bittersweet semisweet grind fine-grind medium-grind coarse-grind cup tablespoon tbsp teaspoon tsp gram ounce oz ml lb cm inch weight net shelled strong mild mature vintage superfine stoneground stone milled bleached unbleached enriched gluten certified vegan dairy into pinch handful dash'
  ).split(' '),
);

/** Where the name ends and the preparation begins. */
export const NAME_ENDS = /\s+(?:for|with|from|in|at|plus|cut|until|such as|preferably|if|like|to|that|which|each|per|i\.e\.|e\.g\.)\s+.*$/i;
