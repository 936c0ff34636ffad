import { styled } from 'styled-components';
import type { LearningBake } from '@omniarton/contracts';
import { KEPT_TOPICS, type KeptTopic, type KitchenLearning, type LearntTime } from '@omniarton/core/kitchen';
import type { Learnt } from '@omniarton/core/next';
import { Button } from '../ui/Button';
import { Fold } from '../ui/Fold';
import { Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { today } from '../words/say';
import { BeliefPicture } from './BeliefPicture';
import { bakesWords, believedWords, figureWords, ofWords } from './learntWords';

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
        {learnt.moved ? <FromNowOn learnt={learnt} learning={learning} change={change} /> : null}
        <TaughtBy learnt={learnt} learning={learning} bakes={bakes} change={change} />
        <TaughtNothing learnt={learnt} learning={learning} bakes={bakes} change={change} />
        {taught.length > 0 && topic !== 'density' ? (
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

/** What dockets count with of it already, and how another value is put in its place (null: none). */
function keptOf(
  { topic, of, time, taught }: Learnt,
  { times, kept }: KitchenLearning,
): {
  readonly held?: { readonly value: number; readonly bakes: number; readonly on: string };
  readonly put: (value: number | null) => Partial<KitchenLearning>;
} | null {
  const now = { bakes: taught.length, on: today() };
  if (time) {
    const held = times.find((one) => sameTime(one, time));
    const others = times.filter((one) => !sameTime(one, time));
    return {
      ...(held && { held: { ...held, value: held.factor } }),
      put: (factor) => ({ times: factor === null ? others : [...others, { ...time, factor, ...now }] }),
    };
  }
  const keeps = KEPT_TOPICS.find((one): one is KeptTopic => one === topic);
  if (!keeps) return null;
  const isIt = (one: KitchenLearning['kept'][number]) => one.topic === keeps && one.of === of;
  const held = kept.find(isIt);
  const others = kept.filter((one) => !isIt(one));
  return {
    ...(held && { held }),
    put: (value) => ({ kept: value === null ? others : [...others, { topic: keeps, of, value, ...now }] }),
  };
}

/** Less than this is the same figure. */
const SAME = { factor: 0.005, celsius: 0.1 };

/** A figure that dockets are to count with from now on; or no longer. */
function FromNowOn({ learnt, learning, change }: Omit<Props, 'bakes'>) {
  const { topic, posterior, time } = learnt;
  const kept = keptOf(learnt, learning);
  if (!kept) return null;
  const { held, put } = kept;
  const value = Number(posterior.middle.toFixed(3));
  const same = topic === 'done' ? SAME.celsius : SAME.factor;
  // As the product has it already: there is nothing to take over.
  if (!held && Math.abs(value - (topic === 'done' ? 0 : 1)) < same) return null;
  return (
    <Row $gap={3}>
      {held ? (
        <>
          <Small>
            Dockets count with {figureWords(topic, held.value)} since {held.on} ({bakesWords(held.bakes)}).
          </Small>
          {Math.abs(held.value - value) >= same ? (
            <Button onPress={() => change(put(value))}>Now {figureWords(topic, value)}</Button>
          ) : null}
          <Button $weight="quiet" onPress={() => change(put(null))}>
            No longer
          </Button>
        </>
      ) : (
        <>
          <Button $weight="strong" onPress={() => change(put(value))}>
            From now on
          </Button>
          <Small>
            {time
              ? `a bake of an hour: ${Math.round(60 * value)} minutes`
              : `dockets count with ${figureWords(topic, value)}`}
          </Small>
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
    <Fold name={`Taught by ${topic === 'density' ? 'weighing it' : bakesWords(taught.length)}`}>
      <ul>
        {taught.map(({ bake, on, value }) => (
          <li key={bake}>
            <Row>
              <span>
                {bakeWords(bakes, bake, on)}: {figureWords(topic, value)}
              </span>
              {bakes.has(bake) ? (
                <Button
                  $weight="quiet"
                  aria-label={`Forget ${bakeWords(bakes, bake, on)}`}
                  onPress={() => change({ forgotten: [...without(learning.forgotten, bake), bake] })}
                >
                  Forget it
                </Button>
              ) : null}
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
