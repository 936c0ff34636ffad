import { useCallback } from 'react';
import type { BakeAnswer } from '@omniarton/contracts';
import type { BakeNotes } from '@omniarton/core/kitchen';
import type { RecipeAt } from '../../api/api';
import type { SaveState } from '../../api/saveState';
import { useAppDispatch, useAppSelector } from '../state';
import { writeOfBake } from './bakes';

const IDLE: SaveState = { status: 'idle' };

/** Writes down more of a kept bake, and how far that is. */
export function useBakeNotes({ household, recipe, bake }: RecipeAt & { readonly bake: BakeAnswer }) {
  const dispatch = useAppDispatch();
  const save = useAppSelector(({ bakes }) => bakes[bake.id]?.save ?? IDLE);
  const set = useCallback(
    (part: Partial<BakeNotes>) => dispatch(writeOfBake({ household, recipe }, bake, part)),
    [dispatch, household, recipe, bake],
  );
  return { set, save };
}
