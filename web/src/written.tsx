import { renderToString } from 'react-dom/server';
import { StaticRouter } from 'react-router';
import { ServerStyleSheet, StyleSheetManager } from 'styled-components';
import type { FirstPage, WrittenPage } from '@omniarton/contracts';
import { api } from './api/api';
import { Around } from './app/Around';
import { tellFirstPage } from './app/firstPage';
import { readyWorkList } from './app/Home';
import { AtAddress } from './app/Pages';
import { kitchenFound } from './state/kitchen/kitchenSlice';
import { makeQuietStore } from './state/store';

/** What styled-components tells itself of a sheet: the page makes its own, and takes none of this one's over. */
const OWN_MARKS =
  /<\/?style[^>]*>|\/\*!sc\*\/\s*(?:data-styled\.g\d+\[id="[^"]*"\]\{content:"[^"]*"\}\/\*!sc\*\/)?/g;

/** Links lead on at once; what needs the page's code can't be pressed before that is there. */
const NOT_YET = '#root :is(button, select, label) { pointer-events: none }';

/**
 * Styles of single elements, which a strict policy refuses in a document, as rules of the page's own style; and that what is written isn't
 * ready yet, as a page says it that still fetches.
 */
function ofOwnStyle(html: string, css: string): WrittenPage {
  const styles: string[] = [];
  const marked = html
    .replace('<main', '<main data-busy="true"')
    .replace(/ style="([^"]*)"/g, (_, style: string) => {
      if (!styles.includes(style)) styles.push(style);
      return ` data-styled-as="${styles.indexOf(style)}"`;
    });
  const rules = styles.map((style, at) => `[data-styled-as="${at}"]{${style.replaceAll('&quot;', '"')}}`);
  return { html: marked, css: css + rules.join('') };
}

/** The work list as HTML and its style, for a server to write into the document that it sends. */
export async function writeFirstPage(from: FirstPage): Promise<WrittenPage> {
  await readyWorkList();
  const store = makeQuietStore();
  tellFirstPage(store, from);
  for (const { household, kitchen } of from.kitchens)
    store.dispatch(kitchenFound({ household: household.id, ...kitchen }));
  const sheet = new ServerStyleSheet();
  try {
    const html = renderToString(
      <StyleSheetManager sheet={sheet.instance}>
        <Around store={store}>
          <StaticRouter location="/">
            <AtAddress />
          </StaticRouter>
        </Around>
      </StyleSheetManager>,
    );
    return ofOwnStyle(html, sheet.getStyleTags().replace(OWN_MARKS, '') + NOT_YET);
  } finally {
    sheet.seal();
    // Nothing of it is waited for.
    store.dispatch(api.util.resetApiState());
  }
}
