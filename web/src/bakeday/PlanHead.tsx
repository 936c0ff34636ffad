import { styled } from 'styled-components';
import type { DayPlan, NoDay, Relief } from '@omniarton/core/clock';
import { say } from '@omniarton/core/words';
import { Button } from '../ui/Button';
import { Figure, Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { clockOf, dayOf } from './clocks';

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** When a day begins, how sure that is, and what keeps it from beginning later. */
export function PlanHead({ plan, looking }: { readonly plan: DayPlan; readonly looking: boolean }) {
  const { begins, atBest, proven, zone, binds, tasks } = plan;
  const evening = tasks[0]!.at.slice(0, 10) !== tasks.at(-1)!.at.slice(0, 10);
  return (
    <Head>
      <div>
        <Small as="span">Begin on {dayOf(tasks[0]!.at)} at</Small>
        <Figure $size={3.4}>{tasks[0]!.at.slice(11)}</Figure>
      </div>
      <Stack $gap={1}>
        <strong>
          {proven
            ? 'No plan can begin later.'
            : `No plan can begin after ${clockOf(atBest, zone)}${looking ? '; still looking' : '; this is the best that was found'}.`}
        </strong>
        {evening ? (
          <span>
            {begins < tasks.at(-1)!.begins
              ? `In the morning it goes on at ${clockOf(begins, zone)}.`
              : 'Nothing is left for the morning.'}
          </span>
        ) : null}
        {binds.map((one) => (
          <span key={say(one)}>{capital(say(one))}.</span>
        ))}
      </Stack>
    </Head>
  );
}

interface NoneProps {
  readonly none: NoDay;
  readonly give: (give: Relief['give']) => void;
  /** What of it can be given by a press. */
  readonly can: (give: Relief['give']) => boolean;
}

/** Why a day can't be, and what could be given: one press each. */
export function NoPlan({ none, give, can }: NoneProps) {
  return (
    <Notice tone="ask">
      <Stack $gap={3}>
        {none.reasons.map((one) => (
          <span key={say(one)}>{capital(say(one))}.</span>
        ))}
        {none.relax.length > 0 ? (
          <Row>
            <span>It would be possible with one of these:</span>
            {none.relax.map((one) =>
              can(one.give) ? (
                <Button key={say(one.what)} onPress={() => give(one.give)}>
                  {capital(say(one.what))}
                </Button>
              ) : (
                <span key={say(one.what)}>{say(one.what)}</span>
              ),
            )}
          </Row>
        ) : (
          <span>No single thing that was tried would make it possible.</span>
        )}
      </Stack>
    </Notice>
  );
}

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: ${({ theme }) => `${theme.space(2)} ${theme.space(6)}`};
  > :first-child {
    display: grid;
    gap: ${({ theme }) => theme.space(1)};
  }
`;
