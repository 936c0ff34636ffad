import type { MethodFood } from '../../process';

/** Why a food that only the method brings in is asked about, and what to take in its place. Common practice. */
export const METHOD_REASONS: Readonly<Record<MethodFood, { readonly reason: string; readonly instead: string }>> = {
  'flour besides': { reason: 'the method uses flour that the list doesn’t give, which is wheat unless another is named', instead: 'rice flour, cocoa or sugar' },
  flour: { reason: 'the steps use flour and no line of the list gives any, so it is taken for wheat', instead: 'a line of the list for it, so that it can be converted' },
  oats: { reason: 'oats pick up gluten in field and mill: only certified ones', instead: 'certified oats, or buckwheat flakes' },
  'custard powder': { reason: 'some custard powder is thickened with wheat', instead: 'one that says gluten-free, by its label' },
  crumbs: { reason: 'crumbs are wheat unless their packet says otherwise', instead: 'ground nuts or gluten-free crumbs' },
  wafers: { reason: 'wafers and sponge fingers are wheat', instead: 'gluten-free ones, by their label' },
  semolina: { reason: 'a kind of wheat', instead: 'fine polenta or rice flour' },
  beer: { reason: 'brewed from barley unless the label says otherwise', instead: 'cider or gluten-free beer' },
  malt: { reason: 'malt is barley unless another grain is named', instead: 'golden syrup or treacle' },
  'malt vinegar or soy sauce': { reason: 'brewed with barley or wheat', instead: 'cider vinegar, or a tamari by its label' },
};
