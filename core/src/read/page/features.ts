import type { Catalogue } from '../../catalogue';
import type { Seen } from './alone';
import { linesByThemselves, NEIGHBOURS, SHORT_WORDS, type ByItself } from './byItself';

type Names = ReadonlySet<string>;
type Section = 'nothing' | 'ingredients' | 'method' | 'notes';

/** A page as the features of its lines see it. */
interface PageView {
  /** Brackets that are open where each line begins. */
  readonly open: readonly number[];
  readonly lines: readonly ByItself[];
  /** Whether a blank line stands before each. */
  readonly blank: readonly boolean[];
  readonly has: readonly Names[];
  readonly shapes: string;
  readonly sections: readonly Section[];
  /** The first line with an amount of food, and the first sentence that begins with a kitchen verb; past the end without one. */
  readonly firstAmount: number;
  readonly firstVerb: number;
  /** Lines before the amounts that may be a name. */
  readonly names: readonly number[];
  readonly list: string;
}

/** A line that ends in the middle of what it says. */
const GOES_ON = /(?:[,&+-]|\b(?:and|or|the|a|an|with|plus|of|for|in|into|from|short|some|about))$/i;
const NAME_WORDS = 10;

const hasAmount = (has: Names) =>
  has.has('amount of food') || has.has('unit first') || has.has('row of both');

/** What a line looks like at a glance, as a letter. */
function shapeOf(has: Names, words: number): string {
  if (has.has('letters none')) return '#';
  if (has.has('verb first') && (has.has('ends in stop') || has.has('several sentences') || words > 5))
    return 'V';
  if (hasAmount(has)) return 'A';
  if (has.has('several sentences') || has.has('many amounts') || words > 11) return 'S';
  if (has.has('verb first')) return 'v';
  if (has.has('food alone')) return 'f';
  if (has.has('ends in colon')) return ':';
  if (!has.has('no digit')) return 'd';
  return words <= SHORT_WORDS ? 's' : 'm';
}

/** Which section was opened by name above each line. */
function sectionsOf(own: readonly Names[]): Section[] {
  let open: Section = 'nothing';
  return own.map((has) => {
    const before = open;
    if (has.has('short')) {
      if (has.has('ingredients word')) open = 'ingredients';
      else if (has.has('method word')) open = 'method';
      else if (has.has('notes word')) open = 'notes';
    }
    return before;
  });
}

const NO_NAME = ['amount of food', 'junk words', 'ends in stop', 'ends in colon', 'time', 'serves first'];
const mayBeName = (has: Names, { words, clean }: Seen) =>
  words <= NAME_WORDS && /\p{L}{3}/u.test(clean) && !NO_NAME.some((name) => has.has(name));

function viewOf(sources: readonly string[], blank: readonly boolean[], catalogue: Catalogue): PageView {
  const lines = linesByThemselves(sources, catalogue);
  const has = lines.map((line) => line.has);
  let depth = 0;
  const open = lines.map(({ clean }, at) => {
    if (blank[at]) depth = 0;
    const before = depth;
    depth = Math.max(0, depth + clean.split('(').length - clean.split(')').length);
    return before;
  });
  const found = (at: number) => (at < 0 ? lines.length : at);
  const firstAmount = found(has.findIndex(hasAmount));
  const firstVerb = found(
    has.findIndex(
      (one) =>
        one.has('verb first') &&
        ['several sentences', 'ends in stop', 'numbered'].some((name) => one.has(name)),
    ),
  );
  const listed = has.filter((one) => hasAmount(one) && !one.has('several sentences')).length;
  const last = firstAmount === lines.length ? 0 : firstAmount;
  return {
    lines,
    blank,
    open,
    has,
    shapes: has.map((one, at) => shapeOf(one, lines[at]!.words)).join(''),
    sections: sectionsOf(has),
    firstAmount,
    firstVerb,
    names: lines.flatMap((line, at) => (at <= last && mayBeName(has[at]!, line) ? [at] : [])),
    list: listed < 3 ? 'listless' : listed < 6 ? 'short list' : 'list',
  };
}

/** Where on the page a line stands. */
function placeOf(
  at: number,
  { lines, blank, open, has, sections, firstAmount, firstVerb, names, list }: PageView,
): string[] {
  const said: readonly (readonly [boolean, string])[] = [
    [at === 0, 'first'],
    [at > 0 && at < 3, 'near first'],
    [at === lines.length - 1, 'last'],
    [at < lines.length - 1 && at > lines.length - 4, 'near last'],
    [blank[at]!, 'blank before'],
    [blank[at + 1] ?? false, 'blank after'],
    [at < firstAmount && firstAmount < lines.length, 'before the amounts'],
    [at > firstVerb, 'after the first step'],
    [!has.slice(0, at).some((one) => one.has('bake name') && !one.has('junk words')), 'no bake named yet'],
    [open[at]! > 0, 'in a bracket'],
    [at > 0 && GOES_ON.test(lines[at - 1]!.clean) && /^[\p{Ll}(]/u.test(lines[at]!.clean), 'goes on'],
    [names[0] === at, 'first name'],
    [names.at(-1) === at, 'last name'],
    [names.length === 1 && names[0] === at, 'only name'],
    [names.slice(1, -1).includes(at), 'name between'],
  ];
  return [...said.filter(([yes]) => yes).map(([, name]) => name), `under ${sections[at]!}`, list];
}

/** What it looks like between the lines around it: a name alone among amounts is a heading sooner than a food. */
function shapesAround(at: number, { shapes, lines, blank, sections, firstVerb }: PageView): string[] {
  const shape = (by: number) => shapes[at + by] ?? '^';
  const gap = (by: number) => (blank[at + by] ? '/' : '');
  const amounts = [-3, -2, -1, 1, 2, 3].filter((by) => shape(by) === 'A').length;
  const indent = (line: Seen | undefined) => (line ? line.raw.length - line.raw.trimStart().length : 99);
  const indented = indent(lines[at]) > 1 && indent(lines[at]) > indent(lines[at - 1]);
  const own = shape(0);
  return [
    `shape ${own}`,
    `shapes ${shape(-1)}${gap(0)}${own}`,
    `shapes ${own}${gap(1)}${shape(1)}.`,
    `shapes ${shape(-1)}${gap(0)}${own}${gap(1)}${shape(1)}`,
    `shapes ${shape(-2)}${shape(-1)}${own}`,
    `shapes ${own}${shape(1)}${shape(2)}.`,
    `shape ${own} of ${amounts} amounts`,
    `shape ${own} under ${sections[at]!}`,
    `shape ${own} ${at > firstVerb ? 'after' : 'before'} the verbs`,
    ...(indented ? ['indented', `indented after ${shape(-1)}`] : []),
  ];
}

const EDGES = NEIGHBOURS.map((by) => [`edge ${by}`]);
/** What the lines around it tell a line. */
const toldBy = (at: number, { lines }: PageView): string[] =>
  NEIGHBOURS.flatMap((by, n) => lines[at + by]?.told[n] ?? EDGES[n]!);

const placedNames = new Map<string, Map<string, string>>();
function placedName(name: string, where: string): string {
  const there = placedNames.get(where) ?? new Map<string, string>();
  placedNames.set(where, there);
  const known = there.get(name) ?? `${name} @ ${where}`;
  there.set(name, known);
  return known;
}

/** What weighs otherwise in the head of a page, in its list and after its first step, or under a heading. */
function placed(at: number, { sections, firstAmount, firstVerb, lines, list }: PageView): string[] {
  const inList =
    firstAmount < lines.length && at < firstAmount ? 'before' : at > firstVerb ? 'steps' : 'list';
  const where = at === 0 ? 'first' : inList;
  const under = `under ${sections[at]!}`;
  return lines[at]!.placed.flatMap((name) => [
    placedName(name, list),
    placedName(name, under),
    placedName(name, where),
  ]);
}

/**
 * The features of each line of a page: what it is by itself, by its words, by its place and beside its neighbours. `sources`:
 * the lines that aren't blank; `blank`: whether a blank one stands before each.
 */
export function featuresOf(
  sources: readonly string[],
  blank: readonly boolean[],
  catalogue: Catalogue,
): string[][] {
  const page = viewOf(sources, blank, catalogue);
  return page.lines.map((line, at) => [
    'any',
    ...line.own,
    ...placeOf(at, page),
    ...shapesAround(at, page),
    ...toldBy(at, page),
    ...placed(at, page),
    ...line.lexical,
  ]);
}
