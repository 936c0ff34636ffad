/** Where something cools, chills, freezes or comes to the heat of the room. */
export interface PlaceRow {
  readonly name: string;
  readonly celsius: number;
  /** W/(m²·K), air and radiation together: to its top, from below, from the side. */
  readonly above: number;
  readonly below: number;
  readonly side: number;
  /** Water vapour in its air, kg/m³. */
  readonly vapour: number;
}

export type PlaceId = 'tin' | 'rack' | 'counter' | 'fridge' | 'freezer';

export const PLACES: { readonly source: string; readonly confidence: 'from-memory'; readonly rows: Readonly<Record<PlaceId, PlaceRow>> } = {
  source: 'natural convection 3–6 and radiation 5–6 W/(m²·K) at room heat (orders of size, from memory); household temperatures by common practice', confidence: 'from-memory',
  rows: {
    tin:     { name: 'in the tin', celsius: 21, above: 12, below: 8, side: 10, vapour: 0.01 },
    rack:    { name: 'on a rack', celsius: 21, above: 12, below: 11, side: 12, vapour: 0.01 },
    counter: { name: 'on the counter', celsius: 21, above: 11, below: 8, side: 11, vapour: 0.01 },
    fridge:  { name: 'in the fridge', celsius: 4, above: 9, below: 7, side: 9, vapour: 0.004 },
    freezer: { name: 'in the freezer', celsius: -18, above: 10, below: 10, side: 10, vapour: 0.001 },
  },
};
