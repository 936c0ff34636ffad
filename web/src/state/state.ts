import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import type { api } from '../api/api';
import type { Days } from './day/daySlice';
import type { HeldBakes } from './bakes/bakeSlice';
import type { Tastings } from './tastings/tastingSlice';
import type { Kitchens } from './kitchen/kitchenSlice';
import type { Drafts } from './draft/draftSlice';
import type { MirrorState } from './draft/mirrorSlice';
import type { Engines } from './engine/engineSlice';

/** What the page knows by itself. The server's copies are beside it, behind their own hooks. */
export interface RootState {
  readonly drafts: Drafts;
  readonly kitchens: Kitchens;
  readonly days: Days;
  readonly tastings: Tastings;
  readonly bakes: HeldBakes;
  readonly engine: Engines;
  readonly mirror: MirrorState;
  readonly api: ReturnType<typeof api.reducer>;
}

export type AppDispatch = ThunkDispatch<RootState, undefined, UnknownAction>;
export type Thunk<T> = (dispatch: AppDispatch, getState: () => RootState) => T;
export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
