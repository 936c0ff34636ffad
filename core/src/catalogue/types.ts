import type {
  Avoidance,
  Confidence,
  FamilyId,
  FlourClass,
  GlutenClass,
  GrainClass,
  Habit,
  Role,
  RouteId,
  Style,
} from '../vocabulary';

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

/**
 * What a flour brings to a blend. Scores 0–10 (our judgement after common practice, to be corrected by trials); flavour
 * strength, colour and grit 0–10; cap: the most of it in a mixed blend; set: °C at which its starch sets in water; tau:
 * minutes in which 63 % of its thirst is met.
 */
export interface FlourTraits {
  readonly class: FlourClass;
  readonly scores: readonly [hold: number, chew: number, snap: number, soft: number, body: number];
  readonly flavour: number;
  readonly colour: number;
  readonly grit: number;
  readonly cap: number;
  readonly set: readonly [low: number, high: number];
  readonly tau: number;
}

/** All that is known of a flour, starch, fibre or gum beside what every ingredient has. A field that is missing doesn't compile. */
export interface FlourRecord {
  /** Null for a gum or fibre (a dose, not a share) and for a composite, which is as its parts. */
  readonly traits: FlourTraits | null;
  /** g in 100 g of its starch (the rest is amylopectin); null where it holds next to no starch. */
  readonly amylose: number | null;
  readonly tastes: readonly string[];
  /** What it does badly. */
  readonly vice: string;
  /** How long an opened bag keeps. */
  readonly weeks: readonly [cupboard: number, cold: number];
  /** A kilogram against a kilogram of fine white rice flour. */
  readonly price: number;
  readonly standIns: readonly string[];
  readonly pairs: readonly string[];
  /** The most of it in one family, as a share, where that differs from its cap. */
  readonly most: Readonly<Partial<Record<FamilyId, number>>>;
  /** In most kitchens that bake without gluten: a blend may be made from it when nothing is said of the cupboard. */
  readonly usual: boolean;
  /** The flour whose rows in the tables of stand-ins and shared lines are its own too; null where those name it. */
  readonly like: string | null;
}

/** What an ingredient does in the bowl: how much water it takes and gives, what it binds, and its habits. */
export interface Behaviour {
  /** Water held, g per g; null: as its parts, or none. */
  readonly thirst: Triple | null;
  /** Share (0–1) of its own water that flour can take before the bake; null: by its role. */
  readonly freeWater: number | null;
  /** What a gram of it binds, in g of xanthan; null: nothing. */
  readonly binds: { readonly as: 'gum' | 'egg'; readonly worth: number } | null;
  /** The way to bake without wheat that goes by it; null: none. */
  readonly leads: RouteId | null;
  readonly does: readonly Habit[];
  readonly flour: FlourRecord | null;
}

export interface Ingredient extends Behaviour {
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
export interface Row extends Partial<Behaviour> {
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

/** A row of a table of flours: complete in what a blend needs. `null` says that it is none, or is as its parts. */
export type FlourRow = Row & Required<Pick<Row, 'thirst' | 'flour'>>;

export interface Table<R extends Row = Row> {
  readonly role: Role;
  /** The style that `cup` is in. */
  readonly style: Style;
  readonly source: string;
  readonly confidence: Confidence;
  readonly rows: Readonly<Record<string, R>>;
}

export type FlourTable = Table<FlourRow>;
