import { convert } from '../../docket';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST, type Kitchen, type Seen } from '../../kitchen';
import type { Range } from '../../quantity';
import { readRecipe } from '../../read';
import { numbersFrom, shuffled } from '../../statistics';
import type { FamilyId } from '../../vocabulary';
import { CAUSES, CAUSE_IDS, diagnose, NOTHING_KNOWN, type CauseId, type Diagnosis, type Facts } from '../why';
import { PRACTICE_RECIPES, type PracticeFamily } from './data/recipes';
import { PLANTED, practiceBake } from './faults';

/** What a baker of the practice kitchen is told before the oven. */
export interface PracticeBrief {
  readonly title: string;
  readonly family: FamilyId;
  readonly ovenCelsius: number;
  readonly minutes: Range;
  readonly firstCheck: number;
  readonly doneCelsius: number;
  readonly doneSigns: string;
  /** Each time that the door is opened it loses so many minutes of heat. */
  readonly doorMinutes: number;
}

/** One bake of the practice kitchen: what is told of it, and what nobody in it knows. Simulated: it teaches no household. */
export interface PracticeRound {
  readonly seed: number;
  readonly brief: PracticeBrief;
  readonly hidden: {
    readonly fault: CauseId | null;
    readonly facts: Facts;
    readonly seen: readonly Seen[];
    readonly ovenOff: number;
    /** Minutes in this oven until it is done, and the middle's way there. */
    readonly doneAt: number;
    readonly centre: readonly (readonly [minute: number, celsius: number])[];
  };
}

/** What the baker does wrong, or not, with the clock: that is no fault to be planted. */
const BY_THE_CLOCK: ReadonlySet<CauseId> = new Set<CauseId>(['under-baked', 'over-baked']);
const FAULTS = PLANTED.filter((one) => !BY_THE_CLOCK.has(one));
/** One bake in so many has nothing wrong with it. */
const SOUND_IN = 6;
/** Any oven is off its dial by up to so much, °C, either way. */
const SLIGHTLY_OFF = 6;
const DOOR_MINUTES = 0.5;
/** Readings enough for the engine to believe an oven's temper. */
const READINGS = 9;

/** A kitchen whose oven is off its dial by so much, and knows it. */
const kitchenOff = (off: number, dial: number, fan: boolean): Kitchen => ({
  ...BUILT_IN_KITCHEN,
  version: `practice-${off}-${dial}`,
  ovens: [
    {
      id: 'practice',
      name: 'the simulated oven',
      inUse: true,
      fan,
      readings: Array.from({ length: READINGS }, () => ({
        dialCelsius: dial,
        trueCelsius: dial + off,
        fan,
        on: '2027-01-01',
      })),
      preheatMinutes: null,
      racks: 1,
      hotSide: 'none',
    },
  ],
});

/**
 * A bake of the practice kitchen from a seed: a fault (drawn, or as planted) or none, an oven with a temper, and how long it truly takes there, by the same engine
 * that writes dockets. Throws Error where its own recipes have no docket.
 */
export function practiceRound(seed: number, planted?: CauseId): PracticeRound {
  const below = numbersFrom(seed);
  const fault = planted ?? (below(SOUND_IN) === 0 ? null : FAULTS[below(FAULTS.length)]!);
  const { facts, seen } = practiceBake(seed, fault);
  let count = 0;
  const { recipe } = readRecipe(PRACTICE_RECIPES[facts.family as PracticeFamily], {
    kitchen: BUILT_IN_KITCHEN,
    newId: () => `l${(count += 1)}`,
  });
  const told = convert(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN);
  if (told.outcome !== 'docket') throw new Error(`The practice kitchen can't bake a ${facts.family}.`);
  const { bake, title } = told.docket;
  const dial = bake.ovenCelsius!;
  const ovenOff = facts.ovenOff === 0 ? below(2 * SLIGHTLY_OFF + 1) - SLIGHTLY_OFF : facts.ovenOff!;
  const truly = convert(
    recipe,
    { ...EMPTY_REQUEST, oven: { celsius: dial, fan: bake.fan } },
    kitchenOff(ovenOff, dial, bake.fan),
  );
  if (truly.outcome !== 'docket') throw new Error(`The practice kitchen can't bake a ${facts.family}.`);
  return {
    seed,
    brief: {
      title,
      family: facts.family,
      ovenCelsius: dial,
      minutes: bake.minutes!,
      firstCheck: bake.firstCheck ?? bake.minutes!.low,
      doneCelsius: bake.doneCelsius,
      doneSigns: bake.doneSigns,
      doorMinutes: DOOR_MINUTES,
    },
    hidden: {
      fault,
      facts: { ...facts, ovenOff },
      seen,
      ovenOff,
      doneAt: truly.docket.bake.minutes!.central,
      centre: truly.docket.bake.centre,
    },
  };
}

/** What is seen through an open door. */
export interface PracticeLook {
  readonly top: string;
  readonly skewer: string;
  readonly probeCelsius: number;
}

/** How dark a top is, by how far it is on its way. */
const TOPS: readonly (readonly [upTo: number, words: string])[] = [
  [0.45, 'wet and shining'],
  [0.7, 'dull, no colour yet'],
  [0.88, 'pale gold at the edge'],
  [1.02, 'gold, springs back at the edge'],
  [1.15, 'brown, springs back'],
  [1.3, 'dark at the edge, firm'],
  [Infinity, 'very dark, hard'],
];
const SKEWERS: readonly (readonly [upTo: number, words: string])[] = [
  [0.6, 'batter runs off it'],
  [0.85, 'coated with wet batter'],
  [0.95, 'wet crumbs'],
  [1.08, 'a few moist crumbs'],
  [1.2, 'clean'],
  [Infinity, 'clean and dry'],
];
const upTo = (rows: typeof TOPS, value: number): string => rows.find(([most]) => value <= most)![1];

/** A hot oven colours before the middle is done: so many °C are as good as all of the way. */
const COLOURS_BY = 160;
/** A probe is read to whole degrees, and up to so many tenths off. */
const PROBE_TENTHS = 12;

function centreAt({ centre }: PracticeRound['hidden'], minutes: number): number {
  const after = centre.findIndex(([minute]) => minute >= minutes);
  if (after < 0) return centre.at(-1)![1];
  if (after === 0) return centre[0]![1];
  const [from, a] = centre[after - 1]!;
  const [to, b] = centre[after]!;
  return a + ((minutes - from) / (to - from)) * (b - a);
}

/** A look after so many minutes of heat. */
export function lookInto({ seed, hidden }: PracticeRound, heat: number): PracticeLook {
  const way = heat / hidden.doneAt;
  const off = numbersFrom(seed + Math.round(heat * 10))(2 * PROBE_TENTHS + 1) - PROBE_TENTHS;
  return {
    top: upTo(TOPS, way + hidden.ovenOff / COLOURS_BY),
    skewer: upTo(SKEWERS, way),
    probeCelsius: Math.round(centreAt(hidden, heat) + off / 10),
  };
}

/** Out sooner or later than this, over what it needs, it shows. */
const UNDER = 0.9;
const OVER = 1.12;
const MUCH_OVER = 1.3;

/** What is seen and tasted of it when it has cooled. */
export function tastedOf({ hidden }: PracticeRound, heat: number): readonly Seen[] {
  const way = heat / hidden.doneAt;
  const clock: readonly Seen['symptom'][] =
    way < UNDER
      ? ['raw', 'gummy', 'pale']
      : way > MUCH_OVER
        ? ['dry', 'dark', 'hard']
        : way > OVER
          ? ['dry']
          : [];
  const known = new Set(hidden.seen.map(({ symptom }) => symptom));
  return [
    ...hidden.seen,
    ...clock.filter((one) => !known.has(one)).map((symptom) => ({ symptom, degree: 1 })),
  ];
}

/** What a practice bake is put down to: a cause, or that nothing is wrong with it. */
export type Called = CauseId | 'nothing';

/** What is true of it: its fault, and what the clock did; nothing where neither is. */
export function truthOf({ hidden }: PracticeRound, heat: number): readonly Called[] {
  const way = heat / hidden.doneAt;
  const clock: readonly CauseId[] = way < UNDER ? ['under-baked'] : way > OVER ? ['over-baked'] : [];
  const all = [...(hidden.fault === null ? [] : [hidden.fault]), ...clock];
  return all.length > 0 ? all : ['nothing'];
}

const inWords = (seen: readonly Seen[]) => ({ seen, praised: false, unknown: [] });

/** All that formula, process and log say of it, its time among it: with them the engine judges. */
export function explained(round: PracticeRound, heat: number): Diagnosis {
  const { hidden } = round;
  const facts = { ...hidden.facts, timed: heat / hidden.doneAt };
  return diagnose(facts, inWords(tastedOf(round, heat)));
}

/** So many answers are offered. */
const CHOICES = 7;

/** What it may be put down to: what is true, what such looks make likely, others; in an order that says nothing. */
export function choicesOf(
  round: PracticeRound,
  heat: number,
): readonly { readonly id: Called; readonly name: string }[] {
  const { seed, brief } = round;
  const blind = diagnose({ ...NOTHING_KNOWN, family: brief.family }, inWords(tastedOf(round, heat)));
  const below = numbersFrom(seed + 1);
  const ids = new Set<Called>([
    ...truthOf(round, heat),
    'nothing',
    ...blind.causes.slice(0, 3).map(({ id }) => id),
    ...shuffled(CAUSE_IDS, below),
  ]);
  return shuffled([...ids].slice(0, CHOICES), below).map((id) => ({
    id,
    name: id === 'nothing' ? 'nothing: it is within taste' : CAUSES[id].name,
  }));
}

/** Points of a bake, of a hundred: for the call of doneness, and for the cause. */
export interface PracticeScore {
  readonly doneness: number;
  readonly cause: number;
  readonly total: number;
}

export const PRACTICE_POINTS = { doneness: 40, cause: 60, near: 20, question: 6, freeSeconds: 40 } as const;
/** So far off, over what it needs, a call is worth nothing. */
const FAR_OFF = 0.2;
/** After the seconds that cost nothing, a point for each so many. */
const SECONDS_A_POINT = 5;
const MOST_FOR_TIME = 15;

/** What a call of doneness and of the cause are worth. `asked`: how many questions were put; `seconds`: how long it took to name it. */
export function scoreOf(
  round: PracticeRound,
  {
    heat,
    called,
    asked,
    seconds,
  }: { readonly heat: number; readonly called: Called; readonly asked: number; readonly seconds: number },
): PracticeScore {
  const off = Math.abs(heat / round.hidden.doneAt - 1);
  const doneness = Math.round(PRACTICE_POINTS.doneness * Math.max(0, 1 - off / FAR_OFF));
  const near = explained(round, heat)
    .causes.slice(0, 3)
    .some(({ id }) => id === called);
  const right = truthOf(round, heat).includes(called)
    ? PRACTICE_POINTS.cause
    : near
      ? PRACTICE_POINTS.near
      : 0;
  const late = Math.min(
    MOST_FOR_TIME,
    Math.floor(Math.max(0, seconds - PRACTICE_POINTS.freeSeconds) / SECONDS_A_POINT),
  );
  const cause = Math.max(0, right - (right > 0 ? PRACTICE_POINTS.question * asked + late : 0));
  return { doneness, cause, total: doneness + cause };
}
