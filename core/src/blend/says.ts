import type { Bare, FamilyId, RouteId, SaidOf } from '../vocabulary';

/** Why a flour may not be used. */
export interface BarredSays {
  readonly 'left-out-by-hand': Bare;
  readonly 'a-grain': Bare;
  readonly 'has-gluten': Bare;
  readonly avoided: { readonly what: string };
  readonly 'no-flour': Bare;
}
export type Barred = SaidOf<BarredSays>;

/** Why a family can't go some way. */
export interface RouteBarredSays {
  readonly 'made-of-grain': Bare;
  readonly 'no-such-bake': { readonly route: RouteId };
  readonly 'stands-on-egg': Bare;
  readonly 'lead-out': { readonly of: readonly { readonly name: string; readonly why: Barred }[] };
}

/** Why nothing can be blended. */
export interface ClashSays extends RouteBarredSays {
  readonly 'no-place-in': { readonly name: string; readonly route: RouteId };
  readonly 'not-in-kitchen': { readonly id: string };
  readonly 'held-but-out': { readonly name: string; readonly why: Barred };
  readonly 'flour-out': { readonly name: string; readonly why: Barred };
  readonly 'held-over-whole': { readonly percent: number };
  readonly 'nothing-to-blend': Bare;
  readonly 'jar-gone': Bare;
  readonly 'no-flour-left': Bare;
  readonly 'held-leave-nothing': Bare;
}

/** Limits that had to give. */
export interface GaveSays {
  readonly 'held-gave': Bare;
  readonly 'few-flours-gave': { readonly names: readonly string[] };
  readonly 'wishes-gave': Bare;
}

/** What could be let go. */
export interface LetGoSays {
  readonly 'take-another-blend': Bare;
  readonly 'let-a-share-go': Bare;
  readonly 'go-another-way': Bare;
  readonly 'allow-a-flour': Bare;
  /** Wishes of the blend, together. */
  readonly wishes: { readonly of: readonly Wished[] };
}

/** Wishes that one press lets go. */
export interface WishSays {
  readonly 'use-up-to': { readonly flours: number };
  readonly 'buy-up-to': { readonly bags: number };
  readonly 'buy-what-it-takes': Bare;
  readonly 'not-use-up': { readonly name: string };
  readonly 'leave-jar': Bare;
  readonly 'usual-way': Bare;
  readonly 'let-go': { readonly name: string };
  readonly 'allow-again': { readonly name: string };
}

/** Why a flour stands at its most. */
export interface CapSays {
  readonly 'all-in-cupboard': Bare;
  readonly 'most-for': { readonly family: FamilyId };
  readonly 'all-of-it': Bare;
}
export type Cap = SaidOf<CapSays>;

/** Limits that hold a blend where it is. */
export interface HeldSays {
  readonly 'at-its-most': { readonly name: string; readonly percent: number; readonly why: Cap };
  readonly 'group-at-most': { readonly group: 'starches' | 'legumes'; readonly percent: number };
}

/** What a flour gives to a bake. */
export interface GivesSays {
  readonly 'gives-hold': Bare;
  readonly 'gives-chew': Bare;
  readonly 'gives-snap': Bare;
  readonly 'gives-soft': Bare;
  readonly 'gives-body': Bare;
  readonly 'gives-moisture': Bare;
  readonly 'gives-richness': Bare;
  readonly 'gives-binding': Bare;
}

/** How a blend by some school replaces wheat, and what it does worse. */
export interface SchoolSays {
  readonly 'route-because': { readonly route: RouteId };
  readonly 'route-worse': { readonly route: RouteId };
  readonly 'weight-for-weight': Bare;
  readonly 'cup-for-cup': Bare;
  readonly 'for-every-bake': Bare;
}

export type BlendSays = BarredSays &
  ClashSays &
  GaveSays &
  LetGoSays &
  WishSays &
  CapSays &
  HeldSays &
  GivesSays &
  SchoolSays;
export type Clash = SaidOf<ClashSays>;
export type RouteBarred = SaidOf<RouteBarredSays>;
export type Gave = SaidOf<GaveSays>;
export type LetGo = SaidOf<LetGoSays>;
export type Wished = SaidOf<WishSays>;
export type Held = SaidOf<HeldSays>;
export type Gives = SaidOf<GivesSays>;
export type SchoolSaid = SaidOf<SchoolSays>;
