import type { BakeNotes } from './bakeNotes';
import type { Needs } from './needs';
import type { PlannedStudy, PlannedTrial } from './planned';
import type {
  Aim,
  Avoidance,
  BinderSchool,
  Diet,
  FamilyId,
  HandUnit,
  LabelFact,
  Locale,
  PageKind,
  PanShape,
  PartKind,
  Role,
  RouteId,
  StartBase,
  StartHeat,
  Strictness,
  Tilted,
  TinMade,
} from '../vocabulary';

/** One line of the text with the id that it keeps while the text is edited. */
export interface SourceLine {
  readonly id: string;
  readonly source: string;
}

/** What a person put right on a line that was misread. */
export interface LineCorrection {
  readonly line: string;
  readonly ingredient?: string;
  readonly role?: Role;
  readonly quantity?: number;
  readonly unit?: HandUnit;
  /** Weighed by hand: it wins over quantity and unit. */
  readonly grams?: number;
  /** What the line is; those around it are decided anew. */
  readonly kind?: PageKind;
  /** The part that an ingredient belongs to, by the id of the part. */
  readonly part?: string;
  /** On the line that a part has its id from: what kind the part is. */
  readonly family?: PartKind;
  /** On a step: which of its heats is the one that the bake is known by, from 0. */
  readonly bake?: number;
  /** On a step: what it speaks of isn't the one line but the other. */
  readonly takes?: readonly Taking[];
}

/** A step takes one line in the place of another. */
export interface Taking {
  readonly line: string;
  readonly instead: string;
}

/** A number of the docket that a person overruled. The line is a docket line's id. */
export interface LineOverride {
  readonly line: string;
  readonly grams: number;
}

/** A person's answer to the open questions of the guard on a line. */
export interface GuardAnswer {
  readonly line: string;
  readonly answer: 'label-checked' | 'left-out';
  /** The key of what was asked. When the line, a person or an ingredient changes, what is asked changes, and it opens again. */
  readonly about: string;
  /** The calendar day of the answer, `YYYY-MM-DD`. */
  readonly on: string;
  /** Who gave it, as they sign; empty where nobody says. */
  readonly by: string;
}

/** Something of the cross-contact list that was seen to. */
export interface Tick {
  readonly check: string;
  /** `YYYY-MM-DD`. */
  readonly on: string;
  readonly by: string;
}

/**
 * Somebody at this recipe's table: what it was guarded for, as a copy of its own, and the person's id while the household
 * has one. Taking the person away, or loosening them, loosens nothing here.
 */
export interface Seat extends Needs {
  readonly id: string | null;
}

/** What the label of a commercial blend or mix says. What nobody has looked up isn't in it. */
export interface LabelAnswer {
  readonly line: string;
  readonly says: Readonly<Partial<Record<LabelFact, boolean>>>;
}

/** How much is made: the whole batch by a factor, and single lines by a further one. */
export interface Scale {
  readonly factor: number;
  readonly lines: readonly { readonly line: string; readonly factor: number }[];
}

/** A flour's share of the blend that a person holds where it is; a fraction. */
export interface BlendPin {
  readonly ingredient: string;
  readonly share: number;
  /** It stays even when other shares are moved by hand; else it gives way to them. */
  readonly held: boolean;
}

/** What is wished of the blend. */
export interface BlendWishes {
  readonly aims: readonly Aim[];
  /** At most so many flours. */
  readonly most: number;
  /** A flour of which as much is to be used as the limits and the bag allow; null: none. */
  readonly useUp: string | null;
  /** At most so many bags to buy beside what the cupboard has; null: as many as it takes. */
  readonly buy: number | null;
  /** Null: as the diet has it. */
  readonly route: RouteId | null;
  /** A jar of the household in the place of a designed blend; null: design one. */
  readonly jar: string | null;
  /** How a jar takes the place of wheat flour: weight for weight, or cup for cup. */
  readonly jarBy: 'weight' | 'cup';
}

/** Tins of one kind, cm. For a round one both measures are the diameter. */
export interface PanSize {
  readonly shape: PanShape;
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly count: number;
  /** Inside; where nobody measured it, as such a tin usually is. */
  readonly heightCm?: number;
  /** Across the tube of a ring tin; where nobody measured it, a third of the tin. */
  readonly tubeCm?: number;
  /** Where nobody says: metal, or ceramic where such a vessel usually is. */
  readonly made?: TinMade;
  /** Of a tray: what a scoop of one piece holds, ml; where nobody says, the batch is shared by the recipe's number of pieces. */
  readonly pieceMl?: number;
}

/** How a bake comes to the oven, and into what oven. */
export interface BakeStart {
  readonly from: StartHeat;
  readonly on: StartBase;
  /** Another dish is in the oven with it. */
  readonly shared: boolean;
}

/** A bake of this recipe that was timed: from then on its time counts, and not the recipe's. */
export interface Timed {
  readonly bake: string;
  /** True over simulated minutes. */
  readonly ratio: number;
  /** `YYYY-MM-DD`. */
  readonly on: string;
}

export interface OvenSetting {
  /** What the dial says. */
  readonly celsius: number;
  readonly fan: boolean;
}

/** Something that is folded into some of the tins only: berries into one of two. */
export interface FoldedIn {
  readonly ingredient: string;
  /** Into each of these tins, g. */
  readonly grams: number;
  readonly tins: number;
}

/** What is asked of a conversion. */
export interface ConversionRequest {
  readonly diet: Diet;
  readonly without: readonly Avoidance[];
  /** Of these, what is left out by preference: no label is asked about it. */
  readonly mild: readonly Avoidance[];
  /** How strictly gluten is avoided. `certified`, for coeliac disease: every flour, starch and oat is to be certified. */
  readonly gluten: Strictness;
  /** On a grain-free table: buckwheat, quinoa and amaranth are eaten. Schools differ. */
  readonly pseudocereals: boolean;
  /** On a grain-free table: powders that may come from corn are eaten (baking powder, icing sugar). */
  readonly grainDerived: boolean;
  /** Who sits at the table. What they avoid is added to the rest. */
  readonly seats: readonly Seat[];
  /** Null: guess it. */
  readonly family: FamilyId | null;
  readonly school: BinderSchool;
  readonly withoutFlours: readonly string[];
  readonly pins: readonly BlendPin[];
  readonly blend: BlendWishes;
  /** The tin that it will be baked in; null: the recipe's own. */
  readonly pan: PanSize | null;
  /** Null: as the recipe has it. */
  readonly oven: OvenSetting | null;
  readonly overrides: readonly LineOverride[];
  readonly answers: readonly GuardAnswer[];
  readonly ticks: readonly Tick[];
  readonly labels: readonly LabelAnswer[];
  /** Null: as the recipe has it. */
  readonly scale: Scale | null;
  /** What is wished wetter, drier, more or less held, sweet or rich than the balances ask for; 1 each: as they ask. */
  readonly tilt: Tilt;
  /** What sweetens in the place of the main sugar; null: the recipe's own. */
  readonly sweetener: string | null;
  /** Height of the kitchen above the sea, m. */
  readonly altitudeMetres: number;
  /** Null: all tins are alike. */
  readonly folded: FoldedIn | null;
  readonly start: BakeStart;
  /** An oven of the household; null: the one that is in use. */
  readonly ovenId: string | null;
  /** It is cooked in a microwave, whatever the recipe says. */
  readonly microwave: boolean;
  /** Minutes for which it rests before the heat: in the cold where such a dough rests cold; null: as the recipe or such a bake has it. */
  readonly rest: number | null;
  /** Null: the recipe's own time counts. */
  readonly timed: Timed | null;
}

/** Factors on what a balance asks for. */
export type Tilt = Readonly<Record<Tilted, number>>;
export const NO_TILT: Tilt = { drink: 1, binder: 1, sugar: 1, fat: 1 };

export const NO_WISHES: BlendWishes = {
  aims: [],
  most: 4,
  useUp: null,
  buy: null,
  route: null,
  jar: null,
  jarBy: 'weight',
};

/** From the bowl, onto the rack of an oven of its own. */
export const USUAL_START: BakeStart = { from: 'room', on: 'rack', shared: false };

export const EMPTY_REQUEST: ConversionRequest = {
  diet: 'gluten-free',
  without: [],
  mild: [],
  gluten: 'certified',
  pseudocereals: false,
  grainDerived: false,
  seats: [],
  family: null,
  school: 'gum',
  withoutFlours: [],
  pins: [],
  blend: NO_WISHES,
  pan: null,
  oven: null,
  overrides: [],
  answers: [],
  ticks: [],
  labels: [],
  scale: null,
  tilt: NO_TILT,
  sweetener: null,
  altitudeMetres: 0,
  folded: null,
  start: USUAL_START,
  ovenId: null,
  microwave: false,
  rest: null,
  timed: null,
};

/** When it is to be on the table: a clock time in a place, since a serving time moves with neither summer time nor travel. */
export interface Serving {
  /** `YYYY-MM-DDTHH:mm` on that place's clocks. */
  readonly at: string;
  /** IANA name of the time zone. */
  readonly zone: string;
}

/** What the reader last found in the text, for lists: derived, and kept so that a list needn't read every recipe. */
export interface AsRead {
  readonly title: string;
  readonly family: FamilyId;
  /** What the lines weigh together; null when none has a weight. */
  readonly batchGrams: number | null;
  /** Questions that were open when it was last worked out; missing: it never was, and what is open isn't known. */
  readonly open?: number;
}

/** A recipe as it is kept. */
export interface RecipeDocument {
  readonly schema: 11;
  readonly asRead: AsRead;
  readonly text: string;
  /** Whose cups and spoons the text means; null: as its words and units suggest. */
  readonly locale: Locale | null;
  readonly lines: readonly SourceLine[];
  readonly corrections: readonly LineCorrection[];
  /** Ids of the reader's doubts that a person lets stand: it is as written. */
  readonly asWritten: readonly string[];
  /** Shifts that a person has read and taken, as `shiftKey` in `balance` has them. One that says something else is open again. */
  readonly taken: readonly string[];
  /** Fields of the linked data that it came from and that aren't ours, as JSON; they go out again with it. */
  readonly foreign: string | null;
  readonly request: ConversionRequest;
  /** Null: not planned. */
  readonly serving: Serving | null;
  /** A bake that is being written down; null when there is none. */
  readonly bakeSheet: BakeNotes | null;
  /** Variants out of one batch that are being planned; null: none are. */
  readonly study: PlannedStudy | null;
  /** A designed trial of it; null: none is planned. */
  readonly trial: PlannedTrial | null;
}

/** A sheet with nothing on it. */
export const EMPTY_RECIPE: RecipeDocument = {
  schema: 11,
  asRead: { title: '', family: 'creamed-cake', batchGrams: null },
  text: '',
  locale: null,
  lines: [],
  corrections: [],
  asWritten: [],
  taken: [],
  foreign: null,
  request: EMPTY_REQUEST,
  serving: null,
  bakeSheet: null,
  study: null,
  trial: null,
};
