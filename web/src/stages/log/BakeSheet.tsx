import { TextArea } from 'react-aria-components';
import type { BakeNotes } from '@omniarton/core/kitchen';
import { useEdit } from '../../state/bench/onBench';
import { useTemperatureUnit } from '../../state/bench/useMeasures';
import { Button, Chip } from '../../ui/Button';
import { Caption } from '../../ui/Choice';
import { DateEntry } from '../../ui/DateEntry';
import { Heading, Row, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { NumberEntry } from '../../ui/NumberEntry';
import { Written } from '../../ui/Written';
import { dialShown, fromShown, toShown } from '../../words/say';
import { LookForm } from './LookForm';
import { MeasuredForm } from './MeasuredForm';
import { useKeepBake } from './useKeepBake';
import { VariantForm } from './VariantForm';

const MOST_MINUTES = 24 * 60;
/** The sheet is part of the draft: it outlives a crash, an undo, a server that is away. */
export function BakeSheet({ sheet }: { readonly sheet: BakeNotes }) {
  const edit = useEdit();
  const unit = useTemperatureUnit();
  const { keep, failure, busy } = useKeepBake();
  const set = (part: Partial<BakeNotes>) => edit({ kind: 'bakeSheet', sheet: { ...sheet, ...part } });
  return (
    <Stack as="section" aria-labelledby="bake-sheet" $gap={5}>
      <Heading id="bake-sheet">This bake</Heading>
      <Row $gap={6} style={{ alignItems: 'end' }}>
        <DateEntry
          label="Baked on"
          type="date"
          value={sheet.bakedOn}
          onCommit={(bakedOn) => set({ bakedOn })}
        />
        <NumberEntry
          label="It took"
          unit="min"
          min={1}
          max={MOST_MINUTES}
          value={sheet.minutes}
          onCommit={(minutes) => set({ minutes })}
        />
        <NumberEntry
          label="The dial said"
          unit={unit === 'fahrenheit' ? '°F' : '°C'}
          min={toShown(50, unit)}
          max={toShown(300, unit)}
          value={sheet.ovenCelsius === null ? null : dialShown(sheet.ovenCelsius, unit)}
          onCommit={(value) => set({ ovenCelsius: fromShown(value, unit) })}
        />
      </Row>
      <Chip isSelected={sheet.asWritten} onChange={(asWritten) => set({ asWritten })}>
        Baked as the page has it, with its own flour
      </Chip>
      <LookForm looks={sheet.looks} onChange={(looks) => set({ looks })} />
      <MeasuredForm sheet={sheet} set={set} />
      <VariantForm sheet={sheet} set={set} />
      <Written value={sheet.notes} onChange={(notes) => set({ notes })}>
        <Caption>Notes</Caption>
        <TextArea rows={4} maxLength={5000} />
      </Written>
      {failure ? (
        <Notice tone="danger" loud>
          {failure}
        </Notice>
      ) : null}
      <Row>
        <Button $weight="strong" isDisabled={busy} onPress={() => void keep(sheet)}>
          Keep this bake
        </Button>
        <Button onPress={() => edit({ kind: 'bakeSheet', sheet: null })}>Throw the sheet away</Button>
      </Row>
    </Stack>
  );
}
