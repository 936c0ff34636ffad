import { useCallback } from 'react';
import { useNavigate } from 'react-router';
import { v7 as newId } from 'uuid';
import { benchPath } from '../base/paths';
import { newDocument, openNew } from '../state/draft/opening';
import { useAppDispatch } from '../state/state';

/** Opens a new sheet with words that were brought along, and goes there. */
export function useNewSheet(household: string) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  return useCallback(
    (words: Parameters<typeof newDocument>[0]) => {
      const recipe = newId();
      dispatch(openNew({ household, recipe }, newDocument(words)));
      void navigate(benchPath(household, recipe, 'read'));
    },
    [dispatch, household, navigate],
  );
}
