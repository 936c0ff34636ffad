import type { RecipeAnswer, SeveralAnswer, TagCount } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { api, ifVersion, type RecipeAt } from './api';

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
      query: ({ household, ids }) => ({
        path: pathTo('recipesAway', { household }),
        method: 'POST',
        body: { ids },
      }),
      invalidatesTags: ['recipes'],
    }),
    putBack: build.mutation<SeveralAnswer, Several>({
      query: ({ household, ids }) => ({
        path: pathTo('recipesBack', { household }),
        method: 'POST',
        body: { ids },
      }),
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
