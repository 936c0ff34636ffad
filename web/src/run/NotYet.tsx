import { useState } from 'react';
import { moreMinutes, type RunBake } from '@omniarton/core/clock';
import { NumberEntry } from '../ui/NumberEntry';
import { Row, Small, Stack } from '../ui/layout';
import { TextEntry } from '../ui/TextEntry';
import { BigButton } from './BigButton';

interface Props {
  readonly bake: RunBake | undefined;
  readonly onMore: (minutes: number, probe: number | null, look: string) => void;
  readonly onLeave: () => void;
}

/** It isn't done: what the probe says and how it looks, and how long it is given. */
export function NotYet({ bake, onMore, onLeave }: Props) {
  const [probe, setProbe] = useState<number | null>(null);
  const [look, setLook] = useState('');
  const proposed = bake ? moreMinutes(bake, probe) : 3;
  const choices = [...new Set([proposed, 2, 3, 5])];
  return (
    <Stack $gap={3}>
      <Row $gap={5} style={{ alignItems: 'start' }}>
        <NumberEntry label="In the middle" unit="°C" value={probe} min={-20} max={200} onCommit={setProbe} />
        <TextEntry label="How it looks" value={look} maxLength={200} mayBeEmpty onCommit={setLook} />
      </Row>
      <Small>
        {probe === null
          ? 'With a probe’s reading the time is worked out from the simulation of this bake.'
          : `By the simulation a middle of ${probe} °C needs about ${proposed} more ${proposed === 1 ? 'minute' : 'minutes'}.`}
      </Small>
      <Row $gap={3}>
        {choices.map((minutes, at) => (
          <BigButton
            key={minutes}
            $weight={at === 0 ? 'strong' : 'plain'}
            onPress={() => onMore(minutes, probe, look)}
          >
            {minutes} more {minutes === 1 ? 'minute' : 'minutes'}
          </BigButton>
        ))}
        <BigButton $weight="quiet" onPress={onLeave}>
          Back
        </BigButton>
      </Row>
    </Stack>
  );
}
