import type { FamilyId } from '../../vocabulary';

/** What the engine must know of a family to convert it. */
export interface Profile {
  readonly name: string;
  /** Usual xanthan, g per 100 g flour, at the usual gluten use (g flour protein per 100 g batter). */
  readonly xanthan: number;
  readonly glutenUse: number;
  /** Usual egg, g per 100 g flour: what is above it binds in the place of gum. */
  readonly usualEgg: number;
  /** A batter may take 20 g of liquid per 100 g flour before the rest, a dough 10. */
  readonly texture: 'dough' | 'batter';
  /** By how much lift is raised for the weaker crumb (0–0.25). */
  readonly moreLift: number;
  /** Rest, minutes, and whether it is in the cold. */
  readonly rest: readonly [low: number, high: number];
  readonly restCold: boolean;
  /** Centre when done, °C. */
  readonly doneCelsius: number;
  /** Share of the batter's weight lost as water when done. */
  readonly waterLost: number;
  readonly porosityRaw: number;
  readonly rise: number;
  /** Batter density, g per ml. */
  readonly density: number;
  /** When the recipe says nothing: °C, and the depth of the batter in cm. */
  readonly usualOven: number;
  readonly usualDepthCm: number;
  /** Depth with its filling, cm, where the parts go into the oven together; null where each part is by itself. */
  readonly filledDepthCm: number | null;
  /** Work at the bowl, minutes. */
  readonly mixMinutes: number;
  /** Butter and eggs are wanted at room temperature: cold ones curdle what is creamed. */
  readonly warmStart: boolean;
  readonly coolMinutes: number;
  readonly doneSigns: string;
}

export const PROFILES: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Partial<Record<FamilyId, Profile>>> } = {
  source: 'common practice; densities, rise and water lost from memory', confidence: 'common-practice',
  rows: {
    'drop-cookie':  { name: 'drop cookie', xanthan: 0.5, glutenUse: 3.8, usualEgg: 25, texture: 'dough', moreLift: 0, rest: [30, 2880], restCold: true, doneCelsius: 96, waterLost: 0.05, porosityRaw: 0.05, rise: 1.25, density: 1.2, usualOven: 177, usualDepthCm: 0.8, filledDepthCm: null, mixMinutes: 20, warmStart: true, coolMinutes: 10, doneSigns: 'edges golden, centre set but not dry' },
    'brownie':      { name: 'brownie or bar', xanthan: 0.3, glutenUse: 1.4, usualEgg: 120, texture: 'batter', moreLift: 0, rest: [15, 30], restCold: false, doneCelsius: 90, waterLost: 0.04, porosityRaw: 0.08, rise: 1.15, density: 1.15, usualOven: 175, usualDepthCm: 2.5, filledDepthCm: null, mixMinutes: 20, warmStart: false, coolMinutes: 60, doneSigns: 'edges set, the middle just firm, a skewer brings out moist crumbs but no batter' },
    'pastry':       { name: 'pastry', xanthan: 0.7, glutenUse: 5.2, usualEgg: 8, texture: 'dough', moreLift: 0, rest: [30, 60], restCold: true, doneCelsius: 92, waterLost: 0.05, porosityRaw: 0.03, rise: 1.1, density: 1.15, usualOven: 200, usualDepthCm: 0.6, filledDepthCm: 1.8, mixMinutes: 30, warmStart: false, coolMinutes: 20, doneSigns: 'edges deep golden, the base crisp and dry, juices bubbling' },
    'creamed-cake': { name: 'creamed cake', xanthan: 0.9, glutenUse: 2.5, usualEgg: 65, texture: 'batter', moreLift: 0.1, rest: [15, 30], restCold: false, doneCelsius: 97.5, waterLost: 0.03, porosityRaw: 0.2, rise: 2, density: 0.93, usualOven: 175, usualDepthCm: 2.5, filledDepthCm: null, mixMinutes: 25, warmStart: true, coolMinutes: 15, doneSigns: 'springs back, sides pull away, a skewer comes out clean' },
    'cut-out':      { name: 'cut-out or shortbread', xanthan: 0.5, glutenUse: 5.1, usualEgg: 12, texture: 'dough', moreLift: 0, rest: [60, 2880], restCold: true, doneCelsius: 98, waterLost: 0.04, porosityRaw: 0.04, rise: 1.05, density: 1.2, usualOven: 170, usualDepthCm: 0.7, filledDepthCm: null, mixMinutes: 25, warmStart: true, coolMinutes: 10, doneSigns: 'edges just golden, the middle dry to the touch' },
    'muffin':       { name: 'muffin or quick bread', xanthan: 0.8, glutenUse: 3.4, usualEgg: 25, texture: 'batter', moreLift: 0.1, rest: [15, 30], restCold: false, doneCelsius: 98, waterLost: 0.03, porosityRaw: 0.1, rise: 1.7, density: 1.05, usualOven: 180, usualDepthCm: 3, filledDepthCm: null, mixMinutes: 15, warmStart: false, coolMinutes: 15, doneSigns: 'springs back, tops golden, a skewer comes out clean' },
  },
};

/** What a person calls the families that can be read and guarded, but not yet converted, and the nearest that can. */
export const UNCOVERED: Readonly<Partial<Record<FamilyId, { readonly name: string; readonly nearest: FamilyId }>>> = {
  'crisp-wafer': { name: 'crisp wafer', nearest: 'drop-cookie' },
  'foam': { name: 'foam cake', nearest: 'creamed-cake' },
  'loaf': { name: 'loaf or pound cake', nearest: 'creamed-cake' }, 'scone': { name: 'scone', nearest: 'muffin' },
  'crumble': { name: 'crumble topping', nearest: 'drop-cookie' },
  'pancake': { name: 'pancake or waffle', nearest: 'muffin' }, 'choux': { name: 'choux', nearest: 'creamed-cake' },
  'yeast-dough': { name: 'enriched yeast dough', nearest: 'muffin' }, 'doughnut': { name: 'doughnut', nearest: 'muffin' },
  'steamed-pudding': { name: 'steamed pudding', nearest: 'creamed-cake' }, 'mug-cake': { name: 'mug cake', nearest: 'muffin' },
  'flourless': { name: 'flourless bake', nearest: 'creamed-cake' },
};
