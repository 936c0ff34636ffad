import { styled } from 'styled-components';
import { useParams } from 'react-router';
import type { KitchenDocument, KitchenLearning } from '@omniarton/core/kitchen';
import { useLearningQuery } from '../api/bakesApi';
import type { Failure } from '../api/http';
import { failureWords } from '../api/words';
import { cupboardPath, practicePath } from '../base/paths';
import { KitchenShell } from '../kitchen/KitchenShell';
import type { useKitchen } from '../state/kitchen/useKitchen';
import { Button, ButtonLink } from '../ui/Button';
import { Heading, Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { LearntRow } from './LearntRow';
import { LEARNT_TOPICS, TOPIC_WORDS } from './learntWords';

/** What a kitchen has learnt from its bakes: each thing with what was believed, what was seen, and what is believed now. */
export function LearningPage() {
  const { household = '' } = useParams();
  return (
    <KitchenShell
      household={household}
      title="What the kitchen has learnt"
      link={(name) => (
        <>
          <ButtonLink to={practicePath(household)}>Practice kitchen</ButtonLink>
          <ButtonLink to={cupboardPath(household)}>{name}</ButtonLink>
        </>
      )}
    >
      {(kitchen) => <AllLearnt household={household} kitchen={kitchen} />}
    </KitchenShell>
  );
}

function AllLearnt({
  household,
  kitchen: { doc, version, change },
}: {
  readonly household: string;
  readonly kitchen: ReturnType<typeof useKitchen>;
}) {
  const { data, error } = useLearningQuery({ household, version });
  const { learning } = doc;
  const set = (part: Partial<KitchenLearning>) =>
    change((now: KitchenDocument) => ({ ...now, learning: { ...now.learning, ...part } }));
  if (error) return <Notice tone="danger">{failureWords(error as Failure)}</Notice>;
  if (!data) return <Small role="status">Counting …</Small>;
  const bakes = new Map(data.bakes.map((one) => [one.id, one]));
  const said = learning.forgotten.length + learning.trusted.length + Object.keys(learning.since).length > 0;
  return (
    <Stack $gap={8}>
      <p>
        Each bake that is written down is held against what was foretold. Dashed: what is believed of kitchens
        before anything is seen. Ticks: what your bakes said. The line: what is believed now. Nothing changes
        a docket until you say “from now on”.
      </p>
      {LEARNT_TOPICS.map((topic) => {
        const own = data.learnt.filter((one) => one.topic === topic);
        return (
          <Stack as="section" key={topic} aria-labelledby={`learnt-${topic}`} $gap={2}>
            <Heading id={`learnt-${topic}`}>{TOPIC_WORDS[topic].name}</Heading>
            {own.length === 0 ? (
              <Small>Nothing yet: a bake teaches it by {TOPIC_WORDS[topic].wants}.</Small>
            ) : (
              <List>
                {own.map((learnt) => (
                  <LearntRow key={learnt.of} learnt={learnt} learning={learning} bakes={bakes} change={set} />
                ))}
              </List>
            )}
          </Stack>
        );
      })}
      {said ? (
        <Row>
          <Button onPress={() => set({ forgotten: [], trusted: [], since: {} })}>
            Take back all that was said here
          </Button>
        </Row>
      ) : null}
    </Stack>
  );
}

const List = styled.ul`
  list-style: none;
  ul {
    list-style: none;
  }
`;
