import { useState } from 'react';
import type { Look } from '@omniarton/core/kitchen';
import { LOOK_TIMES, type LookTime } from '@omniarton/core/vocabulary';
import { Choice } from '../../ui/Choice';
import { Stack } from '../../ui/layout';
import { MarksForm } from './MarksForm';

const WHEN = LOOK_TIMES.map((id) => ({ id, name: id }));

/** Looks with one of them anew; a look without a mark is none. */
function lookedAt(looks: readonly Look[], look: Look): Look[] {
  const others = looks.filter(({ when }) => when !== look.when);
  const all = Object.keys(look.marks).length === 0 ? others : [...others, look];
  return all.sort((a, b) => LOOK_TIMES.indexOf(a.when) - LOOK_TIMES.indexOf(b.when));
}

interface LookProps {
  readonly looks: readonly Look[];
  readonly onChange: (looks: readonly Look[]) => void;
}

/** How a bake was judged at one time. */
export function LookForm({ looks, onChange }: LookProps) {
  const [when, setWhen] = useState<LookTime>('cooled');
  const marks = looks.find((one) => one.when === when)?.marks ?? {};
  return (
    <Stack $gap={3}>
      <Choice<LookTime> label="Judged when" value={when} options={WHEN} onChange={setWhen} />
      <MarksForm marks={marks} onChange={(next) => onChange(lookedAt(looks, { when, marks: next }))} />
    </Stack>
  );
}
