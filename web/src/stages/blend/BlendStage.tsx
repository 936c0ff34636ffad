import { memo, useMemo, type ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Blend, BlendPart } from '@omniarton/core/blend';
import type { BlendBench, Docket } from '@omniarton/core/docket';
import { isStale } from '../../engine/engineSlice';
import { Button } from '../../ui/Button';
import { Fold } from '../../ui/Fold';
import { Figure, Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { sayGrams } from '../../ui/say';
import { NeedsDocket } from '../bench/NeedsDocket';
import { useDocket, useEngine, useRequest } from '../bench/onBench';
import { BlendCharacter } from './BlendCharacter';
import { BoughtBlend } from './BoughtBlend';
import { FlourRow } from './FlourRow';
import { HandBar } from './HandBar';
import { KeepInJar } from './KeepInJar';
import { LeftOut } from './LeftOut';
import { MoreBag } from './MoreBag';
import { OtherBlends } from './OtherBlends';
import { Schools } from './Schools';
import { ToBuy } from './ToBuy';
import { Triangle } from './Triangle';
import { BlendBenchProvider, useBlendBench, useOnBlendBench } from './useBench';
import { useHand, type Hand } from './useHand';
import { WaysOut } from './WaysOut';
import { Wishes } from './Wishes';
import { sayMoney } from './words';

const NONE: readonly BlendPart[] = [];

/** Which flours, in what shares, and how to have it otherwise. */
export function BlendStage() {
  const docket = useDocket();
  const ways = useEngine(({ outcome }) => (outcome?.outcome === 'infeasible' ? outcome.ways : undefined));
  const answer = useEngine(({ slowAnswers }) => slowAnswers?.blend);
  const part = docket?.parts.find(({ blend }) => blend.length > 0);
  const bench = useBlendBench(part?.blend ?? NONE);
  const blend = answer?.kind === 'blends' ? answer.blends[0] : undefined;
  if (!docket || !part || !blend || !bench)
    return (
      <Stack $gap={5}>
        <NeedsDocket what="a blend" />
        <WaysOut ways={ways ?? []} />
        {bench ? (
          <BlendBenchProvider value={bench}>
            <Wishes />
          </BlendBenchProvider>
        ) : null}
        <LeftOut />
      </Stack>
    );
  return (
    <BlendBenchProvider value={bench}>
      <OnTheBench
        docket={docket}
        shares={part.blend}
        blend={blend}
        others={answer?.kind === 'blends' ? answer.blends.slice(1) : []}
        ways={answer?.ways ?? []}
        bench={bench}
      />
    </BlendBenchProvider>
  );
}

interface Props {
  readonly docket: Docket;
  readonly shares: readonly BlendPart[];
  readonly blend: Blend;
  readonly others: readonly Blend[];
  readonly ways: Parameters<typeof WaysOut>[0]['ways'];
  readonly bench: BlendBench;
}

function OnTheBench({ docket, shares, blend, others, ways, bench }: Props) {
  return (
    <Bench $gap={7}>
      <ByHand docket={docket} shares={shares} blend={blend} bench={bench}>
        <WaysOut ways={ways} />
        <ToBuy />
        <MoreBag />
        <KeepInJar shares={shares} />
        <Wishes />
      </ByHand>
      <OtherBlends blends={others} />
      <Schools />
      <Fold name="Work out a bought blend from its label">
        <BoughtBlend />
      </Fold>
      <LeftOut />
    </Bench>
  );
}

interface ByHandProps extends Pick<Props, 'docket' | 'shares' | 'blend' | 'bench'> {
  /** What stands between and hangs on no hand: it isn't drawn anew while something is dragged. */
  readonly children: ReactNode;
}

/** The same element at every move: it isn't drawn again. */
const HOW = (
  <Small>
    Drag a border of the bar, or give a share: the others give way in proportion, and what you hold stays.
    Leave a flour out and the blend is found without it.
  </Small>
);

/** All that follows the pointer while shares are moved. */
function ByHand({ docket, shares, blend, bench, children }: ByHandProps) {
  const [{ pins }] = useRequest();
  const hand = useHand(shares, bench);
  const grams = docket.parts.flatMap((one) => one.blend).reduce((sum, one) => sum + one.grams, 0);
  const because = docket.shifts.find(({ rule }) => rule === 'replace-flour')?.because;
  const why = useMemo(() => (because ? <Small>Because {because}.</Small> : null), [because]);
  const words = [...blend.relaxed, ...(hand.moving || pins.length > 0 ? [] : blend.binding), ...hand.over];
  return (
    <>
      <Stack as="section" aria-labelledby="the-blend">
        <Head hand={hand} grams={grams} />
        <HandBar hand={hand} />
        {why}
        <Flours>
          {hand.flours.map(({ ingredient, flour, share }) => (
            <FlourRow
              key={ingredient}
              flour={flour}
              // Whole grams while it moves: no scale is read that fast.
              own={hand.moving ? Math.round(grams * share) : grams * share}
              grams={grams}
              moving={hand.moving}
              settled={hand.settled}
              set={hand.set}
            />
          ))}
        </Flours>
        {HOW}
        {words.length > 0 ? (
          <Notice tone={blend.relaxed.length > 0 || hand.over.length > 0 ? 'ask' : 'calm'}>
            {words.join('; ')}.
          </Notice>
        ) : null}
        {children}
      </Stack>
      <Fold name="Move three of them on a triangle">
        <Triangle hand={hand} />
      </Fold>
      <BlendCharacter hand={hand} />
    </>
  );
}

/** How much blend stands for how much wheat, what a cup of it weighs, and what it costs. */
function Head({ hand, grams }: { readonly hand: Hand; readonly grams: number }) {
  const stale = useEngine(isStale);
  return (
    <Row $gap={3}>
      <Figure $size={3} data-stale={stale || undefined}>
        {sayGrams(grams)}
        <small> g</small>
      </Figure>
      <div>
        <ForWheat />
        <Small>
          a cup of it {sayGrams(hand.cupGrams)} g
          {hand.perKilo === null ? '' : `, ${sayMoney((hand.perKilo * grams) / 1000)} in all`}
        </Small>
      </div>
      <ChooseAgain />
    </Row>
  );
}

const ForWheat = memo(function ForWheat() {
  const { wheat } = useOnBlendBench();
  return (
    <Heading id="the-blend">
      of blend, for {sayGrams(wheat.grams)} g of {wheat.name}
    </Heading>
  );
});

const ChooseAgain = memo(function ChooseAgain() {
  const [{ pins, blend }, ask] = useRequest();
  if (pins.length === 0 && blend.jar === null) return null;
  return (
    <Button onPress={() => ask({ pins: [], blend: { ...blend, jar: null } })}>
      Let the engine choose again
    </Button>
  );
});

/** Each thing on it is painted by itself: what a drag doesn't change isn't walked through again for its picture. */
const Bench = styled(Stack)`
  > *,
  > section > * {
    isolation: isolate;
  }
`;
const Flours = styled.ul`
  display: grid;
  border-top: 1px solid ${({ theme }) => theme.colour.line};
`;
