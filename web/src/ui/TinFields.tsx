import { tubeOf } from '@omniarton/core/heat';
import { PANS, type PanSize } from '@omniarton/core/kitchen';
import { INCH_CM } from '@omniarton/core/quantity';
import { PAN_SHAPES, type PanShape } from '@omniarton/core/vocabulary';
import { NumberEntry } from './NumberEntry';
import { Pick } from './Pick';

/** A tin of a shape as it usually is, to begin from. */
export function usualTin(shape: PanShape): PanSize {
  const { lengthCm, widthCm, count } = PANS.rows[shape];
  return { shape, lengthCm, widthCm, count };
}

const [LEAST_CM, MOST_CM] = [3, 60];
const SHAPES = PAN_SHAPES.map((id) => ({ id, name: PANS.rows[id].name }));

interface Props {
  readonly pan: PanSize;
  readonly onChange: (pan: PanSize) => void;
  /** Its measures are in inches. */
  readonly inches: boolean;
  /** Of trays too it is asked how many there are. */
  readonly counted?: boolean;
}

/** A tin by shape and measures. A round one is as wide as it is long; a tray holds pieces. */
export function TinFields({ pan, onChange, inches, counted = false }: Props) {
  const { shape, lengthCm, widthCm, count } = pan;
  const { round } = PANS.rows[shape];
  const set = (part: Partial<PanSize>) => {
    const next = { ...pan, ...part };
    onChange(round ? { ...next, widthCm: next.lengthCm } : next);
  };
  const by = inches ? INCH_CM : 1;
  const shown = (cm: number) => Math.round((cm / by) * 100) / 100;
  const measure = (label: string, value: number, part: (cm: number) => Partial<PanSize>) => (
    <NumberEntry
      label={label}
      unit={inches ? 'in' : 'cm'}
      min={shown(LEAST_CM)}
      max={shown(MOST_CM)}
      value={shown(value)}
      onCommit={(length) => set(part(length * by))}
    />
  );
  return (
    <>
      <Pick<PanShape>
        label="Baked in"
        value={shape}
        options={SHAPES}
        onChange={(id) => onChange(usualTin(id))}
      />
      {measure(round ? 'Across' : 'Length', lengthCm, (cm) => ({ lengthCm: cm }))}
      {round ? null : measure('Width', widthCm, (cm) => ({ widthCm: cm }))}
      {PANS.rows[shape].tube !== null
        ? measure('Its tube', tubeOf(pan), (cm) => ({
            tubeCm: Math.min(cm, lengthCm - 2),
          }))
        : null}
      {PANS.rows[shape].free && !counted ? null : (
        <NumberEntry
          label="How many"
          min={1}
          max={48}
          value={count}
          onCommit={(value) => set({ count: Math.round(value) })}
        />
      )}
    </>
  );
}
