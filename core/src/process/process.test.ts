import fc from 'fast-check';
import { BUILT_IN_KITCHEN } from '../kitchen';
import { readText, runs } from '../testing';
import { readProcess, type Stage } from '.';

const processOf = (words: string, title = 'Cake') =>
  readProcess(
    readText(`${title}\n\nIngredients\n100 g plain flour\n100 g butter\n100 g sugar\n\nMethod\n${words}`),
    BUILT_IN_KITCHEN,
  );
const bakeOf = (words: string) => processOf(words).bake;
const heat = ({ medium, ovenCelsius, oilCelsius, fan, minutes }: Stage) =>
  `${medium} ${ovenCelsius ?? oilCelsius ?? '?'}${fan ? ' fan' : ''} ${minutes ? `${minutes.low}-${minutes.high}` : '?'}`;
const stagesOf = (words: string, title?: string) =>
  processOf(words, title)
    .stages.filter(({ medium }) => medium !== 'boiled' && medium !== 'chilled')
    .map(heat);

describe('tins and ovens in words', () => {
  it.each([
    ['Bake at 180°C (160°C fan) for 25 minutes.', { ovenCelsius: 180, fan: false }],
    ['Bake at fan 160°C for 25 minutes.', { ovenCelsius: 160, fan: true }],
    ['Bake at gas mark 4 for 25 minutes.', { ovenCelsius: 180, fan: false }],
    ['Bake at 350 degrees for 25 minutes.', { ovenCelsius: 177, fan: false }],
    ['Bake for 1 hour 10 minutes.', { minutes: { low: 70, high: 70 } }],
    ['Bake for 1½ hours.', { minutes: { low: 90, high: 90 } }],
    ['Bake for an hour, until a skewer comes out clean.', { minutes: { low: 60, high: 60 } }],
    ['Bake for an hour and a half.', { minutes: { low: 90, high: 90 } }],
    ['Bake in a moderate oven for about an hour and ten minutes.', { minutes: { low: 70, high: 70 } }],
    ['Bake for half an hour.', { minutes: { low: 30, high: 30 } }],
    ['Bake for thirty to thirty-five minutes.', { minutes: { low: 30, high: 35 } }],
    ['Bake for 1 to 1¼ hours.', { minutes: { low: 60, high: 75 } }],
    ['Bake 20-25 min in the oven.', { minutes: { low: 20, high: 25 } }],
    ['Line a 12-cup muffin tin.', { pan: { shape: 'muffin', count: 12 } }],
    ['Grease a 9 x 13 inch baking pan.', { pan: { lengthCm: 33.02, widthCm: 22.86, shape: 'rect' } }],
    ['Butter two 20 cm round cake tins.', { pan: { shape: 'round', count: 2, lengthCm: 20 } }],
    ['Grease 2 x 20 cm sandwich tins.', { pan: { shape: 'round', count: 2, lengthCm: 20 } }],
    ['Grease a 2 lb loaf tin.', { pan: { shape: 'loaf' } }],
    ['Butter a 26 cm skillet.', { pan: { shape: 'skillet', lengthCm: 26, count: 1 } }],
    ['Grease a 9 inch springform tin.', { pan: { shape: 'springform', lengthCm: 22.86, count: 1 } }],
    ['Butter four ramekins.', { pan: { shape: 'ramekin', count: 4 } }],
    ['Press it into a 20 cm tin and bake.', { pan: { shape: 'round', lengthCm: 20 } }],
    ['Butter a brownie pan 8x8.', { pan: { shape: 'square', lengthCm: 20.32 } }],
    ['Two 9-inch layers. Bake in cake pans.', { pan: { shape: 'round', count: 2, lengthCm: 22.86 } }],
    ['Pan: 9-in. deep glass, a cookie sheet under it.', { pan: { shape: 'round', lengthCm: 22.86 } }],
    ['Roll, line a 24cm tin.', { pan: { shape: 'round', lengthCm: 24 } }],
    ['Line a 9" deep pie plate.', { pan: { shape: 'round', lengthCm: 22.86 } }],
    ['20 cm square, 170 °C, 25 min. Cool 20 in pan.', { pan: { shape: 'square', lengthCm: 20 } }],
    ['Spoon into 12 greased cups and bake.', { pan: { shape: 'muffin', count: 12 } }],
    ['18 cm round; 160 °C; 1 h 10.', { pan: { shape: 'round', lengthCm: 18 } }],
    ['Line a 24-hole mini muffin tin.', { pan: { shape: 'muffin-mini', count: 24 } }],
    ['Line two baking trays. Roll it out 1 cm thick between sheets of paper.', { pan: { shape: 'tray' } }],
  ])('%s', (words, facts) => expect(bakeOf(words)).toMatchObject(facts));
  it('are null where the words say nothing', () => expect(bakeOf('Stir and enjoy it all.')).toBeNull());
  it('are no saucepan, no biscuit tin and no sheet of paper', () =>
    expect(
      processOf('Melt the butter in a small pan. Roll out between two sheets of paper. Keep in a tin.').bake
        ?.pan ?? null,
    ).toBeNull());
});

describe('the heat that a method tells of', () => {
  it.each<[string, string, readonly string[]]>([
    [
      'a bake that goes on cooler',
      'Bake at 220C for 15 minutes, then lower to 180C/160C fan/gas 4 for 35–40 minutes.',
      ['oven 220 15-15', 'oven 180 35-40'],
    ],
    [
      'a time that stands by itself',
      'Oven 180C (160 fan), gas 4. Beat it all for 2 minutes. Scrape into the tin. 25–30 mins – the top should be papery.',
      ['oven 180 25-30'],
    ],
    ['a bare number', 'In the tin. 350 for 55-65 min. Cool 20 min & turn out.', ['oven 177 55-65']],
    [
      'numbers in words',
      'Heat the oven to 190C. Pile it in. Forty to forty-five minutes, until golden.',
      ['oven 190 40-45'],
    ],
    [
      'a blind bake before the bake',
      'Heat the oven to 200C. Line with beans and bake blind for 15 minutes. Lift out the beans and return for 5 minutes. Turn the oven down to 160C. Fill. Bake 35–40 minutes.',
      ['oven 200 15-15', 'oven 200 5-5', 'oven 160 35-40'],
    ],
    [
      'oil, which is no oven',
      'Heat 8cm of oil in a deep pan to 170C. Fry 3 at a time for 2–3 mins on each side.',
      ['fried 170 4-6'],
    ],
    [
      'a melt in the microwave, which is no bake',
      'Melt the butter in the microwave for 1 minute. Bake at 180C for 20 minutes.',
      ['oven 180 20-20'],
    ],
    [
      'what happens after, last and every',
      'Bake at 180C for 30 minutes, covering after 20 minutes, foil off for the last 5 minutes.',
      ['oven 180 30-30'],
    ],
    [
      'a rest, a knead and a rise',
      'Knead for 10 minutes. Leave to rise 1 hour. Bake at 220C for 25 minutes. Cool 15 minutes.',
      ['oven 220 25-25'],
    ],
    ['a thermometer within', 'Bake at 375°F for 22–25 minutes, until 190°F inside.', ['oven 191 22-25']],
    ['both scales', 'Bake at 350°F (175°C) for 10 mins.', ['oven 177 10-10']],
    [
      'a time ahead of the next heat, which is the heat’s before',
      'Oven 425. In it goes: 5 min, then 350 for 15–17 more. 5 min in tin. 2 hrs, stone cold.',
      ['oven 218 5-5', 'oven 177 15-17'],
    ],
    ['steam over water', 'Steam for 1 1/2 hrs to 1 3/4, topping up the water.', ['steamed ? 90-105']],
  ])('%s', (_, words, stages) => expect(stagesOf(words)).toEqual(stages));
  it('says in words what hangs on the title alone', () => {
    expect(stagesOf('Stir in the mug. 90 seconds at full power.', 'Chocolate mug cake')).toEqual([
      'microwave ? 1.5-1.5',
    ]);
    expect(stagesOf('Buttered pan, medium. 3 min, flip, 2 min.', 'Griddle cakes')).toEqual(['griddle ? 5-5']);
  });
  it('is doubted where no dial has it', () =>
    expect(
      processOf('Bake at 350 °C for 20 minutes.').doubts.map(({ kind, guess }) => `${kind} ${guess}`),
    ).toEqual(['odd-oven 350 °F']));
  it('is doubted where no bake takes so long', () =>
    expect(processOf('Bake at 180 °C for 300 minutes.').doubts.map(({ kind }) => kind)).toEqual([
      'odd-time',
    ]));
});

describe('whatever a method says', () => {
  const sentence = fc.constantFrom(
    'Cream the butter and sugar. ',
    'Bake at 180C for 20 minutes, then cool. ',
    'Add the batter to itself; ',
    '2 x 22 cm. ',
    '(in the tin',
    'Chill overnight – or 3 days. ',
    '180/40 ',
    'e.g. approx. 5 min. ',
    '½ h ',
    '💥',
  );
  const method = fc
    .array(fc.oneof(sentence, fc.string({ unit: 'binary', maxLength: 40 })), { maxLength: 30 })
    .map((those) => those.join('').replace(/\s*[\n\r\u2028\u2029]\s*/g, ' '));
  it('is tiled by its clauses, to the letter', () =>
    fc.assert(
      fc.property(method, (words) => {
        const { actions } = processOf(`1. Stir it all.\n${words}`);
        const steps = new Map<string, string>();
        for (const { step, from, to, text } of actions) {
          expect(from).toBe((steps.get(step) ?? '').length);
          expect(to - from).toBe(text.length);
          steps.set(step, (steps.get(step) ?? '') + text);
        }
      }),
      runs(3),
    ));
  it('has the same heat in one paragraph as in lines', () => {
    const lines = [
      'Heat the oven to 180C.',
      'Beat the butter and sugar for 5 minutes.',
      'Fold in the flour.',
      'Scrape into a tin and bake for 25 minutes.',
      'Cool for 10 minutes.',
    ];
    expect(stagesOf(lines.join(' '))).toEqual(stagesOf(lines.join('\n')));
  });
});

describe('where it is baked', () => {
  const bake = (method: string) =>
    readProcess(
      readText(`Pudding\n200 g plain flour\n100 g sugar\n3 eggs\n200 ml milk\n\nMethod\n${method}`),
      BUILT_IN_KITCHEN,
    ).bake;
  it('is timed by the sentence after “in.”, which is no inch', () =>
    expect(bake('Skillet in oven at 220C till hot, swirl, batter in. 18-20 min, don’t open!')).toMatchObject({
      minutes: { low: 18, high: 20 },
    }));
  it('is a small loaf tin where it is of a pound', () =>
    expect(bake('Mix. Two 1lb loaf tins. 170C, 50 mins.')!.pan).toMatchObject({
      shape: 'loaf',
      lengthCm: 17,
      count: 2,
    }));
});

describe('heat that is said to be off', () => {
  const stages = (method: string) =>
    readProcess(
      readText(`Cheesecake\n600 g cream cheese\n150 g sugar\n3 eggs\n20 g plain flour\n\nMethod\n${method}`),
      BUILT_IN_KITCHEN,
    );
  it('is no bake, however long it stands there', () =>
    expect(
      stages('Bake at 160C for 50 min. Turn off, leave in the oven 1 hour with the door ajar.').bake,
    ).toMatchObject({ ovenCelsius: 160, minutes: { low: 50 } }));
  it('is no fan', () =>
    expect(stages('Bake at 200C fan off, 25 min.').bake).toMatchObject({ ovenCelsius: 200, fan: false }));
});

describe('what comes to a bake when it is done', () => {
  const partsOf = (list: string, method: string, title: string) =>
    readProcess(readText(`${title}\n\n${list}\n\nMethod\n${method}`), BUILT_IN_KITCHEN).parts.map(
      ({ name }) => name,
    );
  it('is nothing for being in the name of the bake', () =>
    expect(
      partsOf(
        '3 ripe bananas, mashed\n80 g butter\n150 g sugar\n1 egg\n190 g plain flour',
        'Mash the bananas, then stir the melted butter into them.\nStir in the sugar and egg. Mix in the flour.\nBake for 1 hour at 175C.\nThen remove the banana bread from the pan.',
        'Banana Bread',
      ),
    ).toEqual([null]));
  it('is none of what goes in with all but one thing, where sugar for rolling is on the list', () =>
    expect(
      partsOf(
        '500 g flour\n2 eggs\n80 g sugar\n60 g butter\n200 ml milk\noil for frying - sugar for rolling',
        'Mix all but the butter, work in the butter.\nFry at 170C, 2 minutes each side.\nDrain, roll in sugar while warm.',
        'Doughnuts',
      ),
    ).toEqual([null]));
  it('is none of a list on one line, for one thing of it that is spooned over at the end', () =>
    expect(
      partsOf(
        'Soak overnight: 350g currants, 225g sultanas, 110g mixed peel, 6 tbsp brandy\n225g butter, 225g soft brown sugar, 4 large eggs, 1 dessertsp black treacle\n225g plain flour, 1/2 tsp salt',
        'Cream the butter and sugar. Beat in the eggs. Fold in the flour, then the fruit.\nBake at 140C for 4 hours.\nWhen cold, spoon over a little brandy.',
        'Rich fruit cake',
      ),
    ).toEqual([null]));
});

it('is baked where it is put back in the oven and left until it is puffed', () =>
  expect(
    stagesOf(
      'Heat oven to 230C. Pour into the holes. Place the tins back in the oven and leave undisturbed for 20-25 mins until puffed up and browned.',
    ),
  ).toEqual(['oven 230 20-25']));
it('isn’t baked for as long as the oven is to stay shut', () =>
  expect(
    stagesOf(
      'Oven 140C. Bake for 4 1/4 to 4 3/4 hours. Don’t open the door till at least 4 hours have gone.',
    ),
  ).toEqual(['oven 140 255-285']));

describe('a tin of two numbers', () => {
  it.each([
    ['butter a 4x8-inch loaf pan', 'loaf', 20.32, 10.16, 1],
    ['grease 2 x 8-inch round pans', 'round', 20.32, 20.32, 2],
    ['grease two 20cm/8in sandwich tins', 'round', 20, 20, 2],
    ['Butter a 30x20cm tray and pour it in', 'rect', 30, 20, 1],
    ['line a tin (20cm round / 18cm square)', 'round', 20, 20, 1],
  ])('%s', (words, shape, lengthCm, widthCm, count) => {
    const { pan } = bakeOf(`Mix, ${words}. Bake at 180C for 30 minutes.`)!;
    expect(pan).toMatchObject({ shape, count });
    expect(pan!.lengthCm).toBeCloseTo(lengthCm, 1);
    expect(pan!.widthCm).toBeCloseTo(widthCm, 1);
  });
});

it('a case that is baked blind in the middle of a sentence is a stage', () =>
  expect(
    stagesOf(
      'Roll out, line a 24 cm tart tin, chill 20 min, blind bake at 180°C 20 min. Bake at 140°C 35 min.',
      'Tart',
    ),
  ).toEqual(['oven 180 20-20', 'oven 140 35-35']));

it('what is baked blind without its beans goes on baking', () =>
  expect(
    stagesOf(
      'Roll out, line a 24 cm ring. Bake blind 170C 20 min with beans, 10 without. Pour in. Chill 4h.',
      'Tart',
    ),
  ).toEqual(expect.arrayContaining(['oven 170 20-20', 'oven 170 10-10'])));

it('heat and time by themselves are a bake where the method has no other', () =>
  expect(
    stagesOf(
      'pour in a buttered tin. 175 degrees, lower shelf, 40-45 min. let stand 10 before turning out',
      'Cake',
    ),
  ).toEqual(['oven 175 40-45']));

it('a waffle iron is no oven', () =>
  expect(stagesOf('Mix it all. Bake in a hot waffle iron 4-5 minutes.', 'Waffles')).toEqual([
    'griddle ? 4-5',
  ]));
it.each([
  ['1 hr 15 - 1 hr 30', 75, 90],
  ['1h15-1h30', 75, 90],
  ['1 hour 15 minutes to 1 hour 30 minutes', 75, 90],
])('“%s” is a span', (words, low, high) =>
  expect(bakeOf(`Bake at 160C for ${words}.`)).toMatchObject({ minutes: { low, high } }),
);
