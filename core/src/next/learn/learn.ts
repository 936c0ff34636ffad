import { NOTHING, seenSum, sumOf, type Belief, type SpreadOf, type Sum } from './belief';
import { FOUR_OF_FIVE, PRIORS } from './data/priors';
import { LESSONS, type Lesson } from './lessons';
import {
  NOTHING_TAKEN,
  BAKE_TOPICS,
  TASTED_TOPICS,
  type BakeTopic,
  type Believed,
  type Learnt,
  type LoggedBake,
  type OfTime,
  type Refused,
  type Taken,
  type Taught,
  type Topic,
} from './types';

/** Logarithms are shown as factors. */
const AS_FACTOR: ReadonlySet<Topic> = new Set<Topic>(['time', 'thirst', 'dose', ...TASTED_TOPICS]);

/** What looks further from what is believed than so many of its own spreads is asked about first. */
const ASK_BEYOND = 2;
/** So much of the prior's spread must be gone before a figure is moved. */
const MOVED = 0.75;
/** So many of the last bakes, all off to one side, are another series. */
const SERIES = 3;
const BROKEN = 1.6;

const shown = (topic: Topic, { mean, sd }: { readonly mean: number; readonly sd: number }): Believed => {
  const as = (value: number) => (AS_FACTOR.has(topic) ? Math.exp(value) : value);
  return { middle: as(mean), low: as(mean - FOUR_OF_FIVE * sd), high: as(mean + FOUR_OF_FIVE * sd) };
};

/** What is believed of every quantity, and which bakes made it so. */
export interface Learning {
  readonly belief: Belief;
  readonly learnt: readonly Learnt[];
}

interface Followed {
  readonly sum: Sum;
  readonly time: OfTime | null;
  readonly taught: Taught[];
  readonly refused: Refused[];
  /** By how many of their own spreads bakes were off what was believed before them. */
  readonly off: { readonly taught: Taught; readonly z: number }[];
}

/** How far a quantity is expected to spread, by its name; a flour's by its own row, as bakes have named it. */
const spreadsBy =
  (flours: ReadonlyMap<string, number>): SpreadOf =>
  (name) => {
    const [kind, of] = name.split('/') as [string, string];
    if (kind === 'thirst') return flours.get(of) ?? 0.1;
    return PRIORS[kind as keyof typeof PRIORS].sd;
  };

const refusalOf = (
  bake: LoggedBake,
  topic: BakeTopic,
  of: string,
  { forgotten, since }: Taken,
): string | null => {
  if (bake.imported) return 'it came from another kitchen';
  if (bake.notes.asWritten && topic !== 'offset') return 'it was baked as the page has it';
  if (forgotten.includes(bake.id)) return 'it was forgotten on request';
  const from = since[`${topic}/${of.split(' · ')[0]!}`] ?? since[`${topic}/*`];
  return from !== undefined && bake.notes.bakedOn < from
    ? `what was before ${from} doesn’t count any more`
    : null;
};

/** Learning that is under way: one bake after the other, the oldest first. */
export interface Learner {
  readonly take: (bake: LoggedBake) => void;
  readonly told: () => Learning;
}

/** Begins to learn; nothing is known yet. */
export function learner(taken: Taken = NOTHING_TAKEN): Learner {
  const flours = new Map<string, number>();
  const spreadOf = spreadsBy(flours);
  const followed = new Map<string, Followed>();
  let belief = NOTHING;
  const follow = (topic: BakeTopic, { of, sum, time }: Lesson): Followed => {
    const key = `${topic}/${of}`;
    const its = followed.get(key) ?? { sum, time: time ?? null, taught: [], refused: [], off: [] };
    followed.set(key, its);
    return its;
  };
  const hear = (bake: LoggedBake, topic: BakeTopic, lesson: Lesson): void => {
    const on = bake.notes.bakedOn;
    const its = follow(topic, lesson);
    const refuse = (why: string, ask: boolean) => void its.refused.push({ bake: bake.id, on, why, ask });
    const refusal = refusalOf(bake, topic, lesson.of, taken);
    if (refusal !== null) return refuse(refusal, false);
    if (lesson.kind === 'refused') return refuse(lesson.why, false);
    const trusted = taken.trusted.includes(bake.id);
    if (lesson.doubt !== undefined && !trusted) return refuse(lesson.doubt, true);
    const before = sumOf(belief, lesson.sum, spreadOf);
    const z = (lesson.value - before.mean) / Math.hypot(before.sd, lesson.sd);
    const value = AS_FACTOR.has(topic) ? Math.exp(lesson.value) : lesson.value;
    its.off.push({ taught: { bake: bake.id, on, value }, z });
    if (Math.abs(z) > ASK_BEYOND && !trusted)
      return refuse('it is further off than such a bake should be: learn it anyway?', true);
    belief = seenSum(belief, lesson.sum, lesson.value, lesson.sd, spreadOf);
    its.taught.push({ bake: bake.id, on, value });
  };
  return {
    take(bake) {
      for (const { ingredient, sd } of bake.flours) flours.set(ingredient, sd);
      for (const topic of BAKE_TOPICS) {
        const lesson = LESSONS[topic](bake);
        if (lesson) hear(bake, topic, lesson);
      }
    },
    told: () => ({
      belief,
      learnt: joined([...followed].flatMap(([key, its]) => toldOf(key, its, belief, spreadOf))),
    }),
  };
}

/**
 * What a household's bakes teach, the oldest first: a normal belief over ovens, tins, kinds of bakes, flours, doses and doneness, exact and
 * partially pooled (a kind of bake leans on its oven). A bake teaches nothing where it was mis-timed, unrested, somebody else's or forgotten,
 * and is asked about where it is further off than two of its own spreads. Example: three loaves that took 8 % longer → this oven with
 * loaves 1.06, and with muffins 1.03.
 */
export function learn(bakes: readonly LoggedBake[], taken: Taken = NOTHING_TAKEN): Learning {
  const { take, told } = learner(taken);
  const oldestFirst = [...bakes].sort((a, b) =>
    a.notes.bakedOn < b.notes.bakedOn ? -1 : a.notes.bakedOn > b.notes.bakedOn ? 1 : 0,
  );
  oldestFirst.forEach(take);
  return told();
}

/** One of each: a flour is in many blends. */
function joined(all: readonly Learnt[]): Learnt[] {
  const byName = new Map<string, Learnt>();
  for (const one of all) {
    const key = `${one.topic}/${one.of}`;
    const known = byName.get(key);
    byName.set(
      key,
      known
        ? {
            ...known,
            taught: [...known.taught, ...one.taught],
            refused: [...known.refused, ...one.refused],
            moved: known.moved || one.moved,
          }
        : one,
    );
  }
  return [...byName.values()];
}

/** Something followed as it is told; of a blend each flour by itself. */
function toldOf(
  key: string,
  { sum, time, taught, refused, off }: Followed,
  belief: Belief,
  spreadOf: SpreadOf,
): Learnt[] {
  const at = key.indexOf('/');
  const [topic, of] = [key.slice(0, at) as Topic, key.slice(at + 1)];
  const each: readonly (readonly [of: string, sum: Sum])[] =
    topic === 'thirst'
      ? sum.map(([name]) => [name.slice('thirst/'.length), [[name, 1]]] as const)
      : [[of, sum]];
  return each.map(([one, own]) => {
    const prior = sumOf(NOTHING, own, spreadOf);
    const posterior = sumOf(belief, own, spreadOf);
    const last = off.slice(-SERIES);
    const side =
      last.length === SERIES && (last.every(({ z }) => z > BROKEN) || last.every(({ z }) => z < -BROKEN));
    return {
      topic,
      of: one,
      time,
      prior: shown(topic, prior),
      posterior: shown(topic, posterior),
      taught,
      refused,
      moved: taught.length > 0 && posterior.sd < MOVED * prior.sd,
      breakAt: side && off.length > SERIES ? last[0]!.taught : null,
    };
  });
}

/** What a kitchen's time is stretched by, for a bake in some oven, tin and of some kind. */
export function learntTime(
  { belief }: Pick<Learning, 'belief'>,
  sum: Sum,
): { readonly factor: number; readonly sd: number } {
  const { mean, sd } = sumOf(belief, sum, spreadsBy(new Map()));
  return { factor: Math.exp(mean), sd };
}
