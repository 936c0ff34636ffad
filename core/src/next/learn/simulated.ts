import { emptyNotes, type BakeNotes } from '../../kitchen';
import { numbersFrom } from '../../statistics';
import type { FamilyId } from '../../vocabulary';
import { PRIORS, SEEN } from './data/priors';
import { SIMULATED_FLOURS } from './data/simulatedFlours';
import type { LoggedBake } from './types';

/** What is true of a simulated kitchen, and nobody in it knows. */
export interface Temper {
  /** Logarithms of the time's factor: the oven's own, by tin, by kind of bake. */
  readonly oven: number;
  readonly tins: Readonly<Record<string, number>>;
  readonly families: Readonly<Partial<Record<FamilyId, number>>>;
  /** Logarithms of what its flours drink more than the table says. */
  readonly thirst: Readonly<Record<string, number>>;
  readonly dose: number;
}

/** A simulated kitchen: the stand-in for a household, with its truth known. Its bakes never teach a real one. */
export interface SimulatedKitchen {
  readonly temper: Temper;
  /** One more bake of some kind, in some tin, as it is written down. */
  readonly bake: (family: FamilyId, tin: string) => LoggedBake;
}

const TINS = ['loaf', 'round', 'muffin', 'pieces'] as const;
const FAMILIES = ['loaf', 'creamed-cake', 'muffin', 'drop-cookie'] as const satisfies readonly FamilyId[];
const THIRST = 260;
const CENTRAL = 50;

/** Normal deviates from whole numbers below a bound (Box and Muller 1958). */
function normalsFrom(below: (bound: number) => number): () => number {
  const STEPS = 1_000_003;
  const uniform = () => (below(STEPS) + 0.5) / STEPS;
  return () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
}

const DAYS = 28;
/** The so many-th day of a calendar whose months have four weeks: only their order counts. */
function dayOf(count: number): string {
  const [months, day] = [Math.floor((count - 1) / DAYS), ((count - 1) % DAYS) + 1];
  const two = (value: number) => String(value).padStart(2, '0');
  return `${2027 + Math.floor(months / 12)}-${two((months % 12) + 1)}-${two(day)}`;
}

/** A kitchen drawn from the spreads that are believed of kitchens, from a seed. */
export function simulatedKitchen(seed: number): SimulatedKitchen {
  const normal = normalsFrom(numbersFrom(seed));
  const each = <K extends string>(names: readonly K[], sd: number) =>
    Object.fromEntries(names.map((name) => [name, sd * normal()])) as Record<K, number>;
  const temper: Temper = {
    oven: PRIORS['time-oven'].sd * normal(),
    tins: each(TINS, PRIORS['time-tin'].sd),
    families: each(FAMILIES, PRIORS['time-family'].sd),
    thirst: Object.fromEntries(SIMULATED_FLOURS.map(({ ingredient, sd }) => [ingredient, sd * normal()])),
    dose: PRIORS.dose.sd * normal(),
  };
  let day = 0;
  const bake = (family: FamilyId, tin: string): LoggedBake => {
    day += 1;
    const time = temper.oven + (temper.tins[tin] ?? 0) + (temper.families[family] ?? 0);
    const wanted = SIMULATED_FLOURS.reduce(
      (sum, { ingredient, share }) => sum + share * temper.thirst[ingredient]!,
      0,
    );
    const grams = THIRST * (Math.exp(wanted) - 1) + SEEN.batterGrams * normal();
    const held = temper.dose + SEEN.dose * normal();
    const notes: BakeNotes = {
      ...emptyNotes(dayOf(day)),
      minutes: CENTRAL * Math.exp(time + SEEN.time * normal()),
      ovenCelsius: 175,
      batter: { mixed: null, rested: 'right', spoonfuls: grams / 15 },
      looks: [{ when: 'cooled', marks: { overall: 6 } }],
      seen:
        Math.abs(held) < 0.1
          ? []
          : [{ symptom: held < 0 ? 'tough' : 'crumbly', degree: Math.abs(held) < 0.32 ? 0.4 : 1 }],
    };
    return {
      id: `simulated-${seed}-${day}`,
      recipe: 'simulated',
      title: 'a simulated bake',
      notes,
      foretold: { minutes: { low: 45, central: CENTRAL, high: 55 }, ovenCelsius: 175, stretch: 1 },
      learntFactor: 1,
      kept: [],
      justRight: {},
      family,
      oven: 'simulated',
      tin,
      doneCelsius: null,
      thirstGrams: THIRST,
      flours: SIMULATED_FLOURS,
      binder: 0.7,
      imported: false,
    };
  };
  return { temper, bake };
}

/** What such a bake's time truly hangs on, as a factor. */
export const trueFactor = ({ oven, tins, families }: Temper, family: FamilyId, tin: string): number =>
  Math.exp(oven + (tins[tin] ?? 0) + (families[family] ?? 0));
