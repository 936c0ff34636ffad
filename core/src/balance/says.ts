import type { BalanceId, Bare, BinderSchool, FamilyId, RouteId, SaidOf, WordedSays } from '../vocabulary';

/** An ingredient and its weight, g, rounded as a cook weighs. */
export interface Weight {
  readonly ingredient: string;
  readonly name: string;
  readonly grams: number;
}

/** What became of what: the two ends of a shift. */
export interface EndSays {
  readonly weights: { readonly of: readonly Weight[] };
  /** The blend in the place of wheat flour, with its flours. */
  readonly blended: { readonly as: string; readonly grams: number; readonly of: readonly Weight[] };
  readonly nothing: Bare;
  readonly gluten: Bare;
  readonly 'no-binder': Bare;
  readonly 'in-the-flour': Bare;
  readonly 'lift-of-egg': Bare;
  /** Part of the starch cooked in part of the liquid. */
  readonly cooked: { readonly starch: Weight; readonly liquid: Weight };
  /** A line as the recipe has it, and so many times that. */
  readonly 'as-written': { readonly text: string };
  readonly times: { readonly text: string; readonly factor: number };
}

/** Why a shift was made. Amounts of hold are g xanthan-equivalent per 100 g flour; acid and soda mmol. */
export interface BecauseSays {
  readonly 'by-route': { readonly route: RouteId };
  readonly 'whole-grain-by-route': { readonly route: RouteId };
  readonly 'jar-by-weight': Bare;
  readonly 'jar-by-cup': Bare;
  readonly 'own-leavening': Bare;
  readonly 'own-water': Bare;
  readonly 'needs-hold': {
    readonly need: number;
    readonly credit: number | null;
    readonly school: BinderSchool;
  };
  readonly 'egg-binds': { readonly water: 'taken-out' | 'little' };
  readonly 'egg-water': Bare;
  readonly 'starch-binds': { readonly credit: number };
  /** The way from wheat, or such a bake, goes without. */
  readonly 'needs-none': { readonly by: 'route' | 'family' };
  /** Under half of the least that a spoon has. */
  readonly 'under-a-pinch': { readonly grams: number };
  readonly 'bound-already': { readonly credit: number; readonly need: number };
  readonly 'asked-for-none': { readonly missing: number };
  /** `because` is the table's own. */
  readonly 'stands-in': { readonly because: string; readonly out: readonly string[] };
  readonly 'egg-lifts': Bare;
  readonly 'less-sour': { readonly soda: number };
  readonly 'as-sweet': {
    readonly sweetness: number;
    readonly reducing: boolean;
    readonly acid: number | null;
  };
  readonly 'coconut-egg': Bare;
  readonly 'nut-egg': Bare;
  readonly thickens: Bare;
  /** g of water, before and after. */
  readonly 'follows-thirst': {
    readonly thirst: readonly [number, number];
    readonly drink: readonly [number, number];
  };
  readonly 'lift-raised': Bare;
  readonly 'fat-held': Bare;
  readonly 'sugar-held': Bare;
  readonly 'set-by-hand': {
    readonly moved: readonly {
      readonly balance: BalanceId;
      readonly from: number;
      readonly to: number;
      readonly out: boolean;
    }[];
  };
  readonly 'scaled-by-hand': Bare;
}

/** What no shift mends. */
export interface PartWarningSays {
  readonly 'binder-short': { readonly name: string; readonly most: number; readonly percent: number };
  readonly 'no-liquid-for-starch': { readonly school: BinderSchool };
  readonly 'starch-short': { readonly credit: number; readonly missing: number };
  /** Of a quantity, in its unit: too little (+) or too much (−). */
  readonly missed: {
    readonly quantity: 'drink' | 'fat' | 'sugar' | 'lift' | 'binder';
    readonly by: number;
  };
  readonly 'binder-above': { readonly gum: number; readonly most: number };
  readonly 'school-out': { readonly asked: BinderSchool; readonly school: BinderSchool };
  readonly 'drink-under': { readonly ratio: number; readonly edge: number };
  readonly 'drink-over': { readonly ratio: number; readonly edge: number };
  readonly 'soda-over': { readonly over: number; readonly limit: number };
  readonly 'nothing-binds': Bare;
  readonly 'eggs-out': Bare;
  readonly 'foam-without-egg': Bare;
  readonly 'meringue-without-egg': Bare;
  readonly 'shell-without-egg': Bare;
  readonly 'egg-led-without-egg': Bare;
  readonly 'turns-green': Bare;
}

/** A balance, and the band of such a bake that it misses. */
export interface BandMiss {
  readonly value: number;
  readonly band: readonly [number, number];
  readonly family: FamilyId;
}
export interface BandMissSays {
  readonly 'too-dry': BandMiss;
  readonly 'too-wet': BandMiss;
  readonly gummy: BandMiss;
  readonly 'falls-apart': BandMiss;
  readonly dense: BandMiss;
  readonly sinks: BandMiss;
}

/** What is likely to go wrong, and why. `holds-gluten` is the guard's own word on a line. */
export interface FindingSays extends BandMissSays {
  readonly 'holds-gluten': { readonly line: string; readonly why: string };
  readonly 'bound-by-nothing': Bare;
  readonly soapy: { readonly left: number; readonly limit: number };
  readonly coarse: { readonly flour: string };
  readonly beans: { readonly flour: string; readonly percent: number };
  readonly 'much-of': {
    readonly of: 'fat' | 'sugars' | 'egg';
    /** g per 100 g of flour. */
    readonly has: number;
    readonly usual: number;
    readonly family: FamilyId;
  };
  /** Free water, g per 100 g of flour and sugars. */
  readonly 'more-than-is-held': { readonly has: number; readonly most: number; readonly family: FamilyId };
  readonly 'turns-green': Bare;
  /** °C, on a plain oven. */
  readonly 'oven-off': { readonly celsius: number; readonly usual: number; readonly family: FamilyId };
}

export type BalanceSays = EndSays & BecauseSays & PartWarningSays & FindingSays;
export type End = SaidOf<EndSays & WordedSays>;
export type Because = SaidOf<BecauseSays & WordedSays>;
export type PartWarning = SaidOf<PartWarningSays>;
