import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { v7 as newId } from 'uuid';
import type { RecipeDocument } from '@omniarton/core/kitchen';
import { benchPath } from '../../base/paths';
import { useAppDispatch } from '../../state/state';
import { resolved } from '../../state/draft/draftSlice';
import { openNew } from '../../state/draft/opening';
import { Button } from '../../ui/Button';
import { Row, Small } from '../../ui/layout';
import { sayWhen } from '../../words/say';
import { useDraft } from '../../state/bench/onBench';

/** Two versions of one recipe, side by side; either may be kept, or both. */
export function ConflictPanel() {
  const { id, household, doc, save } = useDraft((draft) => draft);
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  if (save.status !== 'conflict') return null;
  const { stored } = save;
  const keepBoth = () => {
    const copy = newId();
    const { title } = doc.asRead;
    // The name is read out of the text, so that is where the copies are told apart.
    const text = title ? doc.text.replace(title, `${title} (my version)`) : doc.text;
    dispatch(openNew({ household, recipe: copy }, { ...doc, text }));
    dispatch(resolved({ id, keep: 'theirs', stored }));
    void navigate(benchPath(household, copy));
  };
  return (
    <Panel aria-labelledby="two-versions">
      <h2 id="two-versions">This recipe was saved elsewhere in between.</h2>
      <Two>
        <Version name="Yours, not saved yet" doc={doc} other={stored.doc} />
        <Version name={`Saved ${sayWhen(stored.updatedAt)}`} doc={stored.doc} other={doc} />
      </Two>
      <Row>
        <Button $weight="strong" onPress={() => dispatch(resolved({ id, keep: 'mine', stored }))}>
          Keep yours
        </Button>
        <Button onPress={() => dispatch(resolved({ id, keep: 'theirs', stored }))}>Keep the saved one</Button>
        <Button onPress={keepBoth}>Keep both</Button>
      </Row>
    </Panel>
  );
}

interface VersionProps {
  readonly name: string;
  readonly doc: RecipeDocument;
  readonly other: RecipeDocument;
}

function Version({ name, doc, other }: VersionProps) {
  const theirs = new Set(other.text.split('\n'));
  const { diet, without, school } = doc.request;
  return (
    <div>
      <h3>{name}</h3>
      <Small>{[diet, school, ...without.map((one) => `no ${one}`)].join(' · ')}</Small>
      <pre>
        {doc.text.split('\n').map((line, at) => (
          <span key={at} data-differs={!theirs.has(line) || undefined}>
            {line}
            {'\n'}
          </span>
        ))}
      </pre>
    </div>
  );
}

const Panel = styled.section`
  display: grid;
  gap: ${({ theme }) => theme.space(3)};
  padding: ${({ theme }) => theme.space(4)};
  border: 2px solid ${({ theme }) => theme.colour.danger};
  background: ${({ theme }) => theme.colour.paper};
`;
const Two = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(16rem, 1fr));
  gap: ${({ theme }) => theme.space(4)};
  pre {
    max-height: 18rem;
    overflow: auto;
    margin: ${({ theme }) => theme.space(2)} 0 0;
    font: 400 0.92rem/1.4 ${({ theme }) => theme.font.written};
    white-space: pre-wrap;
  }
  [data-differs] {
    background: ${({ theme }) => theme.colour.mark};
  }
`;
