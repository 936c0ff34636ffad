import type { RecipeAnswer, SeveralAnswer, TagCount } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { api, ifVersion, type Question, type RecipeAt } from './api';

/** Several recipes of a household. */
export interface Several {
  readonly household: string;
  readonly ids: readonly string[];
}
export interface Marking {
  readonly favourite?: boolean;
  readonly tag?: string;
  readonly untag?: string;
}

/** The same done to each of several. */
const toEach =
  (path: 'recipesAway' | 'recipesBack') =>
  ({ household, ids }: Several): Question => ({
    path: pathTo(path, { household }),
    method: 'POST',
    body: { ids },
  });

/** What is done to recipes on the work list, several at once. */
export const findingApi = api.injectEndpoints({
  endpoints: (build) => ({
    tags: build.query<readonly TagCount[], string>({
      query: (household) => ({ path: pathTo('tags', { household }) }),
      providesTags: ['recipes'],
    }),
    markRecipes: build.mutation<SeveralAnswer, Several & Marking>({
      query: ({ household, ...body }) => ({ path: pathTo('marks', { household }), method: 'POST', body }),
      invalidatesTags: ['recipes'],
    }),
    putAway: build.mutation<SeveralAnswer, Several>({
      query: toEach('recipesAway'),
      invalidatesTags: ['recipes'],
    }),
    putBack: build.mutation<SeveralAnswer, Several>({
      query: toEach('recipesBack'),
      invalidatesTags: ['recipes'],
    }),
    saveCopy: build.mutation<RecipeAnswer, RecipeAt & { doc: RecipeAnswer['doc'] }>({
      query: ({ household, recipe, doc }) => ({
        path: pathTo('recipe', { household, recipe }),
        method: 'PUT',
        body: doc,
        headers: ifVersion(0),
      }),
      invalidatesTags: ['recipes'],
    }),
  }),
});

export const {
  useTagsQuery,
  useMarkRecipesMutation,
  usePutAwayMutation,
  usePutBackMutation,
  useSaveCopyMutation,
} = findingApi;
