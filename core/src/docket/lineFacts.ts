import pluralize from 'pluralize';
import { getIngredient, type Catalogue } from '../catalogue';
import type { Process } from '../process';
import { settle } from '../quantity';
import type { PartKind } from '../vocabulary';
import type { From } from './listWords';
import { PREPARED, preparationOf } from './preparation';
import { spokenName } from './written';
import type { DocketLine, LineUse } from './types';

/** Units that are things one counts; a pinch is none. */
const PIECES =
  /^(?:sticks?|cans?|tins?|packets?|packs?|packages?|sachets?|envelopes?|cloves?|sheets?|slices?|bars?|blocks?|jars?|bags?|box(?:es)?|cartons?|tubs?|pods?|sprigs?|leaf|leaves|balls?|squares?|stalks?|pieces?|large|medium|small)$/i;
const SIZES = /^(?:large|medium|small|pieces?)$/i;
const HALVES = 2;

/** A piece of it as one counts them: "egg", "stick of butter". */
function pieceOf({ item, line }: From, name: string): string {
  const unit = item.unit === null ? '' : item.unit.toLowerCase();
  if (unit === '' || SIZES.test(unit) || line.measuredBy === null) return pluralize.singular(name);
  return `${pluralize.singular(unit)} of ${name}`;
}

/** How many of what, where the recipe counts it or it is egg; null for what is weighed or spooned. */
export function countOf(
  made: Pick<DocketLine, 'ingredient' | 'name' | 'grams' | 'changed'>,
  from: From | undefined,
  catalogue: Catalogue,
): DocketLine['count'] {
  const name = spokenName(made.name);
  const counts =
    from !== undefined &&
    !made.changed &&
    from.item.quantity !== null &&
    (from.item.unit === null || PIECES.test(from.item.unit));
  if (counts) return { n: settle(from.item.quantity!.central), of: pieceOf(from, name) };
  if (made.ingredient === null || !made.grams) return null;
  const { role, each } = getIngredient(catalogue, made.ingredient);
  if (role !== 'egg' || !each) return null;
  const n = Math.round((HALVES * made.grams.central) / each[0]) / HALVES;
  return n > 0 ? { n, of: pluralize.singular(name) } : null;
}

/** "Not blackstrap", "a plateful": says which, or how much. */
const NO_PREPARATION = /^(?:not|an?|about|to|for|if|optional)\b/i;

/** How a line of the list is prepared: what stands behind its name, or is said before it. */
export function prepOf(from: From | undefined, catalogue: Catalogue): string | null {
  if (!from) return null;
  const alone = from.line.items.filter(({ alternative }) => !alternative).length === 1;
  const behind = alone ? preparationOf(from.line, from.item, catalogue).replace(/^, /, '') : '';
  if (behind !== '' && !NO_PREPARATION.test(behind)) return behind;
  const said = [...new Set((from.item.words.match(PREPARED) ?? []).map((word) => word.toLowerCase()))];
  return said.length === 0 ? null : said.join(', ');
}

const FOR_WORDS: readonly (readonly [LineUse, RegExp])[] = [
  ['frying', /\b(?:to|for) (?:deep-?|shallow )?fry(?:ing)?\b|\bfor the pan\b/i],
  [
    'tin',
    /\b(?:greas\w+|for (?:the |a )?(?:\w+ )?(?:tins?|pans?|dish|tray|moulds?|basin|ramekins?)|to line)\b/i,
  ],
  ['bench', /\b(?:dusting|bench|work ?(?:top|surface)|surface|counter|for (?:rolling|kneading|flouring))\b/i],
  ['glaze', /\b(?:brush(?:ing)?|egg ?wash|to glaze|for glazing)\b/i],
  ['serving', /\b(?:to serve|serving|alongside|at the table)\b/i],
  [
    'top',
    /\b(?:to (?:finish|decorate|sprinkle|top|coat)|for (?:sprinkling|rolling in|coating|topping|decorating|the top)|topping|sprinkl\w+)\b/i,
  ],
];
const PART_WORDS: readonly (readonly [LineUse, RegExp])[] = [
  ['frying', /\bfry|\bpan\b/i],
  ['icing', /\b(?:icing|frosting|glaze|buttercream|ganache)\b/i],
  ['filling', /\b(?:fill(?:ing)?|custard|jam|curd|frangipane)\b/i],
  ['sauce', /\b(?:sauce|syrup|soak|drizzle|caramel)\b/i],
  ['top', /\b(?:top(?:ping)?|crumble|streusel|finish|decorat\w+|to coat|after)\b/i],
  ['base', /\b(?:base|crust|bottom)\b/i],
];
const LINES_TINS = 'line-tin';

/** What a line is for: by its own words, by the deed that alone takes it, else by its part. */
export function useOf(
  id: string,
  from: From | undefined,
  part: { readonly name: string | null; readonly kind: PartKind | null },
  { actions }: Pick<Process, 'actions'>,
): LineUse {
  const words = from?.line.source ?? '';
  const aside = from !== undefined && (from.line.aside || from.item.aside);
  const said = FOR_WORDS.find(([, one]) => one.test(words))?.[0];
  if (said && (aside || said === 'frying')) return said;
  const deeds = actions.filter(({ takes }) => takes.some(({ line }) => line === id)).map((one) => one.class);
  if (deeds.length > 0 && deeds.every((one) => one === LINES_TINS)) return 'tin';
  if (deeds.length > 0 && deeds.every((one) => one === 'set-fat' || one === 'fry')) return 'frying';
  if (aside) return said ?? 'top';
  const named = PART_WORDS.find(([, one]) => part.name !== null && one.test(part.name))?.[0];
  if (named) return named;
  return part.kind === 'no-flour' || part.kind === 'thickened-filling' ? 'filling' : 'batter';
}
