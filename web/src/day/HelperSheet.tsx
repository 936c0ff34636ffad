import { useParams } from 'react-router';
import { styled } from 'styled-components';
import { runState } from '@omniarton/core/clock';
import { DaySheet } from '../bakeday/DaySheet';
import { Mark } from '../bakeday/marks';
import { TaskList } from '../bakeday/TaskList';
import { useNow } from '../bakeday/useNow';
import { dayPath } from '../base/paths';
import { KitchenShell } from '../kitchen/KitchenShell';
import type { KitchenDocument } from '@omniarton/core/kitchen';
import { useDay } from '../state/day/useDay';
import { useDayQuestion, usePace, usePlannedDay } from '../state/day/usePlannedDay';
import { Button, ButtonLink } from '../ui/Button';
import { Row, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';

/** The day to look at and to print: nothing on it can be changed. While it is run, as it is run. */
export function HelperSheet() {
  const { household = '' } = useParams();
  return (
    <KitchenShell
      household={household}
      title="Day sheet"
      link={() => <ButtonLink to={dayPath(household)}>Bake day</ButtonLink>}
    >
      {({ doc }) => <Sheet household={household} kitchen={doc} />}
    </KitchenShell>
  );
}

function Sheet({ household, kitchen }: { readonly household: string; readonly kitchen: KitchenDocument }) {
  const { doc } = useDay(household);
  const now = useNow();
  const pace = usePace(doc.timed);
  const { reply, looking } = usePlannedDay(household, useDayQuestion(household, doc, kitchen, pace, now));
  const run = doc.run && !runState(doc.run).ended ? doc.run : null;
  const plan = reply?.plan?.outcome === 'plan' ? reply.plan : null;
  const shown = run
    ? { tasks: runState(run).tasks, zone: run.zone, bakes: run.bakes }
    : plan
      ? { tasks: plan.tasks, zone: plan.zone, bakes: reply!.bakes }
      : null;
  if (!shown)
    return looking ? (
      <p role="status">Working the day out …</p>
    ) : (
      <Notice>There is no plan to show yet.</Notice>
    );
  const titles = Object.fromEntries(shown.bakes.map((one) => [one.id, one.title]));
  const ids = shown.bakes.map(({ id }) => id);
  return (
    <Stack $gap={5}>
      <Row>
        <Button onPress={() => print()}>Print</Button>
      </Row>
      <Legend>
        {shown.bakes.map(({ id, title }, at) => (
          <li key={id}>
            <Mark $bake={at}>
              <b>{at + 1}</b>
            </Mark>
            {title}
          </li>
        ))}
      </Legend>
      <DaySheet tasks={shown.tasks} zone={shown.zone} bakes={ids} now={now} />
      <TaskList tasks={shown.tasks} zone={shown.zone} bakes={ids} titles={titles} now={now} />
    </Stack>
  );
}

const Legend = styled.ol`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(16rem, 1fr));
  gap: ${({ theme }) => theme.space(1)};
  li {
    display: flex;
    align-items: center;
    gap: ${({ theme }) => theme.space(2)};
  }
`;
