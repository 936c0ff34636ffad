/** What a step does. Common practice of how recipes are written in English. */
export const VERBS = {
  heat: /\b(?:pre-?heat|heat) (?:the |your )?(?:oven|grill|griddle|fat|oil)\b/i,
  grease: /\b(?:grease|butter|line|oil) (?:and (?:line|flour) )?(?:a|an|the|your|two|three|\d+)\b/i,
  dust: /\b(?:dust|flour(?:ed)? (?:the|your|a)|floured|sprinkle[^.]*flour)\b/i,
  cream: /\bcream (?:the |together |butter|in|until)|\bbeat[^.]*(?:butter|sugar)[^.]*(?:fluffy|pale|light)\b/i,
  rub: /\brub(?:bed|bing)?\b|\bcut in the (?:butter|fat)\b/i,
  melt: /\bmelt(?:ed|ing)?\b/i,
  boil: /\b(?:boil|simmer|bring to|scald|hot (?:milk|water|cream))/i,
  sift: /\bsift(?:ed|ing)?\b/i,
  whisk: /\bwhisk(?:ed|ing)?\b|\bwhip(?:ped)?\b/i,
  mix: /\b(?:mix|stir|beat|combine|blend|add|pour)\w*\b/i,
  fold: /\bfold(?:ed|ing)?\b/i,
  knead: /\bknead(?:ed|ing)?\b/i,
  prove: /\b(?:prove|proof|proving|rise|doubled)\b/i,
  roll: /\broll(?:ed|ing)? (?:out|it|the|to|between|thin|on)\b|\broll(?:ed)?\b(?=[^.]*\b(?:thick|mm|cm|inch))/i,
  shape: /\b(?:shape|form|cut|stamp|pipe|plait|knot|twist|drop|scoop|spoon|portion)\w*\b/i,
  chill: /\b(?:chill|refrigerate|fridge|freez)\w*\b/i,
  bake: /\b(?:bake(?! ?(?:way|ware))d?|fry|fried|steam(?:ed)?|microwave|griddle|cook (?:until|for|on|over|the))\b/i,
  cool: /\bcool(?:ed|ing)?\b|\bleave (?:it )?in the (?:tin|pan)\b/i,
  slice: /\b(?:slice|cut (?:in)?to (?:squares|slices|bars|wedges))\b/i,
} as const;
export type Verb = keyof typeof VERBS;
