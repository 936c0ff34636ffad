import { styled } from 'styled-components';
import type { DayRun, Happening, Timer } from '@omniarton/core/clock';
import { Figure, Heading, Small } from '../ui/layout';
import { BigButton } from './BigButton';
import { asks, leftOf, timerName } from './words';

interface Props {
  readonly run: DayRun;
  readonly timers: readonly Timer[];
  readonly now: number;
  readonly happen: (what: Happening) => void;
}

/** Everything that runs by itself, by what rings first. */
export function Timers({ run, timers, now, happen }: Props) {
  if (timers.length === 0) return null;
  return (
    <section aria-label="Timers">
      <Heading>Timers</Heading>
      <List>
        {timers.map((timer) => {
          const rung = timer.rings <= now;
          return (
            <li key={timer.marks} data-rung={rung || undefined}>
              <Figure $size={2.4} role="timer" aria-label={timerName(run, timer)}>
                {leftOf(timer.rings - now)}
              </Figure>
              <div>
                <strong>{timerName(run, timer)}</strong>
                {timer.calls === 'look' && timer.over > now ? (
                  <Small as="span">the whole window: {leftOf(timer.over - now)} left</Small>
                ) : null}
              </div>
              {rung && !asks(timer) ? (
                <BigButton onPress={() => happen({ kind: 'done', task: timer.marks })}>Seen to</BigButton>
              ) : null}
            </li>
          );
        })}
      </List>
    </section>
  );
}

const List = styled.ol`
  display: grid;
  border-top: 2px solid ${({ theme }) => theme.colour.ink};
  li {
    display: grid;
    grid-template-columns: 7rem minmax(0, 1fr);
    align-items: center;
    gap: ${({ theme }) => theme.space(4)};
    min-height: 64px;
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  }
  li > :first-child {
    text-align: right;
  }
  div {
    display: grid;
  }
  button {
    grid-column: 2;
    justify-self: start;
    margin-bottom: ${({ theme }) => theme.space(2)};
  }
  [data-rung] {
    background: ${({ theme }) => theme.colour.askWash};
    outline: 3px solid ${({ theme }) => theme.colour.ask};
    outline-offset: -3px;
  }
`;
