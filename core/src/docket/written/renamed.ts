import { shows, type Sign } from '../../process';
import { getIngredient, type Catalogue } from '../../catalogue';
import { isOfBlend, sourceOf, tokensOf, wholeMethod, type Recipe } from '../../read';
import { FLOUR_ROLES, type Role } from '../../vocabulary';
import { andList, spokenName } from './spoken';
import { EGG, MADE_FIRST, WHIPPED, type MadeFirst } from './data/madeFirst';
import type { DocketLine, DocketPart } from '../types';

/** What a thing of the recipe's list is called by now. */
export interface Renamed {
  readonly line: string;
  readonly part: string;
  /** The ingredient that it was, and its own words. */
  readonly was: string;
  readonly words: string;
  readonly now: string;
  /** It is flour, and what it is now is what is stirred together first. */
  readonly blend: boolean;
  /** With what else is flour in its part and is named in no step; empty for what isn't flour. */
  readonly all: string;
  /** Ids of the docket's lines that it is now. */
  readonly ids: readonly string[];
  readonly weighed: boolean;
  /** It was an egg whose yolk and white go in apart, and is one thing now: which of them the method names first. Null: it wasn't. */
  readonly halves: string | null;
  /** What is made of its stand-ins before they go in; null: they go in as they are. */
  readonly made: { readonly how: MadeFirst; readonly lines: readonly DocketLine[] } | null;
}

export const FLOUR_BLEND = 'flour blend';

/** What the flours of a part are called together: the one that there is, else the blend. */
export function blendName(part: DocketPart): string {
  const flours = part.lines.filter(({ id, grams }) => isOfBlend(id) && grams !== null);
  const names = [...new Set(flours.map(({ name }) => spokenName(name)))];
  return names.length === 1 ? names[0]! : FLOUR_BLEND;
}

/** A starter's water goes in beside the blend. */
const itsWater = (own: readonly DocketLine[]): string[] =>
  own
    .filter(({ id, ingredient }) => !isOfBlend(id) && ingredient === 'water')
    .map(({ name }) => spokenName(name));

/** What a rule adds to a part bears the id of its first line: soda and vinegar that lift for an egg are no stand-in of that line. */
const liftsForEgg = (id: string, role: string, part: string): boolean =>
  role === 'egg' && id.startsWith(`${part}+`) && LIFTS.test(id);
const LIFTS = /soda$|vinegar$/;

/** Nor is the gum that binds a part a stand-in of its first line, which may be a whole sentence. */
const bindsThePart = ({ id, ingredient }: DocketLine, role: Role, catalogue: Catalogue): boolean =>
  role !== 'egg' &&
  id.includes('+') &&
  ingredient !== null &&
  getIngredient(catalogue, ingredient).role === 'binder';

const isOf = (test: RegExp, { ingredient }: DocketLine) => ingredient !== null && test.test(ingredient);

/** What of some stand-ins is made into one thing first; what goes in as it is stands beside it. */
export function madeOf(lines: readonly DocketLine[]): Renamed['made'] {
  const how = MADE_FIRST.find(({ of }) => of.every((test) => lines.some((line) => isOf(test, line))));
  return how ? { how, lines: lines.filter((line) => how.of.some((test) => isOf(test, line))) } : null;
}

const KIND_OF_FLOUR: ReadonlySet<string> = new Set(['flour', 'starch', 'meal']);
/** Flours and starches of a part beside its blend that no step names: "sift in the flours" means them too. */
const unnamedFlours = (
  { id: part, lines }: DocketPart,
  { method, parts }: Recipe,
  catalogue: Catalogue,
): string[] =>
  lines
    .filter(
      ({ id, ingredient, grams }) =>
        grams !== null &&
        ingredient !== null &&
        !isOfBlend(id) &&
        FLOUR_ROLES.has(getIngredient(catalogue, ingredient).role),
    )
    .filter(({ source }) => {
      // "The flours" name no almond flour.
      const [before = '', last = ''] = tokensOf(source ?? '').slice(-2);
      const own = KIND_OF_FLOUR.has(last) ? before : last;
      const says = (words: string) => tokensOf(words).includes(own);
      // The compote's potato flour is named for itself.
      const others = parts.filter(({ id, lines: its }) => id !== part && its.some((one) => says(one.source)));
      return own !== '' && method.filter((step) => says(step.source)).length <= others.length;
    })
    .map(({ name }) => spokenName(name));

/** Everything on the list that another name answers to now: what was replaced, part by part. */
export function renamedIn(recipe: Recipe, parts: readonly DocketPart[], catalogue: Catalogue): Renamed[] {
  const told = (sign: Sign) => recipe.method.some(({ source }) => shows(sign, source));
  const apart = told('names yolks') && told('names whites');
  const words = wholeMethod(recipe.method);
  const first = words.search(/\bwhites?\b/i) < words.search(/\byolks?\b/i) ? EGG.white : EGG.yolk;
  return recipe.parts.flatMap((part) => {
    const docket = parts.find(({ id }) => id === part.id);
    if (!docket) return [];
    return part.lines.flatMap((line) =>
      line.items.flatMap((item, at): Renamed[] => {
        if (item.ingredient === null || item.alternative) return [];
        const own = docket.lines.filter((one) => {
          const from = sourceOf(one.id);
          return (
            from.line === line.id &&
            from.at === at &&
            !liftsForEgg(one.id, item.role, part.id) &&
            !bindsThePart(one, item.role, catalogue)
          );
        });
        // The blend stands at the first of a part's flours: the others are in it, and what raised one of them goes with it.
        const onlyRaises = own.every(
          ({ ingredient }) => ingredient !== null && getIngredient(catalogue, ingredient).role === 'leavener',
        );
        const inBlend = onlyRaises && item.role === 'wheat-flour' && !item.aside && !line.aside;
        const now = inBlend ? [...docket.lines.filter(({ id }) => isOfBlend(id)), ...own] : own;
        const blend = now.some(({ id }) => isOfBlend(id));
        if (now.length === 0 || (!blend && now.some(({ ingredient }) => ingredient === item.ingredient)))
          return [];
        const made = blend ? null : madeOf(now);
        const names = now.map(({ name }) => spokenName(name));
        const beside = names.filter((_, n) => !made?.lines.includes(now[n]!));
        return [
          {
            line: line.id,
            part: part.id,
            was: item.ingredient,
            words: item.words,
            now: blend
              ? andList([blendName(docket), ...itsWater(own)])
              : andList(made ? [made.how.name(names), ...beside] : names),
            blend,
            all: blend ? andList([blendName(docket), ...unnamedFlours(docket, recipe, catalogue)]) : '',
            ids: now.map(({ id }) => id),
            weighed: now.some(({ grams }) => grams !== null),
            halves:
              apart && item.ingredient === EGG.whole && now.some(({ ingredient }) => ingredient === WHIPPED)
                ? first
                : null,
            made,
          },
        ];
      }),
    );
  });
}
