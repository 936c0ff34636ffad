/** Sweetness by weight beside sucrose; whether most of its sugars brown early (reducing). */
export interface Sweetener {
  readonly name: string;
  readonly sweetness: number;
  readonly reducing: boolean;
}

export const SWEETENERS: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<string, Sweetener>> } = {
  source: 'common practice; sucrose 1', confidence: 'common-practice',
  rows: {
    'caster-sugar': { name: 'caster sugar', sweetness: 1, reducing: false }, 'granulated-sugar': { name: 'granulated sugar', sweetness: 1, reducing: false },
    'light-brown-sugar': { name: 'light brown sugar', sweetness: 1, reducing: false }, 'coconut-sugar': { name: 'coconut sugar', sweetness: 0.95, reducing: false },
    'honey': { name: 'honey', sweetness: 1.1, reducing: true }, 'maple-syrup': { name: 'maple syrup', sweetness: 0.65, reducing: false },
    'golden-syrup': { name: 'golden syrup', sweetness: 0.85, reducing: true },
  },
};
/** Reducing sugars brown early: the oven goes down by so many °C when more than half of the sugar is of that kind. Common practice. */
export const REDUCING_OVEN = { from: 0.5, cooler: 15 } as const;
