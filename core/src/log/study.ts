import type { Docket, DocketLine } from '../docket';
import { codesFrom, numbersFrom, shuffled } from '../statistics';
import { ALLERGENS, type Allergen } from '../vocabulary';

/** A part of a batch that is baked by itself. */
export interface StudyBatch {
  readonly name: string;
  /** Nothing is changed in it: the others are held against it. */
  readonly control: boolean;
  /** Says nothing of what it is: for tins, bags and cups. */
  readonly code: string;
  /** In which place it goes into the oven, from 1. */
  readonly place: number;
}

/** Egg that can't be parted by counting. */
export interface EggSplit {
  readonly name: string;
  /** Eggs that are beaten together, and what each batch gets of them, g. */
  readonly beaten: number;
  readonly gramsEach: number;
}

/** Two to four variants out of one batch. */
export interface Study {
  readonly batches: readonly StudyBatch[];
  /** Of the whole batch. */
  readonly share: number;
  /** What each batch is weighed out with before anything is changed. */
  readonly lines: readonly { readonly name: string; readonly grams: number }[];
  readonly eggs: readonly EggSplit[];
  readonly allergens: readonly Allergen[];
}

/** More variants of one batch are bakes of a few spoonfuls. */
const MOST = 4;
/** What kitchen scales tell, g: from this weight on whole grams, below it tenths. */
const WHOLE_FROM = 10;

/** Never more than there is for all. */
const weighed = (grams: number): number =>
  grams >= WHOLE_FROM ? Math.floor(grams) : Math.floor(grams * 10 + 1e-9) / 10;

const WHOLE_EGG = /^eggs?\b/;
const isEgg = ({ ingredient, count }: DocketLine): boolean =>
  (count?.n ?? 0) > 0 && ingredient !== null && WHOLE_EGG.test(ingredient);

/** What a docket's lines hold, for a label. */
export const allergensIn = ({ guard: { lines } }: Pick<Docket, 'guard'>): readonly Allergen[] =>
  ALLERGENS.filter((one) => lines.some(({ allergens }) => allergens.includes(one)));

/**
 * A study of one batch: as many alike parts as there are variants, one of them as it was, codes and the order in which they are baked
 * from a seed. Eggs that don't part by counting are beaten together and weighed. Throws RangeError but for one to three changes. Example:
 * two changes → thirds of a batch; of two eggs of 50 g each 33 g, out of both beaten.
 */
export function planStudy(docket: Docket, changes: readonly string[], seed: number): Study {
  const count = changes.length + 1;
  if (count < 2 || count > MOST) throw new RangeError(`A study has two to ${MOST} batches, not ${count}.`);
  const below = numbersFrom(seed);
  const places = shuffled(
    Array.from({ length: count }, (_, at) => at + 1),
    below,
  );
  const code = codesFrom(below);
  const lines = docket.parts.flatMap((part) => part.lines).filter(({ grams }) => (grams?.central ?? 0) > 0);
  return {
    batches: ['as before', ...changes].map((name, at) => ({
      name,
      control: at === 0,
      code: code(),
      place: places[at]!,
    })),
    share: 1 / count,
    lines: lines.map(({ name, grams }) => ({ name, grams: weighed(grams!.central / count) })),
    eggs: lines.flatMap((line): EggSplit[] => {
      if (!isEgg(line) || line.count!.n % count === 0) return [];
      const beaten = Math.ceil(line.count!.n);
      return [{ name: line.name, beaten, gramsEach: weighed(line.grams!.central / count) }];
    }),
    allergens: allergensIn(docket),
  };
}
