import { useState } from 'react';
import { styled } from 'styled-components';
import { checkReading, OvenReadingError } from '@omniarton/core/heat';
import type { Oven, OvenReading } from '@omniarton/core/kitchen';
import { Button } from '../ui/Button';
import { Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { NumberEntry } from '../ui/NumberEntry';
import { fromShown, sayDay, sayTemperature, today, toShown } from '../words/say';
import { useTemperatureUnit } from '../state/bench/useMeasures';

interface Props {
  readonly oven: Oven;
  readonly onChange: (readings: readonly OvenReading[]) => void;
}

const USUAL_DIAL = 180;
const DIAL = [50, 290] as const;
/** What can be typed; what can be true is asked of the core. */
const TYPED = [0, 600] as const;

/** Ten minutes with a thermometer: what the dial said, what it said, as often as there is time for. */
export function OvenReadings({ oven, onChange }: Props) {
  const unit = useTemperatureUnit();
  const sign = unit === 'fahrenheit' ? '°F' : '°C';
  const [dial, setDial] = useState(USUAL_DIAL);
  const [count, setCount] = useState(0);
  const [trouble, setTrouble] = useState<string | null>(null);
  const add = (shown: number) => {
    const trueCelsius = fromShown(shown, unit);
    try {
      checkReading(dial, trueCelsius);
    } catch (error) {
      if (!(error instanceof OvenReadingError)) throw error;
      setTrouble(error.message);
      return;
    }
    setTrouble(null);
    setCount(count + 1);
    onChange([...oven.readings, { dialCelsius: dial, trueCelsius, fan: oven.fan, on: today() }]);
  };
  return (
    <Stack $gap={3}>
      <Steps>
        <li>Stand an oven thermometer in the middle of the rack, and set the dial.</li>
        <li>Wait until the lamp has gone out twice: an oven overshoots the first time.</li>
        <li>Read it through the glass, three times some minutes apart; each reading counts.</li>
      </Steps>
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <NumberEntry
          label="The dial says"
          unit={sign}
          min={toShown(DIAL[0], unit)}
          max={toShown(DIAL[1], unit)}
          value={toShown(dial, unit)}
          onCommit={(value) => setDial(fromShown(value, unit))}
        />
        <NumberEntry
          key={count}
          label="The thermometer says"
          unit={sign}
          min={TYPED[0]}
          max={TYPED[1]}
          value={null}
          onCommit={add}
        />
      </Row>
      {trouble ? <Notice tone="ask">{trouble}</Notice> : null}
      <Readings oven={oven} onChange={onChange} />
    </Stack>
  );
}

/** What was read so far. */
function Readings({ oven: { readings }, onChange }: Props) {
  const unit = useTemperatureUnit();
  if (readings.length === 0) return null;
  return (
    <ul>
      {readings.map(({ dialCelsius, trueCelsius, fan, on }, at) => (
        <Row as="li" key={`${on}-${at}`} $gap={3}>
          <Small>
            {sayDay(on)}: dial {sayTemperature(dialCelsius, unit)}, in truth{' '}
            {sayTemperature(trueCelsius, unit)}
            {fan ? ', fan' : ''}
          </Small>
          <Button
            $weight="quiet"
            aria-label={`Take away the reading of ${sayTemperature(trueCelsius, unit)}`}
            onPress={() => onChange(readings.filter((_, other) => other !== at))}
          >
            ✕
          </Button>
        </Row>
      ))}
    </ul>
  );
}

const Steps = styled.ol`
  padding-left: 1.3em;
  list-style: decimal;
`;
