import { notesOf } from '@omniarton/core/clock';
import type { BakeNotes } from '@omniarton/core/kitchen';
import { useDraftId, useHousehold } from '../../state/bench/onBench';
import { useDay } from '../../state/day/useDay';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/layout';
import { Notice } from '../../ui/Notice';

/** What the household's bake day knows of this recipe: written down by a press. */
export function FromRun({ take }: { readonly take: (notes: BakeNotes) => void }) {
  const { run } = useDay(useHousehold()).doc;
  const id = useDraftId();
  const bake = run?.bakes.find(({ recipe }) => recipe === id);
  const notes = run && bake ? notesOf(run, bake.id) : null;
  if (!notes) return null;
  return (
    <Notice>
      <Row>
        <span>
          {notes.minutes === null
            ? 'The bake day has notes on this bake.'
            : `On the bake day it was in the oven for ${notes.minutes} minutes.`}
        </span>
        <Button onPress={() => take(notes)}>Write it down</Button>
      </Row>
    </Notice>
  );
}
