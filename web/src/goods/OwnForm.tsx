import { useState } from 'react';
import { TextField, TextArea } from 'react-aria-components';
import { styled } from 'styled-components';
import { panelTrouble, type OwnIngredient } from '@omniarton/core/catalogue';
import type { LabelReport } from '@omniarton/core/guard';
import {
  AVOIDANCES,
  GLUTEN_CLASSES,
  GRAIN_CLASSES,
  ROLES,
  type Avoidance,
  type GlutenClass,
  type GrainClass,
  type Role,
} from '@omniarton/core/vocabulary';
import { Toggle } from '../ui/Toggle';
import { LabelReader } from '../labels/LabelReader';
import { avoidanceWords, glutenWords, grainWords } from '../words/guard';
import { ROLE_WORDS } from '../words/read';
import { Button } from '../ui/Button';
import { Caption } from '../ui/Choice';
import { Row, Small, Stack } from '../ui/layout';
import { NumberEntry } from '../ui/NumberEntry';
import { Pick } from '../ui/Pick';
import { TextEntry } from '../ui/TextEntry';
import { CycleChip } from '../ui/CycleChip';
import { LabelFields } from '../labels/LabelFields';
import { PanelFields } from '../ui/PanelFields';

const HOLDS = [
  { id: 'no', words: 'not in it' },
  { id: 'holds', words: 'holds it' },
  { id: 'may', words: 'may hold it' },
] as const;
type Holds = (typeof HOLDS)[number]['id'];

export const EMPTY_OWN: Omit<OwnIngredient, 'id'> = {
  name: '',
  also: [],
  role: 'inclusion',
  panel: { fat: 0, carbohydrate: 0, sugars: 0, fibre: 0, protein: 0, salt: 0, fibreInCarbohydrate: false },
  cupGrams: null,
  eachGrams: null,
  gluten: 'unknown',
  grain: 'unknown',
  allergens: [],
  possible: [],
  note: '',
  certified: false,
  label: null,
};

interface Props {
  readonly begin: OwnIngredient;
  readonly onSave: (own: OwnIngredient) => void;
  readonly onCancel: () => void;
}

const withHolds = (own: OwnIngredient, what: Avoidance, holds: Holds): OwnIngredient => ({
  ...own,
  allergens:
    holds === 'holds' ? [...new Set([...own.allergens, what])] : own.allergens.filter((one) => one !== what),
  possible:
    holds === 'may' ? [...new Set([...own.possible, what])] : own.possible.filter((one) => one !== what),
});

/** What a label says of an ingredient: its panel, its list, its warnings. Nothing is kept before it adds up. */
export function OwnForm({ begin, onSave, onCancel }: Props) {
  const [own, setOwn] = useState(begin);
  const set = (part: Partial<OwnIngredient>) => setOwn((known) => ({ ...known, ...part }));
  const trouble = panelTrouble(own.panel);
  const takeLabel = ({ gluten, allergens, mayContain }: LabelReport) =>
    set({ gluten, allergens, possible: mayContain.filter((one) => !allergens.includes(one)) });
  return (
    <Frame aria-label={`Describe ${own.name || 'an ingredient'}`} role="group">
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <TextEntry
          label="What it is called"
          value={own.name}
          maxLength={80}
          onCommit={(name) => set({ name })}
        />
        <TextEntry
          label="Other names, with commas"
          value={own.also.join(', ')}
          mayBeEmpty
          onCommit={(text) =>
            set({
              also: text
                .split(',')
                .map((one) => one.trim().slice(0, 80))
                .filter(Boolean)
                .slice(0, 30),
            })
          }
        />
        <Pick<Role>
          label="It is used as"
          value={own.role}
          options={ROLES.map((id) => ({ id, name: ROLE_WORDS[id] }))}
          onChange={(role) => set({ role })}
        />
      </Row>
      <PanelFields panel={own.panel} onChange={(part) => set({ panel: { ...own.panel, ...part } })} />
      <Classes own={own} set={set} />
      <HoldsWhat own={own} onChange={setOwn} />
      <LabelReader onReport={takeLabel} />
      <ItsLabel own={own} set={set} />
      <TextField value={own.note} onChange={(note) => set({ note })}>
        <Caption>A note</Caption>
        <TextArea rows={2} maxLength={400} />
      </TextField>
      <Row>
        <Button $weight="strong" isDisabled={own.name === '' || trouble !== null} onPress={() => onSave(own)}>
          Keep it
        </Button>
        <Button $weight="quiet" onPress={onCancel}>
          Let it be
        </Button>
      </Row>
    </Frame>
  );
}

interface OwnProps {
  readonly own: OwnIngredient;
  readonly set: (part: Partial<OwnIngredient>) => void;
}

/** What its label certifies, and when it was read. */
const ItsLabel = ({ own, set }: OwnProps) => (
  <Row $gap={4}>
    <Toggle isSelected={own.certified} onChange={(certified) => set({ certified })}>
      <span className="track" aria-hidden="true" /> certified gluten-free
    </Toggle>
    <LabelFields label={own.label} onChange={(label) => set({ label })} />
  </Row>
);

/** What it weighs by the cup and piece, and its gluten and grain. */
function Classes({ own, set }: OwnProps) {
  return (
    <Row $gap={4} style={{ alignItems: 'end' }}>
      <NumberEntry
        label="A US cup weighs"
        unit="g"
        min={1}
        max={2000}
        value={own.cupGrams}
        onCommit={(cupGrams) => set({ cupGrams })}
      />
      <NumberEntry
        label="A piece weighs"
        unit="g"
        min={0.01}
        max={20000}
        value={own.eachGrams}
        onCommit={(eachGrams) => set({ eachGrams })}
      />
      <Pick<GlutenClass>
        label="Gluten"
        value={own.gluten}
        options={GLUTEN_CLASSES.map((id) => ({ id, name: glutenWords(id) }))}
        onChange={(gluten) => set({ gluten })}
      />
      <Pick<GrainClass>
        label="Grain"
        value={own.grain}
        options={GRAIN_CLASSES.map((id) => ({ id, name: grainWords(id) }))}
        onChange={(grain) => set({ grain })}
      />
    </Row>
  );
}

interface HoldsProps {
  readonly own: OwnIngredient;
  readonly onChange: (own: OwnIngredient) => void;
}

function HoldsWhat({ own, onChange }: HoldsProps) {
  return (
    <Stack $gap={1}>
      <Small>What is in it: once for holds, twice for may hold</Small>
      <Row>
        {AVOIDANCES.map((what) => (
          <CycleChip<Holds>
            key={what}
            name={avoidanceWords(what)}
            states={HOLDS}
            value={own.allergens.includes(what) ? 'holds' : own.possible.includes(what) ? 'may' : 'no'}
            onChange={(holds) => onChange(withHolds(own, what, holds))}
          />
        ))}
      </Row>
    </Stack>
  );
}

const Frame = styled.div`
  display: grid;
  gap: ${({ theme }) => theme.space(4)};
  padding: ${({ theme }) => theme.space(4)};
  border-left: 4px solid ${({ theme }) => theme.colour.act};
  background: ${({ theme }) => theme.colour.table};
  textarea {
    width: 100%;
    padding: ${({ theme }) => theme.space(2)};
    border: 0;
    border-bottom: 2px solid ${({ theme }) => theme.colour.strong};
    background: ${({ theme }) => theme.colour.paper};
  }
`;
