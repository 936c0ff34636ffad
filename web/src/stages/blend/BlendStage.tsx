import { styled } from 'styled-components';
import type { BlendPart } from '@omniarton/core/blend';
import { isStale } from '../../engine/engineSlice';
import { BlendBar } from '../../ui/BlendBar';
import { Button } from '../../ui/Button';
import { Figure, Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { sayGrams } from '../../ui/say';
import { NeedsDocket } from '../bench/NeedsDocket';
import { useDocket, useEngine, useRequest } from '../bench/onBench';
import { BlendCharacter } from './BlendCharacter';
import { FlourRow } from './FlourRow';
import { KeepInJar } from './KeepInJar';
import { LeftOut } from './LeftOut';

/** Which flours, in what shares, and how to have it otherwise. */
export function BlendStage() {
  const docket = useDocket();
  const answer = useEngine(({ slowAnswers }) => slowAnswers?.blend);
  const stale = useEngine(isStale);
  const [{ pins }, ask] = useRequest();
  const part = docket?.parts.find(({ blend }) => blend.length > 0);
  const blend = answer?.kind === 'blends' ? answer.blends[0] : undefined;
  if (!docket || !part || !blend)
    return (
      <Stack>
        <NeedsDocket what="a blend" />
        <LeftOut />
      </Stack>
    );
  const grams = docket.parts.flatMap((one) => one.blend).reduce((sum, one) => sum + one.grams, 0);
  const because = docket.shifts.find(({ rule }) => rule === 'replace-flour')?.because;
  return (
    <Stack $gap={6}>
      <Stack as="section" aria-labelledby="the-blend">
        <Row $gap={3}>
          <Figure $size={3} data-stale={stale || undefined}>
            {sayGrams(grams)}
            <small> g</small>
          </Figure>
          <Heading id="the-blend">of blend, by weight</Heading>
          {pins.length > 0 ? (
            <Button onPress={() => ask({ pins: [] })}>Let the engine choose again</Button>
          ) : null}
        </Row>
        <BlendBar shares={part.blend} height={56} />
        {because ? <Small>Because {because}.</Small> : null}
        <Flours>
          {part.blend.map((one) => (
            <FlourRow
              key={one.ingredient}
              flour={one}
              grams={totalOf(
                one,
                docket.parts.map((each) => each.blend),
              )}
            />
          ))}
        </Flours>
        <Small>
          Give a share by hand and it is held; the others are solved around it. Leave a flour out and the
          blend is found without it.
        </Small>
        {[...blend.relaxed, ...blend.binding].length > 0 ? (
          <Notice tone={blend.relaxed.length > 0 ? 'ask' : 'calm'}>
            {[...blend.relaxed, ...blend.binding].join('; ')}.
          </Notice>
        ) : null}
      </Stack>
      <KeepInJar shares={part.blend} />
      <BlendCharacter blend={blend} />
      <Others blends={answer?.kind === 'blends' ? answer.blends.slice(1).map(({ shares }) => shares) : []} />
      <LeftOut />
    </Stack>
  );
}

const totalOf = (
  { ingredient }: BlendPart,
  blends: readonly (readonly (BlendPart & { readonly grams: number })[])[],
): number => blends.flat().reduce((sum, one) => (one.ingredient === ingredient ? sum + one.grams : sum), 0);

function Others({ blends }: { readonly blends: readonly (readonly BlendPart[])[] }) {
  const [, ask] = useRequest();
  if (blends.length === 0) return null;
  return (
    <section aria-labelledby="other-blends">
      <Heading id="other-blends">Others that would do</Heading>
      <OtherList>
        {blends.map((shares) => (
          <li key={shares.map(({ ingredient }) => ingredient).join()}>
            <BlendBar shares={shares} height={26} />
            <Small>
              {shares.map(({ name, share }) => `${Math.round(share * 100)} % ${name}`).join(', ')}
            </Small>
            <Button
              onPress={() => ask({ pins: shares.map(({ ingredient, share }) => ({ ingredient, share })) })}
              aria-label={`Take the blend of ${shares.map(({ name }) => name).join(', ')}`}
            >
              Take this one
            </Button>
          </li>
        ))}
      </OtherList>
    </section>
  );
}

const Flours = styled.ul`
  display: grid;
  border-top: 1px solid ${({ theme }) => theme.colour.line};
`;
const OtherList = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(15rem, 1fr));
  gap: ${({ theme }) => theme.space(5)};
  margin-top: ${({ theme }) => theme.space(2)};
  li {
    display: grid;
    gap: ${({ theme }) => theme.space(2)};
    justify-items: start;
    align-content: start;
  }
`;
