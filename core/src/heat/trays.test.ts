import fc from 'fast-check';
import { profileOf } from '../family';
import { formulaOf } from '../formula';
import { BUILT_IN_KITCHEN, catalogueOf, type PanSize } from '../kitchen';
import { lineOf, readText, runs } from '../testing';
import { browningAt } from './browning';
import { burstsOf, WaterTestError, wattsByWater } from './microwave';
import { isMetal, panArea, PouredWaterError, sizeByWater } from './pan';
import { starchSets } from './setting';
import { pieceOf } from './spread';
import { mixedWithFrozen } from './start';
import { planTrays } from './trays';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const linesOf = (text: string) => formulaOf(readText(text)).flatMap(({ lines }) => lines);

describe('trays', () => {
  const ask = { pieces: 24, acrossCm: 7.5, trayCm: [40, 30] as const, racks: 2, minutes: 12 };
  it('hold two dozen cookies of common size on two', () =>
    expect(planTrays(ask)).toMatchObject({ perTray: 12, trays: 2 }));
  it('go one after the other, or two with a swap half way that takes longer but ends sooner', () => {
    const [one, two] = planTrays(ask).plans;
    expect(one).toMatchObject({ at: 'one', loads: 2, minutes: 12, swapAt: null, total: 27 });
    expect(two!.minutes).toBeGreaterThan(12);
    expect(two!.swapAt).toBeCloseTo(two!.minutes / 2, 9);
    expect(two!.total).toBeLessThan(one!.total);
  });
  it('go one at a time where there is one rack', () =>
    expect(planTrays({ ...ask, racks: 1 }).plans).toHaveLength(1));
  it('hold every piece, and no less when pieces are smaller', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 200 }),
        fc.double({ min: 2, max: 20, noNaN: true }),
        (pieces, acrossCm) => {
          const found = planTrays({ ...ask, pieces, acrossCm });
          expect(found.perTray * found.trays).toBeGreaterThanOrEqual(pieces);
          expect(planTrays({ ...ask, pieces, acrossCm: acrossCm / 2 }).perTray).toBeGreaterThanOrEqual(
            found.perTray,
          );
        },
      ),
      runs(34),
    ));
});

// Signs of common practice: each makes a cookie run, or keeps it.
describe('a cookie', () => {
  const base = { 'white-rice-flour': 150, butter: 100, 'caster-sugar': 100, egg: 50 };
  const high = (over: Partial<typeof base>, doughCelsius = 20, ovenCelsius = 177) =>
    pieceOf(
      Object.entries({ ...base, ...over }).map(([id, grams]) => lineOf(id, grams)),
      profileOf('drop-cookie'),
      { ml: 30, doughCelsius, ovenCelsius },
      catalogue,
    ).depthCm;
  it.each([
    ['more butter', { butter: 130 }],
    ['more sugar', { 'caster-sugar': 130 }],
    ['less flour', { 'white-rice-flour': 120 }],
  ])('runs further with %s', (_, over) => expect(high(over)).toBeLessThan(high({})));
  it('keeps its height when the dough is cold, and when the oven is hot', () => {
    expect(high({}, 5)).toBeGreaterThan(high({}));
    expect(high({}, 20, 200)).toBeGreaterThan(high({}));
  });
  it('loses nothing: its height times its floor is the scoop', () => {
    const { depthCm, acrossCm } = pieceOf(
      linesOf('200 g plain flour\n100 g butter\n80 g sugar'),
      profileOf('drop-cookie'),
      { ml: 45, doughCelsius: 20, ovenCelsius: 177 },
      catalogue,
    );
    expect(depthCm * Math.PI * (acrossCm / 2) ** 2).toBeCloseTo(45, 6);
  });
});

describe('a tin by water', () => {
  const round: PanSize = { shape: 'round', lengthCm: 26, widthCm: 26, count: 1 };
  it('of 1571 ml and 5 cm is 20 cm across', () =>
    expect(sizeByWater(round, 1571, 5).lengthCm).toBeCloseTo(20, 1));
  it('holds what was poured, whatever its shape', () => {
    for (const shape of ['round', 'square', 'rect', 'loaf', 'ring'] as const) {
      const pan = sizeByWater(
        { shape, lengthCm: 24, widthCm: shape === 'rect' ? 16 : 24, count: 1 },
        1800,
        6,
      );
      expect((panArea(pan) * 6) / 1800).toBeGreaterThan(0.85);
      expect((panArea(pan) * 6) / 1800).toBeLessThan(1.15);
    }
  });
  it('that would be a bath is measured again', () =>
    expect(() => sizeByWater(round, 20_000, 1)).toThrow(PouredWaterError));
});

describe('a microwave', () => {
  // P = 4.18·m·ΔT/t: 1 l, 60 s, 12 K → 836 W.
  it('of 12 °C a minute in a litre has 836 W', () =>
    expect(wattsByWater(1000, 60, 12, 24)).toBeCloseTo(836, 9));
  it.each([
    ['no warmer', [1000, 60, 20, 20]],
    ['boiling', [250, 300, 20, 99]],
    ['of 40 W', [250, 300, 12, 24]],
  ] as const)('says nothing by water that came out %s', (_, [ml, seconds, from, to]) =>
    expect(() => wattsByWater(ml, seconds, from, to)).toThrow(WaterTestError),
  );
  it('is stopped before it is done, and then in bursts that reach it', () =>
    fc.assert(
      fc.property(fc.double({ min: 10, max: 900, noNaN: true }), (seconds) => {
        const { first, each, about } = burstsOf(seconds);
        expect(first).toBeLessThan(seconds);
        expect(first + each * about).toBeGreaterThanOrEqual(seconds);
      }),
      runs(35),
    ));
  it('takes no metal', () => {
    expect(isMetal({ shape: 'round' })).toBe(true);
    expect(isMetal({ shape: 'mug' })).toBe(false);
    expect(isMetal({ shape: 'mug', made: 'bright metal' })).toBe(true);
    expect(isMetal({ shape: 'round', made: 'glass or ceramic' })).toBe(false);
  });
});

describe('starch', () => {
  // + 0.35 K per % of sugar in sugar and water, up to 55 %; rice 67–78 °C, potato 58–66 °C.
  it('of rice sets at 78 °C in water, 17.5 °C higher with as much sugar as water', () => {
    expect(starchSets([lineOf('white-rice-flour', 100), lineOf('water', 100)], catalogue)).toBeCloseTo(78, 0);
    const sweet = [lineOf('white-rice-flour', 100), lineOf('water', 100), lineOf('caster-sugar', 100)];
    expect(starchSets(sweet, catalogue)! - 78).toBeGreaterThan(15);
    expect(starchSets(sweet, catalogue)! - 78).toBeLessThan(18);
  });
  it('of potato sets sooner', () =>
    expect(starchSets([lineOf('potato-starch', 100), lineOf('water', 100)], catalogue)!).toBeLessThan(70));
  it('that isn’t there doesn’t set', () => expect(starchSets([lineOf('butter', 100)], catalogue)).toBeNull());
});

describe('a top', () => {
  const skin = (celsius: number) => Array.from({ length: 61 }, (_, at) => [at / 2, celsius] as const);
  const sugar = [lineOf('caster-sugar', 100)];
  it('browns the more the hotter and the longer it is baked, and sooner with honey', () => {
    const kinds = ['pale', 'golden', 'deep', 'too dark'];
    const rank = (celsius: number, minutes: number, lines = sugar) =>
      kinds.indexOf(browningAt(skin(celsius), minutes, lines));
    expect(rank(90, 30)).toBe(0);
    expect(rank(170, 30)).toBe(3);
    expect(rank(135, 30)).toBeGreaterThanOrEqual(rank(135, 10));
    expect(rank(128, 20, [lineOf('honey', 100)])).toBeGreaterThan(rank(128, 20));
  });
});

describe('what goes in frozen', () => {
  const batter = linesOf('300 g plain flour\n200 g caster sugar\n200 g egg\n200 ml milk\n150 g butter');
  it('cools the batter, but not below its own cold', () => {
    const some = mixedWithFrozen(batter, [lineOf('blueberries', 100)], 20, catalogue);
    const more = mixedWithFrozen(batter, [lineOf('blueberries', 300)], 20, catalogue);
    expect(some).toBeLessThan(18);
    expect(more).toBeLessThan(some);
    expect(more).toBeGreaterThan(-18);
  });
  it('that isn’t there changes nothing', () => expect(mixedWithFrozen(batter, [], 20, catalogue)).toBe(20));
  // By hand: 100 g of water as ice at −18 °C takes 100·(18·2.0 + 333.6) J = 37 kJ to melt, 900 g of water at 20 °C give 75 kJ down to
  // 0 °C: (75.3 − 37.0)/(1000·4.18) = 9.2 °C.
  it('gives its cold as a balance of heat has it', () =>
    expect(mixedWithFrozen([lineOf('water', 900)], [lineOf('water', 100)], 20, catalogue)).toBeCloseTo(
      9.2,
      0,
    ));
});
