import { useCallback } from 'react';
import { FileTrigger } from 'react-aria-components';
import type { Found } from '@omniarton/core/exchange';
import { Button } from '../ui/Button';
import { DropAnywhere } from './DropAnywhere';
import { IntakeSheet } from './IntakeSheet';
import { useIntake } from './useIntake';
import { useNewSheet } from './useNewSheet';

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
  const openSheet = useNewSheet(household);
  const open = useCallback(
    (found: Found) => {
      if (!onOne?.(found)) openSheet(found);
      return true;
    },
    [openSheet, onOne],
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
