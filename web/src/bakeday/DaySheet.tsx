import { useRef, useState, type PointerEvent } from 'react';
import { styled } from 'styled-components';
import type { PlannedTask } from '@omniarton/core/clock';
import { say } from '@omniarton/core/words';
import { clockOf } from './clocks';
import { marked } from './marks';
import { isMovable } from './movable';

interface Props {
  readonly tasks: readonly PlannedTask[];
  readonly zone: string;
  /** Ids of the day's bakes, in the order of their numbers. */
  readonly bakes: readonly string[];
  readonly now: number;
  /** A task was drawn to another moment; nothing where it can't be. */
  readonly onMove?: (task: PlannedTask, begins: number) => void;
}

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
/** Width of an hour, rem. */
const HOUR_REM = 6.5;

interface Lane {
  readonly name: string;
  readonly tasks: readonly PlannedTask[];
}

/** One lane a pair of hands and one an oven; what waits by itself has none: it is between. */
function lanesOf(tasks: readonly PlannedTask[]): Lane[] {
  const hands = [...new Set(tasks.flatMap((one) => one.hands ?? []))].sort();
  const ovens = [...new Set(tasks.flatMap((one) => one.oven ?? []))].sort();
  return [
    ...hands.map((hand) => ({
      name: hands.length === 1 ? 'Hands' : `Hands ${hand}`,
      tasks: tasks.filter((one) => one.hands === hand),
    })),
    ...ovens.map((oven) => ({
      name: oven.replace(/^the /, ''),
      tasks: tasks.filter((one) => one.oven === oven && !one.handsOn),
    })),
  ];
}

/** Those of an oven that overlap lie one below the other. */
function rowsOf(tasks: readonly PlannedTask[]): PlannedTask[][] {
  const rows: PlannedTask[][] = [];
  for (const task of tasks) {
    const free = rows.find((row) => row.at(-1)!.ends <= task.begins);
    if (free) free.push(task);
    else rows.push([task]);
  }
  return rows.length > 0 ? rows : [[]];
}

/** Stretches of time that are drawn: a night or a long wait between two days is left out. */
function spansOf(tasks: readonly PlannedTask[]): { readonly from: number; readonly to: number }[] {
  const spans: { from: number; to: number }[] = [];
  for (const { begins, ends, kind } of tasks) {
    if (kind === 'rest' || kind === 'cool' || kind === 'serve') continue;
    const last = spans.at(-1);
    if (last && begins - last.to < 3 * HOUR) last.to = Math.max(last.to, ends);
    else spans.push({ from: begins, to: ends });
  }
  return spans.map(({ from, to }) => ({
    from: Math.floor(from / (HOUR / 2)) * (HOUR / 2),
    to: Math.ceil((to + MINUTE) / (HOUR / 2)) * (HOUR / 2),
  }));
}

/** The day by clock, by hands and by oven, on a ruler. For the eye: the list beside it says the same in words. */
export function DaySheet({ tasks, zone, bakes, now, onMove }: Props) {
  return (
    <Sheets aria-hidden="true">
      {spansOf(tasks).map((span) => (
        <Span key={span.from} {...span} tasks={tasks} zone={zone} bakes={bakes} now={now} onMove={onMove} />
      ))}
    </Sheets>
  );
}

function Span({
  from,
  to,
  tasks,
  zone,
  bakes,
  now,
  onMove,
}: Props & { readonly from: number; readonly to: number }) {
  const rem = (moment: number) => ((moment - from) / HOUR) * HOUR_REM;
  const ticks = Array.from(
    { length: Math.floor((to - from) / (HOUR / 2)) + 1 },
    (_, at) => from + (at * HOUR) / 2,
  );
  const inside = tasks.filter((one) => one.begins < to && one.ends > from);
  return (
    <Scroll>
      <Paper style={{ width: `${rem(to) + 8}rem` }}>
        <Scale>
          {ticks.map((tick) => (
            <span
              key={tick}
              style={{ left: `${rem(tick)}rem` }}
              data-half={clockOf(tick, zone).endsWith('30') || undefined}
            >
              {clockOf(tick, zone)}
            </span>
          ))}
        </Scale>
        {lanesOf(inside).map(({ name, tasks: own }) => (
          <LaneRow key={name}>
            <b>{name}</b>
            <div>
              {rowsOf(own).map((row, at) => (
                <Line key={at}>
                  {row.map((task) => (
                    <Bar
                      key={task.id}
                      task={task}
                      left={rem(task.begins)}
                      width={rem(task.ends) - rem(task.begins)}
                      bake={task.bake === null ? -1 : bakes.indexOf(task.bake)}
                      onMove={onMove}
                    />
                  ))}
                </Line>
              ))}
            </div>
          </LaneRow>
        ))}
        {now > from && now < to ? <Now style={{ left: `calc(7rem + ${rem(now)}rem)` }} /> : null}
      </Paper>
    </Scroll>
  );
}

interface BarProps {
  readonly task: PlannedTask;
  readonly left: number;
  readonly width: number;
  readonly bake: number;
  readonly onMove?: (task: PlannedTask, begins: number) => void;
}

function Bar({ task, left, width, bake, onMove }: BarProps) {
  const held = useRef<{ readonly x: number; readonly scale: number } | null>(null);
  const [by, setBy] = useState(0);
  const free = onMove && isMovable(task);
  const down = (event: PointerEvent<HTMLDivElement>) => {
    if (!free) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    const root = parseFloat(getComputedStyle(document.documentElement).fontSize);
    held.current = { x: event.clientX, scale: root };
  };
  const move = (event: PointerEvent) => {
    if (held.current) setBy((event.clientX - held.current.x) / held.current.scale);
  };
  const up = () => {
    if (!held.current) return;
    held.current = null;
    const minutes = Math.round(((by / HOUR_REM) * 60) / 5) * 5;
    setBy(0);
    if (minutes !== 0) onMove?.(task, task.begins + minutes * MINUTE);
  };
  return (
    <Block
      $bake={Math.max(0, bake)}
      data-kind={task.kind}
      data-free={free || undefined}
      title={say(task.what)}
      style={{ left: `${left + by}rem`, width: `max(0.25rem, ${width}rem)` }}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={() => ((held.current = null), setBy(0))}
    >
      {bake >= 0 && width > 0.55 ? <i>{bake + 1}</i> : null}
      {task.kind === 'preheat' ? <i>{task.celsius}°</i> : null}
    </Block>
  );
}

const Sheets = styled.div`
  display: grid;
  gap: ${({ theme }) => theme.space(4)};
  min-width: 0;
  @media print {
    display: none;
  }
`;
const Scroll = styled.div`
  overflow-x: auto;
  border-top: 2px solid ${({ theme }) => theme.colour.ink};
  border-bottom: 2px solid ${({ theme }) => theme.colour.ink};
`;
const Paper = styled.div`
  position: relative;
  min-width: 100%;
  padding-bottom: ${({ theme }) => theme.space(2)};
`;
const Scale = styled.div`
  position: relative;
  height: 2.2rem;
  margin-left: 7rem;
  border-bottom: 1px solid ${({ theme }) => theme.colour.strong};
  span {
    position: absolute;
    bottom: 0;
    padding: 0 0 0.5rem 0.25rem;
    border-left: 1.5px solid ${({ theme }) => theme.colour.ink};
    font: 650 0.95rem/1 ${({ theme }) => theme.font.figures};
    font-variant-numeric: tabular-nums;
  }
  span[data-half] {
    height: 0.5rem;
    padding: 0;
    overflow: hidden;
    color: transparent;
    border-left-width: 1px;
  }
`;
const LaneRow = styled.div`
  display: grid;
  grid-template-columns: 7rem minmax(0, 1fr);
  border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  > b {
    position: sticky;
    left: 0;
    z-index: 2;
    display: flex;
    align-items: center;
    padding: ${({ theme }) => theme.space(1)};
    background: ${({ theme }) => theme.colour.ground};
    font-weight: 600;
    line-height: 1.1;
  }
`;
const Line = styled.div`
  position: relative;
  height: 2.1rem;
`;
const Block = styled.div<{ $bake: number }>`
  ${marked}
  position: absolute;
  top: 0.2rem;
  bottom: 0.2rem;
  display: grid;
  place-items: center;
  border: 1px solid ${({ theme }) => theme.colour.ink};
  overflow: hidden;
  touch-action: pan-x;
  &[data-free] {
    cursor: ew-resize;
  }
  &[data-kind='preheat'] {
    background: none;
    border-style: dashed;
    color: ${({ theme }) => theme.colour.soft};
  }
  &[data-kind='clean'] {
    background: ${({ theme }) => theme.colour.table};
  }
  i {
    padding: 0 0.2em;
    background: ${({ theme }) => theme.colour.paper};
    font: 700 0.85rem/1.25 ${({ theme }) => theme.font.figures};
  }
`;
const Now = styled.div`
  position: absolute;
  top: 0;
  bottom: 0;
  width: 2px;
  background: ${({ theme }) => theme.colour.danger};
`;
