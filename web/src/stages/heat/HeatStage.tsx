import { lazy, Suspense, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { placeWords, sayMinutes, type Docket } from '@omniarton/core/docket';
import { useTemperatureUnit } from '../../settings/useSettings';
import { Figure, Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { sayTemperature } from '../../ui/say';
import { NeedsDocket } from '../bench/NeedsDocket';
import { useDocket, useStale } from '../bench/onBench';
import { OtherOvens } from './OtherOvens';
import { OvenFields } from './OvenFields';
import { PanFields } from './PanFields';
import { SectionView } from './SectionView';

const CentreCurve = lazy(async () => ({ default: (await import('./CentreCurve')).CentreCurve }));

/** Tin, oven, rest, and the time that follows from them. */
export function HeatStage() {
  const docket = useDocket();
  if (!docket) return <NeedsDocket what="a bake time" />;
  return (
    <Stack $gap={7}>
      <Times docket={docket} />
      <Row $gap={10} style={{ alignItems: 'start' }}>
        <PanFields docket={docket} />
        <OvenFields docket={docket} />
      </Row>
      {docket.bake.centre.length === 0 ? null : (
        <>
          <Middle docket={docket} />
          <SectionView bake={docket.bake} />
          <OtherOvens bake={docket.bake} />
        </>
      )}
    </Stack>
  );
}

const Middle = ({ docket }: { readonly docket: Docket }) => (
  <section aria-labelledby="centre">
    <Heading id="centre">The middle, minute by minute</Heading>
    <Suspense fallback={<p role="status">Drawing …</p>}>
      <CentreCurve bake={docket.bake} />
    </Suspense>
    <Small>
      A simulation of heat and steam in a section through your tin: its coldest place (thick) and its top
      (thin).{' '}
      {docket.bake.doneBy === 'water'
        ? 'The heat is there sooner; what is waited for is water that has to go. '
        : ''}
      A probe in the middle has the last word.
    </Small>
  </section>
);

function Times({ docket: { bake, rest, family } }: { readonly docket: Docket }) {
  const stale = useStale();
  const unit = useTemperatureUnit();
  const { minutes, firstCheck } = bake;
  const [low, high] = rest.minutes;
  if (bake.ovenCelsius === null)
    return (
      <Notice>
        It is cooked {placeWords(family.id)}, as long as the recipe says
        {minutes ? ` (${Math.round(minutes.low)}–${Math.round(minutes.high)} min)` : ''}: what is simulated
        here is an oven. Done: {bake.doneSigns}.
      </Notice>
    );
  if (!minutes || firstCheck === null)
    return (
      <Notice tone="danger">
        In the simulation this is never done: the batter is too deep for this tin, or the oven is too cool.
      </Notice>
    );
  return (
    <Stack $gap={3}>
      <Clocks>
        <Clock label="about" value={`${Math.round(minutes.central)}`} unit="min" big stale={stale}>
          {Math.round(minutes.low)}–{Math.round(minutes.high)} min
        </Clock>
        <Clock label="first look at" value={`${Math.round(firstCheck)}`} unit="min" stale={stale}>
          {bake.doneSigns}
        </Clock>
        <Clock label="oven" value={sayTemperature(bake.ovenCelsius, unit)} unit={bake.fan ? 'fan' : ''}>
          done at {sayTemperature(bake.doneCelsius, unit)} in the middle
        </Clock>
        <Clock
          label={rest.cold ? 'rest, cold' : 'rest'}
          value={`${low < 120 ? low : Math.round(low / 60)}`}
          unit={low < 120 ? 'min' : 'h'}
        >
          {low === high ? '' : `up to ${sayMinutes(high)}; `}flours have drunk after {Math.round(rest.uptake)}{' '}
          min
        </Clock>
        <Clock label="cool in the tin" value={`${bake.coolMinutes}`} unit="min" />
      </Clocks>
      <Small>
        {bake.anchor === null
          ? 'The recipe states no time, so nothing anchors the simulation: the window is wide.'
          : `Anchored on the recipe’s own time: the wheat bake took ${bake.anchor.toFixed(2)} times what the simulation gives for it, so this one is given the same factor.`}
      </Small>
    </Stack>
  );
}

interface ClockProps {
  readonly label: string;
  readonly value: string;
  readonly unit: string;
  readonly big?: boolean;
  readonly stale?: boolean;
  readonly children?: ReactNode;
}

const Clock = ({ label, value, unit, big = false, stale = false, children }: ClockProps) => (
  <div>
    <Small>{label}</Small>
    <Figure $size={big ? 3.4 : 2} data-stale={stale || undefined}>
      {value}
      <small> {unit}</small>
    </Figure>
    <Small>{children}</Small>
  </div>
);

const Clocks = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(8.5rem, 1fr));
  gap: ${({ theme }) => `${theme.space(4)} ${theme.space(6)}`};
  > div {
    display: grid;
    grid-template-rows: auto 3.2rem auto;
    align-items: end;
    align-content: start;
  }
  small {
    font-size: 0.5em;
    font-weight: 500;
  }
`;
