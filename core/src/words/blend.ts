import { ROUTE_TABLE, type BlendSays } from '../blend';
import { aFamily, type WordsFor } from '../vocabulary';

type Barred = BlendSays['held-but-out']['why'];
type Cap = BlendSays['at-its-most']['why'];
type Wished = BlendSays['wishes']['of'][number];

/** Any of the words below, where one of them stands in another. */
const spoken = (said: Barred | Cap | Wished): string =>
  (BLEND_WORDS[said.code] as (values: unknown) => string)(said.values);

const GROUPS = { starches: 'pure starches', legumes: 'bean and pea flours' } as const;

/** Why nothing, or only this, can be blended; what may be let go; what a flour gives: in English. */
export const BLEND_WORDS: WordsFor<BlendSays> = {
  'left-out-by-hand': () => 'left out by hand',
  'a-grain': () => 'a grain',
  'has-gluten': () => 'holds gluten',
  avoided: ({ what }) => what,
  'no-flour': () => 'no flour for a blend',

  'made-of-grain': () => 'It is made of grain.',
  'no-such-bake': ({ route }) => `Common practice has no ${ROUTE_TABLE.rows[route].name} bake of this kind.`,
  'stands-on-egg': () => 'It stands on its eggs, and egg is out.',
  'lead-out': ({ of }) =>
    `What leads it is out (${of.map(({ name, why }) => `${name}: ${spoken(why)}`).join('; ')}).`,
  'no-place-in': ({ name, route }) =>
    `${name} is to be used up, but it has no place in a ${ROUTE_TABLE.rows[route].name} blend.`,
  'not-in-kitchen': ({ id }) => `“${id}” is no longer in this kitchen.`,
  'held-but-out': ({ name, why }) => `${name} is held by hand, but it is out: ${spoken(why)}.`,
  'flour-out': ({ name, why }) => `${name} is out: ${spoken(why)}.`,
  'held-over-whole': ({ percent }) =>
    `The shares held by hand come to ${percent} %, more than the whole blend.`,
  'nothing-to-blend': () => 'Nothing is to be bought, and the cupboard has no flour written down.',
  'jar-gone': () => 'That jar is no longer in the kitchen.',
  'no-flour-left': () =>
    'No flour is left: every one is barred by the diet, an avoidance, the cupboard or by hand.',
  'held-leave-nothing': () => 'The shares held by hand leave nothing that the other flours could fill.',

  'held-gave': () => 'The shares held by hand leave no room within the usual limits, so the limits gave',
  'few-flours-gave': ({ names }) =>
    `${names.join(', ')}: too few flours to keep to their usual limits, so the limits gave`,
  'wishes-gave': () =>
    'What is wished leaves no room within the usual limits and the cupboard, so the limits gave',

  'take-another-blend': () => 'Take another blend',
  'let-a-share-go': () => 'Let one of the held shares go',
  'go-another-way': () => 'Go another way',
  'allow-a-flour': () => 'Allow a flour again, or let an avoidance go',
  wishes: ({ of }) => {
    const words = of.map(spoken).join(', ');
    return words.charAt(0).toUpperCase() + words.slice(1);
  },
  'use-up-to': ({ flours }) => `use up to ${flours} flours`,
  'buy-up-to': ({ bags }) => (bags === 1 ? 'buy one bag' : `buy up to ${bags} bags`),
  'buy-what-it-takes': () => 'buy what it takes',
  'not-use-up': ({ name }) => `don’t use up ${name}`,
  'leave-jar': () => 'leave the jar, and blend it anew',
  'usual-way': () => 'go the usual way',
  'let-go': ({ name }) => `let ${name} go`,
  'allow-again': ({ name }) => `allow ${name} again`,

  'all-in-cupboard': () => 'all that is in the cupboard',
  'most-for': ({ family }) => `the most for ${aFamily(family)}`,
  'all-of-it': () => 'all of it',
  'at-its-most': ({ name, percent, why }) => `${name} is at its most (${percent} %: ${spoken(why)})`,
  'group-at-most': ({ group, percent }) => `${GROUPS[group]} are at their most (${percent} %)`,

  'gives-hold': () => 'binds when cold',
  'gives-chew': () => 'chew',
  'gives-snap': () => 'crispness',
  'gives-soft': () => 'a tender crumb',
  'gives-body': () => 'body',
  'gives-moisture': () => 'keeps moist',
  'gives-richness': () => 'richness',
  'gives-binding': () => 'it binds: a dose, not a share',

  'route-because': ({ route }) => ROUTE_TABLE.rows[route].because,
  'route-worse': ({ route }) => ROUTE_TABLE.rows[route].worse,
  'weight-for-weight': () => 'weight for weight',
  'cup-for-cup': () => 'cup for cup: a cup of it weighs more than a cup of wheat flour',
  'for-every-bake': () => 'made for every bake, so for none in particular',
};
