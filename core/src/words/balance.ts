import { SCHOOLS, type BalanceSays, type Weight } from '../balance';
import { ROUTE_TABLE } from '../blend';
import { aFamily, type BalanceId, type WordsFor } from '../vocabulary';

/** What a balance is called in a sentence. */
const BALANCE_NAMES: Readonly<Record<BalanceId, string>> = {
  drinkThirst: 'drink per thirst',
  binder: 'binder',
  starchShare: 'starch',
  lift: 'lift',
  fat: 'fat',
  sugar: 'sugars',
};
const UNITS = {
  drink: 'g of water',
  fat: 'g of fat',
  sugar: 'g of sugars',
  lift: 'mmol of lift',
  binder: 'g of binder',
} as const;

/** "170 g butter". */
const weighed = ({ grams, name }: Weight): string => `${grams} g ${name}`;

/** Starch that is cooked in some of the liquid. Example: "12 g tapioca starch of it cooked in 60 g milk". */
export const cookedWords = ({ starch, liquid }: BalanceSays['cooked']): string =>
  `${weighed(starch)} of it cooked in ${weighed(liquid)}`;

interface Miss {
  readonly value: number;
  readonly band: readonly [number, number];
  readonly family: BalanceSays['gummy']['family'];
}
const miss =
  (words: string) =>
  ({ value, band, family }: Miss): string =>
    `${words} (${value.toFixed(2)} where ${aFamily(family)} has ${band[0]} to ${band[1]})`;

/** Ends of shifts, reasons, warnings and findings of a part, in English. */
export const BALANCE_WORDS: WordsFor<BalanceSays> = {
  weights: ({ of }) => of.map(weighed).join(' + '),
  blended: ({ as, grams, of }) => `${grams} g ${as}: ${of.map(weighed).join(', ')}`,
  nothing: () => 'nothing',
  gluten: () => 'gluten',
  'no-binder': () => 'no binder added',
  'in-the-flour': () => 'in the flour',
  'lift-of-egg': () => 'the lift of egg',
  cooked: cookedWords,
  'as-written': ({ text }) => text,
  times: ({ text, factor }) => `${text} × ${factor}`,

  'by-route': ({ route }) => ROUTE_TABLE.rows[route].because,
  'whole-grain-by-route': ({ route }) =>
    `its flour was ground of the whole grain, so the blend is a hearty one; ${ROUTE_TABLE.rows[route].because}`,
  'jar-by-weight': () => 'a blend from the jar stands for wheat flour weight for weight',
  'jar-by-cup': () => 'cup for cup, as its packet says: a cup of blend weighs more than a cup of wheat flour',
  'own-water': () => 'the starter that goes was half water: it is put back',
  'own-leavening': () => 'the flour that goes held its own leavening: it is put back',
  'needs-hold': ({ need, credit, school }) =>
    `this bake used its gluten for ${need.toFixed(1)} g xanthan’s worth of hold in 100 g of flour${credit === null ? '' : `; egg and flour already give ${credit.toFixed(1)}`}; ${SCHOOLS.rows[school].how}`,
  'egg-binds': ({ water }) =>
    water === 'little'
      ? 'an egg for each 500 g of flour binds in the place of gum: there is no liquid to make room for more'
      : 'an egg for each 250 g of flour binds in the place of gum; its water is taken out of the liquid',
  'egg-water': () => 'the egg that binds brings its water: so much less of this is poured',
  'starch-binds': ({ credit }) =>
    `starch that has swollen binds as ${credit} g of xanthan in 100 g of flour, and keeps a crumb moist`,
  'under-a-pinch': ({ grams }) => `${grams.toFixed(2)} g would do, less than half of ⅛ tsp: nothing is added`,
  'needs-none': ({ by }) =>
    by === 'route'
      ? 'nuts or coconut with egg hold by themselves'
      : 'such a bake stands without: its egg, sugar or fat holds it',
  'bound-already': ({ credit, need }) =>
    `egg, sweet rice or gum already there binds as ${credit.toFixed(1)} g of xanthan for 100 g of flour; this bake needs ${need.toFixed(1)} g`,
  'asked-for-none': ({ missing }) =>
    `asked for none; ${missing.toFixed(1)} g xanthan’s worth of hold is missing in 100 g of flour`,
  'stands-in': ({ because, out }) => `${because} (out: ${out.join(', ')})`,
  'egg-lifts': () => 'egg lifts here as well as it binds: a little soda with vinegar does that part of it',
  'less-sour': ({ soda }) =>
    `what stands in is less sour: ${soda} mmol of soda would find no acid and taste of soap`,
  'as-sweet': ({ sweetness, reducing, acid }) =>
    `as sweet as before (${sweetness} beside sugar’s 1)${reducing ? '; it browns early, so the oven goes down' : ''}${acid === null ? '' : `; it brings ${acid} mmol of acid`}`,
  'coconut-egg': () =>
    'so little coconut flour takes the wheat’s place that egg makes up for its solids: one for about 18 g',
  'nut-egg': () =>
    'Ground nuts have little starch that sets: one egg more holds the crumb, and its water comes out of the liquid.',
  thickens: () =>
    'A spoon of flour in a filling or custard thickens: half as much pure starch does the same.',
  'follows-thirst': ({ thirst, drink }) =>
    `Flours without gluten drink more: the liquid follows their thirst. Thirst ${thirst[0]} → ${thirst[1]} g, drink ${drink[0]} → ${drink[1]} g.`,
  'lift-raised': () =>
    'A crumb without gluten is heavier and holds gas less well: up to a quarter more lift, never over the family’s most.',
  'fat-held': () => 'The new flours bring fat of their own: the recipe’s own fat makes room for it.',
  'sugar-held': () => 'Sugar is part of the structure: it stays as it was.',
  'set-by-hand': ({ moved }) => {
    const each = moved.map(
      ({ balance, from, to, out }) =>
        `${BALANCE_NAMES[balance]} ${from} → ${to}${out ? ', out of its band' : ''}`,
    );
    return `set by hand: ${each.length === 0 ? 'the balances stand as they stood' : each.join('; ')}`;
  },
  'scaled-by-hand': () => 'You asked for more or less of this line than of the rest.',

  'binder-short': ({ name, most, percent }) =>
    `The ${name} stops at ${most} g for 100 g of flour, where more would be gummy or be tasted: it holds ${percent} % of what is missing. An egg, or another binder, makes up for it.`,
  'no-liquid-for-starch': ({ school }) =>
    `There is too little liquid to cook starch in: ${school === 'none' ? 'choose another way to bind it' : `${SCHOOLS.rows[school].name} binds instead`}.`,
  'starch-short': ({ credit, missing }) =>
    `Cooked starch gives ${credit} of the ${missing.toFixed(1)} g xanthan’s worth that is missing in 100 g of flour: expect a more tender crumb, or bind with gum or husk.`,
  missed: ({ quantity, by }) =>
    `${Math.abs(by)} ${UNITS[quantity]} too ${by > 0 ? 'little' : 'much'} stay: the lines that could make up for it are at their limits, or fixed by hand.`,
  'binder-above': ({ gum, most }) =>
    `Binder stands at ${gum.toFixed(1)} g of xanthan’s worth for 100 g flour, above ${most}: the crumb may turn gummy.`,
  'school-out': ({ asked, school }) =>
    `What was to bind is out (${SCHOOLS.rows[asked].name}): ${SCHOOLS.rows[school].name} binds instead.`,
  'drink-under': ({ ratio, edge }) =>
    `Drink stands at ${ratio.toFixed(2)} of thirst, under ${edge}: expect a stiff dough, and give liquid by the spoon after the rest.`,
  'drink-over': ({ ratio, edge }) =>
    `Drink stands at ${ratio.toFixed(2)} of thirst, over ${edge}: expect it wet; bake it longer, or hold some back.`,
  'soda-over': ({ over, limit }) =>
    `${over.toFixed(1)} mmol of soda is left over in 100 g of batter, above ${limit.toFixed(1)}: it may taste soapy and brown early.`,
  'nothing-binds': () => 'Nothing binds this part: it will crumble. Choose gum or husk.',
  'eggs-out': () =>
    'More than two eggs are replaced: expect a denser, moister crumb. Bake a small one first.',
  'meringue-without-egg': () =>
    'Chickpea brine makes a meringue that sets less than egg white: dry it at 100 °C for about two hours. It breaks when it is rolled.',
  'foam-without-egg': () =>
    'Egg is all that holds a sponge up: without it this is another cake, flatter and closer.',
  'shell-without-egg': () =>
    'Egg is all that puffs a choux shell up and sets it: without it expect flat, heavy buns. Choose another bake if the shell matters.',
  'egg-led-without-egg': () =>
    'There is more egg in it than flour, and it is egg that sets it: without it expect something soft that hardly rises. Try a small one first.',
  'turns-green': () =>
    'Sunflower seed with soda turns green as it cools: harmless, or add a little lemon juice.',

  'too-dry': miss('the flours take more water than there is: a stiff dough, a dry and crumbly bake'),
  'too-wet': miss('there is more water than the flours take: a gummy, wet line, a long bake'),
  gummy: miss('there is more binder than such a bake has: gummy and slick'),
  'falls-apart': miss('there is less binder than such a bake needs: it crumbles and doesn’t hold its gas'),
  dense: miss('little gas is set free: dense and flat'),
  sinks: miss('much gas is set free: it rises fast and sinks, with a taste of its powder'),
  'bound-by-nothing': () => 'nothing binds it, neither gum nor husk nor egg: a pile of crumbs',
  soapy: ({ left, limit }) =>
    `${left.toFixed(1)} mmol of soda finds no acid in 100 g of batter, above ${limit}: soapy, and brown early`,
  coarse: ({ flour }) =>
    `much of it is as coarse as ${flour}: sand between the teeth, unless it is scalded or soaked first`,
  beans: ({ flour, percent }) => `${percent} % of the flour is ${flour}: it is tasted above a quarter`,
  'much-of': ({ of, has, usual, family }) =>
    `${has} g of ${of} on 100 g of flour, where ${aFamily(family)} has about ${usual}`,
  'more-than-is-held': ({ has, most, family }) =>
    `${has} g of free water on 100 g of flour and sugar, where ${aFamily(family)} has at most ${most}: it curdles, and stays wet in the middle`,
  'oven-off': ({ celsius, usual, family }) =>
    celsius < usual
      ? `${celsius} °C is low for ${aFamily(family)}, which is usually baked at ${usual}: pale, and raw in the middle when its time is up`
      : `${celsius} °C is hot for ${aFamily(family)}, which is usually baked at ${usual}: dark outside before the middle is set`,
  'holds-gluten': ({ line, why }) => `“${line}”: ${why}`,
};
