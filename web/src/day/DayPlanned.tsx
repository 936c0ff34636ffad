import { useState } from 'react';
import type { DayDocument, DayPlan, NoDay, PlannedTask, Relief, RunBake } from '@omniarton/core/clock';
import { BeginButton } from '../bakeday/BeginButton';
import { DaySheet } from '../bakeday/DaySheet';
import { IntoCalendar } from '../bakeday/IntoCalendar';
import { isMovable } from '../bakeday/movable';
import { NoPlan, PlanHead } from '../bakeday/PlanHead';
import { TaskList } from '../bakeday/TaskList';
import { Button } from '../ui/Button';
import { Row, Small, Stack } from '../ui/layout';
import { TextEntry } from '../ui/TextEntry';

interface Props {
  readonly household: string;
  readonly day: DayDocument;
  readonly plan: DayPlan | NoDay;
  readonly bakes: readonly RunBake[];
  readonly looking: boolean;
  readonly now: number;
  readonly move: (task: PlannedTask, begins: number) => void;
  readonly free: (task: string) => void;
  readonly give: (give: Relief['give']) => void;
}

/** A day's plan: when it begins, drawn, and as a list in which a task can be held where one wants it. */
export function DayPlanned({ household, day, plan, bakes, looking, now, move, free, give }: Props) {
  const [holding, setHolding] = useState(false);
  const { run: _run, schema: _schema, timed: _timed, ...setup } = day;
  if (plan.outcome !== 'plan')
    return (
      <Stack $gap={3}>
        <NoPlan
          none={plan}
          give={give}
          can={({ kind }) => kind !== 'one-more-oven' && kind !== 'one-more-tin'}
        />
        <Held day={day} free={free} />
      </Stack>
    );
  const titles = Object.fromEntries(bakes.map((one) => [one.id, one.title]));
  const common = { tasks: plan.tasks, zone: plan.zone, bakes: day.bakes.map(({ id }) => id), now };
  return (
    <Stack $gap={5}>
      <PlanHead plan={plan} looking={looking} />
      <Row>
        <BeginButton household={household} plan={plan} setup={setup} bakes={bakes} />
        <IntoCalendar plan={plan} titles={titles} id={`day-${household}`} now={now} />
        <Button onPress={() => print()}>Print</Button>
        <Button aria-pressed={holding} onPress={() => setHolding((was) => !was)}>
          {holding ? 'Done moving' : 'Move tasks'}
        </Button>
      </Row>
      <Held day={day} free={free} />
      <DaySheet {...common} onMove={move} />
      <TaskList
        {...common}
        titles={titles}
        aside={holding ? (task) => (isMovable(task) ? <HoldAt task={task} move={move} /> : null) : undefined}
      />
    </Stack>
  );
}

function Held({ day, free }: { readonly day: DayDocument; readonly free: (task: string) => void }) {
  if (day.pins.length === 0) return null;
  return (
    <Row>
      <Small as="span">
        {day.pins.length === 1
          ? 'One task is held where you put it'
          : `${day.pins.length} tasks are held where you put them`}
        ; the rest gives way.
      </Small>
      <Button $weight="quiet" onPress={() => day.pins.forEach(({ task }) => free(task))}>
        Let go
      </Button>
    </Row>
  );
}

const CLOCK = /^(\d{1,2})[:.](\d{2})$/;
const MINUTE = 60_000;

function HoldAt({ task, move }: { readonly task: PlannedTask; readonly move: Props['move'] }) {
  const set = (typed: string) => {
    const [, hours, minutes] = CLOCK.exec(typed) ?? [];
    if (hours === undefined) return;
    const now = Number(task.at.slice(11, 13)) * 60 + Number(task.at.slice(14));
    const wanted = Number(hours) * 60 + Number(minutes);
    move(task, task.begins + (wanted - now) * MINUTE);
  };
  return <TextEntry label="Begin at" value={task.at.slice(11)} onCommit={set} />;
}
