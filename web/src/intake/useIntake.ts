import { useCallback, useRef, useState } from 'react';
import { useAppDispatch } from '../state/state';
import { keepRecipe, listAnew, readFile, type FileReport, type KeptReport } from './takeFiles';

export interface IntakeState {
  /** Files read so far, and of how many. */
  readonly done: number;
  readonly of: number;
  readonly step: 'reading' | 'asking' | 'keeping' | 'kept';
  readonly reports: readonly FileReport[];
  readonly kept: readonly KeptReport[];
}

/** The one recipe of the one file, when there is nothing to say of it and no more to ask about. */
function onlyRecipe([first, ...more]: readonly FileReport[]) {
  if (!first || more.length > 0 || first.notes.length > 0 || first.recipes.length !== 1) return null;
  return first.recipes[0]!;
}

/**
 * Files on their way in: read one after the other, then asked about, then kept. `onOne` takes the single recipe of a single
 * file itself and says so; then there is nothing to ask.
 */
export function useIntake(
  household: string | null,
  onOne: (found: FileReport['recipes'][number]) => boolean,
) {
  const dispatch = useAppDispatch();
  const [state, setState] = useState<IntakeState | null>(null);
  const stopped = useRef(false);
  const begin = useCallback(
    async (files: readonly File[]) => {
      if (files.length === 0) return;
      stopped.current = false;
      const reports: FileReport[] = [];
      const show = (step: IntakeState['step']) =>
        setState({ done: reports.length, of: files.length, step, reports: [...reports], kept: [] });
      show('reading');
      for (const file of files) {
        reports.push(await readFile(file));
        if (stopped.current) return setState(null);
        show('reading');
      }
      const one = onlyRecipe(reports);
      if (one && onOne(one)) return setState(null);
      show('asking');
    },
    [onOne],
  );
  const keep = useCallback(
    async (chosen: readonly FileReport['recipes'][number][]) => {
      if (household === null) return;
      const kept: KeptReport[] = [];
      const show = (step: IntakeState['step']) =>
        setState(
          (known) => known && { ...known, step, done: kept.length, of: chosen.length, kept: [...kept] },
        );
      show('keeping');
      for (const found of chosen) {
        if (stopped.current) break;
        kept.push(await keepRecipe(found, household));
        show('keeping');
      }
      listAnew(dispatch);
      show('kept');
    },
    [dispatch, household],
  );
  const close = useCallback(() => {
    stopped.current = true;
    setState(null);
  }, []);
  return { state, begin, keep, close };
}
