import { plainId, type Catalogue } from '../../catalogue';
import type { Line, Part, Recipe } from '../../read';
import { sourceOf, lastWordOf, tokensOf } from '../../read';
import type { DocketPart } from '../types';
import { mentionsIn } from './mentions';

const DRY = /\bdry\b|\bsift\b[^.;]*\b(?:together|all)\b/i;
const WET = /\b(?:wet|liquids?)\b/i;
const ALL =
  /\b(?:everything|all (?:the )?(?:rest|ingredients|others)|the (?:rest|others|remaining ingredients)|all|mix it)\b/i;
const DRY_ROLES = new Set([
  'wheat-flour',
  'gf-flour',
  'starch',
  'leavener',
  'salt',
  'flavour',
  'chocolate-cocoa',
  'sugar',
  'binder',
  'acid',
]);
const WET_ROLES = new Set(['liquid', 'egg', 'syrup', 'flavour', 'fat']);
/** What a cook calls by a word that isn't its name. */
const BY_ROLE: readonly (readonly [RegExp, string])[] = [
  [/\bspices?\b|\bflavou?rings?\b|\bextracts?\b|\bessence\b/i, 'flavour'],
  [/\bsugars?\b/i, 'sugar'],
  [/\bflours?\b/i, 'wheat-flour'],
  [/\bfats?\b|\bmarg\b/i, 'fat'],
  [/\bnuts?\b|\bfruit\b|\bchoc\b|\bchips?\b/i, 'inclusion'],
  [/\bfruit\b|\bberr(?:y|ies)\b/i, 'fruit-veg'],
  [/\bchoc\b|\bcocoa\b/i, 'chocolate-cocoa'],
  [/\bbicarb\b|\bsoda\b|\b(?:baking )?powder\b|\bb\.?p\.?\b|\byeast\b/i, 'leavener'],
];

/** Whether a step names a line: by its food, by its last word, or by what it is called among cooks. */
function names(
  line: Line,
  foods: ReadonlySet<string>,
  words: ReadonlySet<string>,
  roles: ReadonlySet<string>,
): boolean {
  return line.items.some(
    ({ ingredient, words: own, name, role }) =>
      (ingredient !== null && foods.has(plainId(ingredient))) ||
      [own, name.split(',')[0]!].some((one) => lastWordOf(one).length > 2 && words.has(lastWordOf(one))) ||
      roles.has(role),
  );
}

/** What a step says, taken apart once for all parts. */
interface Heard {
  readonly source: string;
  readonly words: ReadonlySet<string>;
  readonly foods: ReadonlySet<string>;
  readonly roles: ReadonlySet<string>;
}

const heard = (source: string, catalogue: Catalogue): Heard => ({
  source,
  words: new Set(tokensOf(source)),
  foods: new Set(mentionsIn(source, catalogue).map(({ ingredient }) => plainId(ingredient))),
  roles: new Set(BY_ROLE.filter(([form]) => form.test(source)).map(([, role]) => role)),
});

/** The lines of a part that a step works with, by name, by set, or by the part's own name. */
function ofPart({ name, lines }: Part, { source, words, foods, roles }: Heard): string[] {
  const last = name === null ? '' : lastWordOf(name);
  const whole = ALL.test(source) || (last.length > 3 && words.has(last));
  const [dry, wet] = [DRY.test(source), WET.test(source)];
  const inSet = ({ items }: Line) =>
    items.some(({ role }) => (dry && DRY_ROLES.has(role)) || (wet && WET_ROLES.has(role)));
  return lines
    .filter(({ kind }) => kind === 'ingredient')
    .filter((line) => whole || inSet(line) || names(line, foods, words, roles))
    .map(({ id }) => id);
}

/** Ids of the docket's lines that a step works with. `taken`: the recipe's lines that its process knows of. */
export function usesOf(
  source: string,
  taken: ReadonlySet<string>,
  recipe: Recipe,
  parts: readonly DocketPart[],
  catalogue: Catalogue,
): string[] {
  const step = heard(source, catalogue);
  const lines = new Set([...taken, ...recipe.parts.flatMap((part) => ofPart(part, step))]);
  return parts.flatMap((part) =>
    part.lines.filter(({ id }) => lines.has(sourceOf(id).line)).map(({ id }) => id),
  );
}
