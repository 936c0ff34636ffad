import { ofHtml } from './html';
import { isIntricateMarkdown } from './intricate';
import { parseJson } from './json';
import { findRecipes, ofRecipeNode } from './linkedData';
import { ofMarkdown } from './markdown';
import { ofCsv } from './table';
import type { FileKind, Found, Intake } from './types';

const LOOKS_LIKE_HTML =
  /^\s*(?:<!doctype html|<html|<\?xml|<!--)|<(?:script|body|main|article|div|ul|p)\b[^>]*>|itemtype=["']/i;
const LOOKS_LIKE_MARKDOWN = /^#{1,3} \S|^\s*[-*] \[[ x]\] |^#{1,3} \S/m;
/** So much of a file shows what it is. */
const HEAD = 4000;

/** What a file is, by its name and by what it begins with: a name can be wrong. */
function kindOf(name: string, text: string): FileKind {
  const head = text.slice(0, HEAD).trimStart();
  if (/^[[{]/.test(head)) return 'linked data';
  if (LOOKS_LIKE_HTML.test(head) || /\.(?:html?|xhtml|mht)$/i.test(name)) return 'web page';
  if (/\.csv$/i.test(name) || /^recipe,part,line,ingredient/.test(head)) return 'table';
  if (/\.(?:md|markdown)$/i.test(name) || LOOKS_LIKE_MARKDOWN.test(head)) return 'Markdown';
  return 'text';
}

const plain = (text: string): Found => ({
  title: text.trim().split(/\r?\n/)[0]?.trim() ?? '',
  text,
  foreign: null,
});

function ofJson(text: string): Intake {
  const parsed = parseJson(text);
  if (parsed === undefined)
    return {
      kind: 'text',
      recipes: [plain(text)],
      notes: ['It looks like data but breaks off or is faulty: taken as it stands.'],
    };
  const recipes = findRecipes(parsed).map(ofRecipeNode);
  return recipes.length > 0
    ? {
        kind: 'linked data',
        recipes,
        notes: recipes.every(({ text: words }) => words.includes('\n'))
          ? []
          : ['It names a recipe, but hardly anything of it.'],
      }
    : { kind: 'linked data', recipes: [], notes: ['It is data, but holds no recipe.'] };
}

/**
 * The recipes in a file of any of the kinds that we take: plain text, Markdown, a saved web page, schema.org JSON-LD, our
 * own table. Never throws; what can't be told apart is taken as text, and said so.
 */
export function takeIn(name: string, bytes: string): Intake {
  const text = bytes.replace(/^\uFEFF/, '').replaceAll('\0', '');
  if (text.trim() === '') return { kind: 'text', recipes: [], notes: ['There is nothing in it.'] };
  const kind = kindOf(name, text);
  switch (kind) {
    case 'linked data':
      return ofJson(text);
    case 'web page':
      return ofHtml(text);
    case 'Markdown':
      return isIntricateMarkdown(text)
        ? {
            kind: 'text',
            recipes: [plain(text)],
            notes: ['It is marked up as no recipe is: taken as it stands.'],
          }
        : { kind, recipes: [ofMarkdown(text)], notes: [] };
    case 'table': {
      const found = ofCsv(text);
      return found
        ? { kind, recipes: [found], notes: [] }
        : { kind: 'text', recipes: [plain(text)], notes: ['It is no table of ours: taken as text.'] };
    }
    case 'text':
      return { kind, recipes: [plain(text)], notes: [] };
  }
}
