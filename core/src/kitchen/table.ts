import type { Avoidance, Strictness } from '../vocabulary';
import { AVOIDANCES, STRICTNESSES } from '../vocabulary';
import type { ConversionRequest, Seat } from './documents';
import type { Person } from './household';
import type { Avoided, Needs } from './needs';
import type { Kitchen } from './kitchen';

const stricter = (a: Strictness, b: Strictness): Strictness =>
  STRICTNESSES.indexOf(a) <= STRICTNESSES.indexOf(b) ? a : b;

const stricterOf = <T>(a: T | null, b: T | null, both: (a: T, b: T) => T): T | null =>
  a === null ? b : b === null ? a : both(a, b);

const HOW_STRICT = ['label', 'preference'] as const;
const bothAvoid = (a: readonly Avoided[], b: readonly Avoided[]): Avoided[] =>
  AVOIDANCES.flatMap((what): Avoided[] => {
    const hows = [...a, ...b].filter((one) => one.what === what).map(({ how }) => how);
    const how = HOW_STRICT.find((one) => hows.includes(one));
    return how ? [{ what, how }] : [];
  });

/** What keeps both from harm: the stricter of two people's needs, thing by thing. */
export const strictestNeeds = (a: Needs, b: Needs): Needs => ({
  gluten: stricterOf(a.gluten, b.gluten, stricter),
  grainFree: stricterOf(a.grainFree, b.grainFree, (one, other) => ({
    pseudocereals: one.pseudocereals && other.pseudocereals,
    derived: one.derived && other.derived,
  })),
  avoids: bothAvoid(a.avoids, b.avoids),
});

const needsOf = ({ gluten, grainFree, avoids }: Needs): Needs => ({ gluten, grainFree, avoids });

/** A seat for a person, with a copy of what they avoid today. */
export const seatFor = (person: Person): Seat => ({ id: person.id, ...needsOf(person) });

/** True where the needs ask for nothing that the others don't ask for. */
export const coveredBy = (needs: Needs, others: Needs): boolean => {
  const plain = (one: Needs) => JSON.stringify(strictestNeeds(one, one));
  return plain(strictestNeeds(needs, others)) === plain(others);
};

/** Somebody at a table, as the guard keeps them: the copy of the seat and the household's word, whichever is stricter. */
export interface Guest extends Needs {
  readonly id: string | null;
  /** Empty where they have none, or are no longer in the household's list. */
  readonly name: string;
  /** The household no longer has them, or has them looser than they are guarded here. */
  readonly kept: 'gone' | 'looser' | null;
}

/** Who sits at a table, in the order of its seats. */
export const guestsAt = (
  { seats }: Pick<ConversionRequest, 'seats'>,
  { people }: Pick<Kitchen, 'people'>,
): readonly Guest[] =>
  seats.map((seat): Guest => {
    const person = people.find(({ id }) => id === seat.id);
    if (!person) return { id: seat.id, name: '', ...needsOf(seat), kept: 'gone' };
    const needs = strictestNeeds(seat, person);
    return { id: person.id, name: person.name, ...needs, kept: coveredBy(needs, person) ? null : 'looser' };
  });

/**
 * A request for everybody at its table: the strictest of what is asked by hand and of what each person avoids. A grain-free
 * person makes the bake grain-free, and eats a switch's goods only where all grain-free people do. Laid over twice
 * it is the same as once.
 */
export function forTable(request: ConversionRequest, kitchen: Pick<Kitchen, 'people'>): ConversionRequest {
  const guests = guestsAt(request, kitchen);
  const grainFree = guests.flatMap((one) => (one.grainFree ? [one.grainFree] : []));
  const avoids = guests.flatMap((one) => one.avoids);
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
    gluten: guests.reduce((sum, { gluten }) => (gluten ? stricter(sum, gluten) : sum), request.gluten),
    pseudocereals: grain.every((one) => one.pseudocereals) && grain.length > 0,
    grainDerived: grain.every((one) => one.derived) && grain.length > 0,
  };
}
