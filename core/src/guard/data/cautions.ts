import type { Caution } from '../types';

export interface CautionRule extends Caution {
  /** Ids of ingredients, or roles, classes of flour and what is not for eating with a leading @, that call it up; empty: always shown. */
  readonly calledBy: readonly string[];
  readonly certifiedOnly?: boolean;
}

/** The usual cautions. Common practice and public advice, in our own words. */
export const CAUTIONS: readonly CautionRule[] = [
  { id: 'limit', calledBy: [], text: 'Gluten-free is a legal term with a limit (20 mg/kg in many places: 21 CFR 101.91, Codex STAN 118-1979). A home kitchen can’t certify it. Gluten-free is not wheat-free.' },
  { id: 'cross-contact', calledBy: [], certifiedOnly: true, text: 'For coeliac disease use certified ingredients and keep wheat out of the way: its dust hangs in the air, and sieves, wooden spoons, scoops, tins and toasters hold on to it. Ask the clinician or dietitian about anything uncertain.' },
  { id: 'labels', calledBy: [], text: 'Read every label each time: recipes and makers change, and a swap can bring a new allergen in.' },
  { id: 'raw', calledBy: ['egg', 'egg-white', 'egg-yolk', '@wheat-flour', '@gf-flour', '@starch'], text: 'Raw flour and raw egg can carry germs: no tasting of the batter. Dishes with egg are to reach 71 °C in the middle, measured with a probe; the centre shown here is a prediction.' },
  { id: 'two-hours', calledBy: ['egg', 'whole-milk', 'buttermilk', 'yogurt', 'sour-cream', 'heavy-cream', 'cream-cheese'], text: 'A batter with egg or dairy stands at room temperature for two hours at most, its rest included; custard and cream fillings are kept cold.' },
  { id: 'oats', calledBy: ['rolled-oats', 'oat-flour', 'certified-oats', 'oat-milk', 'oat-fibre'], text: 'Some people with coeliac disease react to pure oats too: ask the clinician.' },
  { id: 'swell', calledBy: ['psyllium-husk', 'psyllium-powder', 'chia-seed', 'xanthan-gum', 'guar-gum', 'flax-meal'], text: 'Gums, psyllium and chia swell: never dry by the spoon, always in plenty of water.' },
  { id: 'raw-bean', calledBy: ['@legume'], text: 'Bean flours are to be cooked through.' },
  { id: 'rhubarb', calledBy: ['rhubarb'], text: 'Rhubarb leaves are poisonous: only the stalks.' },
  { id: 'honey', calledBy: ['honey'], text: 'Honey is not for infants under one year, even baked.' },
  { id: 'not-for-eating', calledBy: ['@not-for-eating'], text: 'Flowers, leaves and the like that are no food: keep them off what is eaten (a sleeve, a straw, a barrier of icing that comes off with them), take them off before it is served, and tell whoever carries it out. A florist’s flowers are sprayed.' },
  { id: 'coumarin', calledBy: ['tonka-bean'], text: 'Tonka beans hold coumarin, which harms the liver in more than traces: a very little, or none; some countries forbid it in food.' },
  { id: 'courgette', calledBy: ['courgette'], text: 'A courgette or squash that tastes bitter goes out.' },
  { id: 'sweeteners', calledBy: ['erythritol'], text: 'Some sweeteners harm dogs (xylitol) or loosen bowels (polyols).' },
  { id: 'cassava', calledBy: ['cassava-root', 'bitter-kernels', '@kernels'], text: 'Bitter almonds, apricot kernels and raw cassava root hold cyanide: kernels are not for eating, cassava only peeled and cooked through.' },
];
