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

export const makeStore = () =>
  configureStore({
    reducer: {
      drafts: draftReducer,
      kitchens: kitchenReducer,
      days: dayReducer,
      tastings: tastingReducer,
      bakes: bakeReducer,
      engine: engineReducer,
      mirror: mirrorReducer,
      [api.reducerPath]: api.reducer,
    },
    middleware: (usual) =>
      // Recipes and dockets are large and frozen elsewhere: walking them on every key costs more than it finds.
      usual({ serializableCheck: false, immutableCheck: false })
        .prepend(mirrorListening.middleware, saveListening.middleware, engineListening.middleware)
        .concat(api.middleware),
  });
