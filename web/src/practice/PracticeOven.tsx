import { useEffect, useState } from 'react';
import { styled } from 'styled-components';
import type { PracticeBrief, PracticeLook } from '@omniarton/core/next';
import { nowMs } from '../base/clock';
import { askSlow } from '../state/engine/engine';
import { useTemperatureUnit } from '../state/bench/useMeasures';
import { Button } from '../ui/Button';
import { Heading, Row, Small, Stack } from '../ui/layout';
import { sayOven, sayTemperature } from '../words/say';

interface Props {
  readonly seed: number;
  readonly brief: PracticeBrief;
  /** It is taken out, after so many minutes of heat. */
  readonly out: (heat: number) => void;
}

/** A simulated minute lasts so long, ms. */
const MINUTE_MS = 1000;
/** Nobody leaves a bake in for longer than so many times what it should need. */
const LEFT = 2.5;

interface Looked extends PracticeLook {
  readonly minute: number;
}

/** Minutes since it went in, on a clock that runs sixty times as fast. */
function useMinutes(): number {
  const [began] = useState(nowMs);
  const [now, setNow] = useState(began);
  useEffect(() => {
    const timer = setInterval(() => setNow(nowMs()), MINUTE_MS / 4);
    return () => clearInterval(timer);
  }, []);
  return (now - began) / MINUTE_MS;
}

/** The bake in its oven: the clock runs, the door can be opened, and somebody calls it done. */
export function PracticeOven({ seed, brief, out }: Props) {
  const unit = useTemperatureUnit();
  const minutes = useMinutes();
  const [looks, setLooks] = useState<readonly Looked[]>([]);
  const heat = Math.max(0, minutes - brief.doorMinutes * looks.length);
  const look = () =>
    void askSlow(async (engine) => await engine.practiceLook(seed, heat)).then(
      (seen) => setLooks((before) => [...before, { ...seen, minute: Math.floor(minutes) }]),
      () => undefined,
    );
  const { low, high } = brief.minutes;
  const forgotten = minutes > LEFT * brief.minutes.central;
  useEffect(() => {
    if (forgotten) out(heat);
    // It is taken out once, as it then is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [forgotten]);
  return (
    <Stack as="section" aria-labelledby="practice-oven" $gap={4}>
      <Heading id="practice-oven">{brief.title}</Heading>
      <p>
        {sayOven(brief.ovenCelsius, unit)} on the dial. The docket says {Math.round(low)} to{' '}
        {Math.round(high)} minutes, a look from {Math.round(brief.firstCheck)}; done: {brief.doneSigns}
        {brief.doneSigns.endsWith('.') ? '' : '.'}
      </p>
      <Clock role="timer" aria-label="Minutes in the oven">
        {Math.floor(minutes)}
        <small> min</small>
      </Clock>
      <Row>
        <Button onPress={look}>Look in</Button>
        <Button $weight="strong" onPress={() => out(heat)}>
          Take it out
        </Button>
      </Row>
      <Looks aria-live="polite">
        {looks.map((one, at) => (
          <li key={at}>
            <b>{one.minute} min</b> {one.top}; a skewer: {one.skewer}; the middle{' '}
            {sayTemperature(one.probeCelsius, unit)}
          </li>
        ))}
      </Looks>
      <Small>A second here is a minute in the oven.</Small>
    </Stack>
  );
}

const Clock = styled.p`
  font: 650 4rem/1 ${({ theme }) => theme.font.figures};
  font-variant-numeric: tabular-nums;
  small {
    font-size: 1.2rem;
  }
`;
const Looks = styled.ol`
  list-style: none;
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
`;
