import { useState } from 'react';
import { moreMinutes, type RunBake } from '@omniarton/core/clock';
import { NumberEntry } from '../ui/NumberEntry';
import { Row, Small, Stack } from '../ui/layout';
import { TextEntry } from '../ui/TextEntry';
import { BigButton } from './BigButton';

interface Props {
  readonly bake: RunBake | undefined;
  /** Seconds by which something watched is given more; null: it is in the oven. */
  readonly burst: number | null;
  readonly onMore: (minutes: number, probe: number | null, look: string) => void;
  readonly onLeave: () => void;
}

const sayMore = (minutes: number): string => {
  const seconds = Math.round(minutes * 60);
  if (seconds < 60) return `${seconds} more seconds`;
  return `${minutes} more ${minutes === 1 ? 'minute' : 'minutes'}`;
};

/** How long something that isn't done may be given: in bursts where it is watched, else as the simulation has it and a little around that. */
function choicesOf(bake: RunBake | undefined, burst: number | null, probe: number | null): number[] {
  if (burst !== null) return [burst / 60, (2 * burst) / 60, (6 * burst) / 60];
  return [...new Set([bake ? moreMinutes(bake, probe) : 3, 2, 3, 5])];
}

/** It isn't done: what the probe says and how it looks, and how long it is given. */
export function NotYet({ bake, burst, onMore, onLeave }: Props) {
  const [probe, setProbe] = useState<number | null>(null);
  const [look, setLook] = useState('');
  const choices = choicesOf(bake, burst, probe);
  const words =
    burst !== null
      ? 'Let it stand a moment before you look: it goes on cooking.'
      : probe === null
        ? 'With a probe’s reading the time is worked out from the simulation of this bake.'
        : `By the simulation a middle of ${probe} °C needs about ${sayMore(choices[0]!)}.`;
  return (
    <Stack $gap={3}>
      <Row $gap={5} style={{ alignItems: 'start' }}>
        <NumberEntry label="In the middle" unit="°C" value={probe} min={-20} max={200} onCommit={setProbe} />
        <TextEntry label="How it looks" value={look} maxLength={200} mayBeEmpty onCommit={setLook} />
      </Row>
      <Small>{words}</Small>
      <Row $gap={3}>
        {choices.map((minutes, at) => (
          <BigButton
            key={minutes}
            $weight={at === 0 ? 'strong' : 'plain'}
            onPress={() => onMore(minutes, probe, look)}
          >
            {sayMore(minutes)}
          </BigButton>
        ))}
        <BigButton $weight="quiet" onPress={onLeave}>
          Back
        </BigButton>
      </Row>
    </Stack>
  );
}
