import { useState } from 'react';
import { styled } from 'styled-components';
import { planBake, wallTime, type Plan } from '@omniarton/core/clock';
import type { Docket } from '@omniarton/core/docket';
import type { Serving } from '@omniarton/core/kitchen';
import { saveFile } from '../../docket/saveFile';
import { Button } from '../../ui/Button';
import { DateEntry } from '../../ui/DateEntry';
import { Figure, Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { NeedsDocket } from '../../docket/NeedsDocket';
import { askQuick } from '../../state/engine/engine';
import { useDocket, useDraft, useDraftId, useEdit } from '../../state/bench/onBench';
import { useNow } from './useNow';

const HERE = Intl.DateTimeFormat().resolvedOptions().timeZone;

/** When it is to be on the table, and what follows from that. */
export function ClockStage() {
  const docket = useDocket();
  const serving = useDraft(({ doc }) => doc.serving);
  const edit = useEdit();
  if (!docket) return <NeedsDocket what="a bake day" />;
  const set = (at: string) =>
    edit({ kind: 'serving', serving: at ? { at, zone: serving?.zone ?? HERE } : null });
  return (
    <Stack $gap={6}>
      <Row $gap={5} style={{ alignItems: 'end' }}>
        <DateEntry label="On the table at" type="datetime-local" value={serving?.at ?? ''} onCommit={set} />
        {serving ? (
          <Button onPress={() => edit({ kind: 'serving', serving: null })}>Not planned after all</Button>
        ) : null}
      </Row>
      {serving ? (
        <Day docket={docket} serving={serving} />
      ) : (
        <Notice>Say when it is to be on the table; the day is planned back from there.</Notice>
      )}
    </Stack>
  );
}

interface DayProps {
  readonly docket: Docket;
  readonly serving: Serving;
}

/** A stored zone may be unknown to this browser; then there is no plan to show. */
function planned(docket: Docket, serving: Serving, now: number): Plan | null {
  try {
    return planBake(docket, serving, now);
  } catch {
    return null;
  }
}

const timeOf = (at: string) => at.slice(11);
const dayOf = (at: string) =>
  new Date(`${at.slice(0, 10)}T12:00:00Z`).toLocaleDateString('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  });

function Day({ docket, serving }: DayProps) {
  const now = useNow();
  const plan = planned(docket, serving, now);
  if (!plan)
    return (
      <Notice tone="danger">
        This browser knows no time zone called “{serving.zone}”. Set the time again.
      </Notice>
    );
  const days = [...new Set(plan.steps.map(({ at }) => at.slice(0, 10)))];
  return (
    <Stack $gap={4}>
      <Late plan={plan} zone={serving.zone} now={now} />
      {days.map((day) => (
        <section key={day} aria-label={dayOf(day)}>
          <Heading>{dayOf(day)}</Heading>
          <Steps>
            {plan.steps
              .filter(({ at }) => at.startsWith(day))
              .map((step) => (
                <li key={step.id} data-past={step.begins < now || undefined}>
                  <Figure $size={2}>{timeOf(step.at)}</Figure>
                  <span>{step.words}</span>
                  <Small as="span">{step.minutes > 0 ? `${Math.round(step.minutes)} min` : ''}</Small>
                </li>
              ))}
          </Steps>
        </section>
      ))}
      <Row>
        <IntoCalendar plan={plan} now={now} />
        <Small as="span">
          On the clocks of {serving.zone}. The bake is given its whole window; be there for the first look.
        </Small>
      </Row>
    </Stack>
  );
}

function IntoCalendar({ plan, now }: { readonly plan: Plan; readonly now: number }) {
  const id = useDraftId();
  const [failed, setFailed] = useState(false);
  const save = () =>
    askQuick((engine) => engine.calendar(plan, id, now)).then(
      (text) => {
        saveFile('bake-day.ics', 'text/calendar', text);
        setFailed(false);
      },
      () => setFailed(true),
    );
  return (
    <>
      <Button onPress={() => void save()}>Into a calendar</Button>
      {failed ? <Small role="alert">The calendar could not be written. Try once more.</Small> : null}
    </>
  );
}

interface LateProps {
  readonly plan: Plan;
  readonly zone: string;
  readonly now: number;
}

/** A start that is past is said, with the soonest that it could be ready. */
function Late({ plan: { late, steps }, zone, now }: LateProps) {
  if (late === 0) return null;
  const table = steps.at(-1)!.begins;
  return (
    <Notice tone="ask">
      {table < now ? 'That time is past. ' : 'The first step should have begun already. '}
      Beginning now, it is on the table at {timeOf(wallTime(table + late, zone))} at the soonest.
    </Notice>
  );
}

const Steps = styled.ol`
  display: grid;
  margin-top: ${({ theme }) => theme.space(2)};
  border-top: 2px solid ${({ theme }) => theme.colour.ink};
  li {
    display: grid;
    grid-template-columns: 6rem minmax(0, 1fr) auto;
    align-items: baseline;
    gap: ${({ theme }) => theme.space(4)};
    padding: ${({ theme }) => theme.space(2)} 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  }
  li > :first-child {
    text-align: right;
  }
  [data-past] {
    color: ${({ theme }) => theme.colour.soft};
  }
`;
