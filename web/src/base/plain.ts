import { original, type PayloadAction } from '@reduxjs/toolkit';

/**
 * A reducer over plain state. Recipes and dockets are large and replaced whole, so no drafts are made of them: `change`
 * gets the state as it is and returns the next.
 */
export const plain =
  <S extends object, P>(change: (state: S, payload: P) => S) =>
  (state: unknown, { payload }: PayloadAction<P>): S =>
    change(original(state) as S, payload);
