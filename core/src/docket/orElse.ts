import type { Catalogue } from '../catalogue';
import { avoidedIn } from '../guard';
import type { ConversionRequest } from '../kitchen';
import { namedIn } from '../read';

/** "(or barley coffee, for the children)", "[or ⅓ cup butter]". */
const BRACKETED = /\s*[([]\s*(?:or|instead|alternatively)\b[^()[\]]*[)\]]/giu;
/** ", or 2 rusks crushed with sugar", " or the same of plain flour": up to a bracket, a stop or the end. */
const BEHIND = /,?\s+or\s+[^,;()]+?(?=\s*(?:[,;()]|$))/giu;

/** A line's words without the alternatives that these people can't eat: what a list offers may be taken. */
export function withoutAvoided(
  words: string,
  own: string | null,
  request: ConversionRequest,
  catalogue: Catalogue,
): string {
  const avoided = (some: string): boolean =>
    namedIn(some, catalogue).some(
      ({ ingredient }) => ingredient !== own && avoidedIn(ingredient, request, catalogue).length > 0,
    );
  const left = (some: string): string => (avoided(some) ? '' : some);
  return words.replace(BRACKETED, left).replace(BEHIND, left);
}
