import { useState } from 'react';
import type { Docket, DocketTin } from '@omniarton/core/docket';
import { standsFree, type FoldedIn } from '@omniarton/core/kitchen';
import { Button } from '../../ui/Button';
import { IngredientBox } from '../../kitchen/IngredientBox';
import { Row, Small, Stack } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { sayGrams } from '../../words/say';
import { useHousehold, useRequest } from '../../state/bench/onBench';

/** About what a cake tin takes of berries, to begin from. */
const USUAL: Omit<FoldedIn, 'ingredient'> = { grams: 100, tins: 1 };
const MOST_GRAMS = 5000;

/** One bake may hold tins that differ: what is folded into some of them, and what that makes of their time. */
export function FoldIn({ docket: { tins, bake } }: { readonly docket: Docket }) {
  const [{ folded }, ask] = useRequest();
  const [open, setOpen] = useState(false);
  const count = bake.pan && standsFree(bake.pan) ? 0 : Math.round(bake.pan?.count ?? 0);
  if (count < 2 && !folded) return null;
  if (!folded && !open)
    return (
      <Row>
        <Button onPress={() => setOpen(true)}>Fold something into some of the {count} tins</Button>
      </Row>
    );
  const leave = () => {
    ask({ folded: null });
    setOpen(false);
  };
  return (
    <Stack $gap={2}>
      <Fields
        folded={folded}
        most={Math.max(1, count)}
        onChange={(to) => ask({ folded: to })}
        onLeave={leave}
      />
      {folded && tins.length === 0 ? (
        <Small>It isn’t baked in tins now, so there is nothing to divide.</Small>
      ) : (
        <Kinds tins={tins} />
      )}
    </Stack>
  );
}

interface FieldsProps {
  readonly folded: FoldedIn | null;
  readonly most: number;
  readonly onChange: (folded: FoldedIn) => void;
  readonly onLeave: () => void;
}

function Fields({ folded, most, onChange, onLeave }: FieldsProps) {
  const household = useHousehold();
  return (
    <Row $gap={4} style={{ alignItems: 'end' }}>
      <IngredientBox
        household={household}
        label="Into some of the tins"
        value={folded?.ingredient ?? null}
        onPick={(ingredient) => onChange({ ...USUAL, ...folded, ingredient })}
      />
      {folded ? (
        <>
          <NumberEntry
            label="Into each"
            unit="g"
            min={1}
            max={MOST_GRAMS}
            value={folded.grams}
            onCommit={(grams) => onChange({ ...folded, grams })}
          />
          <NumberEntry
            label="Tins"
            min={1}
            max={most}
            value={Math.min(most, folded.tins)}
            onCommit={(some) => onChange({ ...folded, tins: Math.round(some) })}
          />
        </>
      ) : null}
      <Button onPress={onLeave}>All alike</Button>
    </Row>
  );
}

const Kinds = ({ tins }: { readonly tins: readonly DocketTin[] }) => (
  <ul>
    {tins.map(({ count, batter, folded, minutes }) => (
      <li key={folded?.ingredient ?? ''}>
        {count} × {sayGrams(batter)} g of batter
        {folded ? ` with ${sayGrams(folded.grams)} g ${folded.name}` : ', plain'}
        {minutes ? `: ${Math.round(minutes.low)}–${Math.round(minutes.high)} min` : ''}
      </li>
    ))}
  </ul>
);
