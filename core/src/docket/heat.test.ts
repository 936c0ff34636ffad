import { EMPTY_REQUEST, type ConversionRequest, type Oven } from '../kitchen';
import { toMarkdown } from './markdown';
import { docketOf } from '../testingDockets';
import type { Docket } from './types';

const CAKE = `Cake
250 g plain flour
10 g baking powder
180 g butter
220 g sugar
4 eggs
120 ml milk
Method
Heat the oven to 350°F. Butter two 20 cm round tins.
Beat all together.
Bake for 30 minutes.`;
const COOKIES = `Drop cookies
Makes 24 cookies
280 g plain flour
200 g butter
250 g brown sugar
1 egg
5 g baking soda
Method
Heat the oven to 177 C. Line two baking trays. Scoop out.
Bake for 11 minutes.`;
const MUG = `Mug cake
50 g plain flour
30 g sugar
1 egg
30 g butter
30 ml milk
3 g baking powder
Method
Stir all in a mug. Microwave for 90 seconds.`;

const HOT: Oven = {
  id: 'hot',
  name: 'the hot one',
  inUse: true,
  fan: false,
  readings: [150, 180, 210].flatMap((dial) =>
    [0, 1].map(() => ({ dialCelsius: dial, trueCelsius: dial + 10, fan: false, on: '2026-06-13' })),
  ),
  preheatMinutes: null,
  racks: 2,
  hotSide: 'none',
};

const minutes = ({ bake }: Docket) => bake.minutes!.central;
const wordsOf = ({ method }: Docket) => method.map(({ text }) => text).join('\n');

describe('what the page says of its heat', () => {
  const heated = (how: string) =>
    docketOf(
      `Buns\n300 g plain flour\n7 g dried yeast\n40 g sugar\n180 ml milk\n40 g butter\n1 egg\n\nMethod\nKnead for 10 minutes. Leave to rise 1 hour. Shape.\n${how}`,
    );
  it('is the longest of its stages, and the head has them all in order', () => {
    const docket = heated('220°C for 10 minutes, then 190°C for 25 more.');
    expect(docket.bake).toMatchObject({ ovenCelsius: 190, ofStages: 2 });
    expect(toMarkdown(docket)).toMatch(/Oven 220 °C[^\n]*10 minutes\n- Oven 190 °C[^\n]*25 minutes/);
    expect(wordsOf(docket)).toMatch(/220°C for 10 minutes, then 190°C for/);
  });
  it('is no oven where it is fried, whatever its family sees as a rule', () => {
    const docket = heated('Heat the oil to 175°C. Fry two minutes a side.');
    expect(docket.bake.ovenCelsius).toBeNull();
    expect(docket.bake.minutes!.central).toBe(4);
    expect(wordsOf(docket)).toContain('Heat the oil to 175°C. Fry two minutes a side.');
    expect(wordsOf(docket)).not.toMatch(/gas mark/);
  });
});

describe('an oven that is known', () => {
  it('has its dial turned down when it runs hot, and bakes as long as a true one', () => {
    const [plain, hot] = [docketOf(CAKE), docketOf(CAKE, {}, { ovens: [HOT] })];
    expect(hot.bake.ovenCelsius).toBe(165);
    expect(hot.bake.oven).toMatchObject({ name: 'the hot one' });
    expect(hot.bake.oven!.offset).toBeGreaterThan(8);
    expect(Math.abs(minutes(hot) / minutes(plain) - 1)).toBeLessThan(0.06);
  });
  it('narrows the window', () => {
    const width = ({ bake: { minutes: found } }: Docket) => (found!.high - found!.low) / found!.central;
    expect(width(docketOf(CAKE, {}, { ovens: [HOT] }))).toBeLessThan(width(docketOf(CAKE)));
  });
  it('is set as somebody says, whatever it is', () =>
    expect(docketOf(CAKE, { oven: { celsius: 180, fan: true } }, { ovens: [HOT] }).bake).toMatchObject({
      ovenCelsius: 180,
      fan: true,
    }));
});

describe('a bake', () => {
  it('of one’s own that was timed beats the recipe’s time, and is surer', () => {
    const own = docketOf(CAKE);
    const longer = docketOf(CAKE, { timed: { bake: 'b', ratio: 1.2 * own.bake.stretch, on: '2026-06-20' } });
    expect(minutes(longer)).toBeCloseTo(1.2 * minutes(own), 3);
    expect(longer.bake.anchored).toBe('bake');
    const width = ({ bake: { minutes: found } }: Docket) => (found!.high - found!.low) / found!.central;
    expect(width(longer)).toBeLessThan(width(own));
  });
  it('from the fridge, on a cold tray or beside a roast takes longer, in a hot skillet less, and says how it goes in', () => {
    const with_ = (start: Partial<ConversionRequest['start']>) =>
      docketOf(CAKE, { start: { ...EMPTY_REQUEST.start, ...start } });
    const own = minutes(docketOf(CAKE));
    expect(minutes(with_({ from: 'chilled' }))).toBeGreaterThan(own);
    expect(minutes(with_({ from: 'frozen' }))).toBeGreaterThan(minutes(with_({ from: 'chilled' })));
    expect(minutes(with_({ on: 'tray' }))).toBeGreaterThan(own);
    expect(minutes(with_({ shared: true }))).toBeGreaterThan(own);
    expect(minutes(with_({ on: 'hot-skillet' }))).toBeLessThan(own);
    expect(wordsOf(with_({ from: 'chilled', on: 'tray' }))).toMatch(
      /goes in at 41 °F \(5 °C\), stands on a tray/,
    );
  });
  it('with frozen fruit in it goes in colder; thawed fruit doesn’t cool it', () => {
    const berries = (words: string) => docketOf(CAKE.replace('Method', `${words}\nMethod`)).bake.startCelsius;
    expect(berries('200 g frozen blueberries')).toBeLessThan(15);
    expect(berries('200 g frozen blueberries, thawed')).toBe(20);
  });
  it('says its oven as dials have it, and cools longer on the rack than in the tin', () => {
    const docket = docketOf(CAKE);
    expect(toMarkdown(docket)).toContain('Oven 350 °F (175 °C)');
    expect(docket.bake.cooling!.cold!).toBeGreaterThan(docket.bake.coolMinutes);
  });
  it('of pieces tells how many, how wide, and how long a portion has to be cold', () => {
    const { bake, rest } = docketOf(COOKIES);
    expect(bake.piece!.count).toBe(24);
    expect(bake.piece!.acrossCm).toBeGreaterThan(5);
    expect(rest.chilled!).toBeGreaterThan(20);
    expect(rest.chilled!).toBeLessThan(90);
    const big = docketOf(COOKIES, {
      pan: { shape: 'tray', lengthCm: 40, widthCm: 30, count: 1, pieceMl: 70 },
    });
    expect(big.bake.piece!.count).toBeLessThan(24);
    expect(minutes(big)).toBeGreaterThan(minutes(docketOf(COOKIES)));
  });
});

describe('in a microwave', () => {
  it('a mug cake of 90 seconds stays near that, and takes less at more power', () => {
    const seconds = (watts: number) =>
      60 * minutes(docketOf(MUG, {}, { microwave: { watts, on: '2026-06-13' } }));
    expect(seconds(800)).toBeGreaterThan(60);
    expect(seconds(800)).toBeLessThan(130);
    expect(seconds(1000)).toBeCloseTo(0.8 * seconds(800), 3);
  });
  it('goes in bursts, with a warning of metal', () => {
    const docket = docketOf(CAKE, { microwave: true });
    expect(docket.bake).toMatchObject({ ovenCelsius: null, watts: 800 });
    expect(wordsOf(docket)).toMatch(/bursts of .* never in metal/);
    expect(wordsOf(docket)).not.toMatch(/°C/);
  });
});

// US extension services: 15 to 25 °F hotter above 3,500 ft.
describe('a bake on a mountain', () => {
  it('sees a hotter oven, and one that a person has set stays', () => {
    const flat = docketOf(CAKE).bake.ovenCelsius!;
    const up = docketOf(CAKE, { altitudeMetres: 1600 }).bake.ovenCelsius!;
    expect(up - flat).toBeGreaterThanOrEqual(8);
    expect(up - flat).toBeLessThanOrEqual(14);
    const set = { altitudeMetres: 1600, oven: { celsius: 160, fan: false } };
    expect(docketOf(CAKE, set).bake.ovenCelsius).toBe(160);
  });
});
