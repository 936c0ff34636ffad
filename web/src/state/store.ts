import { configureStore } from '@reduxjs/toolkit';
import { api } from '../api/api';
import { dayReducer } from './day/daySlice';
import { bakeReducer } from './bakes/bakeSlice';
import { tastingReducer } from './tastings/tastingSlice';
import { kitchenReducer } from './kitchen/kitchenSlice';
import { draftReducer } from './draft/draftSlice';
import { mirrorListening } from './draft/mirroring';
import { mirrorReducer } from './draft/mirrorSlice';
import { saveListening } from './draft/saving';
import { engineReducer } from './engine/engineSlice';
import { engineListening } from './engine/listening';

const reducer = {
  drafts: draftReducer,
  kitchens: kitchenReducer,
  days: dayReducer,
  tastings: tastingReducer,
  bakes: bakeReducer,
  engine: engineReducer,
  mirror: mirrorReducer,
  [api.reducerPath]: api.reducer,
};
// Recipes and dockets are large and frozen elsewhere: walking them on every key costs more than it finds.
const UNWALKED = { serializableCheck: false, immutableCheck: false } as const;

export const makeStore = () =>
  configureStore({
    reducer,
    middleware: (usual) =>
      usual(UNWALKED)
        .prepend(mirrorListening.middleware, saveListening.middleware, engineListening.middleware)
        .concat(api.middleware),
  });

/** One that a page is written from: nothing in it is kept, sent or worked out. */
export const makeQuietStore = () =>
  configureStore({ reducer, middleware: (usual) => usual(UNWALKED).concat(api.middleware) });
