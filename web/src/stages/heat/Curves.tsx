import { lazy, Suspense, useState } from 'react';
import type { Beside, DocketBake } from '@omniarton/core/docket';
import { useTemperatureUnit } from '../../state/bench/useMeasures';
import { Heading, Small, Stack } from '../../ui/layout';
import { sayTemperature } from '../../words/say';
import { BesideFields, useBeside } from './Beside';

const CentreCurve = lazy(async () => ({ default: (await import('./CentreCurve')).CentreCurve }));

/** The bake minute by minute, by itself or held against another. */
export function Curves({ bake }: { readonly bake: DocketBake }) {
  const [what, setWhat] = useState<Beside | null>(null);
  const beside = useBeside(what);
  const unit = useTemperatureUnit();
  return (
    <Stack as="section" $gap={3} aria-labelledby="centre">
      <Heading id="centre">Minute by minute</Heading>
      <Suspense fallback={<p role="status">Drawing …</p>}>
        <CentreCurve bake={bake} beside={beside.bake} />
      </Suspense>
      <Small>
        A simulation of heat and steam in a section through it: its coldest place (thick), its top (brown) and
        its {bake.piece ? 'rim' : 'wall'} (grey).{' '}
        {bake.setCelsius === null
          ? ''
          : `Its starch has set at ${sayTemperature(bake.setCelsius, unit)} (dotted). `}
        {bake.doneBy === 'water'
          ? 'The heat is there sooner; what is waited for is water that has to go. '
          : ''}
        A probe in the middle has the last word.
      </Small>
      <BesideFields what={what} onChange={setWhat} own={bake} {...beside} />
    </Stack>
  );
}
