/** Words as they are looked for: in small letters and without marks over them. Example: "Crêpes" → "crepes". */
export const foldedWords = (text: string): string =>
  text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
