/** What cooks call by half its name in a step, where nothing else goes by that: "whisk the caramel with the soy". Common practice. */
export const CALLED_SHORT: readonly { readonly ingredient: string; readonly words: RegExp }[] = [
  {
    ingredient: 'soy-sauce',
    words:
      /(?<=\b(?:the|with|w) )soya?\b(?! ?(?:milk|sauce|beans?|flour|yogh?urt|cream|butter|drink|lecithin))/gi,
  },
  {
    ingredient: 'bread',
    words:
      /(?<=\b(?:slice|tear|soak|toast|crumble|break(?: up)?|old|stale) (?:the )?|, )rolls\b(?! (?:out|up|it|the)\b)/gi,
  },
  {
    ingredient: 'breadcrumbs',
    words: /(?<=(?:,|\b(?:and|the|with|in|of)) (?:the )?)crumbs\b/gi,
  },
];
