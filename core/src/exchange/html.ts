import { isTag, isText, type AnyNode, type Document, type Element } from 'domhandler';
import { findAll, getAttributeValue, hasAttrib, textContent } from 'domutils';
import { parseDocument } from 'htmlparser2';
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

const named = (root: Document, name: string): Element[] => findAll((one) => one.name === name, root.children);

/** The JSON-LD blocks of a page, each parsed by itself: a broken one spoils no other. */
function linkedDataOf(page: Document): { readonly nodes: Node[]; readonly broken: number } {
  const blocks = named(page, 'script').filter(
    (one) => getAttributeValue(one, 'type')?.trim().toLowerCase() === 'application/ld+json',
  );
  const parsed = blocks.map((one) => parseJson(textContent(one)));
  return {
    nodes: parsed.flatMap((value) => (value === undefined ? [] : findRecipes(value))),
    broken: parsed.filter((value) => value === undefined).length,
  };
}

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
  const node: Record<string, Json> = { '@type': 'Recipe' };
  const walk = (children: readonly AnyNode[]): void => {
    for (const child of children) {
      if (!isTag(child)) continue;
      const prop = getAttributeValue(child, 'itemprop');
      for (const key of prop?.split(/\s+/) ?? []) {
        const known = node[key];
        const value = valueOf(child);
        node[key] =
          known === undefined
            ? value
            : [...(Array.isArray(known) ? (known as readonly Json[]) : [known]), value];
      }
      if (!hasAttrib(child, 'itemscope')) walk(child.children);
    }
  };
  walk(scope.children);
  return node;
}

const microdataOf = (page: Document): Node[] =>
  findAll((one) => hasAttrib(one, 'itemscope') && isRecipeScope(one), page.children)
    .map(microdataNode)
    .map((node) => Object.fromEntries(Object.entries(node).filter(([key]) => OURS.has(key))));

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

/**
 * The recipes of a saved web page: from its JSON-LD, else its microdata, else its words. Nothing is run and nothing is
 * fetched: the page is read as text.
 */
export function ofHtml(html: string): Intake {
  const page = parseDocument(html);
  const { nodes, broken } = linkedDataOf(page);
  const notes =
    broken > 0
      ? [`${broken === 1 ? 'One block' : `${broken} blocks`} of the page’s data could not be read.`]
      : [];
  const marked = unlike((nodes.length > 0 ? nodes : microdataOf(page)).map(ofRecipeNode)).filter(
    ({ text }) => text !== '',
  );
  if (marked.length > 0) return { kind: 'web page', recipes: marked, notes };
  const text = asText(page);
  return {
    kind: 'web page',
    recipes: text.text === '' ? [] : [text],
    notes: [
      ...notes,
      ...(text.text === ''
        ? []
        : ['The page marks up no recipe: its words were taken. Strike out what doesn’t belong.']),
    ],
  };
}
