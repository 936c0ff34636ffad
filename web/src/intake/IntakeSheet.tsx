import { useState } from 'react';
import { Checkbox, ProgressBar } from 'react-aria-components';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import type { Found } from '@omniarton/core/exchange';
import { benchPath } from '../base/paths';
import { Button } from '../ui/Button';
import { Row, Small, Stack } from '../ui/layout';
import { SheetOver } from '../ui/Sheet';
import type { FileReport } from './takeFiles';
import type { IntakeState } from './useIntake';

interface Props {
  readonly household: string;
  readonly state: IntakeState;
  readonly onKeep: (chosen: readonly Found[]) => void;
  readonly onClose: () => void;
}

/** Files on their way in: how far they are, what was found in each, which of it to keep, and what came of it. */
export function IntakeSheet({ household, state, onKeep, onClose }: Props) {
  const { step, done, of } = state;
  const nothing = state.reports.every(({ recipes }) => recipes.length === 0);
  const title = {
    reading: 'Reading',
    asking: nothing ? 'Nothing to take' : 'Which of these?',
    keeping: 'Keeping',
    kept: 'Taken in',
  }[step];
  return (
    <SheetOver title={title} isOpen onClose={onClose}>
      <Stack $gap={4}>
        {step === 'reading' || step === 'keeping' ? <Progress name={title} done={done} of={of} /> : null}
        {step === 'asking' ? <Choose reports={state.reports} onKeep={onKeep} /> : null}
        {step === 'kept' ? <Kept household={household} state={state} /> : null}
        <Row>
          <Button $weight="quiet" onPress={onClose}>
            {step === 'kept' ? 'Done' : 'Stop'}
          </Button>
        </Row>
      </Stack>
    </SheetOver>
  );
}

const Progress = ({
  name,
  done,
  of,
}: {
  readonly name: string;
  readonly done: number;
  readonly of: number;
}) => (
  <Bar aria-label={name} value={done} maxValue={Math.max(1, of)}>
    {({ percentage = 0 }) => (
      <>
        <Small>
          {done} of {of}
        </Small>
        <span className="track">
          <span className="filled" style={{ width: `${percentage}%` }} />
        </span>
      </>
    )}
  </Bar>
);

interface ChooseProps {
  readonly reports: readonly FileReport[];
  readonly onKeep: (chosen: readonly Found[]) => void;
}

function Choose({ reports, onKeep }: ChooseProps) {
  const all = reports.flatMap(({ recipes }) => recipes);
  const [left, setLeft] = useState<ReadonlySet<Found>>(new Set());
  const chosen = all.filter((one) => !left.has(one));
  const toggle = (one: Found, on: boolean) => {
    const next = new Set(left);
    if (on) next.delete(one);
    else next.add(one);
    setLeft(next);
  };
  return (
    <Stack $gap={3}>
      {reports.map(({ name, kind, recipes, notes }, at) => (
        <section key={at} aria-label={name}>
          <p>
            <strong>{name}</strong> {kind ? <Small as="span">{kind}</Small> : null}
          </p>
          {recipes.map((one, index) => (
            <Tick key={index} isSelected={!left.has(one)} onChange={(on) => toggle(one, on)}>
              <span className="box" aria-hidden="true" />
              {one.title || 'Untitled'}
            </Tick>
          ))}
          {recipes.length === 0 ? <Small>no recipe</Small> : null}
          {notes.map((note) => (
            <Small key={note}>{note}</Small>
          ))}
        </section>
      ))}
      {all.length > 0 ? (
        <Button $weight="strong" isDisabled={chosen.length === 0} onPress={() => onKeep(chosen)}>
          Keep {chosen.length} {chosen.length === 1 ? 'recipe' : 'recipes'}
        </Button>
      ) : null}
    </Stack>
  );
}

function Kept({ household, state }: { readonly household: string; readonly state: IntakeState }) {
  return (
    <List>
      {state.kept.map(({ title, id, words }, at) => (
        <li key={at} data-failed={id === null || undefined}>
          {id === null ? title : <Link to={benchPath(household, id)}>{title}</Link>}{' '}
          <Small as="span">{words}</Small>
        </li>
      ))}
    </List>
  );
}

const Bar = styled(ProgressBar)`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  .track {
    display: block;
    height: 12px;
    border: 1.5px solid ${({ theme }) => theme.colour.strong};
  }
  .filled {
    display: block;
    height: 100%;
    background: ${({ theme }) => theme.colour.act};
  }
`;
const Tick = styled(Checkbox)`
  display: flex;
  align-items: center;
  gap: ${({ theme }) => theme.space(2)};
  min-height: ${({ theme }) => theme.touch};
  cursor: pointer;
  .box {
    display: inline-grid;
    place-items: center;
    width: 20px;
    height: 20px;
    border: 2px solid ${({ theme }) => theme.colour.strong};
  }
  &[data-selected] .box::after {
    content: '✓';
    font-weight: 800;
  }
  &[data-focus-visible] .box {
    outline: 3px solid ${({ theme }) => theme.colour.focus};
  }
`;
const List = styled.ul`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  li[data-failed] {
    color: ${({ theme }) => theme.colour.danger};
  }
  a {
    color: ${({ theme }) => theme.colour.act};
  }
`;
