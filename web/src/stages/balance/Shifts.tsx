import { useCallback, useMemo } from 'react';
import { styled } from 'styled-components';
import { shiftKey } from '@omniarton/core/balance';
import type { DocketShift } from '@omniarton/core/docket';
import { Heading, Small } from '../../ui/layout';
import { useDraft, useEdit } from '../../state/bench/onBench';
import { ShiftRow } from './ShiftRow';

/** Reasons in the order in which they are read, and the rules that speak for each. */
const REASONS: readonly (readonly [name: string, rules: readonly string[]])[] = [
  ['By your hand', ['overrule', 'scale']],
  ['The flour', ['replace-flour', 'self-raising', 'thickener', 'coconut-egg', 'nut-egg']],
  ['What somebody can’t eat', ['stand-in']],
  ['What holds it', ['binder']],
  ['How wet it is', ['water']],
  ['Fat, sugar and sweetness', ['fat-held', 'sugar-held', 'sweetener']],
  ['What raises it', ['lift', 'acid-lost']],
];

/** Every change as a sentence with its because, by what it is for. */
export function Shifts({ shifts }: { readonly shifts: readonly DocketShift[] }) {
  const takenKeys = useDraft(({ doc }) => doc.taken);
  const taken = useMemo(() => new Set(takenKeys), [takenKeys]);
  const edit = useEdit();
  const take = useCallback(
    (key: string, so: boolean) => edit({ kind: 'taken-shift', key, taken: so }),
    [edit],
  );
  const open = shifts.filter((shift) => !taken.has(shiftKey(shift))).length;
  const known = new Set(REASONS.flatMap(([, rules]) => rules));
  const groups = [
    ...REASONS.map(([name, rules]) => [name, shifts.filter(({ rule }) => rules.includes(rule))] as const),
    ['Other', shifts.filter(({ rule }) => !known.has(rule))] as const,
  ].filter(([, own]) => own.length > 0);
  return (
    <section aria-labelledby="shifts">
      <Heading id="shifts">What shifts, and why</Heading>
      <Small>
        {open === 0 ? 'You have taken them all. ' : `${open} of ${shifts.length} still to take. `}
        Arrow keys step through them, Enter shows where a rule comes from, A takes one, O overrules its
        weight.
      </Small>
      {groups.map(([name, own]) => (
        <Group key={name} role="group" aria-label={name}>
          <h3>{name}</h3>
          <div>
            {own.map((shift) => (
              <ShiftRow key={shift.id} shift={shift} taken={taken.has(shiftKey(shift))} onTake={take} />
            ))}
          </div>
        </Group>
      ))}
    </section>
  );
}

const Group = styled.div`
  display: grid;
  grid-template-columns: 11rem minmax(0, 1fr);
  gap: ${({ theme }) => theme.space(4)};
  margin-top: ${({ theme }) => theme.space(3)};
  h3 {
    padding-top: ${({ theme }) => theme.space(2.5)};
    font: 600 0.95rem/1.3 ${({ theme }) => theme.font.text};
    color: ${({ theme }) => theme.colour.soft};
  }
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
`;
