/** Words of a step that stand for lines in a loose way: enough to say that a step works with them, too little to bind them. Common practice; no source. */
export const WHOLE_PART =
  /\b(?:everything|all (?:the )?(?:rest|ingredients|others)|(?:the |all )?remaining ingredients|the (?:rest|others)|all|mix it)\b/i;
export const SETS: readonly { readonly words: RegExp; readonly roles: readonly string[] }[] = [
  {
    words: /\bdry\b|\bsift\b[^.;]*\b(?:together|all)\b/i,
    roles: [
      'wheat-flour', 'gf-flour', 'starch', 'leavener', 'salt', 'flavour', 'chocolate-cocoa', 'sugar', 'binder', 'acid',
    ],
  },
  { words: /\b(?:wet|liquids?)\b/i, roles: ['liquid', 'egg', 'syrup', 'flavour', 'fat'] },
  // What a cook calls by a word that isn't its name.
  { words: /\bspices?\b|\bflavou?rings?\b|\bextracts?\b|\bessence\b/i, roles: ['flavour'] },
  { words: /\bsugars?\b/i, roles: ['sugar'] },
  // "Cream. Beat. Fold.", "cream together, eggs in".
  { words: /\bcream together\b|^\W*cream(?: (?:well|up|first|it all))?(?:[.;,]|\W*$)/i, roles: ['fat', 'sugar'] },
  { words: /\bflours?\b/i, roles: ['wheat-flour'] },
  { words: /\bfats?\b|\bmarg\b/i, roles: ['fat'] },
  { words: /\bnuts?\b|\bchoc\b|\bchips?\b/i, roles: ['inclusion'] },
  { words: /\bfruit\b/i, roles: ['inclusion', 'fruit-veg'] },
  { words: /\bberr(?:y|ies)\b/i, roles: ['fruit-veg'] },
  { words: /\bchoc\b|\bcocoa\b/i, roles: ['chocolate-cocoa'] },
  { words: /\bbicarb\b|\bsoda\b|\b(?:baking )?powder\b|\bb\.?p\.?\b|\byeast\b/i, roles: ['leavener'] },
];
