import { useState } from 'react';
import type { KitchenDocument, WeighedCup } from '@omniarton/core/kitchen';
import { Chip } from '../ui/Button';
import { IngredientBox } from '../kitchen/IngredientBox';
import { Row, Small } from '../ui/layout';
import { NumberEntry } from '../ui/NumberEntry';
import { sayDay, today } from '../words/say';
import { TextEntry } from '../ui/TextEntry';
import { changeBag, openBag } from '../state/kitchen/cups';
import type { KitchenChange } from '../state/kitchen/kitchens';
import { Entry, Section } from '../ui/Section';
import { useNames } from '../state/kitchen/useNames';

interface Props {
  readonly household: string;
  readonly doc: KitchenDocument;
  readonly change: (how: KitchenChange) => void;
}

/** What a cup of each bag weighs, once it has been on the scale. */
export function WeighedCups({ household, doc, change }: Props) {
  const nameOf = useNames(household);
  return (
    <Section
      id="cups"
      name="Cups weighed once"
      about="Fill your cup as you always do and put it on the scale: from then on that is what a cup of this bag weighs, within three in a hundred."
    >
      {doc.weighed.map((cup) => (
        <OneCup
          key={cup.id}
          cup={cup}
          name={nameOf(cup.ingredient)}
          onChange={(part) => change((kitchen) => changeBag(kitchen, cup.id, part))}
          onRemove={() =>
            change((kitchen) => ({ ...kitchen, weighed: kitchen.weighed.filter(({ id }) => id !== cup.id) }))
          }
        />
      ))}
      <NewCup household={household} change={change} />
    </Section>
  );
}

interface OneProps {
  readonly cup: WeighedCup;
  readonly name: string;
  readonly onChange: (part: Partial<WeighedCup>) => void;
  readonly onRemove: () => void;
}

const OneCup = ({ cup: { bag, cupGrams, on, inUse }, name, onChange, onRemove }: OneProps) => (
  <Entry name={`${name}, ${bag}: ${cupGrams} g${inUse ? '' : ' (put away)'}`} onRemove={onRemove}>
    <Row $gap={4} style={{ alignItems: 'end' }}>
      <TextEntry label="Which bag" value={bag} maxLength={80} onCommit={(next) => onChange({ bag: next })} />
      <NumberEntry
        label="A cup weighs"
        unit="g"
        min={5}
        max={1000}
        value={cupGrams}
        onCommit={(next) => onChange({ cupGrams: next, on: today() })}
      />
      <Chip isSelected={inUse} onChange={(next) => onChange({ inUse: next })}>
        It is the open bag
      </Chip>
    </Row>
    <Small>Weighed on {sayDay(on)}</Small>
  </Entry>
);

/** What, and then what a cup of it weighs: before that there is nothing to keep. */
function NewCup({ household, change }: Omit<Props, 'doc'>) {
  const [ingredient, setIngredient] = useState<string | null>(null);
  return (
    <Row $gap={4} style={{ alignItems: 'end' }}>
      <IngredientBox
        key={ingredient ?? 'none'}
        household={household}
        label="Weigh a cup of"
        value={ingredient}
        onPick={setIngredient}
      />
      {ingredient === null ? null : (
        <NumberEntry
          label="It weighs"
          unit="g"
          min={5}
          max={1000}
          value={null}
          onCommit={(grams) => {
            change((kitchen) => openBag(kitchen, ingredient, grams));
            setIngredient(null);
          }}
        />
      )}
    </Row>
  );
}
