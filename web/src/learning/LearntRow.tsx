import { styled } from 'styled-components';
import type { LearningBake } from '@omniarton/contracts';
import type { KitchenLearning, LearntTime } from '@omniarton/core/kitchen';
import type { Learnt } from '@omniarton/core/next';
import { Button } from '../ui/Button';
import { Fold } from '../ui/Fold';
import { Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { today } from '../words/say';
import { BeliefPicture } from './BeliefPicture';
import { believedWords, figureWords, ofWords } from './learntWords';

interface Props {
  readonly learnt: Learnt;
  readonly learning: KitchenLearning;
  readonly bakes: ReadonlyMap<string, LearningBake>;
  readonly change: (part: Partial<KitchenLearning>) => void;
}

const sameTime = (
  a: Pick<LearntTime, 'oven' | 'tin' | 'family'>,
  b: Pick<LearntTime, 'oven' | 'tin' | 'family'>,
) => a.oven === b.oven && a.tin === b.tin && a.family === b.family;

/** What was taught up to that day counts no more; what comes after it does. */
function dayAfterLast(taught: Learnt['taught']): string {
  const last =
    taught
      .map(({ on }) => on)
      .sort()
      .at(-1) ?? today();
  return new Date(Date.parse(`${last}T00:00:00Z`) + DAY_MS).toISOString().slice(0, 10);
}
const DAY_MS = 86_400_000;

/** One thing that was learnt: what was believed, what bakes said, what is believed; and what somebody may say to that. */
export function LearntRow({ learnt, learning, bakes, change }: Props) {
  const { topic, prior, posterior, taught, breakAt, of, time } = learnt;
  const name = ofWords(learnt);
  const words = believedWords(learnt);
  const series = `${topic}/${time ? (time.oven ?? 'the oven') : of}`;
  return (
    <Item>
      <BeliefPicture
        prior={prior}
        posterior={posterior}
        taught={taught.map(({ value }) => value)}
        label={`${name}: before ${figureWords(topic, prior.middle)}, now ${figureWords(topic, posterior.middle)}, four of five between ${figureWords(topic, posterior.low)} and ${figureWords(topic, posterior.high)}`}
        say={(value) => figureWords(topic, value)}
      />
      <Stack $gap={2}>
        <div>
          <strong>{name}</strong>
          <p>{words}.</p>
        </div>
        {breakAt ? (
          <Notice tone="ask">
            <Row>
              <span>From {breakAt.on} on it is another series: was the oven mended or replaced?</span>
              <Button onPress={() => change({ since: { ...learning.since, [series]: breakAt.on } })}>
                Yes: begin anew there
              </Button>
            </Row>
          </Notice>
        ) : null}
        {time && learnt.moved ? <FromNowOn learnt={learnt} learning={learning} change={change} /> : null}
        <TaughtBy learnt={learnt} learning={learning} bakes={bakes} change={change} />
        <TaughtNothing learnt={learnt} learning={learning} bakes={bakes} change={change} />
        {taught.length > 0 ? (
          <Row>
            <Button
              $weight="quiet"
              aria-label={`Forget all of ${name}`}
              onPress={() => change({ since: { ...learning.since, [series]: dayAfterLast(taught) } })}
            >
              Forget it all
            </Button>
          </Row>
        ) : null}
      </Stack>
    </Item>
  );
}

/** A time that dockets are to count with from now on; or no longer. */
function FromNowOn({ learnt, learning, change }: Omit<Props, 'bakes'>) {
  const { time, posterior, taught } = learnt;
  const { times } = learning;
  const held = times.find((one) => sameTime(one, time!));
  const others = times.filter((one) => !sameTime(one, time!));
  const factor = Number(posterior.middle.toFixed(3));
  const take = () => change({ times: [...others, { ...time!, factor, bakes: taught.length, on: today() }] });
  const example = `a bake of an hour: ${Math.round(60 * factor)} minutes`;
  return (
    <Row $gap={3}>
      {held ? (
        <>
          <Small>
            Dockets count with {held.factor.toFixed(2)} × since {held.on} ({held.bakes} bakes).
          </Small>
          {Math.abs(held.factor - factor) >= 0.005 ? (
            <Button onPress={take}>Now {factor.toFixed(2)} ×</Button>
          ) : null}
          <Button $weight="quiet" onPress={() => change({ times: others })}>
            No longer
          </Button>
        </>
      ) : (
        <>
          <Button $weight="strong" onPress={take}>
            From now on
          </Button>
          <Small>{example}</Small>
        </>
      )}
    </Row>
  );
}

const without = (list: readonly string[], id: string) => list.filter((one) => one !== id);
const bakeWords = (bakes: Props['bakes'], id: string, on: string) => {
  const bake = bakes.get(id);
  return bake ? `${bake.title}, ${on}` : on;
};

/** Which bakes taught it. */
function TaughtBy({ learnt: { taught, topic }, learning, bakes, change }: Props) {
  if (taught.length === 0) return null;
  return (
    <Fold name={`Taught by ${taught.length === 1 ? 'one bake' : `${taught.length} bakes`}`}>
      <ul>
        {taught.map(({ bake, on, value }) => (
          <li key={bake}>
            <Row>
              <span>
                {bakeWords(bakes, bake, on)}: {figureWords(topic, value)}
              </span>
              <Button
                $weight="quiet"
                aria-label={`Forget ${bakeWords(bakes, bake, on)}`}
                onPress={() => change({ forgotten: [...without(learning.forgotten, bake), bake] })}
              >
                Forget it
              </Button>
            </Row>
          </li>
        ))}
      </ul>
    </Fold>
  );
}

/** Which bakes taught nothing, and why; what is only far off may be learnt anyway. */
function TaughtNothing({ learnt: { refused }, learning, bakes, change }: Props) {
  if (refused.length === 0) return null;
  return (
    <Fold name={`${refused.length} taught nothing`}>
      <ul>
        {refused.map(({ bake, on, why, ask }) => (
          <li key={bake}>
            <Row>
              <span>
                {bakeWords(bakes, bake, on)}: {why}
              </span>
              {ask ? (
                <Button
                  aria-label={`Learn ${bakeWords(bakes, bake, on)} anyway`}
                  onPress={() => change({ trusted: [...without(learning.trusted, bake), bake] })}
                >
                  Learn it anyway
                </Button>
              ) : null}
              {learning.forgotten.includes(bake) ? (
                <Button
                  $weight="quiet"
                  aria-label={`Count ${bakeWords(bakes, bake, on)} again`}
                  onPress={() => change({ forgotten: without(learning.forgotten, bake) })}
                >
                  Count it again
                </Button>
              ) : null}
            </Row>
          </li>
        ))}
      </ul>
    </Fold>
  );
}

const Item = styled.li`
  display: grid;
  grid-template-columns: 260px minmax(0, 1fr);
  gap: ${({ theme }) => theme.space(6)};
  padding: ${({ theme }) => theme.space(3)} 0;
  border-top: 1px solid ${({ theme }) => theme.colour.line};
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
