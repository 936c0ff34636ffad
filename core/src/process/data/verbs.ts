import { COOLS_ABROAD, RISES_ABROAD } from './abroad';

/**
 * What a kitchen verb does: who owns a time that is said of it, and what it makes of what it takes. Common practice; no source.
 */
export const ACTION_CLASSES = [
  'bake',
  'fry',
  'griddle',
  'steam',
  'boil',
  'microwave',
  'toast',
  'set-oven',
  'set-fat',
  'melt',
  'cool',
  'chill',
  'rest',
  'prove',
  'beat',
  'cream',
  'foam',
  'fold',
  'rub-in',
  'combine',
  'knead',
  'shape',
  'line-tin',
  'place',
  'layer',
  'prepare',
  'finish',
] as const;
export type ActionClass = (typeof ACTION_CLASSES)[number];

/** In the order in which they are looked for where a clause begins with several. */
export const VERBS: readonly (readonly [ActionClass, RegExp])[] = [
  ['set-oven', /\b(?:pre-?heat|(?:heat|set|turn|put|get) (?:up |on )?(?:the |your |an? |both )?(?:oven|grill|broiler)|oven (?:on|to)|oven:? (?=\d{2,3}\b|gas\b)|turn (?:the |it )?(?:oven |heat )?(?:down|up))\b/i],
  ['set-fat', /\b(?:heat|warm|bring) (?:\w+ ){0,6}?(?:oil|fat|lard|dripping|shortening)\b(?!,? (?:(?:and|&|\+|with) )?(?:the )?(?:\w+ )?(?:sugar|syrup|treacle|molasses|honey|milk|chocolate|cream|water)\b)|\b(?:oil|fat) (?:at|to)\b/i],
  ['fry', /\b(?:deep-?fr(?:y|ied)|fry|fried|frying)\b/i],
  ['microwave', /\b(?:microwaves?|microwaved|(?:full|high) power|nuke|zap|\d{3,4} ?w(?:atts?)?(?!\. ?[a-z]|\/))\b/i],
  ['steam', /\bsteam(?:ed|ing)?\b|\blid on\b.*\bwater\b|\bwater (?:to come )?half ?way\b/i],
  ['griddle', /\b(?:griddle|bakestone|girdle|cook(?:ed)? (?:them )?(?:on|in) (?:an? |the |your )?(?:[\w-]+ ){0,3}(?:bakestone|girdle|heavy pan|hot plate)|pan (?:on|over) (?:a )?(?:medium|low|high|moderate)|waffle (?:iron|maker)|(?<!\bcast[- ])iron|cr[eê]pe pan|hot pan|non-?stick (?:frying )?pan|frying pan|skillet)\b/i],
  ['boil', /\b(?:boil(?:ed|ing)?|simmer(?:ed|ing)?|poach(?:ed)?|scald(?:ed)?|bubble(?= (?:for |it |them )?(?:an?\b|\d|until|away|up|gently))|reduce by|caramel(?:ise|ize)?)\b/i],
  ['toast', /\b(?:toast(?:ed)?|roast(?:ed)?)\b/i],
  ['bake', /\b(?:bak(?:e[ds]?|ing|ken)|(?:ge)?backen|cuire|enfourner|infornare|cuocere|hornear|grädda|(?:in|into|back in|back into|return(?:ed)? to) (?:the |a |an? )?(?:\w+ )?oven|(?:go|goes|in) at|grill(?:ed)?|broil)\b/i],
  ['chill', /\b(?:chill(?:ed|ing)?|refrid?gerate|refrig\b|fridge|freezer?|freeze|over ?ni(?:ght|te)|o['’/]?ni(?:ght|te)|cold (?:place|larder)|at [0-8] ?° ?C?|koelkast|kühlschrank|kühl stellen|kylskåp\p{L}*|kylen|frigorifero|frigo|réfrigérateur|nevera|frigorífico)(?![\p{L}\d])/iu],
  ['prove', new RegExp(`\\b(?:(?:leave|let|allow)(?: (?:it|them|the \\w+|covered|somewhere \\w+))* (?:to )?(?:rise|prove|proof|double)|prov(?:e[ds]?|ing)|proof(?:ed|ing)?(?! (?:the |your )?(?:[\\w-]+ ){0,3}yeast\\b)|ris(?:e[ns]?|ing)|doubled?(?! cream)(?: in)?|(?:somewhere|a) warm|warm (?:place|spot|corner|room|cupboard)|puffy|${RISES_ABROAD})\\b`, 'i')],
  ['cool', new RegExp(`\\b(?:cool(?:ed|ing|s)?|(?:on|to) (?:a |the )?(?:wire )?rack|turn(?:ed)? (?:\\w+ )?out|upside[- ]down (?=at once|immediately|(?:until|till) )|(?:un|de)mou?ld|${COOLS_ABROAD}|until cold|before (?:turning|moving|cutting|slicing|unmoulding))\\b`, 'i')],
  ['rest', /\b(?:rest(?! of\b)(?:ed|ing|s)?|stand(?:ing|s)?|(?:floured |tea |damp |clean )?(?:cloth|towel)|soak(?:ed|ing)?|steep|infuse|leave|left|(?<!\bno,? )wait|sit|settle|swell|hydrate|drink|rusten|ruhen|ruhezeit|vila|riposare|riposo|repos(?:er|ar|o)?)\b/i],
  ['knead', /\b(?:knead(?:ed|ing)?|dough hook|knock back|punch down)\b/i],
  ['melt', /\b(?:melt(?:ed|ing)?|warm (?:gently|the|through)|brown the butter|bain-?marie)\b/i],
  ['foam', /\b(?:whisk|beat|whip) (?:\w+ ){0,4}?(?:whites?|eggs? (?:and|with|\+) (?:\w+ )?sugar|yolks?)\b|\b(?:stiff|soft|firm) peaks?\b|\btrail\b|\bribbon\b/i],
  ['cream', /\bcream(?:ed|ing)? (?:the |together |\d|butter|your|in|up|soft|marg)/i],
  ['rub-in', /\brub(?:bed|bing)?\b(?! (?:it )?with\b)|\b(?:cut|pinch|work) (?:\w+ ){0,3}?(?:in|into)\b(?! (?:\d|(?:two|three|four|half|squares|diamonds|pieces|strips|slices|wedges|fingers|rounds)\b))|\bbreadcrumbs\b/i],
  ['fold', /\bfold(?:ed|ing)?\b/i],
  ['beat', /\b(?:beat(?:en|ing)?|whisk(?:ed|ing)?|whip(?:ped)?|whiz+|blitz|blend|puls(?:e|ing)|process)\b/i],
  ['combine', /\b(?:(?:dry|wet)(?: (?:things?|stuff|ingredients|mix))? in(?:to)?|(?:all|everything) together|(?:all|everything)\b[^.;,]*\bin(?:to)? (?:the |a )?(?:stand )?mixer|mix(?:ed|ing)?|stir(?:red|ring)?|add(?:ed|ing)?(?! (?:\w+ )?(?:rounds|ladles?|ladlefuls?|spoonfuls|tablespoonfuls|dollops)\b)|alternat(?:e|ing)|combine|sift(?:ed)?|sieve|toss(?:ed)?|bring together|work in|incorporate|dissolve|mash|(?:proof|bloom|activate)(?= (?:the |your )?(?:[\w-]+ ){0,3}yeast\b))\b/i],
  ['line-tin', /\b(?:greas(?:e|ed|ing)|butter(?:ed)? (?:a|the|and|two|your|\d)|lin(?:e|ed|ing) (?:a|the|two|your|\d|with|\w+ (?:\w+ )?(?:tin|tray|sheet|pan))|line|(?:tins?|trays?|sheets?) lined|flour (?:a|the|and (?:line|grease)) |ungreased|rub (?:it )?with)\b/i],
  ['shape', /\b(?:roll(?:ed|ing)?|cut(?:ting)?|stamp|shap(?:e|ed)|form|pat|press(?:ed)?|pip(?:e|ed|ing)|scoop(?:ed)?|drop(?! in\b)|plait|knot|twist|ball(?:s)?|(?:two|three|four|\d) (?:long |flat |even )?(?:logs|rolls|sausages|ropes)|divide|portion|flatten|score|prick|crimp|seal)\b/i],
  ['place', /\b(?:add (?=(?:\w+ )?(?:rounds|ladles?|ladlefuls?|spoonfuls|tablespoonfuls|dollops)\b)|pour|scrape|tip|spoon(?! of\b)|(?:tea|table|dessert)spoon(?= (?:in|on)to\b)|spread|turn into|into (?:the |a |your )?(?:\w+ )?(?:tins?|pans?|dish|trays?|mould|cases?|cups?|basin)|divide between|fill|arrange|set (?:on|in)|place|put|pile|transfer)\b/i],
  ['layer', /\b(?:brush|drizzle|sprinkle|scatter|dust|ice|frost|glaze|sandwich|top|spread|decorate|dip|coat|dredge|prick)\b/i],
  ['prepare', /\b(?:peel|chop|grate|slice|core|zest|squeeze|halve|drain|soften|separate|crush|dice|stone)\b/i],
  ['finish', /\b(?:serve|eat|slice|store|keep|wrap|enjoy|cuts? into|makes)\b/i],
];

/** What is done at the bowl. */
export const AT_BOWL: ReadonlySet<ActionClass> = new Set<ActionClass>([
  'knead',
  'beat',
  'cream',
  'foam',
  'boil',
  'melt',
  'combine',
  'fold',
  'rub-in',
]);

/** What a mixture waits in. */
export const WAITS: ReadonlySet<ActionClass | null> = new Set<ActionClass>(['rest', 'chill', 'prove']);

/** A time that is said of one of these is no heat of the bake. */
export const OWNS_ITS_TIME: ReadonlySet<ActionClass> = new Set<ActionClass>([
  'cool',
  'chill',
  'rest',
  'prove',
  ...AT_BOWL,
]);
