import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { BagDto } from '@omniarton/contracts';
import { Button } from '../ui/Button';
import { IngredientBox } from '../kitchen/IngredientBox';
import { Row, Stack } from '../ui/layout';
import { NumberEntry } from '../ui/NumberEntry';
import { BagFields } from './BagFields';
import { EMPTY_BAG } from '../state/kitchen/bagForm';
import { addBag } from '../state/kitchen/bags';
import type { useCupboard } from '../state/kitchen/useCupboard';

interface Props {
  readonly household: string;
  readonly write: ReturnType<typeof useCupboard>['write'];
  readonly busy: boolean;
}

/** A bag by typing. What was typed stays until it is in the cupboard. */
export function NewBag({ household, write, busy }: Props) {
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <Row>
        <Button onPress={() => setOpen(true)}>Put a bag in</Button>
      </Row>
    );
  return <Form household={household} write={write} busy={busy} onDone={() => setOpen(false)} />;
}

function Form({ household, write, busy, onDone }: Props & { readonly onDone: () => void }) {
  const [id, setId] = useState(() => newId());
  const [ingredient, setIngredient] = useState<string | null>(null);
  const [grams, setGrams] = useState<number | null>(null);
  const [bag, setBag] = useState<Omit<BagDto, 'ingredient'>>(EMPTY_BAG);
  const put = async () => {
    if (ingredient === null || grams === null) return;
    if (!(await write(addBag(household, { id, grams, bag: { ...bag, ingredient } })))) return;
    setId(newId());
    onDone();
  };
  return (
    <Stack $gap={3} role="group" aria-label="A new bag">
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <IngredientBox
          household={household}
          label="It is a bag of"
          value={ingredient}
          onPick={setIngredient}
        />
        <NumberEntry label="It holds" unit="g" min={0} max={100_000} value={grams} onCommit={setGrams} />
      </Row>
      <BagFields bag={bag} onChange={(part) => setBag({ ...bag, ...part })} />
      <Row>
        <Button
          $weight="strong"
          isDisabled={busy || ingredient === null || grams === null}
          onPress={() => void put()}
        >
          Into the cupboard
        </Button>
        <Button $weight="quiet" onPress={onDone}>
          Let it be
        </Button>
      </Row>
    </Stack>
  );
}
