import { memo } from 'react';
import { Label, SliderOutput, SliderThumb, SliderTrack } from 'react-aria-components';
import { sayDial } from '@omniarton/core/docket';
import type { OvenSetting } from '@omniarton/core/kitchen';
import { Ruler } from '../../ui/Ruler';
import { useMeasures } from '../../state/bench/useMeasures';
import { useAskLater } from '../../state/bench/onBench';

const COOLEST = 100;
const HOTTEST = 250;
const STEP = 5;

/** The dial as a handle: each step of it is baked at once. */
export const OvenRuler = memo(function OvenRuler({ celsius, fan }: OvenSetting) {
  const ask = useAskLater();
  const said = sayDial(celsius, fan, useMeasures());
  const at = Math.min(HOTTEST, Math.max(COOLEST, celsius));
  return (
    <Ruler
      $parts={(HOTTEST - COOLEST) / 10}
      minValue={COOLEST}
      maxValue={HOTTEST}
      step={STEP}
      value={at}
      onChange={(next) => {
        // Between two steps the pointer moves, and nothing is asked for.
        if (next !== at) ask(() => ({ oven: { celsius: next as number, fan } }));
      }}
    >
      <Label>Hotter or cooler</Label>
      <SliderOutput>{said}</SliderOutput>
      <SliderTrack>
        <SliderThumb aria-valuetext={said} />
      </SliderTrack>
      <span>cooler</span>
      <span>hotter</span>
    </Ruler>
  );
});
