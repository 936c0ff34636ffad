import fc from 'fast-check';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST, emptyNotes, type BakeNotes } from '../../kitchen';
import { runs } from '../../testing';
import { docketOf } from '../../testingDockets';
import { FAMILIES, SYMPTOMS, type SymptomId } from '../../vocabulary';
import { oneChange } from '../change';
import {
  CAUSE_IDS,
  cheapestTest,
  diagnose,
  expectedOf,
  factsOf,
  NOTHING_KNOWN,
  readChange,
  readSeen,
  type Facts,
} from '.';
import { GATES } from './gates';

const level = fc.constantFrom(-1 as const, 0 as const, 1 as const, null);
const maybe = (most: number) => fc.option(fc.double({ min: 0, max: most, noNaN: true }));
const anyFacts: fc.Arbitrary<Facts> = fc
  .record({
    family: fc.constantFrom(...FAMILIES),
    gum: maybe(5),
    egg: maybe(200),
    fat: maybe(150),
    sugar: maybe(200),
    drink: level,
    lift: level,
    soda: maybe(3),
    restMinutes: maybe(120),
    chillHours: maybe(24),
    ovenOff: fc.option(fc.integer({ min: -60, max: 60 })),
    fill: maybe(1),
    timed: fc.option(fc.double({ min: 0.4, max: 2, noNaN: true })),
    inner: maybe(105),
    cutWarm: fc.option(fc.boolean()),
  })
  .map((some) => ({ ...NOTHING_KNOWN, ...some }));
const anySeen = fc
  .uniqueArray(fc.constantFrom(...SYMPTOMS), { minLength: 1, maxLength: 5 })
  .map((ids) => readSeen(ids));

describe('a diagnosis', () => {
  it('never names what the facts rule out, whatever was seen', () =>
    fc.assert(
      fc.property(anyFacts, anySeen, (facts, seen) => {
        const { causes, ruledOut } = diagnose(facts, seen);
        const out = new Set(ruledOut.map(({ id }) => id));
        expect(causes.filter(({ id }) => out.has(id))).toEqual([]);
        for (const { id } of causes) expect(GATES[id](facts).weight).toBeGreaterThan(-4.5);
      }),
      runs(2201),
    ));
  it('is the same in whatever order things were seen, and shares out no more than one', () =>
    fc.assert(
      fc.property(anyFacts, anySeen, (facts, words) => {
        const { causes } = diagnose(facts, words);
        const turned = diagnose(facts, { ...words, seen: [...words.seen].reverse() });
        expect(turned.causes.map(({ id }) => id)).toEqual(causes.map(({ id }) => id));
        const shares = causes.map(({ likelihood }) => likelihood);
        expect(shares).toEqual([...shares].sort((a, b) => b - a));
        expect(shares.reduce((sum, one) => sum + one, 0)).toBeLessThanOrEqual(1 + 1e-9);
      }),
      runs(2202),
    ));
  it('takes a kitchen’s own word for how strongly something speaks', () => {
    const facts = { ...NOTHING_KNOWN, family: 'loaf' as const };
    const seen = readSeen(['crumbly']);
    const of = (by: number) =>
      diagnose(facts, seen, { 'over-baked': { crumbly: by } }).causes.find(({ id }) => id === 'over-baked')
        ?.likelihood ?? 0;
    expect(of(3)).toBeGreaterThan(of(1));
    expect(of(1)).toBeGreaterThan(of(-3));
  });
  it('says that nothing was seen where nothing was, and doesn’t make something up', () => {
    const { verdict, because } = diagnose({ ...NOTHING_KNOWN, family: 'loaf' }, readSeen([]));
    expect(verdict).toBe('within-taste');
    expect(because).toMatch(/Nothing was seen/);
  });
  it('of contradictory signs names nothing as certain', () => {
    const { causes, verdict } = diagnose(
      { ...NOTHING_KNOWN, family: 'loaf' },
      readSeen(['dry', 'wet', 'pale', 'dark', 'spread', 'no-spread']),
    );
    expect(verdict === 'cannot-tell' || causes[0]!.likelihood < 0.5).toBe(true);
  });
  it('has a cheapest test of the first two, and every cause one', () => {
    const { causes } = diagnose({ ...NOTHING_KNOWN, family: 'loaf' }, readSeen(['gummy']));
    expect(causes.slice(0, 2).map(({ id }) => id)).toContain(cheapestTest(causes)!.of);
    expect(cheapestTest([])).toBeNull();
  });
});

describe('what somebody says that they saw', () => {
  it.each<[words: string, seen: SymptomId[], degree: number]>([
    ['gummy line at the bottom', ['wet-line'], 1],
    ['sank a little in the middle', ['sunk'], 0.4],
    ['Domed and cracked on top', ['domed-cracked'], 1],
    ['tastes of soda', ['soapy'], 1],
    ['ran into each other', ['lost-shape'], 1],
    ['did not rise', ['no-rise'], 1],
    ['stuck to the knife', ['gummy'], 1],
  ])('“%s”', (words, seen, degree) =>
    expect(readSeen([words]).seen).toEqual(seen.map((symptom) => ({ symptom, degree }))),
  );
  it('is taken for praise, or left as it is', () => {
    expect(readSeen(['moist and good'])).toMatchObject({ seen: [], praised: true });
    expect(readSeen(['zorbelit'])).toMatchObject({ seen: [], unknown: ['zorbelit'] });
  });
});

describe('a change in words', () => {
  it.each([
    ['oven down from 200 to 185 C, same minutes', [{ kind: 'oven', by: -1 }]],
    ['milk up from 77 g to 100 g per 100 g flour', [{ kind: 'liquid', by: 1 }]],
    ['baked 35 min, not 29', [{ kind: 'minutes', by: 1 }]],
    ['all the white sugar replaced by brown sugar', [{ kind: 'brown-sugar', by: 1 }]],
    ['not chilled', [{ kind: 'chill', by: -1 }]],
    [
      'buttermilk replaced by milk',
      [
        { kind: 'liquid', by: 1 },
        { kind: 'acid', by: -1 },
      ],
    ],
    ['a new spoon', []],
  ])('“%s”', (words, changes) => expect(readChange(words)).toEqual(changes));
  it('undone does the opposite', () => {
    for (const by of [1, -1] as const) {
      const there = expectedOf([{ kind: 'chill', by }], 'drop-cookie');
      const back = expectedOf([{ kind: 'chill', by: by === 1 ? -1 : 1 }], 'drop-cookie');
      for (const [aspect, direction] of Object.entries(there))
        expect(back[aspect as keyof typeof back]).toBe(
          direction === null ? null : direction === 0 ? 0 : -direction,
        );
    }
  });
});

const CAKE =
  'Plain cake\n250 g plain flour\n2 tsp baking powder\n180 g butter\n200 g caster sugar\n3 medium eggs\n150 ml milk\nMethod\nCream the butter and sugar. Beat in the eggs. Fold in the flour and baking powder with the milk.\nBake in a 20 cm round tin at 175°C for 30 to 35 minutes.';
const docket = docketOf(CAKE);
const notes = (part: Partial<BakeNotes>): BakeNotes => ({
  ...emptyNotes('2027-06-19'),
  ovenCelsius: 175,
  ...part,
});
const measured = emptyNotes('').measured;

describe('a logged bake', () => {
  it('in a cool oven, pale, was too cold; by the thermometer in the oven', () => {
    const facts = factsOf(
      {
        docket,
        notes: notes({ minutes: docket.bake.minutes!.central, measured: { ...measured, trueCelsius: 150 } }),
      },
      BUILT_IN_KITCHEN,
    );
    const { causes } = diagnose(facts, readSeen(['pale', 'flat']));
    expect(causes[0]).toMatchObject({ id: 'too-cold' });
    expect(causes[0]!.for.join(' ')).toMatch(/25 °C below the dial/);
  });
  it('of a batter that was too thin was too wet, and the change is computed by the engine', () => {
    const facts = factsOf(
      { docket, notes: notes({ batter: { mixed: 'too thin', rested: null, spoonfuls: null } }) },
      BUILT_IN_KITCHEN,
    );
    const { causes } = diagnose(facts, readSeen(['gummy', 'wet-line']));
    expect(causes[0]!.id).toBe('too-wet');
    const change = oneChange('too-wet', facts, docket, EMPTY_REQUEST);
    const then = docketOf(CAKE, change.request!);
    const milk = (of: typeof docket) =>
      of.parts[0]!.lines.find(({ name }) => /milk/.test(name))!.grams!.central;
    expect(milk(then)).toBeLessThan(milk(docket));
  });
  it('as the page has it says nothing of a blend that wasn’t in it', () => {
    const facts = factsOf({ docket, notes: notes({ asWritten: true }) }, BUILT_IN_KITCHEN);
    expect(facts).toMatchObject({ gum: null, drink: null, egg: null });
  });
  it('has a change for every cause, of the formula or of the bake, and it never asks for nothing', () => {
    const facts = factsOf({ docket, notes: notes({}) }, BUILT_IN_KITCHEN);
    for (const cause of CAUSE_IDS) {
      const change = oneChange(cause, facts, docket, EMPTY_REQUEST);
      expect(change.words).not.toBe('');
      if (change.request?.tilt) expect(change.request.tilt).not.toEqual(EMPTY_REQUEST.tilt);
    }
  });
});
