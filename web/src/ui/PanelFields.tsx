import { panelTrouble, type NutritionPanel } from '@omniarton/core/catalogue';
import { Toggle } from './Toggle';
import { Caption } from './Choice';
import { Row, Stack } from './layout';
import { Notice } from './Notice';
import { NumberEntry } from './NumberEntry';

const PANEL: readonly {
  readonly id: Exclude<keyof NutritionPanel, 'fibreInCarbohydrate'>;
  readonly name: string;
}[] = [
  { id: 'fat', name: 'Fat' },
  { id: 'carbohydrate', name: 'Carbohydrate' },
  { id: 'sugars', name: 'of it sugars' },
  { id: 'fibre', name: 'Fibre' },
  { id: 'protein', name: 'Protein' },
  { id: 'salt', name: 'Salt' },
];
interface Props {
  readonly panel: NutritionPanel;
  readonly onChange: (part: Partial<NutritionPanel>) => void;
}

/** The nutrition panel of a packet, and why it can't be right. */
export function PanelFields({ panel, onChange }: Props) {
  const trouble = panelTrouble(panel);
  return (
    <Stack $gap={1}>
      <Caption as="p">The panel on the packet, g per 100 g</Caption>
      <Row $gap={4} style={{ alignItems: 'end' }}>
        {PANEL.map(({ id, name }) => (
          <NumberEntry
            key={id}
            label={name}
            min={0}
            max={100}
            value={panel[id] || null}
            onCommit={(grams) => onChange({ [id]: grams })}
          />
        ))}
        <Toggle
          isSelected={panel.fibreInCarbohydrate}
          onChange={(on) => onChange({ fibreInCarbohydrate: on })}
        >
          <span className="track" aria-hidden="true" /> a US panel: fibre is in the carbohydrate
        </Toggle>
      </Row>
      {trouble ? <Notice tone="danger">{trouble}</Notice> : null}
    </Stack>
  );
}
