import {
  diagnose,
  FOUR_OF_FIVE,
  learn,
  learner,
  learntTime,
  PLANTED,
  practiceBake,
  SEEN,
  simulatedKitchen,
  sumOf,
  timeSum,
  trueFactor,
  type LoggedBake,
} from '@omniarton/core/next';
import type { FamilyId } from '@omniarton/core/vocabulary';
import { medianError, plainMedianError } from '@omniarton/core/statistics';

const KITCHENS = 200;
const middleOf = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
const anyway = (bakes: readonly LoggedBake[]) => ({
  forgotten: [],
  trusted: bakes.map(({ id }) => id),
  since: {},
});

/** One kitchen's learning from so many bakes of one kind, and what it then foretells of the next. */
function afterBakes(seed: number, bakes: number) {
  const kitchen = simulatedKitchen(seed);
  const seen = Array.from({ length: bakes }, () => kitchen.bake('loaf', 'loaf'));
  const learning = learn(seen, anyway(seen));
  const { factor, sd } = learntTime(learning, timeSum({ oven: 'simulated', tin: 'loaf', family: 'loaf' }));
  const flours = kitchen
    .bake('loaf', 'loaf')
    .flours.map(({ ingredient, share }) => [`thirst/${ingredient}`, share] as const);
  const truth = trueFactor(kitchen.temper, 'loaf', 'loaf');
  const next = kitchen.bake('loaf', 'loaf').notes.minutes! / 50;
  const window = FOUR_OF_FIVE * Math.hypot(sd, SEEN.time);
  return {
    time: Math.abs(factor / truth - 1),
    inside: Math.abs(Math.log(next / factor)) <= window,
    thirst: Math.abs(
      sumOf(learning.belief, flours, () => 0.1).mean -
        flours.reduce(
          (sum, [name, share]) => sum + share * kitchen.temper.thirst[name.slice('thirst/'.length)]!,
          0,
        ),
    ),
    dose: Math.abs(sumOf(learning.belief, [['dose/loaf', 1]], () => 0.2).mean - kitchen.temper.dose),
  };
}

const percent = (share: number) => `${(100 * share).toFixed(1)} %`;

/** What one more bake takes, ms, where all others are known. */
function oneMore(bakes: readonly LoggedBake[]): number {
  const known = learner(anyway(bakes));
  bakes.slice(0, -1).forEach(known.take);
  known.told();
  const began = performance.now();
  known.take(bakes.at(-1)!);
  known.told();
  return performance.now() - began;
}

/** How well simulated kitchens with known truth are learnt and diagnosed: printed, never asserted. */
export function learningFigures(): readonly string[] {
  const at = (bakes: number) =>
    Array.from({ length: KITCHENS }, (_, seed) => afterBakes(30_000 + seed, bakes));
  const by = new Map([0, 1, 2, 5, 8].map((bakes) => [bakes, at(bakes)] as const));
  const spread = { sd: Math.hypot(0.13, 0.075, 0.09), seenSd: SEEN.time };
  const times = [0, 1, 2, 5].map((bakes) => {
    const own = middleOf(by.get(bakes)!.map(({ time }) => time));
    const plain = plainMedianError(spread, bakes);
    return `after ${bakes}: ${percent(own)} (best there can be ${percent(medianError.relative(spread, bakes))}${plain === null ? '' : `, a plain mean ${percent(plain)}`})`;
  });
  const coverage = [0, 1, 2, 5].map((bakes) => {
    const all = by.get(bakes)!;
    return `after ${bakes}: ${percent(all.filter(({ inside }) => inside).length / all.length)}`;
  });
  const halved = (what: 'thirst' | 'dose') =>
    `${percent(middleOf(by.get(0)!.map((one) => one[what])))} before, ${percent(middleOf(by.get(8)!.map((one) => one[what])))} after eight bakes`;
  const faults = PLANTED.flatMap((cause) =>
    Array.from({ length: 20 }, (_, seed) => practiceBake(40_000 + seed, cause)),
  );
  const named = faults.map((one) => {
    const { causes } = diagnose(one.facts, { seen: one.seen, praised: false, unknown: [] });
    return causes.findIndex(({ id }) => id === one.fault);
  });
  const sound = Array.from({ length: KITCHENS }, (_, seed) => practiceBake(50_000 + seed, null));
  const alarms = sound.filter(
    ({ facts, seen }) => diagnose(facts, { seen, praised: false, unknown: [] }).verdict === 'causes',
  );
  const thousand = (() => {
    const kitchen = simulatedKitchen(1);
    const kinds: readonly (readonly [family: FamilyId, tin: string])[] = [
      ['loaf', 'loaf'],
      ['muffin', 'muffin'],
      ['creamed-cake', 'round'],
      ['drop-cookie', 'pieces'],
    ];
    return Array.from({ length: 1000 }, (_, count) => {
      const [family, tin] = kinds[count % kinds.length]!;
      return kitchen.bake(family, tin);
    });
  })();
  const began = performance.now();
  learn(thousand, anyway(thousand));
  const learnMs = performance.now() - began;
  const oneMoreMs = oneMore(thousand);
  const [one] = faults;
  const asked = performance.now();
  for (let count = 0; count < 100; count += 1)
    diagnose(one!.facts, { seen: one!.seen, praised: false, unknown: [] });
  return [
    `${KITCHENS} simulated kitchens, middle error of a foretold time ${times.join('; ')}`,
    `windows that should hold four of five held, ${coverage.join('; ')} (wanted: 75 to 85 %)`,
    `a blend's thirst off by ${halved('thirst')}; binder's dose by ${halved('dose')}`,
    `${faults.length} planted faults of ${PLANTED.length} kinds: named first ${percent(named.filter((place) => place === 0).length / named.length)} (wanted: 70), among three ${percent(named.filter((place) => place >= 0 && place < 3).length / named.length)} (90)`,
    `sound bakes called faulty: ${percent(alarms.length / sound.length)} (wanted: under 10)`,
    `learning from 1,000 bakes ${learnMs.toFixed(0)} ms (wanted: under 1,000), from one more ${oneMoreMs.toFixed(1)} ms (under 20); a diagnosis ${((performance.now() - asked) / 100).toFixed(2)} ms (under 50)`,
  ];
}
