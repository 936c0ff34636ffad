import type { BakeAnswer, DocketAnswer, LearningAnswer, PageOf, PhotoAnswer } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { api, ifVersion, type RecipeAt } from './api';

export const bakesApi = api.injectEndpoints({
  endpoints: (build) => ({
    bakes: build.query<PageOf<BakeAnswer>, RecipeAt & { cursor?: string }>({
      query: ({ household, recipe, cursor }) => ({
        path:
          pathTo('bakes', { household, recipe }) + (cursor ? `?cursor=${encodeURIComponent(cursor)}` : ''),
      }),
      providesTags: ['bakes'],
    }),
    removeBake: build.mutation<null, RecipeAt & { bake: string; version: number }>({
      query: ({ household, recipe, bake, version }) => ({
        path: pathTo('bake', { household, recipe, bake }),
        method: 'DELETE',
        headers: ifVersion(version),
      }),
      invalidatesTags: ['bakes', 'recipes'],
    }),
    photos: build.query<readonly PhotoAnswer[], { household: string; bake: string }>({
      query: ({ household, bake }) => ({ path: pathTo('photos', { household, bake }) }),
      providesTags: ['photos'],
    }),
    removePhoto: build.mutation<null, { household: string; bake: string; photo: string }>({
      query: ({ household, bake, photo }) => ({
        path: pathTo('photo', { household, bake, photo }),
        method: 'DELETE',
      }),
      invalidatesTags: ['photos'],
    }),
    /** What the kitchen of that version has learnt from its bakes. */
    learning: build.query<LearningAnswer, { household: string; version: number }>({
      query: ({ household }) => ({ path: pathTo('learning', { household }) }),
      providesTags: ['bakes'],
    }),
    /** A kept docket never changes. */
    docket: build.query<DocketAnswer, RecipeAt & { docket: string }>({
      query: ({ household, recipe, docket }) => ({ path: pathTo('docket', { household, recipe, docket }) }),
    }),
  }),
});

export const {
  useBakesQuery,
  useDocketQuery,
  useLearningQuery,
  usePhotosQuery,
  useRemoveBakeMutation,
  useRemovePhotoMutation,
} = bakesApi;
