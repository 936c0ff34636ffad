import { styled } from 'styled-components';
import type { LineCorrection } from '@omniarton/core/kitchen';
import type { Item, Line } from '@omniarton/core/read';
import { HAND_UNITS, ROLES, type HandUnit } from '@omniarton/core/vocabulary';
import { Button } from '../../ui/Button';
import { NumberEntry } from '../../ui/NumberEntry';
import { Pick } from '../../ui/Pick';
import { useDraft, useEdit } from '../bench/onBench';
import { IngredientBox } from './IngredientBox';
import { ROLE_WORDS, UNIT_WORDS } from './words';

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
  /** A measure by hand is weighed anew: an older weight by hand would hide it. */
  const measure = (part: Partial<LineCorrection>) => {
    const { grams: _, ...others } = known ?? { line: line.id };
    edit({ kind: 'correction', correction: { ...others, ...part, line: line.id } });
  };
  return (
    <Fix>
      <IngredientBox value={first?.ingredient ?? null} onPick={(ingredient) => correct({ ingredient })} />
      <NumberEntry
        label="How many"
        min={0}
        max={MOST_GRAMS}
        value={first?.quantity?.central ?? null}
        onCommit={(quantity) => measure({ quantity })}
      />
      <Pick
        label="Of what"
        value={unitOf(first)}
        options={HAND_UNITS.map((id) => ({ id, name: UNIT_WORDS[id] }))}
        onChange={(unit) => measure({ unit })}
      />
      <NumberEntry
        label="It weighs"
        unit="g"
        min={0}
        max={MOST_GRAMS}
        value={first?.grams?.central ?? null}
        onCommit={(grams) => correct({ grams })}
      />
      <Pick
        label="It is there as"
        value={first?.role ?? 'none'}
        options={ROLES.map((id) => ({ id, name: ROLE_WORDS[id] }))}
        onChange={(role) => correct({ role })}
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

const unitOf = (item: Item | undefined): HandUnit => HAND_UNITS.find((one) => one === item?.unit) ?? 'piece';

const Fix = styled.div`
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: ${({ theme }) => theme.space(3)};
  padding: ${({ theme }) => `${theme.space(2)} ${theme.space(2)} ${theme.space(3)}`};
  background: ${({ theme }) => theme.colour.table};
`;
