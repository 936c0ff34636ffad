import { useState } from 'react';
import type { DayPlan } from '@omniarton/core/clock';
import { saveFile } from '../docket/saveFile';
import { askQuick } from '../state/engine/engine';
import { Button } from '../ui/Button';
import { Small } from '../ui/layout';

interface Props {
  readonly plan: DayPlan;
  readonly titles: Readonly<Record<string, string>>;
  /** Of the day: the same one sent again replaces itself. */
  readonly id: string;
  readonly now: number;
}

/** A plan as a calendar file, with alarms. */
export function IntoCalendar({ plan, titles, id, now }: Props) {
  const [failed, setFailed] = useState(false);
  const save = () =>
    askQuick((engine) => engine.calendar(plan, titles, id, now)).then(
      (text) => {
        saveFile('bake-day.ics', 'text/calendar', text);
        setFailed(false);
      },
      () => setFailed(true),
    );
  return (
    <>
      <Button onPress={() => void save()}>Into a calendar</Button>
      {failed ? <Small role="alert">The calendar could not be written. Try once more.</Small> : null}
    </>
  );
}
