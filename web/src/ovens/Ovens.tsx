import { v7 as newId } from 'uuid';
import { temperOf } from '@omniarton/core/heat';
import type { Oven } from '@omniarton/core/kitchen';
import { HOT_SIDES, type HotSide } from '@omniarton/core/vocabulary';
import type { KitchenChange } from '../state/kitchen/kitchens';
import { Entry, Section } from '../ui/Section';
import { Button, Chip } from '../ui/Button';
import { Figure, Row, Small } from '../ui/layout';
import { NumberEntry } from '../ui/NumberEntry';
import { Pick } from '../ui/Pick';
import { TextEntry } from '../ui/TextEntry';
import { OvenReadings } from './OvenReadings';

interface Props {
  readonly ovens: readonly Oven[];
  readonly change: (how: KitchenChange) => void;
}

const SIDE_WORDS: Readonly<Record<HotSide, string>> = {
  none: 'bakes evenly',
  left: 'hotter on the left',
  right: 'hotter on the right',
  back: 'hotter at the back',
  front: 'hotter in front',
  top: 'hotter at the top',
  bottom: 'hotter at the bottom',
};
const SIDES = HOT_SIDES.map((id) => ({ id, name: SIDE_WORDS[id] }));
/** The dial at which an oven is told by one figure. */
const USUAL_DIAL = 175;

const fresh = (first: boolean): Oven => ({
  id: newId(),
  name: first ? 'My oven' : 'The other oven',
  inUse: first,
  fan: false,
  readings: [],
  preheatMinutes: null,
  racks: 2,
  hotSide: 'none',
});

/** The ovens, and what is known of each one's temper. */
export function Ovens({ ovens, change }: Props) {
  const set = (id: string, part: Partial<Oven>) =>
    change((doc) => ({
      ...doc,
      ovens: doc.ovens.map((one) =>
        one.id === id ? { ...one, ...part } : part.inUse ? { ...one, inUse: false } : one,
      ),
    }));
  return (
    <Section
      id="ovens"
      name="Ovens"
      about="No dial is quite true. Ten minutes with an oven thermometer tell by how much, and from then on every time and every dial setting allow for it."
    >
      {ovens.map((oven) => (
        <Entry
          key={oven.id}
          name={`${oven.name}: ${temperWords(oven)}${oven.inUse ? '' : ' (not the usual one)'}`}
          onRemove={() => change((doc) => ({ ...doc, ovens: doc.ovens.filter(({ id }) => id !== oven.id) }))}
        >
          <OneOven oven={oven} onChange={(part) => set(oven.id, part)} />
        </Entry>
      ))}
      <Row>
        <Button
          onPress={() => change((doc) => ({ ...doc, ovens: [...doc.ovens, fresh(doc.ovens.length === 0)] }))}
        >
          Add an oven
        </Button>
      </Row>
    </Section>
  );
}

function temperWords(oven: Oven): string {
  if (oven.readings.length === 0) return 'never measured';
  const { offset } = temperOf(oven, USUAL_DIAL, oven.fan);
  const by = Math.round(Math.abs(offset));
  return by < 1 ? 'runs true' : `runs ${by} °C ${offset > 0 ? 'hot' : 'cool'}`;
}

function OneOven({
  oven,
  onChange,
}: {
  readonly oven: Oven;
  readonly onChange: (part: Partial<Oven>) => void;
}) {
  return (
    <>
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <TextEntry
          label="Its name"
          value={oven.name}
          maxLength={80}
          onCommit={(name) => (name ? onChange({ name }) : undefined)}
        />
        <NumberEntry
          label="Trays at once"
          min={1}
          max={6}
          value={oven.racks}
          onCommit={(racks) => onChange({ racks: Math.round(racks) })}
        />
        <NumberEntry
          label="Hot after"
          unit="min"
          min={1}
          max={90}
          value={oven.preheatMinutes}
          onCommit={(preheatMinutes) => onChange({ preheatMinutes })}
        />
        <Pick
          label="How even"
          value={oven.hotSide}
          options={SIDES}
          onChange={(hotSide) => onChange({ hotSide })}
        />
      </Row>
      <Row $gap={3}>
        <Chip isSelected={oven.fan} onChange={(fan) => onChange({ fan })}>
          Its fan mostly runs
        </Chip>
        <Chip isSelected={oven.inUse} onChange={(inUse) => onChange({ inUse })}>
          The usual one
        </Chip>
      </Row>
      <Offset oven={oven} />
      <OvenReadings oven={oven} onChange={(readings) => onChange({ readings })} />
    </>
  );
}

/** By how much it is off at a usual setting, and how sure that is. */
function Offset({ oven }: { readonly oven: Oven }) {
  const { offset, doubt } = temperOf(oven, USUAL_DIAL, oven.fan);
  return (
    <Row $gap={3}>
      <Figure $size={2}>
        {offset > 0 ? '+' : offset < 0 ? '−' : ''}
        {Math.round(Math.abs(offset))} °C
      </Figure>
      <Small>
        beside its dial at {USUAL_DIAL} °C, give or take {Math.max(1, Math.round(doubt))}
        {oven.readings.length < 3 ? '; a few more readings would narrow it' : ''}
      </Small>
    </Row>
  );
}
