import { useState } from 'react';
import type { DayPlan, DaySetup, RunBake } from '@omniarton/core/clock';
import { Button } from '../ui/Button';
import { Row } from '../ui/layout';
import { useBegin } from './useBegin';

interface Props {
  readonly household: string;
  readonly plan: DayPlan;
  readonly setup: DaySetup;
  readonly bakes: readonly RunBake[];
}

/** Takes a plan to the counter. One that is under way there is left only after a second word. */
export function BeginButton({ household, plan, setup, bakes }: Props) {
  const { running, goOn, begin } = useBegin(household);
  const [sure, setSure] = useState(false);
  const start = () => begin(plan, setup, bakes);
  if (!running)
    return (
      <Button $weight="strong" onPress={start}>
        Bake now
      </Button>
    );
  return (
    <Row>
      <Button $weight="strong" onPress={goOn}>
        Go on with the bake day under way
      </Button>
      {sure ? (
        <Button $weight="danger" onPress={start}>
          Give that up and begin this one
        </Button>
      ) : (
        <Button $weight="quiet" onPress={() => setSure(true)}>
          Begin this one instead
        </Button>
      )}
    </Row>
  );
}
