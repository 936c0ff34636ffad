import { useState } from 'react';
import { useParams } from 'react-router';
import { styled } from 'styled-components';
import {
  behind,
  putAway,
  runState,
  type DayRun,
  type Happening,
  type PlannedTask,
} from '@omniarton/core/clock';
import { say } from '@omniarton/core/words';
import { failureWords } from '../api/words';
import { clockOf } from '../bakeday/clocks';
import { Mark } from '../bakeday/marks';
import { dayPath } from '../base/paths';
import { useDay, useHappenings } from '../state/day/useDay';
import { Button, ButtonLink } from '../ui/Button';
import { Figure, Heading, Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { Unsaved } from '../ui/Unsaved';
import { AfterRun } from './AfterRun';
import { ClockJumped } from './ClockJumped';
import { NowCard } from './NowCard';
import { RunningLate } from './RunningLate';
import { SoundsOff } from './SoundsOff';
import { TickLists } from './TickLists';
import { Timers } from './Timers';
import { useCounter } from './useCounter';

/** What comes next is told so far ahead. */
const AHEAD = 3;

/** The bake day at the counter: one thing to do, what comes next, and all timers. */
export function RunPage() {
  const { household = '' } = useParams();
  const { doc, ready, failure, save, change } = useDay(household);
  const happen = useHappenings(change);
  const back = <ButtonLink to={dayPath(household)}>Bake day</ButtonLink>;
  return (
    <Page data-busy={(!ready && !failure) || undefined}>
      <Name>At the counter</Name>
      {failure && !doc.run ? (
        <Notice tone="danger" loud>
          {failureWords(failure)}
        </Notice>
      ) : null}
      <Unsaved save={save} kept="Timers and ticks" />
      {doc.run ? (
        runState(doc.run).ended ? (
          <AfterRun household={household} run={doc.run} clear={() => change(putAway)} />
        ) : (
          <Counter household={household} run={doc.run} happen={happen} />
        )
      ) : ready ? (
        <Notice>
          <Row>
            <span>Nothing is under way.</span>
            {back}
          </Row>
        </Notice>
      ) : null}
    </Page>
  );
}

interface Props {
  readonly household: string;
  readonly run: DayRun;
  readonly happen: (what: Happening) => void;
}

function Counter({ household, run, happen }: Props) {
  const { now, state, timers, open, calling, finish } = useCounter(run, happen);
  const [next, ...after] = open;
  const last = [...state.done].sort((a, b) => b[1] - a[1])[0];
  return (
    <>
      <Head>
        <Figure $size={2.6} aria-label="The time now">
          {clockOf(now, run.zone)}
        </Figure>
        <Row>
          {last ? (
            <Button onPress={() => happen({ kind: 'not-done', task: last[0] })}>Undo the last “done”</Button>
          ) : null}
          <EndRun onEnd={() => happen({ kind: 'ended' })} />
        </Row>
      </Head>
      <SoundsOff />
      <ClockJumped />
      <RunningLate
        household={household}
        run={run}
        late={behind(run, now)}
        later={state.lateMinutes}
        happen={happen}
      />
      <Counters>
        <Stack $gap={5}>
          {next || calling ? (
            <NowCard
              key={calling?.task.id ?? next!.id}
              run={run}
              task={next ?? calling!.task}
              calling={calling}
              started={next !== undefined && state.started.has(next.id)}
              now={now}
              done={finish}
              happen={happen}
            />
          ) : (
            <Notice>Everything is done. End the bake day: the log is filled from it.</Notice>
          )}
          <Next run={run} tasks={(calling ? open : after).slice(0, AHEAD)} />
        </Stack>
        <Stack $gap={5}>
          <Timers run={run} timers={timers} now={now} happen={happen} />
          <TickLists run={run} ticked={state.ticked} happen={happen} />
        </Stack>
      </Counters>
    </>
  );
}

function Next({ run, tasks }: { readonly run: DayRun; readonly tasks: readonly PlannedTask[] }) {
  const place = ({ bake }: PlannedTask) => run.bakes.findIndex(({ id }) => id === bake);
  if (tasks.length === 0) return null;
  return (
    <section aria-label="Next">
      <Heading>Next</Heading>
      <Nexts>
        {tasks.map((task) => (
          <li key={task.id}>
            <Figure $size={1.5}>{task.at.slice(11)}</Figure>
            {place(task) < 0 ? (
              <span />
            ) : (
              <Mark $bake={place(task)}>
                <b>{place(task) + 1}</b>
              </Mark>
            )}
            <span>
              {say(task.what)} <Small as="span">{run.bakes[place(task)]?.title}</Small>
            </span>
          </li>
        ))}
      </Nexts>
    </section>
  );
}

function EndRun({ onEnd }: { readonly onEnd: () => void }) {
  const [sure, setSure] = useState(false);
  if (!sure)
    return (
      <Button $weight="quiet" onPress={() => setSure(true)}>
        End the bake day
      </Button>
    );
  return (
    <Stack $gap={1}>
      <Small>All timers stop.</Small>
      <Row>
        <Button $weight="danger" onPress={onEnd}>
          End it
        </Button>
        <Button onPress={() => setSure(false)}>Go on</Button>
      </Row>
    </Stack>
  );
}

const Page = styled.main`
  display: grid;
  gap: ${({ theme }) => theme.space(5)};
  max-width: 80rem;
  margin: 0 auto;
  padding: ${({ theme }) => `${theme.space(3)} ${theme.space(4)} ${theme.space(12)}`};
`;
const Name = styled.h1`
  font: 600 1rem/1 ${({ theme }) => theme.font.written};
  color: ${({ theme }) => theme.colour.soft};
`;
const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: ${({ theme }) => theme.space(3)};
`;
const Counters = styled.div`
  display: grid;
  gap: ${({ theme }) => theme.space(6)};
  align-items: start;
  ${({ theme }) => theme.wide} {
    grid-template-columns: minmax(0, 1fr) 25rem;
  }
`;
const Nexts = styled.ol`
  display: grid;
  list-style: none;
  border-top: 1px solid ${({ theme }) => theme.colour.line};
  li {
    display: grid;
    grid-template-columns: 5rem 2.2rem minmax(0, 1fr);
    align-items: baseline;
    gap: ${({ theme }) => theme.space(4)};
    padding: ${({ theme }) => theme.space(2)} 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
    font-size: 1.15rem;
  }
  span:last-child {
    display: -webkit-box;
    -webkit-line-clamp: 2;
    -webkit-box-orient: vertical;
    overflow: hidden;
  }
`;
