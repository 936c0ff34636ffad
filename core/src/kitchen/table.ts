import type { Avoidance, Strictness } from '../vocabulary';
import { AVOIDANCES, STRICTNESSES } from '../vocabulary';
import type { ConversionRequest } from './documents';
import type { Person } from './household';
import type { Kitchen } from './kitchen';

const stricter = (a: Strictness, b: Strictness): Strictness =>
  STRICTNESSES.indexOf(a) <= STRICTNESSES.indexOf(b) ? a : b;

/** The people of a request that the household still knows, in the household's order. */
export const peopleAt = (
  { people }: Pick<ConversionRequest, 'people'>,
  kitchen: Kitchen,
): readonly Person[] => kitchen.people.filter(({ id }) => people.includes(id));

/**
 * A request for everybody at its table: the strictest of what is asked by hand and of what each person avoids. A grain-free
 * person makes the bake grain-free, and eats a switch's goods only where all grain-free people do. Laid over twice
 * it is the same as once.
 */
export function forTable(request: ConversionRequest, kitchen: Kitchen): ConversionRequest {
  const people = peopleAt(request, kitchen);
  const grainFree = people.flatMap((one) => (one.grainFree ? [one.grainFree] : []));
  const avoids = people.flatMap((one) => one.avoids);
  const out = new Set<Avoidance>([...request.without, ...avoids.map(({ what }) => what)]);
  const strict = new Set<Avoidance>([
    ...request.without.filter((one) => !request.mild.includes(one)),
    ...avoids.filter(({ how }) => how === 'label').map(({ what }) => what),
  ]);
  const ownGrain =
    request.diet === 'grain-free'
      ? [{ pseudocereals: request.pseudocereals, derived: request.grainDerived }]
      : [];
  const grain = [...ownGrain, ...grainFree];
  return {
    ...request,
    diet: grain.length > 0 ? 'grain-free' : request.diet,
    without: AVOIDANCES.filter((one) => out.has(one)),
    mild: AVOIDANCES.filter((one) => out.has(one) && !strict.has(one)),
    gluten: people.reduce((sum, { gluten }) => (gluten ? stricter(sum, gluten) : sum), request.gluten),
    pseudocereals: grain.every((one) => one.pseudocereals) && grain.length > 0,
    grainDerived: grain.every((one) => one.derived) && grain.length > 0,
  };
}
