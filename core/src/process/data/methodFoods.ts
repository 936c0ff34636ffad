/** Foods that a method brings in and a list may not name. `flour besides`: what is dusted, tossed or thickened with, beside the list's. */
export type MethodFood =
  | 'flour besides'
  | 'flour'
  | 'oats'
  | 'custard powder'
  | 'crumbs'
  | 'wafers'
  | 'semolina'
  | 'beer'
  | 'malt'
  | 'malt vinegar or soy sauce';

/** How a method names a food. */
export interface FoodWords {
  readonly food: MethodFood;
  /** Ways to put it; each a way of its own, so that a test can go through them. */
  readonly forms: readonly RegExp[];
  /** Ways that an ingredient's line has too ("plus extra flour"): heard in steps and notes alone. */
  readonly inSteps?: readonly RegExp[];
  /** What only looks like it, and is taken out before the forms are tried. */
  readonly but: readonly RegExp[];
  /** Words on a line of the list that cover it. */
  readonly listed: RegExp | null;
}

const SIZES = '(?:more |extra |good |thin |light |heaped |level |rounded |generous |small |large |tiny )*';
/** "a spoonful of", "a little", "extra": never an amount as a list has it. */
const SOME =
  `(?:(?:an? |some |the extra |enough |your |another |a few )${SIZES}(?:spoon(?:ful)?s?|tablespoons?|tbsps?|teaspoons?|tsps?|little|bit|dusting|pinch|handful|sprinkling|sprinkle|touch|shake|dust|film|coating|layer) (?:of )?(?:the extra |extra |more )?|(?:some |more |extra |additional |a little |enough )+)`;
const SPOONS = '(?:\\d[\\d/¼½¾. ]* ?(?:tablespoons?|tbsps?\\.?|tb|teaspoons?|tsps?\\.?) (?:of )?)';
const ANY_OF = `(?:${SOME}|${SPOONS})`;
const KIND = '(?:(?:plain|white|extra|more|all[- ]purpose|ap|wheat|bread|strong|sifted|ordinary|regular|a\\.p\\.) )*';
/** What is done with flour beside baking it. */
const VERB =
  '(?:dust|dusts|dusted|dusting|sprinkle|sprinkled|sprinkling|dredge|dredged|dredging|coat|coated|coating|toss|tossed|tossing|roll|rolled|rolling|dip|dipped|dipping|shake|shaken|scatter|scattered|strew|line|lined|thicken|thickened)';
const PLACE =
  '(?:tins?|pans?|moulds?|molds?|bench|board|surface|counter(?:top)?|worktop|work ?surface|table|hands?|fingers?|sheets?|trays?|rolling pin|pin|sides?|rim|base|bottom|paper|parchment|cloth|towel|banneton|basket|peel|cups?|ramekins?|dish(?:es)?|griddle|cutters?|ring|bundt)';

/** A flour that is named as another than wheat. */
const NAMED_FLOUR =
  /\b(?:rice|brown rice|corn|maize|potato|tapioca|almond|nut|hazelnut|coconut|cassava|buckwheat|sorghum|millet|teff|oat|chickpea|gram|blend(?:ed)?|the blend'?s?) flours?\b|\b(?:gluten[- ]free|gf|1[- ]?(?::|to|for)[- ]?1|one[- ](?:to|for)[- ]one)(?: (?:plain|self[- ]rais\w+|all[- ]purpose|white|baking|gluten[- ]free|gf)){0,3} (?:flours?|blend)\b|\bcorn ?flour\b|\b(?:rice|starch|cocoa|sugar|cornflour|cornstarch|gf|gluten[- ]free)[- ]floured\b/gi;

/** Common practice. */
export const METHOD_FOODS: readonly FoodWords[] = [
  {
    food: 'flour besides', forms: [
      // "on a lightly floured board", "greased and floured", "floured hands"
      /\b(?:(?:well|lightly|generously|heavily|thickly)[- ])?floured(?: [\w-]+)?/gi,
      // "flour the pans", "butter and flour a 9 inch tin", "flour your hands"
      new RegExp(`\\b(?:(?:butter|grease|oil|line)(?:,| and|,? then| &| \\+)+ )?flour (?:the |your |a |an |both |all the |each |two |three |four |\\d+ (?![\\d/]|cups?\\b|g\\b)|some |and line )(?:[\\w./×"”'-]+ ){0,6}?${PLACE}\\b`, 'gi'),
      // "butter and flour the inside", "grease and flour well", where it opens a sentence
      /(?:^|[.;:!] |, (?:then )?)(?:butter|grease|oil)(?:,| and|,? then| &| \+)+ flour\b(?! together| for| mix)(?: [\w-]+){0,3}/gi,
      // "dust it with flour", "coat in flour", "toss the berries with a spoonful of flour", "a fork dipped in flour"
      new RegExp(`\\b${VERB}\\b(?! boil)(?: [\\w'’×/-]+){0,8}? (?:with|in|into|through|over|from) ${ANY_OF}?${KIND}flour\\b(?! mix| blend)`, 'gi'),
      // "shake a little flour over it", "1 tbsp flour over the berries", "scatter flour on the bench"
      new RegExp(`\\b(?:${VERB} )?(?:${ANY_OF}${KIND}|(?<=(?:dust|sprinkle|scatter|shake|strew|dredge) )${KIND})flour (?:over|on|onto|on to|across|between|under|underneath|round|around|inside|in the (?:tin|pan)|to (?:dust|roll|coat|stop|prevent|keep|thicken))\\b`, 'gi'),
    ],
    inSteps: [
      // "a spoonful of flour", "a little flour", "a dusting of flour", "more flour if sticky"
      new RegExp(`(?<!\\bof the |\\btip in |\\badd )\\b${SOME}${KIND}flour\\b`, 'gi'),
      // "flour for dusting", "dusting flour", "bench flour"
      /\bflour for (?:dusting|rolling|the (?:bench|board|tin|pan|surface))\b|\b(?:dusting|bench|rolling) flour\b/gi,
    ],
    but: [
      NAMED_FLOUR,
      /\b(?:no|without(?: any)?|instead of|rather than|not) (?:more |extra |added |adding |any )?flour(?:ing)?\b/gi,
      // The list's own: "half of the flour", "the rest of the flour", "two thirds of the flour mixture".
      /\b(?:of|with|in|into|add|adding|plus) (?:the|your|this|that|all (?:of )?the|half (?:of )?the|remaining|(?:the )?rest of the|(?:the )?reserved) (?:remaining |sifted |reserved |measured |weighed |rest of the |other half of the )?flours?\b/gi,
      /\b(?:a third|half|two thirds|some|most|all|a quarter|one third|1\/2|1\/3) (?:of )?the (?:remaining )?flours?\b/gi,
    ],
    // Flour that the list announces for the bench is asked about here as well: what it is dusted with is decided at the bench.
    listed: null
  },
  // Written as prose, or with a list that leaves it out: then the steps are all that names it.
  {
    food: 'flour', forms: [],
    inSteps: [
      /\b(?:(?:self[- ]?rais\w+|self[- ]?ris\w+|sr|s\.r\.|plain|strong|soft|bread|cake|pastry|wholemeal|whole ?wheat|all[- ]?purpose|ap|white|wheat|00|spelt|rye) )*flour\b|\bself[- ]?rais(?:ing|ed)\b(?! agent)/gi,
    ],
    but: [NAMED_FLOUR],
    listed: /\bflours?\b|\bself[- ]rais/i
  },
  {
    food: 'oats', forms: [],
    inSteps: [/\b(?:(?:rolled|porridge|quick|jumbo) )?oats\b|\boatmeal\b/gi],
    but: [/\bcertified[^.;,]{0,40}oats\b/gi],
    listed: /\boat/i
  },
  {
    food: 'custard powder', forms: [],
    inSteps: [/\bcustard powder\b/gi],
    but: [],
    listed: /custard/i
  },
  {
    food: 'crumbs', forms: [/\bbread ?crumbs?\b|\b(?:biscuit|cookie|cracker|graham) crumbs?\b|\bpanko\b/gi],
    inSteps: [/\b(?:bread)?crumbed\b|\b(?:bread)?crumb (?:the|your|a|an|it|each|both) /gi, /\b(?:grease|butter|oil) (?:and|&|then) (?:bread)?crumb\b/gi],
    but: [
      /\b(?:gluten[- ]free|gf) (?:bread ?|biscuit |cookie |cracker )?crumbs?\b/gi,
      // "rub in until it looks like breadcrumbs" names a look, not a thing.
      /\b(?:like|resembl\w+|as|to|into|of|reach\w*|becomes?|forms?|form|fine as|consistency of|texture of|stage of|look of|just past)(?: a| the| very)?(?: (?:fine|coarse|rough|wet|damp|moist|dry|soft|large|small|golden|pale|loose|even|sandy|big)(?:,| and| or)?)* ?bread ?crumbs?\b(?! over| on)/gi,
      /\bbread ?crumbs?(?:-like|y)?[ -](?:stage|texture|consistency|like)\b|\bbread ?crumb(?:y|-like)\b|\brub\w*\b[^.;]*\bbread ?crumbs?\b/gi,
    ],
    listed: /crumb|biscuit|cracker|cookie|panko/i
  },
  { food: 'wafers', forms: [/\b(?:ice[- ]cream cones?|wafers?|lady ?fingers?|sponge fingers?|amaretti)\b/gi], but: [/\bwafer[- ]thin\b/gi], listed: /cone|wafer|finger|amaretti/i },
  { food: 'semolina', forms: [/\bsemolina\b|\bmatzo meal\b/gi], but: [/\b(?:rice|corn|maize) semolina\b/gi], listed: /semolina|matzo/i },
  { food: 'beer', forms: [/\b(?:beer|ale|stout|lager|barley wine)\b/gi], but: [/\b(?:ginger|root) (?:beer|ale)\b/gi], listed: /beer|ale|stout|lager|barley wine/i },
  { food: 'malt', forms: [/\bmalt(?:ed)?\b/gi], but: [/\bmalt vinegar\b/gi], listed: /malt/i },
  { food: 'malt vinegar or soy sauce', forms: [/\bmalt vinegar\b/gi, /\bsoya? sauce\b/gi], but: [], listed: /malt vinegar|soy/i },
];
