/** Words in a step that look like a food and name none. Common practice of recipes. */
export const NOT_NAMED: readonly RegExp[] = [
  // A look: "the size of a walnut", "like thick cream", "pea-sized", "egg-yellow".
  /\b(?:size|shape|consistency|texture|thickness|colou?r|look) of (?:(?:an?|the|very|thick|thin|double|single|whipped|soft|softened|lightly|small|large) )*[\w-]+(?: (?:cream|crumbs?|yolk|shell))?/gi,
  /\b(?:like|resembl\w+|as thick as|as soft as) (?:(?:an?|the|very|thick|thin|double|single|softly|whipped|soft|melted|wet|lightly) )*[\w-]+(?: (?:cream|crumbs?|yolk|shell))?/gi,
  // What fat and flour are rubbed to. The word is found first and looked back from: the other way round it takes 20 times as long.
  /\b(?=(?:to|into) )(?<=\b(?:rub\w*|blitz\w*|puls\w*|process\w*|whizz?\w*|work\w*|mix\w*|cut|stir)\b[^.;]{0,60})(?:to|into) (?:(?:fine|coarse|rough|large|small|even|damp|wet|loose) )*(?:bread ?)?crumbs\b/gi,
  /\b\w+[- ](?:sized|coloured|colored|like|yellow|brown(?! (?:sugar|rice|butter|flour|bread)))\b/gi,
  // A deed: "cream the butter", "until creamed".
  /(?<!\b(?:double|single|heavy|whipping|whipped|sour|soured|pouring|clotted|light|thick|fresh|ice|coconut|cold|the|of|with|remaining|(?:\d ?)?(?:ml|g|cups?|oz|dl)) )\bcream(?:ed|ing)?(?= (?:the|together|until|in(?! (?:an? |the )?(?:microwave|pan|saucepan|small|heatproof|jug)\b)|up|it|them|both|your|well|this|that|all|for|butter|margarine|shortening|sugar|dairy-free|vegan|plant|\d))/gi,
  /(?<=^\s*(?:\d+[.)] *)?|[.;:] )cream(?! cheese|,|\.|of\b| (?:softly |lightly )?(?:whipped|whisked|poured|piped|dolloped|spread|on top|over|to serve|goes|is)\b)/gi,
  /\bice (?:the|it|them|when|with)\b/gi,
  // A tin or a tool.
  /\b(?:muffin|cake|bread|pie|pudding|egg|milk|butter|nut|cream|sponge|biscuit|cookie) (?:tins?|pans?|trays?|moulds?|cases?|cutters?|rings?|knife|dish(?:es)?|basins?|bowls?|whisks?|timers?|cups?|papers?|sheets?|boxes|jugs?|slicer|bags?)\b/gi,
  /\bice[- ]cream (?:scoops?|spoons?|makers?|machines?|tubs?)\b|\bcream[- ]horn (?:moulds?|molds?|tins?|cones?)\b/gi,
  /\b(?:butter|lima|cocoa) beans?\b|\bbutternut\b|\begg ?shells?\b|\bnut(?:ty|-brown)\b|\bcheese ?cloth\b/gi,
];

/** Said to be without it: "dairy- and egg-free custard" names neither milk nor egg. */
export const SAID_FREE =
  /\b(?:(?:dairy|milk|egg|nut|gluten)-(?: and |, )?)+free (?:(?:(?:lightly |softly )?(?:whipped|clotted|double|single|heavy|thick|pouring|sour(?:ed)?|fresh|cold|chilled|vanilla|warm|hot|salted|soft|brandy|rum|chocolate|coffee|caramel|greek|natural|plain) )*(?:ice[- ]cream|cream|custard|butter|yogh?urt|cr[eè]me fra[iî]che|mascarpone|shortbread|wafers?|gelato|quark|caramel|toffee)\b)|\bgrain-free [\p{L}-]+(?: (?!and\b|or\b)[\p{L}-]+)?/giu;

/** What a step may call something that it made itself: named only where the list has it too. */
export const MADE: ReadonlySet<string> = new Set(
  (
    'custard caramel toffee meringue icing frosting buttercream fudge pudding curd praline pastry dough batter cake cookie biscuit sponge brownie ' +
    'bread roll toast crumb topping streusel frangipane marzipan ganache syrup jam glaze cream_cheese_frosting shortbread cracker wafer scone pancake muffin discard ' +
    'starter roux gravy sauce filling dressing mix blend sausage chocolate_sauce caramel_sauce toffee_sauce royal_icing lemon_curd pastry_cream creme_patissiere creme_anglaise'
  )
    .split(' ')
    .map((word) => word.replace(/_/g, ' ')),
);

/** Words that hold a food's name in them. */
export const DERIVED: readonly { readonly words: RegExp; readonly name: string }[] = [
  { words: /\bbuttered\b/gi, name: 'butter' },
  { words: /\begg[- ]?wash(?:ed)?\b/gi, name: 'egg' },
];
