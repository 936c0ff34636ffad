import fc from 'fast-check';
import { convert } from '../docket';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '../kitchen';
import { readText, runs } from '../testing';
import {
  clashesOf,
  fromTastingCsv,
  holdsAsWritten,
  holdsOf,
  openTrays,
  reachOf,
  refusalOf,
  resultOf,
  rightOf,
  toTastingCsv,
  traysOf,
  withBallot,
  type Answer,
  type Ballot,
  type Holds,
  type Sample,
  type Taster,
  type TasteTest,
  type TastingDocument,
  type Tray,
} from '.';

const holds = (part: Partial<Holds> = {}): Holds => ({
  allergens: ['egg'],
  possible: [],
  gluten: 'free',
  grain: 'grain',
  ...part,
});
const sample = (name: string, part: Partial<Holds> = {}): Sample => ({
  id: name,
  name,
  bake: name,
  holds: holds(part),
});
const taster = (name: string, part: Partial<Taster> = {}): Taster => ({
  id: name,
  person: null,
  name,
  gluten: null,
  grainFree: null,
  avoids: [],
  ...part,
});
const PEOPLE = ['Orla', 'Tam', 'Ines', 'Bo', 'Kit', 'Mina', 'Ugo', 'Pia'];
const tasting = (test: TasteTest, samples: number, tasters: number, part: Partial<TastingDocument> = {}) =>
  ({
    schema: 1,
    name: 'the tea',
    on: '2027-06-19',
    test,
    about: '',
    samples: ['plain', 'sweeter', 'wetter', 'nutty'].slice(0, samples).map((name) => sample(name)),
    tasters: PEOPLE.slice(0, tasters).map((name) => taster(name)),
    withdrawn: [],
    rounds: 1,
    coder: 'Rui',
    seed: 4711,
    stage: 'tasting',
    ballots: [],
    ...part,
  }) satisfies TastingDocument;

const codesOf = ({ cups }: Tray) => cups.filter(({ reference }) => !reference).map(({ code }) => code);
const ballot = (tray: Tray, answer: Answer): Ballot => ({
  id: `${tray.taster}-${tray.round}`,
  taster: tray.taster,
  round: tray.round,
  at: 0,
  answer,
  words: '',
});
/** Everybody answers by a rule, in turn. */
function answered(one: TastingDocument, by: (tray: Tray, at: number) => Answer): TastingDocument {
  return traysOf(one).reduce<TastingDocument>((now, tray, at) => {
    const next = withBallot(now, ballot(tray, by(tray, at)));
    if (typeof next === 'string') throw new Error(next);
    return next;
  }, one);
}
const odd = ({ cups }: Tray) =>
  cups.find(({ sample: own }) => cups.filter((cup) => cup.sample === own).length === 1)!.code;
const likes = (tray: Tray, of: (sample: number) => number) => ({
  kind: 'liking' as const,
  marks: Object.fromEntries(tray.cups.map(({ code, sample: own }) => [code, of(own)])),
});

const people = (count: number) => Array.from({ length: count }, (_, at) => taster(`Guest ${at + 1}`));

describe('who may taste what', () => {
  it('is checked of everybody against everything', () => {
    const clashes = clashesOf(
      [
        taster('Ines', { avoids: [{ what: 'milk', how: 'label' }] }),
        taster('Tam', { gluten: 'certified' }),
        taster('Bo', { grainFree: { pseudocereals: true, derived: true } }),
        taster('Kit'),
      ],
      [sample('plain', { allergens: ['milk'], gluten: 'contains' }), sample('other', { possible: ['milk'] })],
    );
    expect(clashes.map((one) => [one.taster.name, one.sample.name, one.what, one.certain])).toEqual([
      ['Ines', 'plain', 'milk', true],
      ['Ines', 'other', 'milk', false],
      ['Tam', 'plain', 'gluten', true],
      ['Bo', 'plain', 'grain', true],
      ['Bo', 'other', 'grain', true],
    ]);
  });
  it('asks where a bake doesn’t say whether what somebody avoids is in it', () => {
    const [clash] = clashesOf(
      [taster('Ida', { avoids: [{ what: 'gums', how: 'label' }] })],
      [sample('plain')],
    );
    expect(clash).toMatchObject({ what: 'gums', certain: false });
  });
});

describe('what a bake holds', () => {
  const made = convert(
    readText(
      'Plain cake\n250 g plain flour\n180 g butter\n200 g caster sugar\n3 medium eggs\nMethod\nCream the butter and sugar. Beat in the eggs. Fold in the flour.\nBake in a 20 cm round tin at 175°C for 30 minutes.',
    ),
    { ...EMPTY_REQUEST, without: ['milk'] },
    BUILT_IN_KITCHEN,
  );
  if (made.outcome !== 'docket') throw new Error('no docket');
  const { docket } = made;
  it('is the worst of its lines, and nothing that its docket kept out', () => {
    const own = holdsOf(docket);
    expect(own.allergens).toContain('egg');
    expect(own.allergens).not.toContain('milk');
    expect(own.gluten).not.toBe('contains');
  });
  it('has corn, gums and nightshades by name, and those who avoid them are told for certain', () => {
    const own = holdsOf(docket);
    expect(own.others!.has).toContain('gums');
    expect([...own.others!.has, ...own.others!.maybe]).not.toContain('oats');
    const avoiding = (what: 'gums' | 'oats') => taster('Ida', { avoids: [{ what, how: 'label' }] });
    const against = (what: 'gums' | 'oats') =>
      clashesOf([avoiding(what)], [{ ...sample('plain'), holds: own }]).map(({ certain }) => certain);
    expect(against('gums')).toEqual([true]);
    expect(against('oats')).toEqual([]);
  });
  it('is asked about by everybody where a line could not be placed', () => {
    const odd = convert(
      readText(
        'Plain cake\n250 g plain flour\n180 g butter\n200 g caster sugar\n3 medium eggs\n30 g zorbelit',
      ),
      EMPTY_REQUEST,
      BUILT_IN_KITCHEN,
    );
    if (odd.outcome !== 'docket') throw new Error('no docket');
    const clashes = clashesOf(
      [taster('Tam', { gluten: 'label' }), taster('Ines', { avoids: [{ what: 'tree nuts', how: 'label' }] })],
      [{ ...sample('odd'), holds: holdsOf(odd.docket) }],
    );
    expect(clashes.map(({ what, certain }) => [what, certain])).toEqual([
      ['gluten', false],
      ['tree nuts', false],
    ]);
  });
  it('as the page has it is wheat for certain, and of all else nobody has looked', () => {
    const own = holdsAsWritten(docket);
    expect(own).toMatchObject({ gluten: 'contains', grain: 'grain' });
    expect(own.allergens).toEqual(expect.arrayContaining(['wheat', 'egg']));
    expect(own.possible).toEqual(expect.arrayContaining(['milk', 'tree nuts', 'sesame']));
    const clashes = clashesOf(
      [taster('Tam', { gluten: 'label' }), taster('Ines', { avoids: [{ what: 'milk', how: 'label' }] })],
      [{ ...sample('plain'), holds: own }],
    );
    expect(clashes.map(({ what, certain }) => [what, certain])).toEqual([
      ['gluten', true],
      ['milk', false],
    ]);
  });
});

const some = fc.record({
  test: fc.constantFrom<TasteTest>('triangle', 'duo-trio', 'paired', 'ranking', 'liking'),
  tasters: fc.integer({ min: 1, max: 8 }),
  seed: fc.integer({ min: 0, max: 1_000_000 }),
});
const samplesFor = (test: TasteTest) => (test === 'ranking' || test === 'liking' ? 4 : 2);

describe('codes and orders', () => {
  it('are of three digits, none twice, and the same for the same seed', () =>
    fc.assert(
      fc.property(some, ({ test, tasters, seed }) => {
        const one = tasting(test, samplesFor(test), tasters, { seed });
        const codes = traysOf(one).flatMap(codesOf);
        expect(new Set(codes).size).toBe(codes.length);
        for (const code of codes) expect(code).toMatch(/^[1-9]\d\d$/);
        expect(traysOf(one)).toEqual(traysOf(JSON.parse(JSON.stringify(one)) as TastingDocument));
      }),
      runs(301),
    ));
  it('serve each sample in each place equally often, as far as the panel’s number lets them', () => {
    const first = (one: TastingDocument) => traysOf(one).map(({ cups }) => cups[0]!.sample);
    expect(first(tasting('triangle', 2, 6)).filter((own) => own === 0)).toHaveLength(3);
    expect(first(tasting('paired', 2, 8)).filter((own) => own === 0)).toHaveLength(4);
    const places = traysOf(tasting('liking', 4, 8)).map(({ cups }) => cups.map((cup) => cup.sample));
    for (let place = 0; place < 4; place += 1)
      for (let own = 0; own < 4; own += 1)
        expect(places.filter((order) => order[place] === own)).toHaveLength(2);
  });
  it('stay as they were for the others when somebody goes', () => {
    const one = tasting('liking', 3, 4);
    const without = { ...one, withdrawn: ['Tam'] };
    expect(traysOf(without)).toEqual(traysOf(one));
    expect(openTrays(without).map((tray) => tray.taster)).not.toContain('Tam');
  });
});

describe('a ballot', () => {
  const one = tasting('liking', 2, 2);
  const [tray, other] = traysOf(one) as [Tray, Tray];
  const good = ballot(
    tray,
    likes(tray, () => 6),
  );
  it.each([
    ['after the end', { ...one, stage: 'closed' as const }, good, 'closed'],
    ['before the beginning', { ...one, stage: 'set up' as const }, good, 'not set up'],
    ['a second time', { ...one, ballots: [good] }, { ...good, id: 'again' }, 'twice'],
    ['of nobody', one, { ...good, taster: 'Zed' }, 'nobody'],
    ['of somebody who went', { ...one, withdrawn: [tray.taster] }, good, 'nobody'],
    [
      'with another’s codes',
      one,
      ballot(
        tray,
        likes(other, () => 6),
      ),
      'other codes',
    ],
    [
      'with a mark of ten',
      one,
      ballot(
        tray,
        likes(tray, () => 10),
      ),
      'out of range',
    ],
    [
      'with two same codes',
      one,
      ballot(tray, { kind: 'order', groups: [[tray.cups[0]!.code, tray.cups[0]!.code]] }),
      'other codes',
    ],
  ])('%s is refused', (_, now, given, why) => expect(refusalOf(now, given)).toBe(why));
  it('that is sent again after a lost answer changes nothing', () => {
    const once = withBallot(one, good) as TastingDocument;
    expect(withBallot(once, good)).toBe(once);
  });
});

describe('the result', () => {
  it('of a triangle where all are right is a third to the power of them', () => {
    const result = resultOf(
      answered(tasting('triangle', 2, 3), (tray) => ({ kind: 'pick', code: odd(tray) })),
    );
    expect(result).toMatchObject({ kind: 'difference', right: 3, answers: 3, needed: 3 });
    expect((result as { p: number }).p).toBeCloseTo(1 / 27, 12);
  });
  it('of duo-trio counts who found the one like the reference', () => {
    const result = resultOf(
      answered(tasting('duo-trio', 2, 4), (tray, at) => {
        const like = tray.cups[0]!.sample;
        const wanted = tray.cups.slice(1).find((cup) => (cup.sample === like) === (at !== 0))!;
        return { kind: 'pick', code: wanted.code };
      }),
    );
    expect(result).toMatchObject({ right: 3, answers: 4 });
  });
  it('of a pair is who was preferred, whatever place it stood in', () => {
    const result = resultOf(
      answered(tasting('paired', 2, 8), (tray, at) => ({
        kind: 'more',
        code: at === 7 ? null : tray.cups.find(({ sample: own }) => own === 1)!.code,
      })),
    );
    expect(result).toMatchObject({ kind: 'paired', first: 0, second: 7, undecided: 1 });
    // More than the one in twenty that such odds sound like.
    expect((result as { wrongIfLooked: number }).wrongIfLooked).toBeGreaterThan(0.05);
    expect((result as { p: number }).p).toBeCloseTo(2 / 128, 12);
    expect((result as { secondMore: number }).secondMore).toBeGreaterThan(0.95);
  });
  it('of a ranking is the same whatever the orders were', () => {
    const of = (seed: number) =>
      resultOf(
        answered(tasting('ranking', 3, 3, { seed }), (tray) => ({
          kind: 'order',
          groups: [0, 1, 2].map((own) => [tray.cups.find((cup) => cup.sample === own)!.code]),
        })),
      );
    expect(of(1)).toEqual(of(99));
    expect(of(1)).toMatchObject({ kind: 'ranking', means: [1, 2, 3], agreement: 1 });
    expect((of(1) as { p: number }).p).toBeCloseTo(1 / 36, 12);
  });
  it('of liking is each pair’s mean with its interval, and none where all say the same', () => {
    const result = resultOf(
      answered(tasting('liking', 2, 3), (tray, at) => likes(tray, (own) => 5 + own + ((own * at) % 2))),
    );
    if (result.kind !== 'liking') throw new Error(result.kind);
    expect(result.pairs[0]!.mean.mean).toBeCloseTo(4 / 3, 9);
    const same = resultOf(answered(tasting('liking', 2, 3), (tray) => likes(tray, (own) => 5 + own)));
    if (same.kind !== 'liking') throw new Error(same.kind);
    expect(same.pairs[0]!.mean).toMatchObject({ t: null, p: null });
  });
  it('of three says how many tasters like these would tell two of them apart: so many more do, and no fewer', () => {
    const of = (tasters: number) => {
      const rows = [[5, 6, 5], [6, 5, 7], [5, 6, 6]]; // prettier-ignore
      const result = resultOf(
        answered(tasting('liking', 3, 0, { tasters: people(tasters) }), (tray, at) =>
          likes(tray, (own) => rows[at % 3]![own]!),
        ),
      );
      if (result.kind !== 'liking') throw new Error(result.kind);
      return result;
    };
    const { enough, apart } = of(3);
    expect(apart).toEqual([]);
    const whole = Math.ceil(enough! / 3) * 3;
    expect(of(whole).apart).not.toEqual([]);
    expect(of(whole - 3).apart).toEqual([]);
  });
  it('of three who are all liked the same has no number that would do', () =>
    expect(resultOf(answered(tasting('liking', 3, 4), (tray) => likes(tray, () => 6)))).toMatchObject({
      enough: null,
      apart: [],
    }));
  it('of two says how many would leave no difference out of the interval, and never fewer than signed ranks need', () => {
    const of = (tasters: number, step: number) => {
      const result = resultOf(
        answered(tasting('liking', 2, 0, { tasters: people(tasters) }), (tray, at) =>
          likes(tray, (own) => 5 + own * (at % 2 === 0 ? step : step - 2)),
        ),
      );
      if (result.kind !== 'liking') throw new Error(result.kind);
      return result;
    };
    const { enough, finds, pairs } = of(4, 2);
    expect(finds).toBeGreaterThan(pairs[0]!.mean.mean);
    expect(of(enough! + (enough! % 2), 2).pairs[0]!.mean.interval![0]).toBeGreaterThan(0);
    expect(of(4, 4).enough).toBe(6);
    expect(of(4, 1).enough).toBeNull();
  });
  it('of just about right has what those lose for whom it wasn’t', () => {
    const result = resultOf(
      answered(tasting('just-right', 1, 4), (tray, at) => {
        const [code] = codesOf(tray) as [string];
        return { kind: 'just-right', marks: { [code]: at < 2 ? 3 : 5 }, liking: { [code]: at < 2 ? 8 : 5 } };
      }),
    );
    if (result.kind !== 'just-right') throw new Error(result.kind);
    expect(result.samples[0]!.penalty.much).toMatchObject({ count: 2, drop: 3, penalty: 1.5 });
  });
  it('of a panel that is too large to be counted says so, and is near what is counted of one that isn’t', () => {
    const of = (count: number) =>
      resultOf(
        answered(tasting('liking', 3, 0, { tasters: people(count) }), (tray, at) =>
          likes(tray, (own) => 5 + ((own + (at % 4 === 0 ? 1 : 0)) % 3)),
        ),
      );
    const [counted, large] = [of(40), of(41)];
    expect(counted).toMatchObject({ kind: 'liking', tasters: 40, counted: true });
    expect(large).toMatchObject({ kind: 'liking', tasters: 41, counted: false });
    const p = (one: typeof large) => (one.kind === 'liking' ? one.p : NaN);
    expect(Math.abs(Math.log10(p(large)) - Math.log10(p(counted)))).toBeLessThan(3);
  });
  it('tells how far the counting has come', () => {
    const seen: number[] = [];
    resultOf(
      answered(tasting('liking', 3, 5), (tray) => likes(tray, (own) => 5 + own)),
      (done) => seen.push(done),
    );
    expect(seen).toEqual([0.2, 0.4, 0.6, 0.8, 1]);
  });
  it('is none where nobody has tasted', () =>
    expect(resultOf(tasting('liking', 2, 3))).toEqual({ kind: 'none' }));
});

describe('a training round', () => {
  it.each(['triangle', 'duo-trio'] as const)(
    'of %s comes first, tells the right one, and counts for nothing',
    (test) => {
      const plain = tasting(test, 2, 3);
      const trained = { ...plain, training: true };
      // Whoever trains gets the same cups afterwards as if they hadn't.
      expect(traysOf(trained).slice(0, 3)).toEqual(traysOf(plain));
      const open = openTrays(trained);
      expect(open.map(({ round }) => round)).toEqual([0, 0, 0]);
      const [tray] = open;
      const right = rightOf(tray!)!;
      expect(codesOf(tray!)).toContain(right);
      const after = withBallot(trained, ballot(tray!, { kind: 'pick', code: right })) as TastingDocument;
      expect(openTrays(after).map(({ round }) => round)).toEqual([0, 0, 1]);
      expect(resultOf(after)).toEqual({ kind: 'none' });
      expect(toTastingCsv(after)).toBe(toTastingCsv(trained));
    },
  );
  it('is for tests in which something can be told right', () =>
    expect(traysOf({ ...tasting('liking', 2, 3), training: true })).toHaveLength(3));
});

describe('what a panel can show', () => {
  // Three can reach 0.05 by triangle and by ranking, never by duo-trio or a pair.
  it.each([
    ['triangle', 2, true],
    ['duo-trio', 2, false],
    ['paired', 2, false],
    ['ranking', 3, true],
    ['ranking', 4, true],
  ] as const)('three people, by %s of %d samples: %s', (test, samples, can) =>
    expect(reachOf(test, samples, 3).leastP! <= 0.05).toBe(can),
  );
});

describe('a tasting as a file', () => {
  it('comes back as it went, a row a judgement', () =>
    fc.assert(
      fc.property(
        some,
        fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 4, maxLength: 4 }),
        ({ test, tasters, seed }, marks) => {
          const whole = answered(tasting(test, samplesFor(test), tasters, { seed }), (tray, at) => {
            const codes = codesOf(tray);
            if (test === 'paired') return { kind: 'more', code: at % 3 === 0 ? null : codes[at % 2]! };
            if (test === 'ranking')
              return { kind: 'order', groups: [codes.slice(0, 2), ...codes.slice(2).map((one) => [one])] };
            if (test === 'liking') return likes(tray, (own) => marks[own]!);
            return { kind: 'pick', code: codes[at % codes.length]! };
          });
          const back = fromTastingCsv(whole, toTastingCsv(whole), () => 'id', 0);
          const bare = (all: readonly Ballot[]) =>
            all.map(({ taster: who, round, answer }) => ({ who, round, answer }));
          const order = (all: ReturnType<typeof bare>) =>
            [...all].sort((a, b) => (a.who + a.round < b.who + b.round ? -1 : 1));
          expect(order(bare(back))).toEqual(order(bare(whole.ballots)));
        },
      ),
      runs(302),
    ));
  it.each([
    ['another file', 'a,b\n1,2', /no column/],
    [
      'a stranger',
      'taster,round,place,code,sample,what,value,words\nZed,1,1,482,plain,liking,5,',
      /Nobody of this tasting/,
    ],
  ])('%s is refused', (_, text, words) =>
    expect(() => fromTastingCsv(tasting('liking', 2, 2), text, () => 'id', 0)).toThrow(words),
  );
  it('runs nothing in a spreadsheet', () => {
    const named = tasting('liking', 2, 1, { tasters: [taster('=HYPERLINK("x")')] });
    const whole = answered(named, (tray) => likes(tray, () => 5));
    expect(toTastingCsv(whole)).toContain("'=HYPERLINK");
    expect(fromTastingCsv(whole, toTastingCsv(whole), () => 'id', 0)).toHaveLength(1);
  });
});
