import { getIngredient, type Catalogue } from '../catalogue';
import type { FlourClass } from '../vocabulary';
import { mix, traitsOf } from './properties';
import { PROPERTIES, type Property, type PropertyVector } from './vector';
import type { BlendQuestion } from './question';
import type { Solution } from './solve';
import type { Relaxation } from './relax';
import type { Cap, Clash, Gave, Held, LetGo } from './says';

export interface BlendShare {
  readonly ingredient: string;
  readonly share: number;
}

/** A share with what a person calls the flour, and the class that its pattern shows. */
export interface BlendPart extends BlendShare {
  readonly name: string;
  readonly class: FlourClass;
}

export interface Blend {
  readonly shares: readonly BlendPart[];
  readonly properties: PropertyVector;
  /** Deviation from the target by property, in the property's own unit. */
  readonly deviations: Readonly<Partial<Record<Property, number>>>;
  /** Limits that hold it where it is. */
  readonly binding: readonly Held[];
  /** Limits that had to give. */
  readonly relaxed: readonly Gave[];
}

export type BlendOutcome =
  | {
      readonly kind: 'blends';
      readonly blends: readonly Blend[];
      readonly target: PropertyVector;
      /** Where limits had to give: the smallest sets of wishes without which they hold. */
      readonly ways: readonly Relaxation[];
    }
  | {
      readonly kind: 'infeasible';
      readonly reasons: readonly Clash[];
      readonly relax: readonly LetGo[];
      readonly ways: readonly Relaxation[];
    };

const PERCENT = 100;
const NEAR_LIMIT = 0.006;

export const partOf = (ingredient: string, share: number, catalogue: Catalogue): BlendPart => ({
  ingredient,
  name: getIngredient(catalogue, ingredient).name,
  class: traitsOf(ingredient, catalogue).class,
  share,
});

/** Shares in whole percent that sum to 100: each point over goes where the most is missing, as long as a bag holds it. */
function wholePercents(
  { flours, shares }: Solution,
  caps: BlendQuestion['caps'],
  catalogue: Catalogue,
): BlendPart[] {
  const rows = flours.map((ingredient, at) => {
    const exact = shares[at]! * PERCENT;
    return { ingredient, exact, percent: Math.floor(exact + 1e-6) };
  });
  const isFull = ({ ingredient, percent }: (typeof rows)[number]) =>
    percent + 1 > (caps[ingredient] ?? 1) * PERCENT + 1e-6;
  for (let sum = rows.reduce((total, { percent }) => total + percent, 0); sum < PERCENT; sum += 1) {
    const [next] = [...rows].sort(
      (a, b) =>
        Number(isFull(a)) - Number(isFull(b)) ||
        b.exact - b.percent - (a.exact - a.percent) ||
        (a.ingredient < b.ingredient ? -1 : 1),
    );
    next!.percent += 1;
  }
  return rows
    .map(({ ingredient, percent }) => partOf(ingredient, percent / PERCENT, catalogue))
    .sort((a, b) => b.share - a.share || (a.ingredient < b.ingredient ? -1 : 1));
}

export const sharesRecord = (shares: readonly BlendShare[]): Record<string, number> =>
  Object.fromEntries(shares.map(({ ingredient, share }) => [ingredient, share]));

/** A blend as it stands against what is wanted. */
export function blendOf(
  shares: readonly BlendPart[],
  target: PropertyVector,
  notes: Pick<Blend, 'binding' | 'relaxed'>,
  catalogue: Catalogue,
): Blend {
  const properties = mix(sharesRecord(shares), catalogue);
  const deviations = Object.fromEntries(
    PROPERTIES.map((property) => [property, properties[property] - target[property]]),
  );
  return { shares, properties, deviations, ...notes };
}

/** A solved blend in whole percents, with the limits that bind it. */
export function toBlend(
  solution: Solution,
  question: BlendQuestion,
  whyCap: Readonly<Record<string, Cap>>,
  relaxed: readonly Gave[],
  catalogue: Catalogue,
): Blend {
  const shares = wholePercents(solution, question.caps, catalogue);
  const at = (limit: number, share: number) => Math.abs(limit - share) < NEAR_LIMIT;
  const caps = shares
    .filter(({ ingredient, share }) => at(question.caps[ingredient] ?? 1, share))
    .map(({ name, ingredient, share }): Held => ({
      code: 'at-its-most',
      values: {
        name,
        percent: Math.round(share * PERCENT),
        why: whyCap[ingredient] ?? { code: 'all-of-it', values: {} },
      },
    }));
  const groups = question.groups
    .filter(({ members, most }) =>
      at(
        most,
        shares
          .filter(({ ingredient }) => members.includes(ingredient))
          .reduce((sum, { share }) => sum + share, 0),
      ),
    )
    .map(({ name, most }): Held => ({
      code: 'group-at-most',
      values: { group: name, percent: Math.round(most * PERCENT) },
    }));
  return blendOf(shares, question.target, { binding: [...caps, ...groups], relaxed }, catalogue);
}
