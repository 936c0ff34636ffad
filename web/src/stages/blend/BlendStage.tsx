import { memo, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { isUsual, type Blend, type BlendPart } from '@omniarton/core/blend';
import type { BlendBench, Docket } from '@omniarton/core/docket';
import { say } from '@omniarton/core/words';
import { Button } from '../../ui/Button';
import { Fold } from '../../ui/Fold';
import { Figure, Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { sayGrams } from '../../words/say';
import { NeedsDocket } from '../../docket/NeedsDocket';
import { useDocket, useEngine, useRequest, useStale } from '../../state/bench/onBench';
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
import { HandProvider, useHand, useSettledHand } from './Hand';
import { WaysOut } from './WaysOut';
import { Wishes } from './Wishes';
import { sayMoney } from '../../words/blend';

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
      <OtherBlends first={blend} blends={others} />
      <Schools />
      <Fold name="Work out a bought blend from its label">
        <BoughtBlend />
      </Fold>
      <LeftOut />
    </Bench>
  );
}

interface ByHandProps extends Pick<Props, 'docket' | 'shares' | 'blend' | 'bench'> {
  /** What stands between and hangs on no hand. */
  readonly children: ReactNode;
}

/** All that can be moved, and what follows it. */
function ByHand({ docket, shares, blend, bench, children }: ByHandProps) {
  const grams = docket.parts.flatMap((one) => one.blend).reduce((sum, one) => sum + one.grams, 0);
  const because = docket.shifts.find(({ rule }) => rule === 'replace-flour')?.because;
  return (
    <HandProvider shares={shares} bench={bench}>
      <Stack as="section" aria-labelledby="the-blend">
        <Head grams={grams} />
        <HandBar />
        {because ? <Small>Because {say(because)}.</Small> : null}
        {isUsual(shares, bench.usual) ? (
          <Small>
            Such a bake is usually made of this blend, and nothing here asks for another: those below do
            something otherwise.
          </Small>
        ) : null}
        <FlourRows grams={grams} />
        <Small>
          Drag a border of the bar, or give a share: the others give way in proportion, and what you hold
          stays. Leave a flour out and the blend is found without it.
        </Small>
        <Limits blend={blend} />
        {children}
      </Stack>
      <Fold name="Move three of them on a triangle">
        <Triangle />
      </Fold>
      <BlendCharacter />
    </HandProvider>
  );
}

/** How much blend stands for how much wheat, what a cup of it weighs, and what it costs. */
function Head({ grams }: { readonly grams: number }) {
  const stale = useStale();
  return (
    <Row $gap={3}>
      <Figure $size={3} data-stale={stale || undefined}>
        {sayGrams(grams)}
        <small> g</small>
      </Figure>
      <div>
        <ForWheat />
        <CupAndCost grams={grams} />
      </div>
      <ChooseAgain />
    </Row>
  );
}

function CupAndCost({ grams }: { readonly grams: number }) {
  const { cupGrams, perKilo } = useHand();
  const cost = perKilo === null ? '' : `, ${sayMoney((perKilo * grams) / 1000)} in all`;
  return <OneLine words={`a cup of it ${sayGrams(cupGrams)} g${cost}`} />;
}

const OneLine = memo(function OneLine({ words }: { readonly words: string }) {
  return <Line>{words}</Line>;
});

function FlourRows({ grams }: { readonly grams: number }) {
  const { flours } = useOnBlendBench();
  const { settled } = useSettledHand();
  return (
    <Flours>
      {settled.map(({ ingredient, share, held }) => {
        const flour = flours.find(({ id }) => id === ingredient);
        return flour ? (
          <FlourRow key={ingredient} flour={flour} share={share} held={held} grams={grams} />
        ) : null;
      })}
    </Flours>
  );
}

/** What holds the blend back, and what the hand passes. */
function Limits({ blend }: { readonly blend: Blend }) {
  const [{ pins }] = useRequest();
  const { over } = useHand();
  const words = [...blend.relaxed.map(say), ...(pins.length > 0 ? [] : blend.binding.map(say)), ...over];
  if (words.length === 0) return null;
  return (
    <Said tone={blend.relaxed.length > 0 || over.length > 0 ? 'ask' : 'calm'} words={words.join('; ')} />
  );
}

const Said = memo(function Said({ tone, words }: { readonly tone: 'ask' | 'calm'; readonly words: string }) {
  return <Notice tone={tone}>{words}.</Notice>;
});

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
/** As high and wide as its place whatever it says, so that the page isn't laid out anew for it. */
const Line = styled(Small)`
  contain: size layout style;
  height: 1.5em;
  white-space: nowrap;
`;
const Flours = styled.ul`
  display: grid;
  border-top: 1px solid ${({ theme }) => theme.colour.line};
`;
