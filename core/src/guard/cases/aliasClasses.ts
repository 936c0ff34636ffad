import type { Avoidance } from '../../vocabulary';

interface NameClass {
  readonly what: Avoidance | 'gluten';
  /** A name that says so holds it for certain. */
  readonly holds: RegExp;
  /** Names that say it and are another thing. */
  readonly but?: RegExp;
  /** Names that say it only may hold it. */
  readonly may?: RegExp;
  /** Names that hold it without saying so. */
  readonly unsaid?: RegExp;
}

/**
 * What a name by itself says of what it holds: a table of its own, written from the names alone and not from the catalogue's
 * rows. Groups after EU 1169/2011, Annex II, FALCPA 2004 and FASTER 2021; which foods belong to them is common practice;
 * nightshades after the family Solanaceae.
 */
export const NAME_CLASSES: readonly NameClass[] = [
  {
    what: 'nightshades',
    holds: /\b(?:potato(?:es)?|tomato(?:es)?|passata|tomatillo|paprika|pimento|cayenne|chill?i|jalapeno|aubergine|eggplant|goji|gochugaru|harissa|berbere|(?:bell|red|green|aleppo|urfa|espelette|hot|roasted red) pepper|pepper flake|ancho|chipotle|curry|taco|cajun|fajita|ketchup|enchilada|barbecue sauce|brown sauce)\b/,
    but: /sweet potato|curry leaf/,
    unsaid: /^(?:instant mash|tabbouleh)$/,
  },
  {
    what: 'milk',
    holds: /\b(?:b?milk|butter|buttermilk|buttercream|cream|creme|yogurt|yoghurt|skyr|kefir|quark|labneh|clabber|cheese|cheddar|parmesan|feta|mozzarella|gruyere|brie|halloumi|paneer|ricotta|mascarpone|dahi|khoya|khoa|mawa|ghee|whey|lassi|ayran|doogh|eggnog|egg nog|casein|caseinate|lactose|custard|ice cream|gelato|dulce de leche|toffee|caramel|butterscotch|fudge|brioche|panettone|croissant|pain au chocolat|bechamel|chantilly)\b/,
    but: /\b(?:coconut|almond|oat|oatmilk|soya?|rice|pea(?: protein)?|hemp|flax|potato|tiger nut|nut|cashew|hazelnut|macadamia|walnut|pistachios?|pista|plant|plant based|vegan|dairy free|non ?dairy|non dairy|sesame|seed) (?:milk|cream|yogh?urt|butter|baking block|soft cheese|drink)|(?:peanut|almond|nut|cashew|hazelnut|pecan|walnut|macadamia|pistachio|sunflower(?: seed)?|pumpkin seed|seed|sesame|cocoa|cacao|apple|prune|plum|cookie) butter|pistachio cream|cream of (?:tartar|wheat|rice|coconut)|coconut|butter ?nut|butter bean|caramel colou?r|plain caramel|peanut butter$|powdered peanut butter|milk ?free|milk alternative|ice cream cone|almond cream|ginger|butter biscuit crumb|barley|custard (?:powder|apple)|plain (?:flour|white)|cream filled|horchata|caramelised biscuit|salted caramel corn|blancmange|marshmallow|lemon|fruit curd|cookie butter|tahini|fudge sauce/,
    may: /custard powder|chocolate (?:syrup|sauce)|fudge sauce|dark chocolate|chocolate chip|cream filled|malted drink|malt drink|pudding mix|^chai$|^popcorn$/,
    unsaid: /^(?:half and half|curd|smetana|frosting|mint sauce|pandoro|hot cross bun|stroopwafel|danish pastry|shortbread|shortbread (?:biscuit|cookie)|pudding|rice pudding|frangipane|frangipane filling|lemon curd|goat cheese|.*curd|neufchatel|fromage frai|squirty .*|whipped topping|frozen whipped topping|white sauce|cheese sauce|gianduja spread|.*chocolate.*|white chip|wafer bar|malt(?:ed milk)? ball|.*malt ball|.*chocolate wafer.*|hazelnut (?:cocoa )?spread|irish cream|advocaat|frozen custard|wafer and malt sweet|peanut butter cup|almond cream|milk solid|beurre noisette|full fat soft cheese|milk caramel|.*cream liqueur.*|peanut butter chip)$/,
  },
  {
    what: 'egg',
    holds: /\b(?:egg|eggnog|yolk|albumen|albuman|meringue|mayonnaise|mayo|nougat|challah|brioche|panettone|pandoro|ladyfinger|savoiardi|sponge|madeira cake|swiss roll|brownie|lemon curd|royal icing|tartare|advocaat|marshmallow (?:fluff|creme)|creme patissiere|creme anglaise|pastry cream|frozen custard|fruit cake|christmas pudding|amaretti|fortune cookie)\b/,
    but: /egg (?:replacer|substitute)|vegan egg|powdered egg replacer|flax egg|flaxseed egg|eggplant|egg free|sponge flour|frangipane paste|brownie mix|egg plant|madeira$/,
    unsaid: /^(?:cake|cake crumb|boudoir biscuit|spelt cake|hot cross bun|.*curd|frangipane|almond cream|coconut macaroon|macaroon|ready made meringue)$/,
  },
  {
    what: 'tree nuts',
    holds: /\b(?:almond|hazelnut|filbert|walnut|pecan|pistachios?|pista|macadamia|cashew|brazil nut|pine nut|pine kernel|pignoli|chestnut|marron|praline|gianduja|marzipan|frangipane|noisette|nougat|amaretti|nut (?:butter|oil|milk|brittle)|mixed nut|chopped nut|nut)\b/,
    but: /water chestnut|tiger nut|soya? nut|coconut|peanut|butternut|ginger nut|gingernut|nutmeg|beurre noisette|amaretto|almond (?:extract|essence|flavou?ring)|bitter almond extract|almond liqueur|hazelnut liqueur|ground ?nut/,
    may: /almond (?:extract|essence|flavou?ring)|almond liqueur|hazelnut liqueur|pink peppercorn|mahleb|sumac/,
    unsaid: /^(?:.*kernel|chocolate spread)$/,
  },
  { what: 'peanuts', holds: /\b(?:peanut|ground ?nut|arachi)\b/ },
  { what: 'soybeans', holds: /\b(?:soya?|soybean|tofu|bean curd|tempeh|miso|tamari|shoyu|teriyaki|hoisin|ponzu|soja)\b/, but: /soy(?:a|bean)?(?: bean)? oil/, may: /soy(?:a|bean)?(?: bean)? oil/, unsaid: /^(?:lecithin|black bean sauce)$/ },
  { what: 'sesame', holds: /\b(?:sesame|tahini|halva|hummus|zaatar|za'atar|dukkah?)\b/ },
  { what: 'coconut', holds: /\bcoconut\b/, but: /coconut (?:sugar|palm sugar|nectar|vinegar|extract)/, may: /coconut (?:sugar|palm sugar|nectar|vinegar|extract)/, unsaid: /^macaroon$/ },
  { what: 'corn', holds: /\b(?:corn|maize|polenta|masa|popcorn|hominy|grit|sweetcorn|cornflake|cornflour|cornstarch|cornmeal|cornbread)\b/, but: /wheat(?:en)? corn ?flour|peppercorn|corn oil/, may: /corn oil/, unsaid: /^(?:harinilla flour|amylopectin starch)$/ },
  { what: 'oats', holds: /\b(?:oat|oatmeal|oatcake|oatmilk|granola|flapjack|muesli)\b/ },
  { what: 'gums', holds: /\b(?:xanthan|xantham|xanthum|guar|carob(?: bean)? gum|locust bean|gellan|tara gum|gum arabic|acacia gum|carrageenan)\b/, unsaid: /^sodium alginate$/ },
  { what: 'celery', holds: /\b(?:celery|celeriac)\b/ },
  { what: 'mustard', holds: /\bmustard\b/ },
  { what: 'lupin', holds: /\blupine?\b/ },
  { what: 'fish', holds: /\b(?:fish|anchovy|surimi|worcestershire|imitation crab)\b/ },
  { what: 'crustaceans', holds: /\b(?:prawn|shrimp|crab)\b/, but: /imitation crab/ },
  { what: 'molluscs', holds: /\boyster\b/ },
  {
    what: 'gluten',
    holds: /\b(?:wheat|barley|rye|malt|malted|spelt|dinkel|emmer|einkorn|farro|kamut|khorasan|triticale|durum|semolina|bulg[hua]+r|couscou|seitan|freekeh|maida|atta|suji|sooji|rava|panko|matzo|matzah|cracker|bread|breadcrumb|brioche|biscuit|cookie|pretzel|filo|phyllo|pastry|pasta|udon|ramen|beer|ale|stout|lager|soy sauce|shoyu|teriyaki)\b/,
    but: /buck ?wheat|wheatgrass|wheat free|gluten free|gluten taken out|codex|deglutenised|wheat based glucose|(?:rice|corn|cauliflower) (?:semolina|couscou)|maize semolina|rice (?:cracker|malt syrup)|brown rice malt|barley gras|ginger ale|root beer|ginger beer|bread soda|bread machine yeast|cookie butter of|maltodextrin|distilled malt|tamari|malted milk powder of|rye whiskey|isomalt|oat cracker|pastry cream|graham cracker crumb free|barley grass powder/,
  },
];
