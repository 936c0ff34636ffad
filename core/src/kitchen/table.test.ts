import fc from 'fast-check';
import { AVOIDANCES, STRICTNESSES } from '../vocabulary';
import { runs } from '../testing';
import {
  BUILT_IN_KITCHEN,
  EMPTY_REQUEST,
  coveredBy,
  forTable,
  guestsAt,
  seatFor,
  strictestNeeds,
  type Needs,
  type Person,
} from '.';

const needs: fc.Arbitrary<Needs> = fc.record({
  gluten: fc.option(fc.constantFrom(...STRICTNESSES)),
  grainFree: fc.option(fc.record({ pseudocereals: fc.boolean(), derived: fc.boolean() })),
  avoids: fc.uniqueArray(
    fc.record({
      what: fc.constantFrom(...AVOIDANCES),
      how: fc.constantFrom('label' as const, 'preference' as const),
    }),
    { selector: ({ what }) => what },
  ),
});
const person = (id: string, own: Needs): Person => ({ id, name: id, ...own });
const table = (seats: readonly Person[], people: readonly Person[]) =>
  forTable(
    { ...EMPTY_REQUEST, gluten: 'preference', seats: seats.map(seatFor) },
    { ...BUILT_IN_KITCHEN, people },
  );

describe('what a recipe was guarded for', () => {
  it('stays guarded when the person is taken away, or loosened, whatever they avoid', () =>
    fc.assert(
      fc.property(needs, needs, (was, now) => {
        const [before, after] = [person('a', was), person('a', now)];
        const asked = table([before], [before]);
        expect(table([before], [])).toEqual(asked);
        const later = table([before], [after]);
        for (const what of asked.without) expect(later.without).toContain(what);
        for (const what of later.mild)
          expect(asked.without.includes(what) && !asked.mild.includes(what)).toBe(false);
        expect(STRICTNESSES.indexOf(later.gluten)).toBeLessThanOrEqual(STRICTNESSES.indexOf(asked.gluten));
        if (asked.diet === 'grain-free') expect(later.diet).toBe('grain-free');
      }),
      runs(61),
    ));
  it('follows a person who has become stricter', () => {
    const before = person('a', { gluten: 'label', grainFree: null, avoids: [] });
    const after: Person = { ...before, gluten: 'certified', avoids: [{ what: 'egg', how: 'label' }] };
    expect(table([before], [after])).toMatchObject({ gluten: 'certified', without: ['egg'] });
    expect(guestsAt({ seats: [seatFor(before)] }, { people: [after] })[0]!.kept).toBeNull();
  });
  it('says who is gone and who is looser by now, and whose name is no longer known', () => {
    const strict = person('a', { gluten: 'certified', grainFree: null, avoids: [] });
    const seats = [seatFor(strict)];
    expect(guestsAt({ seats }, { people: [] })[0]).toMatchObject({
      kept: 'gone',
      name: '',
      gluten: 'certified',
    });
    expect(guestsAt({ seats }, { people: [{ ...strict, gluten: null }] })[0]).toMatchObject({
      kept: 'looser',
      name: 'a',
    });
  });
  it('is the stricter of two, whichever comes first, and covers both', () =>
    fc.assert(
      fc.property(needs, needs, (a, b) => {
        const both = strictestNeeds(a, b);
        expect(strictestNeeds(b, a)).toEqual(both);
        expect(coveredBy(a, both) && coveredBy(b, both)).toBe(true);
      }),
      runs(62),
    ));
});
