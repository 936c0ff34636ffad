import type { BagDto } from '@omniarton/contracts';
import { Toggle } from '../ui/Toggle';
import { Choice } from '../ui/Choice';
import { DateEntry } from '../ui/DateEntry';
import { Row } from '../ui/layout';
import { NumberEntry } from '../ui/NumberEntry';
import { TextEntry } from '../ui/TextEntry';
import { LabelFields } from '../labels/LabelFields';

interface Props {
  readonly bag: Omit<BagDto, 'ingredient'>;
  readonly onChange: (part: Partial<BagDto>) => void;
}

/** What is written on a bag. */
export const BagFields = ({ bag, onChange }: Props) => (
  <Row $gap={4} style={{ alignItems: 'end' }}>
    <TextEntry
      label="Your own word on it"
      value={bag.note}
      maxLength={80}
      mayBeEmpty
      onCommit={(note) => onChange({ note })}
    />
    <NumberEntry
      label="A pack holds"
      unit="g"
      min={1}
      max={100_000}
      value={bag.packGrams}
      onCommit={(packGrams) => onChange({ packGrams })}
    />
    <NumberEntry
      label="and costs"
      min={0}
      max={100_000}
      value={bag.price}
      onCommit={(price) => onChange({ price })}
    />
    <DateEntry
      label="Opened on"
      type="date"
      value={bag.opened ?? ''}
      onCommit={(opened) => onChange({ opened })}
    />
    <DateEntry
      label="Best before"
      type="date"
      value={bag.bestBefore ?? ''}
      onCommit={(bestBefore) => onChange({ bestBefore })}
    />
    <Choice
      label="It stands in"
      value={bag.place}
      options={[
        { id: 'cupboard', name: 'the cupboard' },
        { id: 'cold', name: 'the cold' },
      ]}
      onChange={(place) => onChange({ place })}
    />
    <Toggle isSelected={bag.certified} onChange={(certified) => onChange({ certified })}>
      <span className="track" aria-hidden="true" /> certified gluten-free
    </Toggle>
    <LabelFields label={bag.label} onChange={(label) => onChange({ label })} />
  </Row>
);
