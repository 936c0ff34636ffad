/** Kinds of words in a method that later stages listen to. */
export const CUE_KINDS = ['mixing', 'folding', 'foam', 'rest', 'rise', 'done', 'cool'] as const;
export type CueKind = (typeof CUE_KINDS)[number];

/** Phrases of recipes and what they are about. Common practice. */
export const CUES: readonly { readonly kind: CueKind; readonly words: RegExp }[] = [
  { kind: 'mixing', words: /\b(?:do not|don't|never|without|be careful not to|take care not to) over-?(?:mix|beat|work|knead)\w*|\buntil (?:only )?just (?:combined|mixed|incorporated)|\bbeat (?:well|hard|until smooth)[^.,;]*/gi },
  { kind: 'folding', words: /\b(?:gently |carefully |lightly )?fold(?:ed|ing)?(?: in| through| together)?\b/gi },
  { kind: 'foam', words: /\b(?:stiff|soft|firm|glossy) peaks\b|\bribbon(?: stage| trail)?\b|\buntil (?:pale|light|thick) and (?:fluffy|creamy|thick|pale|airy)/gi },
  { kind: 'rest', words: /\b(?:chill|refrigerate|rest|stand|freeze|leave in the (?:fridge|refrigerator))\b[^.;]*?(?:overnight|\d[^.;]*?(?:hours?|hrs?|minutes?|mins?)|until firm|an hour|half an hour)/gi },
  { kind: 'rise', words: /\b(?:until|has) (?:almost |nearly )?doubled(?: in size)?|\b(?:prove|proof|leave to rise|let (?:it )?rise)\b[^.;]*/gi },
  { kind: 'done', words: /\buntil (?:it (?:is |springs )|they are |the \w+ (?:is|are) )?(?:lightly |just |deep |deeply |pale )?(?:springy|golden(?:[ -]brown)?|set|firm|risen|crisp|browned|cooked through|done|springs? back)[^.;,]*|\b(?:skewer|toothpick|cocktail stick|tester|knife)[^.;]*?(?:clean|crumbs)|\bspring(?:s|y)(?: back)?(?: to the touch)?|\b(?:hollow when tapped|sides? pull(?:s|ing)? away|edges? (?:are |is )?(?:golden|brown(?:ed)?|set)|centre (?:is )?(?:still )?(?:set|wobbl\w+|soft))[^.;,]*/gi },
  { kind: 'cool', words: /\b(?:cool|leave|stand)(?: completely)? (?:in|on) (?:the |a )?(?:tin|pan|tray|rack|wire rack)s?\b[^.;]*|\bcool (?:completely|before)[^.;]*/gi },
];
