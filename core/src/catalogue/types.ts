import type { Avoidance, Confidence, GlutenClass, GrainClass, Role, Style } from '../vocabulary';

/** Grams per 100 g. `ash` holds all minerals, for salts and leaveners too. */
export interface Composition {
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  readonly starch: number;
  readonly sugars: number;
  readonly fibre: number;
  readonly ash: number;
  readonly ethanol: number;
}

/** `[central, low, high]` as the tables have it. */
export type Triple = readonly [central: number, low: number, high: number];

/** What a composite (a self-raising flour, a mix, a house blend) is made of, by share of its weight. */
export interface Component {
  readonly ingredient: string;
  readonly share: number;
}

export interface Ingredient {
  readonly id: string;
  readonly name: string;
  /** Other names, in lower case and singular. */
  readonly also: readonly string[];
  /** Kin that share its row for want of their own, and keep their own names. */
  readonly kinds: readonly string[];
  readonly role: Role;
  readonly composition: Composition;
  /** Titratable acid, mmol H⁺ per 100 g. */
  readonly acid: number;
  /** Grams in one US cup (236.5882 ml), by style. Empty where it isn't measured by volume. */
  readonly cup: Readonly<Partial<Record<Style, Triple>>>;
  /** Grams of one piece, peeled and stoned; undefined where nobody counts them. */
  readonly each: Triple | undefined;
  readonly gluten: GlutenClass;
  readonly grain: GrainClass;
  readonly allergens: readonly Avoidance[];
  /** Allergens that some makers bring in. */
  readonly possible: readonly Avoidance[];
  /** What to look for, in words. Empty when there is nothing to say. */
  readonly note: string;
  readonly madeOf: readonly Component[];
  readonly source: string;
  readonly confidence: Confidence;
}

/** A row as the tables write it: what is left out has the usual value. */
export interface Row {
  readonly name: string;
  readonly also?: readonly string[];
  readonly kinds?: readonly string[];
  readonly role?: Role;
  /** `[water, protein, fat, starch, sugars, fibre, ash, ethanol]` in g per 100 g. */
  readonly comp: readonly number[];
  readonly acid?: number;
  /** The usual style's grams per US cup; further styles in `styles`. */
  readonly cup?: Triple;
  readonly styles?: Readonly<Partial<Record<Style, Triple>>>;
  readonly each?: Triple;
  readonly gluten?: GlutenClass;
  readonly grain?: GrainClass;
  readonly allergens?: readonly Avoidance[];
  readonly possible?: readonly Avoidance[];
  readonly note?: string;
  readonly madeOf?: readonly Component[];
  readonly source?: string;
  readonly confidence?: Confidence;
}

/** What sets kin apart from the row whose figures they share: their names, and all that somebody may avoid in them. */
export type KinRow = Pick<Row, 'name' | 'also' | 'gluten' | 'grain' | 'allergens' | 'possible' | 'note'>;

export interface Table {
  readonly role: Role;
  /** The style that `cup` is in. */
  readonly style: Style;
  readonly source: string;
  readonly confidence: Confidence;
  readonly rows: Readonly<Record<string, Row>>;
}
