import { useMemo } from 'react';
import type { DayPlan, DaySetup, PlannedBake, RunBake } from '@omniarton/core/clock';
import type { Serving } from '@omniarton/core/kitchen';
import { BeginButton } from '../../bakeday/BeginButton';
import { HERE, knowsZone, laterOn } from '../../bakeday/clocks';
import { DaySheet } from '../../bakeday/DaySheet';
import { IntoCalendar } from '../../bakeday/IntoCalendar';
import { NoPlan, PlanHead } from '../../bakeday/PlanHead';
import { TaskList } from '../../bakeday/TaskList';
import { useNow } from '../../bakeday/useNow';
import { dayPath } from '../../base/paths';
import { NeedsDocket } from '../../docket/NeedsDocket';
import { useDocket, useDraft, useDraftId, useEdit, useHousehold } from '../../state/bench/onBench';
import { changeDay } from '../../state/day/days';
import { useDay } from '../../state/day/useDay';
import { useDayQuestion, usePace, usePlannedDay } from '../../state/day/usePlannedDay';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { useAppDispatch } from '../../state/state';
import { Button, ButtonLink } from '../../ui/Button';
import { DateEntry } from '../../ui/DateEntry';
import { Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';

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
          <Button $weight="quiet" onPress={() => edit({ kind: 'serving', serving: null })}>
            Clear the plan
          </Button>
        ) : null}
      </Row>
      {!serving ? (
        <Notice>Say when it is to be on the table; the day is planned back from there.</Notice>
      ) : knowsZone(serving.zone) ? (
        <Day serving={serving} set={set} />
      ) : (
        <Notice tone="danger">
          This browser knows no time zone called “{serving.zone}”. Set the time again.
        </Notice>
      )}
    </Stack>
  );
}

interface DayProps {
  readonly serving: Serving;
  readonly set: (at: string) => void;
}

/** The day of this recipe alone: the household's helpers and ovens, and when they sleep. */
function useOwnDay({ at, zone }: Serving) {
  const household = useHousehold();
  const id = useDraftId();
  const { doc: day } = useDay(household);
  const bakes = useMemo((): PlannedBake[] => [{ id, recipe: id, at }], [id, at]);
  const setup = useMemo(
    (): DaySetup => ({
      zone,
      bakes,
      hands: day.hands,
      mixers: day.mixers,
      fridge: day.fridge,
      ovens: day.ovens,
      asleep: day.asleep,
      pins: [],
    }),
    [zone, bakes, day.hands, day.mixers, day.fridge, day.ovens, day.asleep],
  );
  return { household, id, setup, day };
}

function Day({ serving, set }: DayProps) {
  const now = useNow();
  const { household, id, setup, day } = useOwnDay(serving);
  const { doc: kitchen } = useKitchen(household);
  const question = useDayQuestion(household, setup, kitchen, usePace(day.timed), now);
  const { reply, looking, failed } = usePlannedDay(household, question);
  const dispatch = useAppDispatch();
  const onDay = day.bakes.some(({ recipe }) => recipe === id);
  const join = () =>
    dispatch(
      changeDay(household, (doc) => ({
        ...doc,
        zone: doc.bakes.length === 0 ? serving.zone : doc.zone,
        bakes: [...doc.bakes.filter(({ recipe }) => recipe !== id), { id, recipe: id, at: serving.at }],
      })),
    );
  if (failed)
    return <Notice tone="danger">The plan could not be worked out. Change the time to try again.</Notice>;
  if (!reply?.plan) return <p role="status">Working the day out …</p>;
  const { plan } = reply;
  return (
    <Stack $gap={5} data-busy={looking || undefined}>
      {plan.outcome === 'plan' ? (
        <Planned
          plan={plan}
          setup={setup}
          bakes={reply.bakes}
          looking={looking}
          now={now}
          household={household}
          id={id}
        />
      ) : (
        <NoPlan
          none={plan}
          can={({ kind }) => kind === 'serve-later'}
          give={(give) => give.kind === 'serve-later' && set(laterOn(serving.at, give.minutes))}
        />
      )}
      <Row>
        {onDay ? (
          <ButtonLink to={dayPath(household)}>It is on the bake day with others</ButtonLink>
        ) : (
          <Button onPress={join}>Put it on a bake day with others</Button>
        )}
        <Small as="span">
          On the clocks of {serving.zone}. The bake is given its whole window; be there for the first look.
        </Small>
      </Row>
    </Stack>
  );
}

interface PlannedProps {
  readonly plan: DayPlan;
  readonly setup: DaySetup;
  readonly bakes: readonly RunBake[];
  readonly looking: boolean;
  readonly now: number;
  readonly household: string;
  readonly id: string;
}

function Planned({ plan, setup, bakes, looking, now, household, id }: PlannedProps) {
  const titles = Object.fromEntries(bakes.map((one) => [one.id, one.title]));
  const common = { tasks: plan.tasks, zone: plan.zone, bakes: [id], now };
  return (
    <>
      <PlanHead plan={plan} looking={looking} />
      <Row>
        <BeginButton household={household} plan={plan} setup={setup} bakes={bakes} />
        <IntoCalendar plan={plan} titles={titles} id={id} now={now} />
      </Row>
      <DaySheet {...common} />
      <TaskList {...common} titles={titles} />
    </>
  );
}
