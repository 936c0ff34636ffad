import type { FamilyId } from '../../vocabulary';

/** A vessel that isn't named further: a round tin, unless the family tells better. */
export const ANY_VESSEL = /\b(?:tins?|pans?|dish(?:es)?|moulds?)\b/i;

/** Pans on the stove, tins for keeping, a bath of water, sheets of something else. */
export const NO_VESSEL =
  /\bserving (?:dish(?:es)?|plates?)\b|\b(?:in)?to an? (?:\w+ )?oblong\b(?! (?:\w+ )?(?:tins?|pans?|dish))|\bon(?:to)? an? (?:hot|warm|serving) dish\b|\brack (?:set )?(?:over|on|in) (?:an? |the )?(?:rimmed |large )?(?:sheet[- ]pan|(?:baking )?(?:sheet|tray))\b|\btin lid\b|\broasting (?:tins?|pan)\b(?=[^.]*\bwater\b)|\b(?:horn|cone|biscuit|chocolate|jelly) mou?lds?\b|(?<!\boven-?(?:proof|safe) )\b(?:sauce|frying|deep|wide|pale|small|dry|big|large|heavy|light-colou?red|milk|preserving|little|clean|same|stove|hot) ?pans?\b|\b(?:back (?:in|into|to)|return(?:ed)? (?:it )?to|off|melt\w* [^.,;]{0,60}? in|in) (?:a|the) pan\b|\bsides of the (?:pan|pot|tin)\b|\b(?:keep|store|airtight|lid|biscuit|tight)\b[^.]{0,30}\btins?\b|\btins?\b[^.,]{0,10}\b(?:with a (?:tight )?lid|airtight|drained|of (?:condensed|coconut|pumpkin))\b|\bsheets? of (?:\w+ )?(?:paper|parchment|pastry|filo|phyllo|gelatine|cling)|\b(?:two|2) sheets of\b|\bpaper\b(?! (?:cases|lined))|\b(?:cookie |baking )?(?:sheets?|trays?) (?:under|beneath|below)\b|\btin of (?:cards|recipes|letters|papers)\b|\bpan spray\b|\bfor the pan\b|\bsecond(?:ary)? tin\b|\blike (?:a )?(?:jelly|swiss)[- ]rolls?\b|\btart (?:crust|shell)\b/gi;

/** Bakes whose pieces stand free where nothing else is said of them. */
export const FREE_FAMILIES: ReadonlySet<FamilyId> = new Set<FamilyId>(['drop-cookie', 'cut-out', 'crisp-wafer', 'scone', 'choux', 'doughnut']);
