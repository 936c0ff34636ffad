import type { Docket } from '@omniarton/core/docket';
import type { PanSize } from '@omniarton/core/kitchen';
import { PAN_SHAPES, type PanShape } from '@omniarton/core/vocabulary';
import { Button } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { Pick } from '../../ui/Pick';
import { useEngine, useRequest } from '../bench/onBench';

const SHAPE_WORDS: Readonly<Record<PanShape, string>> = {
  round: 'round tin',
  square: 'square tin',
  rect: 'oblong tin',
  loaf: 'loaf tin',
  ring: 'ring tin',
  muffin: 'muffin cups',
  tray: 'pieces on a tray',
};
const ROUND: ReadonlySet<PanShape> = new Set(['round', 'muffin', 'ring']);
/** Common sizes, cm, to begin from. */
const USUAL: Readonly<Record<PanShape, Omit<PanSize, 'shape'>>> = {
  round: { lengthCm: 20, widthCm: 20, count: 1 },
  square: { lengthCm: 20, widthCm: 20, count: 1 },
  rect: { lengthCm: 33, widthCm: 23, count: 1 },
  loaf: { lengthCm: 23, widthCm: 13, count: 1 },
  ring: { lengthCm: 25, widthCm: 25, count: 1 },
  muffin: { lengthCm: 6.5, widthCm: 6.5, count: 12 },
  tray: { lengthCm: 40, widthCm: 30, count: 1 },
};

/** The tin that the recipe names, and the one that it will be baked in. */
export function PanFields({ docket: { bake } }: { readonly docket: Docket }) {
  const [request, ask] = useRequest();
  const theirs = useEngine(({ answer }) => answer?.recipe.bake?.pan ?? null);
  const pan: PanSize = bake.pan ?? { shape: 'tray', ...USUAL.tray };
  const { shape, lengthCm, widthCm, count } = pan;
  const set = (part: Partial<PanSize>) => {
    const next = { shape, lengthCm, widthCm, count, ...part };
    ask({ pan: ROUND.has(next.shape) ? { ...next, widthCm: next.lengthCm } : next });
  };
  return (
    <Stack as="section" $gap={3} aria-labelledby="tin">
      <Heading id="tin">The tin</Heading>
      <Small>{theirs ? `The recipe says: ${theirs.words}` : 'The recipe names no tin.'}</Small>
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <Pick<PanShape>
          label="Baked in"
          value={shape}
          options={PAN_SHAPES.map((id) => ({ id, name: SHAPE_WORDS[id] }))}
          onChange={(id) => set({ shape: id, ...USUAL[id] })}
        />
        {shape === 'tray' ? null : (
          <>
            <NumberEntry
              label={ROUND.has(shape) ? 'Across' : 'Length'}
              unit="cm"
              min={3}
              max={60}
              value={lengthCm}
              onCommit={(value) => set({ lengthCm: value })}
            />
            {ROUND.has(shape) ? null : (
              <NumberEntry
                label="Width"
                unit="cm"
                min={3}
                max={60}
                value={widthCm}
                onCommit={(value) => set({ widthCm: value })}
              />
            )}
            <NumberEntry
              label="How many"
              min={1}
              max={48}
              value={count}
              onCommit={(value) => set({ count: Math.round(value) })}
            />
          </>
        )}
        {request.pan ? <Button onPress={() => ask({ pan: null })}>As the recipe has it</Button> : null}
      </Row>
      {shape === 'tray' ? null : (
        <Small>The batter stands {bake.depthCm.toFixed(1)} cm deep before it rises.</Small>
      )}
    </Stack>
  );
}
