import { createApi, type BaseQueryFn } from '@reduxjs/toolkit/query/react';
import type { FoundAnswer, HouseholdAnswer, RecipeAnswer, SettingsAnswer } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { request, type Failure, type Sending } from './http';

export interface Question extends Sending {
  readonly path: string;
}

const ask: BaseQueryFn<Question, unknown, Failure> = async ({ path, ...sending }) => {
  const reply = await request(path, sending);
  return reply.ok ? { data: reply.data } : { error: reply.failure };
};

export interface RecipeAt {
  readonly household: string;
  readonly recipe: string;
}
/** A recipe as the server has it. */
export const fetchRecipe = ({ household, recipe }: RecipeAt) =>
  request<RecipeAnswer>(pathTo('recipe', { household, recipe }));

/** The precondition of a write: over this version, or (0) where nothing is yet. */
export const ifVersion = (version: number): Record<string, string> =>
  version === 0 ? { 'if-none-match': '*' } : { 'if-match': `"${version}"` };

/** The server's copies. Drafts are not among them: a refetch never touches what is being typed. */
export const api = createApi({
  baseQuery: ask,
  tagTypes: ['households', 'recipes', 'settings', 'bakes', 'photos', 'moves', 'devices', 'passkeys', 'trays'],
  endpoints: (build) => ({
    households: build.query<readonly HouseholdAnswer[], void>({
      query: () => ({ path: pathTo('households') }),
      providesTags: ['households'],
    }),
    /** `find`: what it is narrowed to, as a query string. */
    recipes: build.query<FoundAnswer, { household: string; cursor?: string; find?: string }>({
      query: ({ household, cursor, find = '' }) => {
        const asked = new URLSearchParams(find);
        if (cursor) asked.set('cursor', cursor);
        const said = asked.toString();
        return { path: pathTo('recipes', { household }) + (said === '' ? '' : `?${said}`) };
      },
      providesTags: ['recipes'],
    }),
    removeDemo: build.mutation<null, string>({
      query: (household) => ({ path: pathTo('household', { household }), method: 'DELETE' }),
      invalidatesTags: ['households', 'recipes'],
    }),
    settings: build.query<SettingsAnswer, string>({
      query: (household) => ({ path: pathTo('settings', { household }) }),
      providesTags: ['settings'],
    }),
    saveSettings: build.mutation<SettingsAnswer, { household: string; settings: SettingsAnswer }>({
      query: ({ household, settings }) => ({
        path: pathTo('settings', { household }),
        method: 'PUT',
        body: settings.doc,
        headers: ifVersion(settings.version),
      }),
    }),
  }),
});

export const {
  useHouseholdsQuery,
  useRecipesQuery,
  useRemoveDemoMutation,
  useSettingsQuery,
  useSaveSettingsMutation,
} = api;
