import type { FirstPage } from '@omniarton/contracts';
import { FIRST_PAGE_ID } from '@omniarton/contracts/paths-and-errors';
import { api } from '../api/api';
import { findingApi } from '../api/findingApi';
import type { makeQuietStore } from '../state/store';

/** What the page was written from, if a server wrote it. */
export function firstPageIn(document: Document): FirstPage | null {
  const json = document.getElementById(FIRST_PAGE_ID)?.textContent;
  return json ? (JSON.parse(json) as FirstPage) : null;
}

/** Tells a store what a page was written from, as if it had asked for it. */
export function tellFirstPage(
  { dispatch }: ReturnType<typeof makeQuietStore>,
  { kitchens, settings }: FirstPage,
): void {
  dispatch(
    api.util.upsertQueryEntries([
      {
        endpointName: 'households',
        arg: undefined,
        value: kitchens.map(({ household }) => household),
      },
      ...kitchens.map(({ household, found }) => ({
        endpointName: 'recipes' as const,
        arg: { household: household.id, find: '' },
        value: found,
      })),
      ...(settings
        ? [{ endpointName: 'settings' as const, arg: settings.household, value: settings.answer }]
        : []),
    ]),
  );
  dispatch(
    findingApi.util.upsertQueryEntries(
      kitchens.map(({ household, tags }) => ({
        endpointName: 'tags' as const,
        arg: household.id,
        value: tags,
      })),
    ),
  );
}
