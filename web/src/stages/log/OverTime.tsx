import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import type { BakeAnswer } from '@omniarton/contracts';
import type { Docket } from '@omniarton/core/docket';
import { waterLost } from '@omniarton/core/log';
import { bakesApi } from '../../api/bakesApi';
import { useAppDispatch } from '../../state/state';
import { Heading, Small, Stack } from '../../ui/layout';
import { Fold } from '../../ui/Fold';
import type { Drawn } from './OverTimeChart';

/** The chart comes with its library, when there is something to be drawn. */
const OverTimeChart = lazy(async () => ({ default: (await import('./OverTimeChart')).OverTimeChart }));

interface Props {
  readonly household: string;
  readonly recipe: string;
  readonly bakes: readonly BakeAnswer[];
}

/** Older ones tell little of today's oven. */
const MOST = 40;

/** What each bake's docket foretold, minutes, by the bake's id; as they come in. */
function useForetold({ household, recipe, bakes }: Props): ReadonlyMap<string, number> {
  const dispatch = useAppDispatch();
  const [foretold, setForetold] = useState<ReadonlyMap<string, number>>(new Map());
  useEffect(() => {
    let gone = false;
    const open = bakes.map(({ id, doc }) => {
      const asked = dispatch(bakesApi.endpoints.docket.initiate({ household, recipe, docket: doc.docket }));
      void asked.then(({ data }) => {
        const minutes = (data?.doc.docket as Docket | undefined)?.bake.minutes?.central;
        if (!gone && minutes !== undefined) setForetold((known) => new Map([...known, [id, minutes]]));
      });
      return asked;
    });
    return () => {
      gone = true;
      for (const one of open) one.unsubscribe();
    };
  }, [dispatch, household, recipe, bakes]);
  return foretold;
}

/** How long bakes took beside what was foretold, and what they lost of their weight, the oldest first. */
export function OverTime(props: Props) {
  const shown = useMemo(() => [...props.bakes].slice(0, MOST).reverse(), [props.bakes]);
  if (shown.filter(({ doc }) => doc.notes.minutes !== null).length < 2) return null;
  return (
    <Fold name="Over time">
      <Curves {...props} bakes={shown} />
    </Fold>
  );
}

function Curves(props: Props) {
  const { bakes } = props;
  const foretold = useForetold(props);
  const names = useMemo(() => bakes.map(({ doc }) => doc.notes.variant?.name ?? doc.notes.bakedOn), [bakes]);
  const minutes = useMemo(
    (): Drawn[] => [
      { name: 'it took', values: bakes.map(({ doc }) => doc.notes.minutes), line: false },
      { name: 'foretold', values: bakes.map(({ id }) => foretold.get(id) ?? null), line: true },
    ],
    [bakes, foretold],
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
