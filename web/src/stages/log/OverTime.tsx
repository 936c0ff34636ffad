import { lazy, Suspense, useMemo } from 'react';
import type { BakeAnswer } from '@omniarton/contracts';
import { waterLost } from '@omniarton/core/log';
import { Heading, Small, Stack } from '../../ui/layout';
import { bakeName } from '../../words/bakeName';
import { Fold } from '../../ui/Fold';
import type { Drawn } from './OverTimeChart';

/** The chart comes with its library, when there is something to be drawn. */
const OverTimeChart = lazy(async () => ({ default: (await import('./OverTimeChart')).OverTimeChart }));

interface Props {
  readonly bakes: readonly BakeAnswer[];
}

/** Older ones tell little of today's oven. */
const MOST = 40;

/** How long bakes took beside what was foretold, and what they lost of their weight, the oldest first. */
export function OverTime({ bakes }: Props) {
  const shown = useMemo(() => [...bakes].slice(0, MOST).reverse(), [bakes]);
  if (shown.filter(({ doc }) => doc.notes.minutes !== null).length < 2) return null;
  return (
    <Fold name="Over time">
      <Curves bakes={shown} />
    </Fold>
  );
}

function Curves({ bakes }: Props) {
  const names = useMemo(() => bakes.map(bakeName), [bakes]);
  const minutes = useMemo(
    (): Drawn[] => [
      { name: 'it took', values: bakes.map(({ doc }) => doc.notes.minutes), line: false },
      {
        name: 'foretold',
        values: bakes.map(({ foretold }) => foretold.minutes?.central ?? null),
        line: true,
      },
    ],
    [bakes],
  );
  const lost = useMemo((): Drawn[] => {
    const shares = bakes.map(({ doc }) => waterLost(doc.notes.measured));
    return [{ name: 'lost', values: shares.map((one) => one && Math.round(one * 1000) / 10), line: false }];
  }, [bakes]);
  const weighed = lost[0]!.values.some((one) => one !== null);
  return (
    <Suspense fallback={<Small role="status">Drawing …</Small>}>
      <Stack $gap={4}>
        <Heading as="h3">Minutes in the oven: it took (dots), foretold (line)</Heading>
        <OverTimeChart names={names} series={minutes} unit="min" />
        {weighed ? (
          <>
            <Heading as="h3">Weight lost</Heading>
            <OverTimeChart names={names} series={lost} unit="%" />
          </>
        ) : null}
      </Stack>
    </Suspense>
  );
}
