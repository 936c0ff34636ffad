import { INGREDIENTS, makeCatalogue } from '../../catalogue';
import { emptyNotes, type KeptFigure, type WeighedCup } from '../../kitchen';
import type { TastingDocument } from '../../taste';
import { bagDensities } from './bags';
import { tastedBakes } from './tasted';
import { loggedLoaf } from './testing';
import { learn, type LoggedBake, type Topic } from '.';

const RICE = { ingredient: 'brown-rice-flour', name: 'brown rice flour', share: 1, sd: 0.1 };
const bake = (
  id: number,
  more: Partial<LoggedBake> = {},
  notes: Partial<LoggedBake['notes']> = {},
): LoggedBake =>
  loggedLoaf(
    `b${id}`,
    `2027-02-${String(id + 10)}`,
    { minutes: 50, looks: [{ when: 'cooled', marks: { overall: 6 } }], ...notes },
    { flours: [RICE], ...more },
  );
const of = (bakes: readonly LoggedBake[], topic: Topic) =>
  learn(bakes).learnt.find((one) => one.topic === topic)!;
const kept = (topic: KeptFigure['topic'], about: string, value: number): KeptFigure => ({
  topic,
  of: about,
  value,
  bakes: 3,
  on: '2027-02-01',
});

describe('a figure that dockets count with already', () => {
  // A kitchen whose truth is the figure: whether it counts with it already or not, the same is learnt.
  it('of thirst is learnt no second time', () => {
    const dry = (counted: boolean) =>
      [1, 2, 3, 4].map((id) =>
        bake(id, counted ? { kept: [kept('thirst', 'brown-rice-flour', 290 / 260)], thirstGrams: 290 } : {}, {
          batter: { mixed: null, rested: 'right', spoonfuls: counted ? 0 : 2 },
        }),
      );
    expect(of(dry(true), 'thirst').posterior.middle).toBeCloseTo(
      of(dry(false), 'thirst').posterior.middle,
      2,
    );
    expect(of(dry(true), 'thirst').posterior.middle).toBeGreaterThan(1.05);
  });
  it('of doneness is learnt no second time', () => {
    const probed = (counted: boolean) =>
      [1, 2, 3].map((id) =>
        bake(id, counted ? { kept: [kept('done', 'loaf', 2)], doneCelsius: 99 } : {}, {
          measured: { ...emptyNotes('2027-01-01').measured, probeCelsius: 99 },
        }),
      );
    expect(of(probed(true), 'done').posterior).toEqual(of(probed(false), 'done').posterior);
    expect(of(probed(true), 'done').posterior.middle).toBeGreaterThan(1);
  });
  it('of a dose that was right with it stays', () => {
    const right = [1, 2, 3, 4, 5, 6].map((id) => bake(id, { kept: [kept('dose', 'loaf', 1.2)] }));
    expect(of(right, 'dose').posterior.middle).toBeGreaterThan(1.08);
    expect(
      of(
        [1, 2, 3].map((id) => bake(id)),
        'dose',
      ).posterior.middle,
    ).toBeCloseTo(1, 6);
  });
});

describe('what blind tasters say', () => {
  it('of a bake that was too sweet, wishes it less sweet; the more of them, the surer', () => {
    const few = of([bake(1, { justRight: { sweetness: [4, 5] } })], 'sweetness').posterior;
    const many = of([bake(1, { justRight: { sweetness: [4, 5, 4, 5, 4, 5, 4, 5] } })], 'sweetness').posterior;
    expect(few.middle).toBeLessThan(1);
    expect(many.middle).toBeLessThan(few.middle);
    expect(many.high - many.low).toBeLessThan(few.high - few.low);
  });
  it('that it is just right, moves nothing', () =>
    expect(
      of([bake(1, { justRight: { moistness: [3, 3, 2, 4] } })], 'moistness').posterior.middle,
    ).toBeCloseTo(1, 9));
  const taster = { id: 't1', person: null, name: 'A', gluten: null, grainFree: null, avoids: [] };
  const holds = { allergens: [], possible: [], gluten: 'free', grain: 'grain-free' } as const;
  const tasting = (part: Partial<TastingDocument> = {}): TastingDocument => ({
    schema: 1,
    name: 'sweet?',
    on: '2027-02-03',
    test: 'just-right',
    about: 'Sweetness',
    samples: [
      { id: 's1', name: 'one', bake: 'b1', holds },
      { id: 's2', name: 'two', bake: 'b2', holds },
    ],
    tasters: [taster],
    withdrawn: [],
    rounds: 1,
    coder: 'C',
    seed: 4,
    stage: 'closed',
    ballots: [],
    ...part,
  });
  it('is heard of closed tastings of sweetness or moistness alone', () => {
    expect([...tastedBakes([tasting()]).keys()]).toEqual(['b1', 'b2']);
    for (const part of [{ stage: 'tasting' }, { about: 'colour' }, { test: 'liking' }] as const)
      expect(tastedBakes([tasting(part)]).size).toBe(0);
  });
});

describe('a look that is none', () => {
  const crumbly = { seen: [{ symptom: 'crumbly' as const, degree: 1 }] };
  it('with every scale on nine is asked about, and learnt once somebody says so', () => {
    const nines = bake(
      1,
      {},
      { ...crumbly, looks: [{ when: 'cooled', marks: { rise: 9, crumb: 9, chew: 9, overall: 9 } }] },
    );
    const asked = of([nines], 'dose');
    expect(asked.taught).toEqual([]);
    expect(asked.refused[0]).toMatchObject({ ask: true, why: expect.stringContaining('9') as string });
    const taken = { forgotten: [], trusted: ['b1'], since: {} };
    expect(learn([nines], taken).learnt.find(({ topic }) => topic === 'dose')!.taught).toHaveLength(1);
    expect(
      of([bake(1, {}, { ...crumbly, looks: [{ when: 'cooled', marks: { overall: 9 } }] })], 'dose').taught,
    ).toHaveLength(1);
  });
  it('by a clock that was put back teaches no time; midnight is none', () => {
    const at = (...times: string[]) => ({ moments: times.map((one) => ({ at: one, what: 'looked' })) });
    expect(of([bake(1, {}, at('15:10', '14:20'))], 'time').refused[0]!.why).toContain('clock');
    expect(of([bake(1, {}, at('23:40', '00:30'))], 'time').taught).toHaveLength(1);
    expect(of([bake(1, {}, at('14:20', '15:10'))], 'time').taught).toHaveLength(1);
  });
});

describe('a bag that was weighed', () => {
  const catalogue = makeCatalogue(INGREDIENTS);
  const cup = (id: string, cupGrams: number, bag = 'stone mill'): WeighedCup => ({
    id,
    ingredient: 'brown-rice-flour',
    bag,
    cupGrams,
    on: '2027-02-01',
    inUse: true,
  });
  it('leans from the table to what was weighed, the more often the more', () => {
    const [once] = bagDensities([cup('a', 140)], catalogue);
    const [twice] = bagDensities([cup('a', 140), cup('b', 140)], catalogue);
    const off = (one: typeof once) => Math.abs(one!.posterior.middle - 140);
    expect(off(once)).toBeLessThan(Math.abs(once!.prior.middle - 140));
    expect(off(twice)).toBeLessThan(off(once));
    expect(twice!.taught).toHaveLength(2);
  });
  it('is one of each, and none of what has no cup', () => {
    expect(bagDensities([cup('a', 140), cup('b', 150, 'another')], catalogue)).toHaveLength(2);
    expect(bagDensities([{ ...cup('a', 140), ingredient: 'nothing-such' }], catalogue)).toEqual([]);
  });
});
