import { useState } from 'react';
import { useStore } from 'react-redux';
import { postponed, type DayRun, type Happening, type Replanned } from '@omniarton/core/clock';
import { nowMs } from '../base/clock';
import { useNow } from '../bakeday/useNow';
import { askDay } from '../state/engine/engine';
import { askOnce } from '../state/engine/useKitchenAnswer';
import { useDayQuestion } from '../state/day/usePlannedDay';
import { useKitchen } from '../state/kitchen/useKitchen';
import type { RootState } from '../state/state';
import { Row } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { BigButton } from './BigButton';

interface Props {
  readonly household: string;
  readonly run: DayRun;
  /** Minutes behind the plan, and by which its newest plan already serves later. */
  readonly late: number;
  readonly later: number;
  readonly happen: (what: Happening) => void;
}

/** Lateness that is worth a word, minutes. */
const WORTH = 3;

/** Behind the plan: the rest is planned again by a press, so that as little is late as can be. */
export function RunningLate({ household, run, late, later, happen }: Props) {
  const store = useStore<RootState>();
  const { doc: kitchen, ready } = useKitchen(household);
  const question = useDayQuestion(household, run.setup, kitchen, run.pace, useNow());
  const [asking, setAsking] = useState(false);
  const again = async () => {
    setAsking(true);
    const now = nowMs();
    let found: Replanned | null = null;
    if (question && ready)
      found = await askOnce(
        store,
        household,
        (door, key) => door.replanDay(key, run, question, now),
        askDay,
      ).then(
        ({ replanned }) => replanned,
        () => null,
      );
    const { tasks, lateMinutes } = found ?? postponed(run, now);
    happen({ kind: 'replanned', tasks, lateMinutes });
    setAsking(false);
  };
  if (late < WORTH)
    return later > 0 ? (
      <Notice>Everything is served {Math.round(later)} minutes later than planned at first.</Notice>
    ) : null;
  return (
    <Notice tone="ask">
      <Row $gap={3}>
        <span>You are {late} minutes behind the plan.</span>
        <BigButton isDisabled={asking} onPress={() => void again()}>
          {asking ? 'Planning …' : 'Plan the rest again'}
        </BigButton>
      </Row>
    </Notice>
  );
}
