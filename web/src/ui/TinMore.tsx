import { useState } from 'react';
import { heightOf, PouredWaterError, sizeByWater } from '@omniarton/core/heat';
import { standsFree, type PanSize } from '@omniarton/core/kitchen';
import { TIN_MADE, type TinMade } from '@omniarton/core/vocabulary';
import { Fold } from './Fold';
import { Row, Small, Stack } from './layout';
import { Notice } from './Notice';
import { NumberEntry } from './NumberEntry';
import { Pick } from './Pick';

interface Props {
  readonly pan: PanSize;
  readonly onChange: (pan: PanSize) => void;
}

const MADE = [
  { id: 'usual', name: 'as it usually is' },
  ...TIN_MADE.map((id) => ({ id, name: id as string })),
] as const;

/** What else tells how a tin bakes: its height, what it is made of, and its true size by the water that it holds. */
export function TinMore({ pan, onChange }: Props) {
  if (standsFree(pan))
    return (
      <NumberEntry
        label="One piece is a scoop of"
        unit="ml"
        min={3}
        max={250}
        value={pan.pieceMl ?? null}
        onCommit={(ml) => onChange({ ...pan, pieceMl: ml })}
      />
    );
  const make = (made: TinMade | 'usual') => {
    const { made: _, ...bare } = pan;
    onChange(made === 'usual' ? bare : { ...bare, made });
  };
  return (
    <Fold name="Its height, what it is made of, its size by water">
      <Stack $gap={3}>
        <Row $gap={4} style={{ alignItems: 'end' }}>
          <NumberEntry
            label="Inside height"
            unit="cm"
            min={1}
            max={30}
            value={heightOf(pan)}
            onCommit={(heightCm) => onChange({ ...pan, heightCm })}
          />
          <Pick<TinMade | 'usual'>
            label="Made of"
            value={pan.made ?? 'usual'}
            options={MADE as readonly { readonly id: TinMade | 'usual'; readonly name: string }[]}
            onChange={make}
          />
        </Row>
        <ByWater pan={pan} onChange={onChange} />
      </Stack>
    </Fold>
  );
}

/** Fluted, sloped, odd: what water fills it to the rim tells how wide it truly is. */
function ByWater({ pan, onChange }: Props) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const pour = (ml: number) => {
    try {
      onChange(sizeByWater(pan, ml, heightOf(pan)));
      setTrouble(null);
    } catch (error) {
      if (!(error instanceof PouredWaterError)) throw error;
      setTrouble(error.message);
    }
  };
  return (
    <>
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <NumberEntry label="Water to its rim" unit="ml" min={10} max={20_000} value={null} onCommit={pour} />
        <Small>
          Fluted or sloped? Put it on the scale, fill it to the rim (1 g is 1 ml), and its size half way up
          follows.
        </Small>
      </Row>
      {trouble ? <Notice tone="ask">{trouble}</Notice> : null}
    </>
  );
}
