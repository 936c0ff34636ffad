import { useMemo } from 'react';
import type { BakeAnswer } from '@omniarton/contracts';
import type { PlannedTrial } from '@omniarton/core/kitchen';
import { allergensIn } from '@omniarton/core/log';
import { askSlow } from '../../state/engine/engine';
import { useKitchenAnswer } from '../../state/engine/useKitchenAnswer';
import type { TrialSeen } from '../../state/engine/loopDesk';
import { useDocket, useDraft, useEdit } from '../../state/bench/onBench';
import { useTastings } from '../../state/tastings/useTastings';
import { Button } from '../../ui/Button';
import { Fold } from '../../ui/Fold';
import { Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { printAs } from '../../ui/paper';
import { sayGrams } from '../../words/say';
import { CutLabels } from '../../baked/CutLabels';
import { useBlended } from './blended';
import { TrialRuns } from './TrialRuns';
import { TrialSetUp } from './TrialSetUp';
import { TrialShown } from './TrialShown';
import { columnsOf } from './trialWords';

/** A plan of half batches over some flours, or over how it is made; what each is made with, and what they have shown. */
export function Trial({ bakes }: { readonly bakes: readonly BakeAnswer[] }) {
  const trial = useDraft(({ doc }) => doc.trial);
  const docket = useDocket();
  const { blend, halfGrams } = useBlended(docket);
  if (!docket || (!trial && blend.length === 0)) return null;
  return (
    <Fold name="A designed trial">
      {trial ? (
        <Planned
          trial={trial}
          bakes={bakes}
          names={new Map(blend.map(({ ingredient, name }) => [ingredient, name]))}
          halfGrams={halfGrams}
        />
      ) : (
        <TrialSetUp blend={blend} docket={docket} halfGrams={halfGrams} />
      )}
    </Fold>
  );
}

interface PlannedProps {
  readonly trial: PlannedTrial;
  readonly bakes: readonly BakeAnswer[];
  readonly names: ReadonlyMap<string, string>;
  readonly halfGrams: number;
}

/** What its bakes were given, by the log and by blind tastings, and what that says. */
function useSeen({ trial, bakes, halfGrams }: PlannedProps) {
  const household = useDraft((draft) => draft.household);
  const recipe = useDraft((draft) => draft.id);
  const stored = useDraft((draft) => draft.base > 0);
  const { tastings } = useTastings(household, recipe, stored);
  const closed = useMemo(
    () => tastings.flatMap(({ doc }) => (doc.stage === 'closed' && doc.test === 'liking' ? [doc] : [])),
    [tastings],
  );
  const marked = useMemo(() => bakes.map(({ id, doc: { notes } }) => ({ id, notes })), [bakes]);
  return useKitchenAnswer<TrialSeen>(
    household,
    ['trial', trial, marked, closed, halfGrams],
    (engine, key) => engine.trialSeen(key, trial, marked, closed, halfGrams),
    askSlow,
  );
}

function Planned(props: PlannedProps) {
  const { trial, names } = props;
  const edit = useEdit();
  const docket = useDocket();
  const { data: seen, stale, failed } = useSeen(props);
  const columns = columnsOf(trial, names);
  const marks = seen?.marks ?? {};
  return (
    <Stack $gap={4} data-stale={stale || undefined}>
      <TrialRuns trial={trial} columns={columns} marks={marks} />
      {failed ? (
        <Notice tone="danger">
          What it shows could not be worked out just now. Nothing of it is lost: open this page again.
        </Notice>
      ) : null}
      {seen && seen.wanting.length > 0 ? (
        <Small>
          For the bakes that are left the cupboard wants{' '}
          {seen.wanting
            .map(
              ({ ingredient, needed, there }) =>
                `${sayGrams(needed - there)} g more ${names.get(ingredient) ?? ingredient.replaceAll('-', ' ')}`,
            )
            .join(', ')}
          .
        </Small>
      ) : null}
      {seen ? <TrialShown trial={trial} result={seen.result} marks={marks} columns={columns} /> : null}
      <CutLabels
        labels={trial.runs.map(({ code }) => ({ code, name: docket?.title ?? '' }))}
        allergens={docket ? allergensIn(docket) : []}
      />
      <Row>
        <Button onPress={() => printAs('stage')}>Print list and labels</Button>
        <Button $weight="quiet" onPress={() => edit({ kind: 'trial', trial: null })}>
          Done with this trial
        </Button>
      </Row>
    </Stack>
  );
}
