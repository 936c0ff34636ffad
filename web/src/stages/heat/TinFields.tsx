import type { PanSize } from '@omniarton/core/kitchen';
import { PAN_SHAPES, type PanShape } from '@omniarton/core/vocabulary';
import { NumberEntry } from '../../ui/NumberEntry';
import { Pick } from '../../ui/Pick';

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
export const USUAL_TIN: Readonly<Record<PanShape, Omit<PanSize, 'shape'>>> = {
  round: { lengthCm: 20, widthCm: 20, count: 1 },
  square: { lengthCm: 20, widthCm: 20, count: 1 },
  rect: { lengthCm: 33, widthCm: 23, count: 1 },
  loaf: { lengthCm: 23, widthCm: 13, count: 1 },
  ring: { lengthCm: 25, widthCm: 25, count: 1 },
  muffin: { lengthCm: 6.5, widthCm: 6.5, count: 12 },
  tray: { lengthCm: 40, widthCm: 30, count: 1 },
};

interface Props {
  readonly pan: PanSize;
  readonly onChange: (pan: PanSize) => void;
}

/** A tin by shape and measures. A round one is as wide as it is long. */
export function TinFields({ pan, onChange }: Props) {
  const { shape, lengthCm, widthCm, count } = pan;
  const set = (part: Partial<PanSize>) => {
    const next = { shape, lengthCm, widthCm, count, ...part };
    onChange(ROUND.has(next.shape) ? { ...next, widthCm: next.lengthCm } : next);
  };
  return (
    <>
      <Pick<PanShape>
        label="Baked in"
        value={shape}
        options={PAN_SHAPES.map((id) => ({ id, name: SHAPE_WORDS[id] }))}
        onChange={(id) => set({ shape: id, ...USUAL_TIN[id] })}
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
    </>
  );
}
