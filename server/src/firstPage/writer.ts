import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { FIRST_PAGE_ID, FIRST_STYLE_ID, type FirstPage, type WritesFirstPage } from '@omniarton/contracts';

/** The script that runs a page's code when what is written has been painted. */
export const AFTER_PAINT = '/after-paint.js';
/** As many households' first pages are kept as they were written. */
const MOST_WRITTEN = 8;
const EMPTY_ROOT = '<div id="root"></div>';

/** JSON that may stand in a document: nothing in it ends its element. */
const inDocument = (json: string): string => json.replace(/</g, '\\u003c');

/** The files that the work list's code is in. */
function filesOfWorkList(folder: string): string[] {
  const manifest = JSON.parse(readFileSync(join(folder, '.vite/manifest.json'), 'utf8')) as Readonly<
    Record<string, { readonly file: string; readonly imports?: readonly string[] }>
  >;
  const seen = new Set<string>();
  const reach = (key: string): void => {
    if (seen.has(key) || !manifest[key]) return;
    seen.add(key);
    manifest[key].imports?.forEach(reach);
  };
  reach('src/stages/worklist/WorkListPage.tsx');
  return [...seen].map((key) => `/${manifest[key]!.file}`);
}

const ENTRY = /<script type="module"[^>]* src="([^"]+)"[^>]*><\/script>/;
const FILES = /<link rel="modulepreload"[^>]* href="([^"]+)"[^>]*>\s*/g;

/** A document whose code is fetched and run when what is written in it has been painted. `more`: what the entry asks for next. */
function afterPaint(document: string, more: readonly string[]): string {
  const files = [...document.matchAll(FILES)].map(([, href]) => href).concat(more);
  return document
    .replace(FILES, '')
    .replace(
      ENTRY,
      (_, entry: string) =>
        `<script defer src="${AFTER_PAINT}" data-entry="${entry}" data-files="${[...new Set(files)].join(' ')}"></script>`,
    );
}

/**
 * Writes the work list into the document, as the page's own code does in a browser: it can be read, and its links followed, before
 * any script has run. Null where the page was built without what writes it.
 */
export function writerOf(folder: string, document: string) {
  const path = join(folder, 'written/written.js');
  if (!existsSync(path)) return null;
  const page = import(pathToFileURL(path).href) as Promise<WritesFirstPage>;
  // Without it the page is sent bare, which each request finds out for itself.
  page.catch(() => undefined);
  const readFirst = afterPaint(document, filesOfWorkList(folder));
  const write = async (json: string): Promise<string> => {
    const from = JSON.parse(json) as FirstPage;
    const { html, css } = await (await page).writeFirstPage(from);
    const theme = from.settings?.answer.doc.theme ?? 'system';
    return readFirst
      .replace('<html ', () => `<html data-theme="${theme}" `)
      .replace('</head>', () => `<style id="${FIRST_STYLE_ID}" nonce="__NONCE__">${css}</style></head>`)
      .replace(
        EMPTY_ROOT,
        () =>
          `<div id="root">${html}</div><script type="application/json" id="${FIRST_PAGE_ID}">${inDocument(json)}</script>`,
      );
  };
  // It says nothing but what it is written from: the same is written once.
  const written = new Map<string, Promise<string>>();
  return (from: FirstPage): Promise<string> => {
    const json = JSON.stringify(from);
    const there = written.get(json) ?? write(json);
    written.delete(json);
    written.set(json, there);
    there.catch(() => written.delete(json));
    if (written.size > MOST_WRITTEN) written.delete(written.keys().next().value!);
    return there;
  };
}
