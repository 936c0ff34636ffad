import { isTag, isText, type AnyNode, type Document, type Element } from 'domhandler';
import { findAll, getAttributeValue, hasAttrib } from 'domutils';
import { parseDocument } from 'htmlparser2';
import { isIntricatePage } from './intricate';
import type { Json, Node } from './json';
import { parseJson } from './json';
import { findRecipes, ofRecipeNode, OURS } from './linkedData';
import type { Found, Intake } from './types';

/** Elements that end a line. */
const BLOCKS = new Set(
  'address article aside blockquote br dd div dl dt figcaption figure footer form h1 h2 h3 h4 h5 h6 header hr li main nav ol p pre section table td th tr ul'.split(
    ' ',
  ),
);
/** Elements that say nothing of a recipe. */
const SILENT = new Set(
  'script style noscript template svg iframe nav footer form button select head title'.split(' '),
);

/** A page with more recipes, and a recipe with more lines, is none that anybody bakes from. */
const MOST_SCOPES = 50;
const MOST_VALUES = 2000;

const named = (root: Document, name: string): Element[] => findAll((one) => one.name === name, root.children);

/** A script of linked data, found without taking the page apart; its own mark is short wherever it stands. */
const LINKED_DATA =
  /<script\b[^>]{0,300}?type\s{0,9}=\s{0,9}["']?\s{0,9}application\/ld\+json\b[^>]{0,300}>/gi;
const SCRIPT_END = /<\/script\b[^>]{0,100}>/gi;

/** What stands in the JSON-LD blocks of a page. */
function linkedDataBlocks(html: string): string[] {
  const blocks: string[] = [];
  for (const { 0: mark, index } of html.matchAll(LINKED_DATA)) {
    SCRIPT_END.lastIndex = index + mark.length;
    const end = SCRIPT_END.exec(html)?.index ?? html.length;
    blocks.push(html.slice(index + mark.length, end));
    if (blocks.length === MOST_SCOPES) break;
  }
  return blocks;
}

/** The JSON-LD of a page, each block parsed by itself: a broken one spoils no other. */
function linkedDataOf(html: string): { readonly nodes: Node[]; readonly broken: number } {
  const parsed = linkedDataBlocks(html).map((block) =>
    parseJson(block.replace(/^\s*(?:<!--|<!\[CDATA\[)|(?:-->|\]\]>)\s*$/g, '')),
  );
  return {
    nodes: parsed.flatMap((value) => (value === undefined ? [] : findRecipes(value))),
    broken: parsed.filter((value) => value === undefined).length,
  };
}

/** What begins with one and ends with the other is read by nobody. */
const UNREAD: readonly (readonly [begin: RegExp, end: RegExp])[] = [
  [/<script\b/gi, SCRIPT_END],
  [/<style\b/gi, /<\/style\b[^>]{0,100}>/gi],
  [/<svg\b/gi, /<\/svg\b[^>]{0,100}>/gi],
  [/<!--/g, /-->/g],
];
/** A picture that is written out in the page. */
const WRITTEN_OUT = /data:[\w/+;=-]{0,60},[\w+/=%-]{200,}/g;

/** A page without its scripts, styles, drawings, comments and pictures that are written out in it. */
const bareOf = (html: string): string =>
  UNREAD.reduce((text, [begin, end]) => {
    const kept: string[] = [];
    let from = 0;
    for (const { index } of text.matchAll(begin)) {
      if (index < from) continue;
      kept.push(text.slice(from, index));
      end.lastIndex = index;
      const closing = end.exec(text);
      from = closing ? closing.index + closing[0].length : text.length;
    }
    return kept.join('') + text.slice(from);
  }, html).replace(WRITTEN_OUT, '');

/** Words and marks of the longest page that is taken apart: a saved page of a recipe has a tenth of it. */
const MOST_PAGE = 1_500_000;

/** The text that a browser would show of an element, with a line for each block. */
function shownText(node: AnyNode): string {
  if (isText(node)) return node.data.replace(/\s+/g, ' ');
  if (!isTag(node)) return 'children' in node ? node.children.map(shownText).join('') : '';
  if (SILENT.has(node.name)) return '';
  const inner = node.children.map(shownText).join('');
  return BLOCKS.has(node.name) ? `\n${inner}\n` : inner;
}

const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');

const valueOf = (element: Element): Json =>
  getAttributeValue(element, 'content') ??
  getAttributeValue(element, 'datetime') ??
  lines(shownText({ ...element, name: 'div' } as Element)).join('\n');

const isRecipeScope = (element: Element) =>
  /schema\.org\/Recipe\b/i.test(getAttributeValue(element, 'itemtype') ?? '');

/** A microdata item as linked data: each itemprop of its own, those of items within left to them. */
function microdataNode(scope: Element): Node {
  const values = new Map<string, Json[]>();
  const walk = (children: readonly AnyNode[]): void => {
    for (const child of children) {
      if (!isTag(child)) continue;
      const prop = getAttributeValue(child, 'itemprop');
      for (const key of prop?.split(/\s+/) ?? []) {
        const known = values.get(key) ?? [];
        values.set(key, known);
        if (OURS.has(key) && known.length < MOST_VALUES) known.push(valueOf(child));
      }
      if (!hasAttrib(child, 'itemscope')) walk(child.children);
    }
  };
  walk(scope.children);
  const fields = [...values].filter(([key, all]) => key !== '@type' && all.length > 0);
  return {
    '@type': 'Recipe',
    ...Object.fromEntries(fields.map(([key, all]) => [key, all.length === 1 ? all[0]! : all])),
  };
}

const microdataOf = (page: Document): Node[] =>
  findAll((one) => hasAttrib(one, 'itemscope') && isRecipeScope(one), page.children)
    .slice(0, MOST_SCOPES)
    .map(microdataNode);

/** A page without marked-up data: its main part as lines. */
function asText(page: Document): Found {
  const main = named(page, 'main')[0] ?? named(page, 'article')[0] ?? named(page, 'body')[0];
  const text = lines(main ? shownText(main) : page.children.map(shownText).join('')).join('\n');
  return { title: text.split('\n')[0] ?? '', text, foreign: null };
}

/** The same recipe twice on a page, in JSON-LD and again in microdata or a second script, is one. */
const unlike = (found: readonly Found[]): Found[] => [
  ...new Map(found.map((one) => [one.text, one])).values(),
];

const NOT_TAKEN_APART =
  'It is longer, or more nested and cut up, than any page of a recipe, and was not taken apart. Copy the recipe’s own words and paste them.';

/** The recipes that a page marks up in its text, or failing that its words. */
function ofElements(html: string, notes: readonly string[]): Intake {
  const bare = bareOf(html);
  if (bare.length > MOST_PAGE || isIntricatePage(bare))
    return { kind: 'web page', recipes: [], notes: [...notes, NOT_TAKEN_APART] };
  const page = parseDocument(bare);
  const marked = told(microdataOf(page));
  if (marked.length > 0) return { kind: 'web page', recipes: marked, notes };
  const text = asText(page);
  const said =
    text.text === ''
      ? ['There are no words in it.']
      : ['The page marks up no recipe: its words were taken. Strike out what doesn’t belong.'];
  return { kind: 'web page', recipes: text.text === '' ? [] : [text], notes: [...notes, ...said] };
}

/** Recipes of linked data that say something, each once. */
const told = (nodes: readonly Node[]): Found[] =>
  unlike(nodes.map(ofRecipeNode)).filter(({ text }) => text !== '');

/**
 * The recipes of a saved web page: from its JSON-LD, else its microdata, else its words. Nothing is run and nothing is
 * fetched: the page is read as text, and its linked data without taking it apart.
 */
export function ofHtml(html: string): Intake {
  const { nodes, broken } = linkedDataOf(html);
  const notes =
    broken > 0
      ? [`${broken === 1 ? 'One block' : `${broken} blocks`} of the page’s data could not be read.`]
      : [];
  const linked = told(nodes);
  return linked.length > 0 ? { kind: 'web page', recipes: linked, notes } : ofElements(html, notes);
}
