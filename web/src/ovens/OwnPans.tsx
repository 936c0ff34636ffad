import { v7 as newId } from 'uuid';
import { heightOf } from '@omniarton/core/heat';
import { PANS, type OwnPan, type PanSize } from '@omniarton/core/kitchen';
import type { KitchenChange } from '../state/kitchen/kitchens';
import { Entry, Section } from '../ui/Section';
import { TinFields, usualTin } from '../ui/TinFields';
import { TinMore } from '../ui/TinMore';
import { Button } from '../ui/Button';
import { Row } from '../ui/layout';
import { sayNumber } from '../words/say';
import { TextEntry } from '../ui/TextEntry';
import { useMeasures } from '../state/bench/useMeasures';

interface Props {
  readonly pans: readonly OwnPan[];
  readonly change: (how: KitchenChange) => void;
}

/** Example: "round tin, 23 cm, 7 cm high". */
function sizeWords(size: PanSize): string {
  const { name, round } = PANS.rows[size.shape];
  const across = round
    ? `${sayNumber(Math.round(size.lengthCm * 10) / 10)} cm`
    : `${sayNumber(Math.round(size.lengthCm * 10) / 10)} × ${sayNumber(Math.round(size.widthCm * 10) / 10)} cm`;
  return `${name}, ${across}${PANS.rows[size.shape].free ? '' : `, ${heightOf(size)} cm high`}`;
}

/** Tins measured once, and chosen by their names from then on. */
export function OwnPans({ pans, change }: Props) {
  const inches = useMeasures() === 'us';
  const set = (id: string, part: Partial<OwnPan>) =>
    change((doc) => ({ ...doc, pans: doc.pans.map((one) => (one.id === id ? { ...one, ...part } : one)) }));
  return (
    <Section
      id="tins"
      name="Tins"
      about="Measured once, by ruler or by the water that they hold, and then chosen by name on every recipe. A bake day fills no more of them at once than there are."
    >
      {pans.map(({ id, name, size }) => (
        <Entry
          key={id}
          name={`${name}: ${sizeWords(size)}`}
          onRemove={() => change((doc) => ({ ...doc, pans: doc.pans.filter((one) => one.id !== id) }))}
        >
          <Row $gap={4} style={{ alignItems: 'end' }}>
            <TextEntry
              label="Its name"
              value={name}
              maxLength={80}
              onCommit={(next) => (next ? set(id, { name: next }) : undefined)}
            />
            <TinFields counted inches={inches} pan={size} onChange={(next) => set(id, { size: next })} />
          </Row>
          <TinMore pan={size} onChange={(next) => set(id, { size: next })} />
        </Entry>
      ))}
      <Row>
        <Button
          onPress={() =>
            change((doc) => ({
              ...doc,
              pans: [
                ...doc.pans,
                { id: newId(), name: `Tin ${doc.pans.length + 1}`, size: usualTin('round') },
              ],
            }))
          }
        >
          Add a tin
        </Button>
      </Row>
    </Section>
  );
}
