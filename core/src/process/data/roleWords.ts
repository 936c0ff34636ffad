/** Words that stand for lines of a role, beside the names of the lines themselves. Common practice; no source. */
export const ROLE_WORDS: readonly {
  readonly words: RegExp;
  readonly roles: readonly string[];
  /** Things that are called so by none: oats are no flour. */
  readonly unless?: RegExp;
}[] = [
  // "Whisk wet. Whisk dry."
  { words: /\b(?:whisk|mix|sift|combine|stir|fold|add)(?: in| together)?(?: the| all)? dry\b/i, roles: ['wheat-flour', 'gf-flour', 'starch', 'leavener', 'salt'] },
  { words: /\b(?:whisk|mix|combine|stir|add)(?: in| together)?(?: the| all)? wet\b/i, roles: ['liquid', 'egg'] },
  {
    words: /\b(?:dry (?:\w+ )?(?:ingredients|ingr|things|stuff|ones|mix)|flour mixture)\b/i,
    roles: ['wheat-flour', 'gf-flour', 'starch'],
  },
  { words: /\bflours?\b/i, roles: ['wheat-flour', 'gf-flour', 'starch'], unless: /oats?$/ },
  { words: /\bdry (?:\w+ )?(?:ingredients|ingr|things|stuff|ones|mix)\b/i, roles: ['leavener', 'salt'] },
  { words: /\b(?:wet ingredients|liquids?)\b/i, roles: ['liquid', 'egg'] },
  { words: /\b(?:eggs?|yolks?|whites?)\b/i, roles: ['egg'] },
  { words: /\b(?:butter|fats?|shortening)\b/i, roles: ['fat'] },
  { words: /(?<!\b(?:icing|powdered|confectioners['’]?|vanilla|pearl) )\bsugars?\b/i, roles: ['sugar'] },
];
/** All lines of what is being made. */
export const EVERYTHING =
  /\b(?:everything|all but\b|all in(?:to)? (?:the |a |one )?(?:blender|processor|bowl|jug|mixer)\b|all (?:the )?(?:(?!dry|wet|liquid|remaining|other|above)\w+ )?(?:ingredients|things|together|in one)|the rest of the ingredients|(?:mix|combine|blend|beat|whisk|process|pulse|rub) (?:together )?(?:the )?(?!dry|wet|liquid|remaining|other)\w+ ingredients)\b/i;
/** What everything leaves out: "all the cake ingredients except the walnuts". */
export const LEFT_OUT = /\b(?:except|all but|everything but|apart from|bar|other than|not)\b.*/i;
