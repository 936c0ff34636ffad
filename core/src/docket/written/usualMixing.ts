import pluralize from 'pluralize';
import { doesIt, getIngredient, type Catalogue } from '../../catalogue';
import { AT_BOWL, readProcess, type Action, type ActionClass } from '../../process';
import { isOfBlend, sourceOf, type Recipe } from '../../read';
import type { Role } from '../../vocabulary';
import type { DocketLine, DocketPart } from '../types';
import { USUAL_MIXINGS, type MixingPlace } from './data/usualMixings';
import type { Facts } from './facts';
import { stirredIn } from './prepare';
import { blendName, type Renamed } from './renamed';
import { isPeel, isRunny } from './seasonings';
import { andList, spokenName } from './spoken';
import { kindOf } from './stepKind';

/** What a page leaves out of its method: how it is mixed, and how it comes to its heat where that isn't told either. */
export interface UsualMixingTold {
  readonly mix: string;
  readonly shape: string | null;
  /** Ids of the docket's lines that it takes. */
  readonly uses: readonly string[];
}

const SHAPES: ReadonlySet<ActionClass | null> = new Set<ActionClass>(['shape', 'place', 'layer']);
/** Not in the batter: it greases, dusts, fries, or goes on when that is baked. */
const BESIDE: ReadonlySet<string> = new Set(['frying', 'tin', 'bench', 'glaze', 'serving', 'top']);

const PLACES: Partial<Record<Role, MixingPlace>> = {
  'wheat-flour': 'flour',
  'gf-flour': 'flour',
  starch: 'flour',
  sugar: 'sugar',
  syrup: 'sugar',
  fat: 'fat',
  egg: 'egg',
  liquid: 'liquid',
  salt: 'dry',
  binder: 'dry',
};

function placeOf({ id, ingredient }: DocketLine, catalogue: Catalogue): MixingPlace {
  if (isOfBlend(id)) return 'flour';
  if (ingredient === null) return 'adds';
  const one = getIngredient(catalogue, ingredient);
  if (doesIt(one, 'yeast')) return 'yeast';
  if (one.role === 'chocolate-cocoa') return ingredient.includes('cocoa') ? 'dry' : 'chocolate';
  if (isPeel(one)) return 'adds';
  if (one.role === 'leavener' || one.role === 'flavour' || one.role === 'acid')
    return isRunny(one) ? 'wet' : 'dry';
  return PLACES[one.role] ?? 'adds';
}

const EGG = /^egg\b/;
const spoken = ({ name, count }: DocketLine): string =>
  count && count.n > 1 && EGG.test(name) ? pluralize(spokenName(name)) : spokenName(name);

/** What of a part stands at which place, by its present names. */
function placed(
  part: DocketPart,
  renamed: readonly Renamed[],
  stirred: ReadonlySet<string>,
  catalogue: Catalogue,
): ReadonlyMap<MixingPlace, readonly string[]> {
  const names = new Map<MixingPlace, string[]>();
  const put = (place: MixingPlace, name: string) => {
    const there = names.get(place) ?? [];
    names.set(place, there.includes(name) ? there : [...there, name]);
  };
  const made = renamed.filter((one) => one.part === part.id && one.made !== null);
  const inMade = new Set(made.flatMap((one) => one.made!.lines.map(({ id }) => id)));
  for (const line of part.lines) {
    if (BESIDE.has(line.for ?? '') || inMade.has(line.id) || stirred.has(line.id)) continue;
    put(placeOf(line, catalogue), isOfBlend(line.id) ? blendName(part) : spoken(line));
  }
  for (const { was, now } of made) put(PLACES[getIngredient(catalogue, was).role] ?? 'adds', now);
  return names;
}

const BRACED = /\{([a-z+]+)\}/g;
const placesIn = (sentence: string): MixingPlace[][] =>
  [...sentence.matchAll(BRACED)].map((match) => match[1]!.split('+') as MixingPlace[]);

/** The family's sentences with the list's names; what none of them has a place for is stirred in at the end. */
function toldBy(sentences: readonly string[], names: ReadonlyMap<MixingPlace, readonly string[]>): string {
  const of = (places: readonly MixingPlace[]) => places.flatMap((place) => names.get(place) ?? []);
  const said = sentences.filter((one) => placesIn(one).every((places) => of(places).length > 0));
  const told = new Set(said.flatMap((one) => placesIn(one).flat()));
  const left = of([...names.keys()].filter((place) => !told.has(place)));
  const words = said.map((one) =>
    one.replace(BRACED, (_, places: string) => `the ${andList(of(places.split('+') as MixingPlace[]))}`),
  );
  return [...words, ...(left.length > 0 ? [`Stir in the ${andList(left)} as well.`] : [])].join(' ');
}

const ALL_IN_ONE = /\ball[- ]in[- ](?:one|1)\b/i;
/** Whether a page has any word of a mixing, or words that nobody here understands: heat, tins and cooling are none. */
const mixesItself = (
  { method, doubts }: Recipe,
  actions: readonly Action[],
  heated: ReadonlySet<string>,
): boolean =>
  (method.length > 0 && doubts.some(({ kind }) => kind === 'other-language')) ||
  method.some(({ id, source }) => {
    const own = actions.filter(({ step }) => step === id);
    return (
      ALL_IN_ONE.test(source) ||
      kindOf(own, heated) === 'mix' ||
      own.some((one) => one.class !== null && AT_BOWL.has(one.class))
    );
  });

/** What goes on when it is shaped or baked isn't stirred together. */
const GOES_ON_IT =
  /\b(?:brush|top|topping|finish|serve|decorat\w*|sprinkl\w*|dust\w*|coat\w*|roll\w*|glaze|wash)\b/i;
/** "For the filling stir together the butter, sugar and cinnamon." */
function sentencesOfFillings(parts: readonly DocketPart[], catalogue: Catalogue) {
  return parts.flatMap(({ name, lines, blend }) => {
    const weighed = lines.filter(({ grams }) => grams !== null);
    if (name === null || blend.length > 0 || weighed.length < 2 || GOES_ON_IT.test(name)) return [];
    const cooked = weighed.some(
      ({ ingredient }) => ingredient !== null && PLACES[getIngredient(catalogue, ingredient).role] === 'egg',
    );
    return cooked
      ? []
      : [
          {
            text: `For the ${name.toLowerCase()} stir together the ${andList(weighed.map(spoken))}.`,
            uses: weighed.map(({ id }) => id),
          },
        ];
  });
}

/**
 * How a bake is usually mixed whose page has no word of it: by its family, in the names of its list. Null where the page mixes
 * anything, or has nothing to mix.
 */
export function usualMixing(
  { recipe, kitchen, parts, bowl, catalogue }: Facts,
  renamed: readonly Renamed[],
): UsualMixingTold | null {
  const { actions, mixtures, stages } = readProcess(recipe, kitchen);
  if (mixesItself(recipe, actions, new Set(stages.map(({ action }) => action)))) return null;
  const main = mixtures.find(({ family }) => family.because === 'main')?.part;
  const part = parts.find(({ id }) => id === main);
  if (!part || actions.some(({ takes }) => takes.some(({ line }) => bowl.flourLines.has(line)))) return null;
  const taken = new Set(actions.flatMap(({ takes }) => takes.map(({ line }) => line)));
  const own = part.lines.filter(({ id }) => !taken.has(sourceOf(id).line));
  const stirred = new Set(stirredIn(part, catalogue).map(({ id }) => id));
  const names = placed({ ...part, lines: own }, renamed, stirred, catalogue);
  if (!names.has('flour') || names.size < 2) return null;
  const { mix, shape } = USUAL_MIXINGS[bowl.family];
  const others = parts.filter(
    (one) => one !== part && one.lines.every(({ id }) => !taken.has(sourceOf(id).line)),
  );
  const fillings = sentencesOfFillings(others, catalogue);
  return {
    mix: [
      'The page doesn’t say how it is mixed; this is usual.',
      toldBy(mix, names),
      ...fillings.map(({ text }) => text),
    ].join(' '),
    shape: actions.some((one) => SHAPES.has(one.class)) ? null : shape,
    uses: [
      ...own.filter((line) => !BESIDE.has(line.for ?? '')).map(({ id }) => id),
      ...fillings.flatMap(({ uses }) => uses),
    ],
  };
}
