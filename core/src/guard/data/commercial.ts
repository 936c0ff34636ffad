import type { LabelFact } from '../../vocabulary';

/** Ids of goods that are mixed by their maker: the label is asked what is in them already. */
export const COMMERCIAL: ReadonlySet<string> = new Set(['gf-blend', 'ancient-grain-blend']);

/** What a name gives away before anybody has read the label. */
export const IMPLIED: readonly { readonly words: RegExp; readonly says: Readonly<Partial<Record<LabelFact, boolean>>> }[] = [
  { words: /\bself[- ]?ris|\bself[- ]?rais/i, says: { leavening: true } },
  { words: /\b(?:baking|cake|pancake|muffin|waffle|brownie|bread|scone|biscuit) mix\b/i, says: { leavening: true, salt: true } },
  { words: /\bwith(?:out)? (?:xanthan|gum)\b|\bgum[- ]free\b/i, says: {} },
];

/** How much of each a blend or mix holds when its label names it, by share of its weight. */
export const HOLDS: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<Exclude<LabelFact, 'certified'>, { readonly ingredient: string; readonly share: number }>> } = {
  source: 'common practice: self-raising flour, house and commercial blends', confidence: 'common-practice',
  rows: {
    leavening: { ingredient: 'baking-powder', share: 0.05 },
    salt: { ingredient: 'salt', share: 0.012 },
    gum: { ingredient: 'xanthan-gum', share: 0.006 },
    milk: { ingredient: 'milk-powder', share: 0.06 },
  },
};
