import { useCallback } from 'react';
import { FileTrigger } from 'react-aria-components';
import { useNavigate } from 'react-router';
import { v7 as newId } from 'uuid';
import type { Found } from '@omniarton/core/exchange';
import { benchPath } from '../base/paths';
import { useAppDispatch } from '../state/state';
import { newDocument, openNew } from '../state/draft/opening';
import { Button } from '../ui/Button';
import { DropAnywhere } from './DropAnywhere';
import { IntakeSheet } from './IntakeSheet';
import { useIntake } from './useIntake';

const TYPES = ['.txt', '.md', '.markdown', '.html', '.htm', '.json', '.jsonld', '.csv'];

interface Props {
  readonly household: string;
  /** What the button says; without a button files are only dropped. */
  readonly label?: string;
  /** Files dropped on the page are taken too. */
  readonly drop?: boolean;
  /** Takes the one recipe of one file itself; false: open a new sheet with it. */
  readonly onOne?: (found: Found) => boolean;
}

/** Recipes out of files: by a button, or dropped anywhere on the page. */
export function TakeFiles({ household, label, drop = false, onOne }: Props) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const open = useCallback(
    (found: Found) => {
      if (onOne?.(found)) return true;
      const recipe = newId();
      dispatch(openNew({ household, recipe }, newDocument(found)));
      void navigate(benchPath(household, recipe, 'read'));
      return true;
    },
    [dispatch, household, navigate, onOne],
  );
  const { state, begin, keep, close } = useIntake(household, open);
  const take = useCallback((files: readonly File[]) => void begin(files), [begin]);
  return (
    <>
      {label ? (
        <FileTrigger allowsMultiple acceptedFileTypes={TYPES} onSelect={(files) => take([...(files ?? [])])}>
          <Button>{label}</Button>
        </FileTrigger>
      ) : null}
      {drop ? <DropAnywhere onFiles={take} /> : null}
      {state ? (
        <IntakeSheet
          household={household}
          state={state}
          onKeep={(chosen) => void keep(chosen)}
          onClose={close}
        />
      ) : null}
    </>
  );
}
