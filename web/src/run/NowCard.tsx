import { useState } from 'react';
import { styled } from 'styled-components';
import {
  wallTime,
  type DayRun,
  type Happening,
  type PlannedTask,
  type RunBake,
  type Timer,
} from '@omniarton/core/clock';
import { fahrenheitOf } from '@omniarton/core/quantity';
import { say } from '@omniarton/core/words';
import { clockOf, dayOf } from '../bakeday/clocks';
import { Mark } from '../bakeday/marks';
import { Row, Small, Stack } from '../ui/layout';
import { TextEntry } from '../ui/TextEntry';
import { BigButton } from './BigButton';
import { NotYet } from './NotYet';
import { timerName } from './words';

interface Props {
  readonly run: DayRun;
  /** What is to be done. */
  readonly task: PlannedTask;
  /** What rings and is to be looked at first; null: nothing. */
  readonly calling: Timer | null;
  /** Its clock was started by hand. */
  readonly started: boolean;
  readonly now: number;
  readonly done: () => void;
  readonly happen: (what: Happening) => void;
}

/** The one thing to do, in type that is read from two metres. */
export function NowCard({ run, task, calling, started, now, done, happen }: Props) {
  const about = calling?.task ?? task;
  const bake = run.bakes.find(({ id }) => id === about.bake);
  const steps = bake?.steps.filter(({ id }) => about.steps.includes(id)) ?? [];
  const early = calling === null && task.begins > now;
  return (
    <Card aria-label="Now" data-calling={calling ? true : undefined}>
      <Row $gap={3}>
        {bake ? (
          <Mark $bake={run.bakes.indexOf(bake)}>
            <b>{run.bakes.indexOf(bake) + 1}</b>
          </Mark>
        ) : null}
        <span>{bake?.title ?? 'The oven'}</span>
        <Small as="span">
          {early
            ? `not before ${whenOf(task.begins, run.zone, now)}`
            : `planned for ${whenOf(about.begins, run.zone, now)}`}
        </Small>
      </Row>
      <What>{calling ? timerName(run, calling) : say(task.what)}</What>
      {calling && bake && about.kind === 'bake' ? (
        <Look>
          Done when {bake.doneSigns.replace(/\.$/, '')}. In the middle:{' '}
          {`${bake.doneCelsius} °C (${Math.round(fahrenheitOf(bake.doneCelsius))} °F)`}, measured.
        </Look>
      ) : null}
      {!calling && about.kind !== 'load' && about.kind !== 'unload' && steps.length > 0 ? (
        <Steps>
          {task.what.code === 'weigh-and-mix' && bake ? <li>{bake.lines.join(' · ')}</li> : null}
          {steps.map(({ id, text }) => (
            <li key={id}>{text}</li>
          ))}
        </Steps>
      ) : null}
      <Actions
        bake={bake}
        task={about}
        running={started}
        calling={calling !== null}
        early={early}
        done={done}
        happen={happen}
      />
    </Card>
  );
}

/** A moment by the clock; on another day with its day. */
function whenOf(moment: number, zone: string, now: number): string {
  const [day, today] = [wallTime(moment, zone).slice(0, 10), wallTime(now, zone).slice(0, 10)];
  return `${day === today ? '' : `${dayOf(day)}, `}${clockOf(moment, zone)}`;
}

interface ActionsProps {
  readonly bake: RunBake | undefined;
  readonly task: PlannedTask;
  /** Its clock runs already. */
  readonly running: boolean;
  /** It rings: it is looked at, and may not be done. */
  readonly calling: boolean;
  readonly early: boolean;
  readonly done: () => void;
  readonly happen: (what: Happening) => void;
}

function Actions({ bake, task, running, calling, early, done, happen }: ActionsProps) {
  const [asking, setAsking] = useState<'nothing' | 'more' | 'wrong'>('nothing');
  const leave = () => setAsking('nothing');
  const say = (what: Happening) => (happen(what), leave());
  if (asking === 'more')
    return (
      <NotYet
        bake={bake}
        burst={task.burst}
        onLeave={leave}
        onMore={(minutes, probe, look) => say({ kind: 'later', task: task.id, minutes, probe, look })}
      />
    );
  if (asking === 'wrong')
    return (
      <Stack $gap={3}>
        <TextEntry
          label="What is wrong? It goes to the log."
          value=""
          wide
          maxLength={400}
          onCommit={(note) => say({ kind: 'wrong', task: task.id, note })}
        />
        <BigButton onPress={leave}>Back</BigButton>
      </Stack>
    );
  return (
    <Row $gap={3}>
      <BigButton $weight="strong" onPress={done}>
        {calling ? (task.kind === 'bake' ? 'Done: it is out' : 'Done') : early ? 'Done already' : 'Done'}
      </BigButton>
      {task.burst !== null && !running ? (
        <BigButton onPress={() => happen({ kind: 'started', task: task.id })}>
          Start its clock: {Math.round((task.ends - task.begins) / 60_000)} min
        </BigButton>
      ) : null}
      {calling ? <BigButton onPress={() => setAsking('more')}>Not yet</BigButton> : null}
      <BigButton onPress={() => setAsking('wrong')}>Something’s wrong</BigButton>
    </Row>
  );
}

const Card = styled.section`
  display: grid;
  gap: ${({ theme }) => theme.space(4)};
  padding: ${({ theme }) => theme.space(5)};
  border-top: 4px solid ${({ theme }) => theme.colour.ink};
  border-bottom: 2px solid ${({ theme }) => theme.colour.ink};
  background: ${({ theme }) => theme.colour.paper};
  &[data-calling] {
    background: ${({ theme }) => theme.colour.askWash};
    border-color: ${({ theme }) => theme.colour.ask};
  }
  ${({ theme }) => theme.phone} {
    padding: ${({ theme }) => theme.space(3)};
  }
`;
const What = styled.p`
  font: 600 clamp(1.6rem, 4.2vw, 2.7rem) / 1.2 ${({ theme }) => theme.font.written};
`;
const Look = styled.p`
  font-size: 1.35rem;
`;
const Steps = styled.ul`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  max-width: 60rem;
  list-style: none;
  font: 400 1.2rem/1.45 ${({ theme }) => theme.font.written};
`;
