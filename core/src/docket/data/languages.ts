/** Small words by which the language of a step is told. Common words of each, no source. */
export const ENGLISH_WORDS =
  /\b(?:the|and|with|in|to|of|until|till|for|it|add|mix|bake|stir|from|on|at|into|then|out)\b/gi;
export const OTHER_WORDS =
  /(?<!\p{L})(?:und|mit|die|der|das|den|dazu|bei|auf|lassen|et|avec|les|des|dans|une|puis|jusqu|il|la|della|con|per|nel|una|poi|och|med|till|den|det|el|los|las|hasta|una|en|het|een|met|og|til|som)(?!\p{L})/giu;
