import type { Catalogue } from '../catalogue';
import { matchIngredient, type Item, type Line } from '../read';
import type { Role } from '../vocabulary';
import { tidy } from './authorsLine';

/** Said before a name, it says how the thing is wanted. */
export const PREPARED =
  /\b(?:softened|soft|melted|chopped|toasted|sifted|grated|mashed|diced|cubed|sliced|crushed|beaten|cold|chilled|lukewarm|warm|packed|peeled|halved|drained|browned|room temperature)\b/gi;

/** Of what an author calls a thing that which stands in the line as one stretch: "butter, softened" is read as "butter softened". */
export function inLine(source: string, words: string): string {
  const all = words.trim().split(' ');
  const upTo = all.map((_, at) => all.slice(0, all.length - at).join(' '));
  const stretch = upTo.find((some) => source.includes(some)) ?? '';
  const left = words.trim().slice(stretch.length).replace(PREPARED, '').trim();
  return stretch !== '' && left === '' ? stretch : words.trim();
}

/** " (about 200 g)": what it weighs, behind its name. */
const IN_BRACKETS = /^\s*\([^)]*\d[^)]*\)(?=,)/;

/** What stands behind the last word of a food's name that is its own: its cup may have been taken for one of its words. */
const behind = (line: string, { words }: Item): string => {
  const [first = ''] = words.split(' ');
  const at = line.lastIndexOf(first);
  const rest = line.slice(at + first.length);
  const more = words.split(' ').slice(1);
  if (more.at(-1) === SYRUP && !line.includes(words)) return '';
  return more.reduce((left, word) => {
    const next = left.trimStart();
    return next.startsWith(word) && !DONE.test(word) ? next.slice(word.length) : left;
  }, rest);
};
const DONE = /ed$/;
/** "3 balls stem ginger, chopped, plus 2 tbsp of the syrup": what stands behind "ginger" isn’t said of its syrup. */
const SYRUP = 'syrup';
const TAKEN_UP =
  /^[\s,(]*(dissolved|soak(?:ed)?|mixed|blended|slaked|stirred|fried|toasted|browned|tossed|whisked|boiled|cooked|warmed|melted)(?: (overnight|for [\p{L}\d ]{3,18}))? (in|into|with)\b/iu;
const WATER = 'water';
/** What may be another one now is called by its kind. */
const ITS: Partial<Record<Role, string>> = {
  liquid: 'its liquid',
  fat: 'its fat',
  'wheat-flour': 'a little of the flour blend',
};
/** ", dissolved in the boiling water": what is done with a thing and the next of its line; water stays water, another liquid may be another. */
export function takenUp(line: Line, item: Item): string {
  const [, done, long = '', into] = TAKEN_UP.exec(behind(tidy(line), item)) ?? [];
  const next = line.items[line.items.indexOf(item) + 1];
  if (done === undefined || next === undefined) return '';
  const its = next.ingredient === WATER ? undefined : ITS[next.role];
  const doing = done.toLowerCase().replace(/^soak$/, 'soaked');
  return `, ${[doing, long, into].filter((one) => one !== '').join(' ')} ${its ?? `the ${next.words}`}`;
}

/** How one thing of a list on one line is wanted, up to the next: ", coarsely grated", " (stalks off)", " + extra for glaze". */
const BEHIND =
  /^(?:\s+lightly beaten)?\s*(?:,\s*(?<said>[\p{L} '-]{3,40})|\((?<bracketed>[\p{L} ,'-]{3,40})\)|(?<more>(?:\+|\bplus)\s+(?:extra|more)\s+(?:for|to)\s+[\p{L} ]{3,24}?))\s*(?=[|;/·•,.]|$)/iu;
/** Nothing in it is another food: "coarsely grated", "peeled and cut into chunks". */
const DESCRIBES = new RegExp(
  `^\\s*(?:(?:${PREPARED.source}|and|finely|coarsely|roughly|thinly|lightly|freshly|well|very|cored|stoned|pitted|cut|in|into|small|large|thin|chunks|pieces|cubes|slices)\\s*)+$`,
  'i',
);
const saidBehind = (line: Line, item: Item) => BEHIND.exec(behind(tidy(line), item))?.groups ?? {};
const asExtra = (more: string): string => `, ${more.replace(/^\+/, 'plus').replace(/\s+/g, ' ')}`;
/** ", plus extra for glaze". */
export function extraOf(line: Line, item: Item): string {
  const { more } = saidBehind(line, item);
  return more ? asExtra(more) : '';
}
export function behindItsName(line: Line, item: Item): string {
  const { said, bracketed, more } = saidBehind(line, item);
  if (more) return asExtra(more);
  if (bracketed) return ` (${bracketed})`;
  return said && DESCRIBES.test(said) ? `, ${said.trim()}` : '';
}

/** "cold, diced": how the recipe wants what is still the same thing. */
export function preparationOf(whole: Line, item: Item, catalogue: Catalogue): string {
  const { items } = whole;
  if (items.filter(({ alternative }) => !alternative).length > 1)
    return takenUp(whole, item) || behindItsName(whole, item);
  const line = tidy(whole);
  const behind = line.split(inLine(line, item.words)).at(-1) ?? '';
  const [said = ''] = behind.replace(IN_BRACKETS, '').split(/,?\s*\bplus\b/);
  const [, stated, bracketed] = /^(?:,\s*([\p{L} ,'-]{3,60})|\s*\(([\p{L} ,'-]{3,40})\))$/u.exec(said) ?? [];
  // "curd (yogurt)": another name of it says nothing of how it is wanted.
  const names = bracketed !== undefined && matchIngredient(bracketed, catalogue)?.match === 'exact';
  const how = (stated ?? (names ? '' : bracketed) ?? '').trim();
  return how !== '' && !/\bor\b/.test(how) ? `, ${how}` : behindItsName(whole, item);
}

/** "cold butter, cubed", of what stands in its place: ", cold, cubed". `behind`: how it is wanted, by what stands behind its name. */
export const wanted = ({ words }: Item, behind: string): string =>
  [...new Set(words.match(PREPARED))]
    .map((word) => word.toLowerCase())
    .filter((word) => !behind.toLowerCase().includes(word))
    .map((word) => `, ${word}`)
    .join('') + behind;
