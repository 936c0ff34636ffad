import { useState } from 'react';
import { styled } from 'styled-components';
import type { Take } from '@omniarton/core/process';
import { useDraft, useEdit, useEngine } from '../../state/bench/onBench';
import { Small } from '../../ui/layout';
import { shareWords } from '../../words/process';
import { LineFace } from './LineFace';
import { useSource } from './MixtureLine';
import { Rebind } from './Rebind';

/** What each step takes of the list, so that "the sugar" of a step can be made the right one. */
export function StepTakes() {
  const steps = useEngine(({ answer }) => answer?.recipe.method);
  const actions = useEngine(({ answer }) => answer?.process.actions);
  if (!steps || !actions) return null;
  return (
    <Steps aria-label="What each step takes">
      {steps.map(({ id, source }) => (
        <li key={id}>
          <q>{source.trim()}</q>
          <Takes step={id} takes={actions.filter(({ step }) => step === id).flatMap(({ takes }) => takes)} />
        </li>
      ))}
    </Steps>
  );
}

interface TakesProps {
  readonly step: string;
  readonly takes: readonly Take[];
}

function Takes({ step, takes }: TakesProps) {
  if (takes.length === 0) return <Small>nothing of the list that is known</Small>;
  return (
    <ul>
      {takes.map((take, at) => (
        <OneTake key={`${take.line} ${at}`} step={step} take={take} />
      ))}
    </ul>
  );
}

interface Props {
  readonly step: string;
  readonly take: Take;
}

/** One line that a step takes; pressed, another can be meant. */
function OneTake({ step, take: { line, share } }: Props) {
  const [open, setOpen] = useState(false);
  const edit = useEdit();
  const source = useSource(line);
  const parts = useEngine(({ answer }) => answer?.recipe.parts);
  const known = useDraft(({ doc }) => doc.corrections.find((one) => one.line === step)?.takes) ?? [];
  const bound = known.find(({ instead }) => instead === line);
  const foods = (parts ?? [])
    .flatMap(({ lines }) => lines)
    .filter(({ kind, items }) => kind === 'ingredient' && items.length > 0);
  const others = known.filter((one) => one !== bound);
  const take = (takes: typeof known) =>
    edit(
      takes.length > 0
        ? { kind: 'correction', correction: { line: step, takes } }
        : { kind: 'correction', correction: { line: step }, without: ['takes'] },
    );
  return (
    <li>
      <Face type="button" aria-expanded={open} onClick={() => setOpen(!open)}>
        {shareWords(share)}
        {source}
      </Face>
      {open ? (
        <Rebind
          label="This step means"
          value={line}
          options={foods.map((one) => ({ id: one.id, name: one.source.trim() }))}
          onChange={(instead) => take([...others, { line: bound?.line ?? line, instead }])}
          onAsRead={bound ? () => take(others) : null}
        />
      ) : null}
    </li>
  );
}

const Steps = styled.ol`
  list-style: none;
  > li {
    padding: ${({ theme }) => `${theme.space(1)} 0`};
  }
  q {
    font-family: ${({ theme }) => theme.font.written};
    font-style: italic;
  }
  ul {
    list-style: none;
    display: flex;
    flex-wrap: wrap;
    gap: 0 ${({ theme }) => theme.space(4)};
    padding-left: ${({ theme }) => theme.space(4)};
  }
`;
const Face = styled(LineFace)`
  padding: 0;
  text-decoration: underline dotted 1px;
  text-underline-offset: 0.2em;
`;
