import { useState } from 'react';
import { useParams } from 'react-router';
import type { DayDocument, PlannedTask, Relief } from '@omniarton/core/clock';
import type { KitchenDocument } from '@omniarton/core/kitchen';
import { failureWords } from '../api/words';
import { HERE, laterOn } from '../bakeday/clocks';
import { useNow } from '../bakeday/useNow';
import { sheetPath, shopPath } from '../base/paths';
import { KitchenShell } from '../kitchen/KitchenShell';
import { sendDayAgain, type DayChange } from '../state/day/days';
import { useDay } from '../state/day/useDay';
import { useDayQuestion, usePace, usePlannedDay } from '../state/day/usePlannedDay';
import { useAppDispatch } from '../state/state';
import { Button, ButtonLink } from '../ui/Button';
import { DateEntry } from '../ui/DateEntry';
import { Heading, Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { Unsaved } from '../ui/Unsaved';
import { BakesOfDay } from './BakesOfDay';
import { DayHelp } from './DayHelp';
import { DayPlanned } from './DayPlanned';
import { useUndo } from './useUndo';

/** A bake day: what is baked, who helps, and the plan back from the table. */
export function DayPage() {
  const { household = '' } = useParams();
  return (
    <KitchenShell household={household} title="Bake day" link={() => <ButtonLink to="/">Recipes</ButtonLink>}>
      {({ doc }) => <Day household={household} kitchen={doc} />}
    </KitchenShell>
  );
}

function Day({ household, kitchen }: { readonly household: string; readonly kitchen: KitchenDocument }) {
  const { doc, ready, failure, save, change: put } = useDay(household);
  const { change, undo, canUndo } = useUndo(doc, put);
  const dispatch = useAppDispatch();
  const now = useNow();
  const pace = usePace(doc.timed);
  const question = useDayQuestion(household, doc, kitchen, pace, now);
  const { reply, looking, failed } = usePlannedDay(household, question);
  if (failure)
    return (
      <Notice tone="danger" loud>
        {failureWords(failure)}
      </Notice>
    );
  if (!ready) return <p role="status">Fetching …</p>;
  return (
    <Stack $gap={7} data-busy={looking || save.status === 'sending' || undefined}>
      <Unsaved save={save} again={() => dispatch(sendDayAgain(household))} />
      {doc.bakes.length === 0 ? (
        <FirstBake household={household} day={doc} change={change} />
      ) : (
        <>
          {failed ? (
            <Notice tone="danger">The plan could not be worked out. Change something to try again.</Notice>
          ) : null}
          {reply?.plan ? (
            <DayPlanned
              household={household}
              day={doc}
              plan={reply.plan}
              bakes={reply.bakes}
              looking={looking}
              now={now}
              move={(task, begins) => change((was) => pinned(was, task, begins))}
              free={(task) =>
                change((was) => ({ ...was, pins: was.pins.filter((one) => one.task !== task) }))
              }
              give={(given) => change((was) => eased(was, given))}
            />
          ) : failed ? null : (
            <p role="status">Working the day out …</p>
          )}
          <Row>
            {canUndo ? <Button onPress={undo}>Undo</Button> : null}
            <OnPaper household={household} day={doc} />
          </Row>
          <Stack as="section" aria-label="What is baked" $gap={2}>
            <Heading>What is baked</Heading>
            <BakesOfDay household={household} day={doc} change={change} none={reply?.none ?? []} />
          </Stack>
          <Stack as="section" aria-label="Who helps, and with what" $gap={3}>
            <Heading>Who helps, and with what</Heading>
            <DayHelp household={household} day={doc} kitchen={kitchen} change={change} />
          </Stack>
        </>
      )}
    </Stack>
  );
}

/** What of a day is printed or taken along. */
const OnPaper = ({ household, day }: { readonly household: string; readonly day: DayDocument }) => (
  <>
    <ButtonLink to={sheetPath(household)}>Sheet for helpers</ButtonLink>
    <ButtonLink to={shopPath(household, [...new Set(day.bakes.map(({ recipe }) => recipe))])}>
      Shopping list
    </ButtonLink>
  </>
);

const pinned = (day: DayDocument, { id }: PlannedTask, begins: number): DayDocument => ({
  ...day,
  pins: [
    ...day.pins.filter((one) => one.task !== id),
    { task: id, begins, begun: false, minutes: null, oven: null },
  ],
});

/** A day with what was given. */
function eased(day: DayDocument, give: Relief['give']): DayDocument {
  switch (give.kind) {
    case 'serve-later':
      return { ...day, bakes: day.bakes.map((one) => ({ ...one, at: laterOn(one.at, give.minutes) })) };
    case 'up-earlier':
      return {
        ...day,
        asleep: day.asleep && {
          ...day.asleep,
          to: laterOn(`2000-01-02T${day.asleep.to}`, -give.minutes).slice(11),
        },
      };
    case 'one-more-pair-of-hands':
      return { ...day, hands: day.hands + 1 };
    case 'without':
      return { ...day, bakes: day.bakes.filter(({ id }) => id !== give.bake) };
    case 'more-fridge':
      return { ...day, fridge: (day.fridge ?? 0) + 1 };
    case 'one-more-oven':
    case 'one-more-tin':
      return day;
  }
}

interface FirstProps {
  readonly household: string;
  readonly day: DayDocument;
  readonly change: (how: DayChange) => void;
}

/** A day begins with when it is served; then recipes are put on it. */
function FirstBake({ household, day, change }: FirstProps) {
  const [at, setAt] = useState('');
  return (
    <Stack $gap={4}>
      <Notice>Nothing is planned. Say when it is to be on the table, then put recipes on the day.</Notice>
      <Row $gap={5} style={{ alignItems: 'end' }}>
        <DateEntry label="On the table at" type="datetime-local" value={at} onCommit={setAt} />
      </Row>
      {at === '' ? (
        <Small>Each recipe may have a time of its own afterwards.</Small>
      ) : (
        <BakesOfDay
          household={household}
          day={{ ...day, bakes: [] }}
          at={at}
          change={(how) => change((was) => ({ ...how(was), zone: HERE }))}
          none={[]}
        />
      )}
    </Stack>
  );
}
