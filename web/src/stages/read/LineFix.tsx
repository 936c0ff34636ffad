import { Link } from 'react-router';
import { styled } from 'styled-components';
import type { LineCorrection } from '@omniarton/core/kitchen';
import type { Item, Line } from '@omniarton/core/read';
import { HAND_UNITS, ROLES, type HandUnit } from '@omniarton/core/vocabulary';
import { cupboardPath } from '../../base/paths';
import { openBag } from '../../state/kitchen/cups';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { Button } from '../../ui/Button';
import { IngredientBox } from '../../kitchen/IngredientBox';
import { NumberEntry } from '../../ui/NumberEntry';
import { Pick } from '../../ui/Pick';
import { TextEntry } from '../../ui/TextEntry';
import { useEdit, useHousehold, useRequest } from '../../state/bench/onBench';
import { ROLE_WORDS, UNIT_WORDS } from '../../words/read';

interface Props {
  readonly line: Line;
  readonly corrected: boolean;
  readonly onDone: () => void;
}

const MOST_GRAMS = 100_000;

/** What a person knows better of a line: how it reads, what it is, what it weighs, or that it is no ingredient. */
export function LineFix({ line, corrected, onDone }: Props) {
  const edit = useEdit();
  const household = useHousehold();
  const first = line.items[0];
  const correct = (part: Partial<LineCorrection>) =>
    edit({ kind: 'correction', correction: { ...part, line: line.id } });
  return (
    <Fix onKeyDown={(event) => (event.key === 'Escape' ? onDone() : undefined)}>
      <TextEntry
        label="It says"
        wide
        value={line.source.trim()}
        onCommit={(to) => edit({ kind: 'line', line: line.id, to })}
      />
      <IngredientBox
        household={household}
        value={first?.ingredient ?? null}
        onPick={(ingredient) => correct({ ingredient })}
      />
      <Measures line={line} />
      <Pick
        label="It is there as"
        value={first?.role ?? 'none'}
        options={ROLES.map((id) => ({ id, name: ROLE_WORDS[id] }))}
        onChange={(role) => correct({ role })}
      />
      <Amounts line={line} />
      <Button onPress={() => correct({ kind: 'note' })}>It’s a note</Button>
      {first && first.match !== 'exact' ? (
        <Link to={`${cupboardPath(household)}?describe=${encodeURIComponent(first.words)}`}>
          Describe it from its label
        </Link>
      ) : null}
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

/** How many of what, and what it weighs. */
function Measures({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const first = line.items[0];
  /** A measure by hand is weighed anew: an older weight by hand would hide it. */
  const measure = (part: Partial<LineCorrection>) =>
    edit({ kind: 'correction', correction: { ...part, line: line.id }, without: ['grams'] });
  return (
    <>
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
        onCommit={(grams) => edit({ kind: 'correction', correction: { grams, line: line.id } })}
      />
    </>
  );
}

/** More or less of this line alone, all by what is there of it, and its cup weighed once. */
function Amounts({ line }: { readonly line: Line }) {
  const [{ scale }, ask] = useRequest();
  const household = useHousehold();
  const { change } = useKitchen(household);
  const first = line.items[0];
  const factor = scale?.lines.find((one) => one.line === line.id)?.factor ?? 1;
  const batch = scale?.factor ?? 1;
  const others = scale?.lines.filter((one) => one.line !== line.id) ?? [];
  const quantity = first?.quantity?.central;
  const ingredient = first?.ingredient;
  const byVolume = line.measuredBy === 'volume' && ingredient !== null && ingredient !== undefined;
  return (
    <>
      <NumberEntry
        label="Times, this line"
        unit="×"
        min={0.05}
        max={20}
        value={factor}
        onCommit={(now) =>
          ask({
            scale: { factor: batch, lines: now === 1 ? others : [...others, { line: line.id, factor: now }] },
          })
        }
      />
      {quantity ? (
        <NumberEntry
          label="I have only"
          min={0.01}
          max={MOST_GRAMS}
          value={null}
          onCommit={(have) =>
            ask({ scale: { factor: (batch * have) / quantity, lines: scale?.lines ?? [] } })
          }
        />
      ) : null}
      {byVolume ? (
        <NumberEntry
          label="A cup of this bag weighs"
          unit="g"
          min={5}
          max={1000}
          value={null}
          onCommit={(cupGrams) => change((doc) => openBag(doc, ingredient, cupGrams))}
        />
      ) : null}
    </>
  );
}

const unitOf = (item: Item | undefined): HandUnit => HAND_UNITS.find((one) => one === item?.unit) ?? 'piece';

const Fix = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: ${({ theme }) => theme.space(3)};
  padding: ${({ theme }) => `${theme.space(2)} ${theme.space(2)} ${theme.space(3)}`};
  background: ${({ theme }) => theme.colour.table};
  a {
    display: inline-flex;
    align-items: center;
    min-height: ${({ theme }) => theme.touch};
    color: ${({ theme }) => theme.colour.act};
  }
`;
