import { useState } from 'react';
import { USUAL_WATTS, WaterTestError, wattsByWater } from '@omniarton/core/heat';
import type { Microwave } from '@omniarton/core/kitchen';
import type { KitchenChange } from '../state/kitchen/kitchens';
import { Section } from '../ui/Section';
import { Button } from '../ui/Button';
import { Figure, Row, Small } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { NumberEntry } from '../ui/NumberEntry';
import { fromShown, sayDay, today, toShown } from '../words/say';
import { useTemperatureUnit } from '../state/bench/useMeasures';

interface Props {
  readonly microwave: Microwave | null;
  readonly change: (how: KitchenChange) => void;
}

const USUAL = { ml: 1000, seconds: 60, from: 12 } as const;
const WATER = [0, 100] as const;

/** The true power of a microwave by what it does to a litre of cold water. */
export function MicrowaveTest({ microwave, change }: Props) {
  const unit = useTemperatureUnit();
  const sign = unit === 'fahrenheit' ? '°F' : '°C';
  const [ml, setMl] = useState<number>(USUAL.ml);
  const [seconds, setSeconds] = useState<number>(USUAL.seconds);
  const [from, setFrom] = useState<number>(USUAL.from);
  const [trouble, setTrouble] = useState<string | null>(null);
  const warm = (shown: number) => {
    try {
      const watts = Math.round(wattsByWater(ml, seconds, from, fromShown(shown, unit)));
      change((doc) => ({ ...doc, microwave: { watts, on: today() } }));
      setTrouble(null);
    } catch (error) {
      if (!(error instanceof WaterTestError)) throw error;
      setTrouble(error.message);
    }
  };
  const [least, most] = WATER.map((celsius) => toShown(celsius, unit)) as [number, number];
  return (
    <Section
      id="microwave"
      name="Microwave"
      about="Cold water in a glass jug with a wooden stick in it (still water can burst when it is moved), a minute at full power, stirred: what it has gained is the true power."
    >
      {microwave ? (
        <Row $gap={3}>
          <Figure $size={2}>{microwave.watts} W</Figure>
          <Small>tested on {sayDay(microwave.on)}</Small>
          <Button $weight="quiet" onPress={() => change((doc) => ({ ...doc, microwave: null }))}>
            Forget it
          </Button>
        </Row>
      ) : (
        <Small>Not tested yet: {USUAL_WATTS} W is assumed.</Small>
      )}
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <NumberEntry label="Water" unit="ml" min={250} max={2000} value={ml} onCommit={setMl} />
        <NumberEntry label="For" unit="s" min={20} max={300} value={seconds} onCommit={setSeconds} />
        <NumberEntry
          label="It was"
          unit={sign}
          min={least}
          max={most}
          value={toShown(from, unit)}
          onCommit={(value) => setFrom(fromShown(value, unit))}
        />
        <NumberEntry label="It is" unit={sign} min={least} max={most} value={null} onCommit={warm} />
      </Row>
      {trouble ? <Notice tone="ask">{trouble}</Notice> : null}
    </Section>
  );
}
