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
  /** g of drink that such a dough gets beyond what the thirst asks for, per 100 g flour. */
  readonly moreDrink: number;
  /** Made at least so wet, drink over thirst, however dry the wheat dough was; null: it follows the wheat dough. */
  readonly leastDrink: number | null;
  /** By how much lift is raised for the weaker crumb (0–0.25). */
  readonly moreLift: number;
  /** Rest, minutes, and whether it is in the cold. */
  readonly rest: readonly [low: number, high: number];
  readonly restCold: boolean;
  /** Centre when done, °C. */
  readonly doneCelsius: number;
  /** Share of the batter's weight lost as water when done; and whether that is so however deep it is: it is to be dry right through. */
  readonly waterLost: number;
  readonly dryThrough: boolean;
  readonly porosityRaw: number;
  readonly rise: number;
  /** Batter density as it goes into the oven, g per ml: what is raised by yeast has risen once by then. */
  readonly density: number;
  /** How it is cooked when the recipe names no oven. */
  readonly cooked: 'oven' | 'griddle' | 'fried' | 'steamed' | 'microwave';
  /** When the recipe says nothing: °C, and the depth of the batter in cm. */
  readonly usualOven: number;
  readonly usualDepthCm: number;
  /** Pieces on a tray: they run as they bake, they stand, they were rolled to a height; null: it is no matter of pieces. */
  readonly piece: 'spreads' | 'stands' | 'rolled' | null;
  /** Depth with its filling, cm, where the parts go into the oven together; null where each part is by itself. */
  readonly filledDepthCm: number | null;
  /** Work at the bowl, minutes. */
  readonly mixMinutes: number;
  /** Butter and eggs are wanted at room temperature: cold ones curdle what is creamed. */
  readonly warmStart: boolean;
  readonly coolMinutes: number;
  readonly doneSigns: string;
}

export const PROFILES: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<FamilyId, Profile>> } = {
  source: 'common practice; densities, rise and water lost from memory', confidence: 'common-practice',
  rows: {
    'drop-cookie':  { name: 'drop cookie', xanthan: 0.5, glutenUse: 3.8, usualEgg: 25, texture: 'dough', moreDrink: 0, leastDrink: null, moreLift: 0, rest: [30, 2880], restCold: true, doneCelsius: 93, waterLost: 0.05, dryThrough: false, porosityRaw: 0.05, rise: 1.25, density: 1.2, cooked: 'oven', usualOven: 177, usualDepthCm: 0.78, piece: 'spreads', filledDepthCm: null, mixMinutes: 20, warmStart: true, coolMinutes: 10, doneSigns: 'edges golden, centre set but not dry' },
    'brownie':      { name: 'brownie or bar', xanthan: 0.3, glutenUse: 1.4, usualEgg: 120, texture: 'batter', moreDrink: 0, leastDrink: null, moreLift: 0, rest: [15, 30], restCold: false, doneCelsius: 90, waterLost: 0.03, dryThrough: false, porosityRaw: 0.08, rise: 1.15, density: 1.15, cooked: 'oven', usualOven: 175, usualDepthCm: 2.5, piece: null, filledDepthCm: null, mixMinutes: 20, warmStart: false, coolMinutes: 60, doneSigns: 'edges set, the middle just firm, a skewer brings out moist crumbs but no batter' },
    'pastry':       { name: 'pastry', xanthan: 0.7, glutenUse: 5.2, usualEgg: 8, texture: 'dough', moreDrink: 5, leastDrink: null, moreLift: 0, rest: [30, 60], restCold: true, doneCelsius: 92, waterLost: 0.05, dryThrough: false, porosityRaw: 0.03, rise: 1.1, density: 1.15, cooked: 'oven', usualOven: 200, usualDepthCm: 0.6, piece: null, filledDepthCm: 1.8, mixMinutes: 30, warmStart: false, coolMinutes: 20, doneSigns: 'edges deep golden, the base crisp and dry, juices bubbling' },
    'creamed-cake': { name: 'creamed cake', xanthan: 0.9, glutenUse: 2.5, usualEgg: 65, texture: 'batter', moreDrink: 0, leastDrink: null, moreLift: 0.1, rest: [15, 30], restCold: false, doneCelsius: 97.5, waterLost: 0.02, dryThrough: false, porosityRaw: 0.2, rise: 2, density: 0.93, cooked: 'oven', usualOven: 175, usualDepthCm: 2.5, piece: null, filledDepthCm: null, mixMinutes: 25, warmStart: true, coolMinutes: 15, doneSigns: 'springs back, sides pull away, a skewer comes out clean' },
    'cut-out':      { name: 'cut-out or shortbread', xanthan: 0.5, glutenUse: 5.1, usualEgg: 12, texture: 'dough', moreDrink: 0, leastDrink: null, moreLift: 0, rest: [60, 2880], restCold: true, doneCelsius: 95, waterLost: 0.07, dryThrough: true, porosityRaw: 0.04, rise: 1.05, density: 1.2, cooked: 'oven', usualOven: 170, usualDepthCm: 0.7, piece: 'rolled', filledDepthCm: null, mixMinutes: 25, warmStart: true, coolMinutes: 10, doneSigns: 'edges just golden, the middle dry to the touch' },
    'muffin':       { name: 'muffin or quick bread', xanthan: 0.8, glutenUse: 3.4, usualEgg: 25, texture: 'batter', moreDrink: 0, leastDrink: null, moreLift: 0.1, rest: [15, 30], restCold: false, doneCelsius: 96, waterLost: 0.02, dryThrough: false, porosityRaw: 0.1, rise: 1.7, density: 1.05, cooked: 'oven', usualOven: 180, usualDepthCm: 3, piece: null, filledDepthCm: null, mixMinutes: 15, warmStart: false, coolMinutes: 15, doneSigns: 'springs back, tops golden, a skewer comes out clean' },
    'crisp-wafer':  { name: 'crisp wafer', xanthan: 0.2, glutenUse: 3, usualEgg: 45, texture: 'batter', moreDrink: 0, leastDrink: null, moreLift: 0, rest: [30, 120], restCold: true, doneCelsius: 98, waterLost: 0.12, dryThrough: true, porosityRaw: 0.05, rise: 1.1, density: 1.1, cooked: 'oven', usualOven: 180, usualDepthCm: 0.3, piece: 'spreads', filledDepthCm: null, mixMinutes: 15, warmStart: true, coolMinutes: 5, doneSigns: 'golden right to the middle, crisp once it has cooled' },
    'foam':         { name: 'foam cake', xanthan: 0.1, glutenUse: 1.8, usualEgg: 180, texture: 'batter', moreDrink: 0, leastDrink: null, moreLift: 0, rest: [0, 0], restCold: false, doneCelsius: 97, waterLost: 0.06, dryThrough: false, porosityRaw: 0.55, rise: 1.35, density: 0.45, cooked: 'oven', usualOven: 180, usualDepthCm: 3, piece: null, filledDepthCm: null, mixMinutes: 25, warmStart: true, coolMinutes: 30, doneSigns: 'springs back, the top dry, sides just shrinking from the tin' },
    'loaf':         { name: 'loaf or pound cake', xanthan: 0.8, glutenUse: 2.6, usualEgg: 75, texture: 'batter', moreDrink: 0, leastDrink: null, moreLift: 0.1, rest: [20, 30], restCold: false, doneCelsius: 98, waterLost: 0.02, dryThrough: false, porosityRaw: 0.12, rise: 1.5, density: 1, cooked: 'oven', usualOven: 170, usualDepthCm: 5.5, piece: null, filledDepthCm: null, mixMinutes: 25, warmStart: true, coolMinutes: 30, doneSigns: 'a long skewer comes out clean, the crack on top dry' },
    'scone':        { name: 'scone or biscuit', xanthan: 0.7, glutenUse: 5, usualEgg: 10, texture: 'dough', moreDrink: 0, leastDrink: null, moreLift: 0.15, rest: [15, 20], restCold: false, doneCelsius: 93, waterLost: 0.03, dryThrough: false, porosityRaw: 0.05, rise: 1.6, density: 1.15, cooked: 'oven', usualOven: 215, usualDepthCm: 1.6, piece: 'stands', filledDepthCm: null, mixMinutes: 15, warmStart: false, coolMinutes: 15, doneSigns: 'risen, tops golden, the sides dry to the touch' },
    'crumble':      { name: 'crumble topping', xanthan: 0, glutenUse: 4.5, usualEgg: 5, texture: 'dough', moreDrink: 0, leastDrink: null, moreLift: 0, rest: [0, 30], restCold: true, doneCelsius: 95, waterLost: 0.04, dryThrough: false, porosityRaw: 0.3, rise: 1, density: 0.8, cooked: 'oven', usualOven: 185, usualDepthCm: 1.5, piece: null, filledDepthCm: 4.5, mixMinutes: 10, warmStart: false, coolMinutes: 15, doneSigns: 'golden and crisp on top, juices bubbling at the edge' },
    'pancake':      { name: 'pancake or waffle', xanthan: 0.25, glutenUse: 3.5, usualEgg: 35, texture: 'batter', moreDrink: 0, leastDrink: null, moreLift: 0.1, rest: [10, 30], restCold: false, doneCelsius: 95, waterLost: 0.06, dryThrough: false, porosityRaw: 0.1, rise: 1.5, density: 1.05, cooked: 'griddle', usualOven: 200, usualDepthCm: 0.7, piece: null, filledDepthCm: null, mixMinutes: 10, warmStart: false, coolMinutes: 1, doneSigns: 'bubbles burst and stay open, the edge dry; then as golden below' },
    'choux':        { name: 'choux', xanthan: 1, glutenUse: 3.2, usualEgg: 160, texture: 'dough', moreDrink: 0, leastDrink: null, moreLift: 0, rest: [0, 10], restCold: false, doneCelsius: 98, waterLost: 0.13, dryThrough: true, porosityRaw: 0.03, rise: 2.5, density: 1.05, cooked: 'oven', usualOven: 200, usualDepthCm: 0.9, piece: 'stands', filledDepthCm: null, mixMinutes: 25, warmStart: false, coolMinutes: 20, doneSigns: 'deep golden, light in the hand, the cracks as brown as the rest' },
    'yeast-dough':  { name: 'enriched yeast dough', xanthan: 2, glutenUse: 6.5, usualEgg: 15, texture: 'dough', moreDrink: 0, leastDrink: 0.9, moreLift: 0, rest: [45, 90], restCold: false, doneCelsius: 95, waterLost: 0.03, dryThrough: false, porosityRaw: 0.58, rise: 1.3, density: 0.5, cooked: 'oven', usualOven: 190, usualDepthCm: 2.8, piece: 'stands', filledDepthCm: null, mixMinutes: 25, warmStart: true, coolMinutes: 30, doneSigns: 'deep golden, sounds hollow below; the crumb sets as it cools' },
    'doughnut':     { name: 'cake doughnut', xanthan: 0.8, glutenUse: 4.8, usualEgg: 25, texture: 'dough', moreDrink: 0, leastDrink: null, moreLift: 0.1, rest: [15, 30], restCold: false, doneCelsius: 95, waterLost: 0.08, dryThrough: false, porosityRaw: 0.08, rise: 1.6, density: 1.1, cooked: 'fried', usualOven: 190, usualDepthCm: 2, piece: 'stands', filledDepthCm: null, mixMinutes: 20, warmStart: false, coolMinutes: 10, doneSigns: 'golden on both sides, light, no wet line when one is broken' },
    'steamed-pudding': { name: 'steamed or sponge pudding', xanthan: 0.6, glutenUse: 2.6, usualEgg: 60, texture: 'batter', moreDrink: 0, leastDrink: null, moreLift: 0.1, rest: [15, 30], restCold: false, doneCelsius: 97, waterLost: 0.03, dryThrough: false, porosityRaw: 0.12, rise: 1.5, density: 1, cooked: 'steamed', usualOven: 175, usualDepthCm: 5, piece: null, filledDepthCm: null, mixMinutes: 20, warmStart: true, coolMinutes: 10, doneSigns: 'springs back, a skewer comes out with moist crumbs but no batter' },
    'mug-cake':     { name: 'mug cake', xanthan: 0.2, glutenUse: 2.6, usualEgg: 50, texture: 'batter', moreDrink: 0, leastDrink: null, moreLift: 0, rest: [5, 10], restCold: false, doneCelsius: 92, waterLost: 0.04, dryThrough: false, porosityRaw: 0.1, rise: 1.8, density: 1.05, cooked: 'microwave', usualOven: 180, usualDepthCm: 5, piece: null, filledDepthCm: null, mixMinutes: 5, warmStart: false, coolMinutes: 3, doneSigns: 'risen and just set on top; it goes on setting while it stands' },
    'flourless':    { name: 'flourless bake', xanthan: 0, glutenUse: 1, usualEgg: 120, texture: 'batter', moreDrink: 0, leastDrink: null, moreLift: 0, rest: [0, 15], restCold: false, doneCelsius: 88, waterLost: 0.04, dryThrough: false, porosityRaw: 0.15, rise: 1.2, density: 1, cooked: 'oven', usualOven: 170, usualDepthCm: 3, piece: null, filledDepthCm: null, mixMinutes: 20, warmStart: true, coolMinutes: 60, doneSigns: 'edges set, the middle trembles a little' },
  },
};
