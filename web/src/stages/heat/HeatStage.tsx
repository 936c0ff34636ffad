import { standsFree } from '@omniarton/core/kitchen';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import {
  placeWords,
  sayMinutes,
  saySeconds,
  shortTime,
  type Docket,
  type DocketBake,
} from '@omniarton/core/docket';
import { burstsOf, isMetal } from '@omniarton/core/heat';
import { useTemperatureUnit } from '../../state/bench/useMeasures';
import { Button } from '../../ui/Button';
import { Figure, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { sayDay, sayOven, sayTemperature } from '../../words/say';
import { NeedsDocket } from '../../docket/NeedsDocket';
import { useDocket, useRequest, useStale } from '../../state/bench/onBench';
import { Curves } from './Curves';
import { InTheCold } from './InTheCold';
import { OtherOvens } from './OtherOvens';
import { OvenFields } from './OvenFields';
import { PanFields } from './PanFields';
import { SectionView } from './SectionView';
import { StartFields } from './StartFields';
import { TrayPlan } from './TrayPlan';

/** Tin, oven, rest, and the time that follows from them. */
export function HeatStage() {
  const docket = useDocket();
  if (!docket) return <NeedsDocket what="a bake time" />;
  return (
    <Stack $gap={7}>
      <Times docket={docket} />
      <Beside>
        <Stack $gap={6}>
          <PanFields docket={docket} />
          {docket.bake.ovenCelsius === null ? null : <StartFields bake={docket.bake} />}
        </Stack>
        <OvenFields docket={docket} />
      </Beside>
      {docket.bake.centre.length === 0 ? null : (
        <>
          <Curves bake={docket.bake} />
          <SectionView bake={docket.bake} />
          <OtherOvens bake={docket.bake} />
        </>
      )}
      <TrayPlan bake={docket.bake} />
      <InTheCold docket={docket} />
    </Stack>
  );
}

function Times({ docket: { bake, rest, family } }: { readonly docket: Docket }) {
  const stale = useStale();
  const unit = useTemperatureUnit();
  const { minutes, firstCheck } = bake;
  if (bake.watts !== null) return <MicrowaveTimes bake={bake} />;
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
          four times in five done from {Math.round(minutes.low)} to {Math.round(minutes.high)}
        </Clock>
        <Clock label="first look at" value={`${Math.round(firstCheck)}`} unit="min" stale={stale}>
          {bake.doneSigns}
        </Clock>
        <Clock label="set the dial to" value={sayOven(bake.ovenCelsius, unit)} unit={bake.fan ? 'fan' : ''}>
          done at {sayTemperature(bake.doneCelsius, unit)} in the middle
          {bake.browning ? `; top ${bake.browning.done}` : ''}
        </Clock>
        {rest.minutes[1] > 0 ? <Resting rest={rest} /> : null}
        <Cooling bake={bake} />
      </Clocks>
      {bake.browning?.late === 'too dark' ? (
        <Notice tone="ask">
          At the end of the window its top is likely to be too dark: have foil ready to lay over it.
        </Notice>
      ) : null}
      <Anchor bake={bake} />
    </Stack>
  );
}

/** How long it is left before the oven. */
function Resting({ rest }: Pick<Docket, 'rest'>) {
  const [low, high] = rest.minutes;
  return (
    <Clock
      label={rest.cold ? 'rest, cold' : 'rest'}
      value={`${low < 120 ? low : Math.round(low / 60)}`}
      unit={low < 120 ? 'min' : 'h'}
    >
      {low === high ? '' : `up to ${sayMinutes(high)}; `}flours have drunk after {Math.round(rest.uptake)} min
    </Clock>
  );
}

/** How long it is left after it. */
const Cooling = ({ bake }: { readonly bake: DocketBake }) => (
  <Clock
    label={bake.pan && standsFree(bake.pan) ? 'cool on the tray' : 'cool in the tin'}
    value={`${bake.coolMinutes}`}
    unit="min"
  >
    {bake.cooling?.cold && bake.cooling.cold > bake.coolMinutes
      ? `then a rack; cold ${bake.piece ? '' : 'enough to cut '}${sayMinutes(bake.cooling.cold)} after the oven`
      : ''}
  </Clock>
);

/** What set the simulated time right. */
function Anchor({ bake: { anchored, stretch, learnt } }: { readonly bake: DocketBake }) {
  const [{ timed }, ask] = useRequest();
  if (anchored === 'nothing')
    return <Small>The recipe states no time, so nothing anchors the simulation: the window is wide.</Small>;
  if (anchored === 'recipe')
    return (
      <Small>
        Anchored on the recipe’s own time: the wheat bake took {(stretch / (learnt?.factor ?? 1)).toFixed(2)}{' '}
        times what the simulation gives for it, so this one is given the same factor.
        {learnt
          ? ` Beyond that this kitchen takes ${learnt.factor.toFixed(2)} times as long for such bakes (${learnt.bakes} of them).`
          : ''}
      </Small>
    );
  return (
    <Row $gap={3}>
      <Small>
        Anchored on your bake{timed ? ` of ${sayDay(timed.on)}` : ''}: it took {stretch.toFixed(2)} times what
        the simulation gives. It counts for more than the recipe’s time.
      </Small>
      <Button $weight="quiet" onPress={() => ask({ timed: null })}>
        Back to the recipe’s time
      </Button>
    </Row>
  );
}

/** In a microwave: bursts, and a look between. */
function MicrowaveTimes({ bake: { minutes, watts, doneSigns, pan } }: { readonly bake: DocketBake }) {
  if (!minutes) return <Notice>Nothing to cook yet.</Notice>;
  const { first, each, about } = burstsOf(60 * minutes.central);
  return (
    <Stack $gap={3}>
      <Clocks>
        <Burst label="first burst" seconds={first} big>
          at {watts} W
        </Burst>
        <Burst label="then bursts of" seconds={each}>
          about {about}, with a look between
        </Burst>
        <Burst label="in all about" seconds={60 * minutes.central}>
          {saySeconds(60 * minutes.low)} to {saySeconds(60 * minutes.high)}; {doneSigns}
        </Burst>
      </Clocks>
      {isMetal(pan) ? (
        <Notice tone="danger">
          Never metal in a microwave, nor a mug that stands in a metal tin: take glass, ceramic or silicone.
        </Notice>
      ) : null}
    </Stack>
  );
}

/** Seconds by themselves, minutes where there are many. */
function Burst({ seconds, ...props }: Omit<ClockProps, 'value' | 'unit'> & { readonly seconds: number }) {
  const { amount, unit } = shortTime(seconds);
  return <Clock {...props} value={String(amount)} unit={unit} />;
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

/** What is set, side by side where there is room. */
const Beside = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 21rem), 1fr));
  gap: ${({ theme }) => `${theme.space(7)} ${theme.space(8)}`};
  align-items: start;
`;
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
