import { styled } from 'styled-components';
import type { LineCorrection } from '@omniarton/core/kitchen';
import type { Line } from '@omniarton/core/read';
import { Button } from '../../ui/Button';
import { NumberEntry } from '../../ui/NumberEntry';
import { useDraft, useEdit } from '../bench/onBench';
import { IngredientBox } from './IngredientBox';

interface Props {
  readonly line: Line;
  readonly corrected: boolean;
  readonly onDone: () => void;
}

const MOST_GRAMS = 100_000;

/** What a person knows better of a line: what it is, what it weighs, or that it is no ingredient. */
export function LineFix({ line, corrected, onDone }: Props) {
  const edit = useEdit();
  const known = useDraft(({ doc }) => doc.corrections.find((one) => one.line === line.id));
  const first = line.items[0];
  const correct = (part: Partial<LineCorrection>) =>
    edit({ kind: 'correction', correction: { ...known, ...part, line: line.id } });
  return (
    <Fix>
      <IngredientBox value={first?.ingredient ?? null} onPick={(ingredient) => correct({ ingredient })} />
      <NumberEntry
        label="It weighs"
        unit="g"
        min={0}
        max={MOST_GRAMS}
        value={first?.grams?.central ?? null}
        onCommit={(grams) => correct({ grams })}
      />
      <Button onPress={() => correct({ note: true })}>It’s a note</Button>
      {corrected ? (
        <Button
          onPress={() => {
            edit({ kind: 'uncorrect', line: line.id });
            onDone();
          }}
        >
          As read
        </Button>
      ) : null}
      <Button $weight="quiet" onPress={onDone}>
        Done
      </Button>
    </Fix>
  );
}

const Fix = styled.div`
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: ${({ theme }) => theme.space(3)};
  padding: ${({ theme }) => `${theme.space(2)} ${theme.space(2)} ${theme.space(3)}`};
  background: ${({ theme }) => theme.colour.table};
`;
