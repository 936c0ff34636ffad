import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from '../api/api';
import { draftReducer } from '../draft/draftSlice';
import { mirrorListening, mirrorReducer } from '../draft/mirroring';
import { saveListening } from '../draft/saving';
import { engineReducer } from '../engine/engineSlice';
import { engineListening } from '../engine/listening';

export const makeStore = () =>
  configureStore({
    reducer: {
      drafts: draftReducer,
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

type Store = ReturnType<typeof makeStore>;
export type RootState = ReturnType<Store['getState']>;
export type AppDispatch = Store['dispatch'];
export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
