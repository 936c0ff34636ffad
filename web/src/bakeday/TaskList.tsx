import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import type { PlannedTask } from '@omniarton/core/clock';
import { say } from '@omniarton/core/words';
import { useTemperatureUnit } from '../state/bench/useMeasures';
import { Figure, Heading, Small, Stack } from '../ui/layout';
import { sayOven, type TemperatureUnit } from '../words/say';
import { clockOf, dayOf, spanOf } from './clocks';
import { Mark } from './marks';

interface Props {
  readonly tasks: readonly PlannedTask[];
  readonly zone: string;
  readonly bakes: readonly string[];
  readonly titles: Readonly<Record<string, string>>;
  readonly now: number;
  readonly aside?: (task: PlannedTask) => ReactNode;
}

/** What nobody has to be told of by itself: it is said with what it belongs to. */
const WITH_OTHERS: ReadonlySet<string> = new Set(['load', 'unload']);

function more(
  { handsOn, hands, oven, tray, celsius, firstCheck, swapAt, kind, begins, ends }: PlannedTask,
  several: boolean,
  zone: string,
  unit: TemperatureUnit,
): string {
  return [
    kind === 'serve' ? '' : spanOf(ends - begins),
    handsOn && several ? `hands ${hands}` : '',
    handsOn || kind === 'serve' || kind === 'preheat' ? '' : 'by itself',
    oven && kind === 'bake' ? `${oven}, ${sayOven(celsius!, unit)}` : '',
    tray ? `tray ${tray.n} of ${tray.of}` : '',
    firstCheck === null ? '' : `first look ${clockOf(firstCheck, zone)}`,
    swapAt === null ? '' : `turn and swap ${clockOf(swapAt, zone)}`,
  ]
    .filter((one) => one !== '')
    .join(' · ');
}

/** The day as a list by clock: the same as the drawing, for print, for a screen reader and for the thumb. */
export function TaskList({ tasks, zone, bakes, titles, now, aside }: Props) {
  const unit = useTemperatureUnit();
  const shown = tasks.filter(({ kind }) => !WITH_OTHERS.has(kind));
  const several = tasks.some(({ hands }) => (hands ?? 1) > 1);
  return (
    <Stack $gap={5}>
      {[...new Set(shown.map(({ at }) => at.slice(0, 10)))].map((day) => (
        <section key={day} aria-label={dayOf(day)}>
          <Heading>{dayOf(day)}</Heading>
          <Steps>
            {shown
              .filter(({ at }) => at.startsWith(day))
              .map((task) => (
                <li
                  key={task.id}
                  data-past={task.ends < now || undefined}
                  data-alone={!task.handsOn || undefined}
                >
                  <Figure $size={1.35}>{task.at.slice(11)}</Figure>
                  {task.bake === null ? (
                    <span />
                  ) : (
                    <Mark $bake={bakes.indexOf(task.bake)} title={titles[task.bake]}>
                      <b>{bakes.indexOf(task.bake) + 1}</b>
                    </Mark>
                  )}
                  <div>
                    <span>{say(task.what)}</span>
                    <Small as="span">
                      {[task.bake === null ? '' : titles[task.bake], more(task, several, zone, unit)]
                        .filter((one) => one !== '')
                        .join(' · ')}
                    </Small>
                  </div>
                  {aside?.(task)}
                </li>
              ))}
          </Steps>
        </section>
      ))}
    </Stack>
  );
}

const Steps = styled.ol`
  display: grid;
  margin-top: ${({ theme }) => theme.space(2)};
  border-top: 2px solid ${({ theme }) => theme.colour.ink};
  li {
    display: grid;
    grid-template-columns: 4.2rem 2.2rem minmax(0, 1fr) auto;
    align-items: start;
    gap: ${({ theme }) => theme.space(3)};
    padding: ${({ theme }) => theme.space(2)} 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
    break-inside: avoid;
  }
  li > :first-child {
    text-align: right;
  }
  li > div {
    display: grid;
    gap: ${({ theme }) => theme.space(0.5)};
  }
  [data-alone] > div > span:first-child {
    font-style: italic;
  }
  [data-past] {
    color: ${({ theme }) => theme.colour.soft};
  }
  @media print {
    font-size: 1rem;
    li {
      padding: ${({ theme }) => theme.space(1)} 0;
    }
    [data-past] {
      color: inherit;
    }
  }
`;
