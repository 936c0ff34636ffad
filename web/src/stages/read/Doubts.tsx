import { styled } from 'styled-components';
import type { Finding } from '@omniarton/core/read';
import { Button } from '../../ui/Button';
import { Heading, Row } from '../../ui/layout';
import { useDraft, useEdit, useEngine } from '../../state/bench/onBench';

const NONE: readonly Finding[] = [];

/** What in the recipe can hardly be meant: a question each, with a guess to take; or it stands as written. */
export function Doubts({ onApart }: { readonly onApart: (line: string) => void }) {
  const ofPage = useEngine(({ answer }) => answer?.recipe.doubts ?? NONE);
  const ofHeat = useEngine(({ answer }) => answer?.process.doubts ?? NONE);
  const standing = useDraft(({ doc }) => doc.asWritten);
  const edit = useEdit();
  // What a line was taken for is asked where the page stands line by line.
  const open = [...ofPage, ...ofHeat].filter(
    ({ id, kind }) => kind !== 'unsure-kind' && !standing.includes(id),
  );
  if (open.length === 0) return null;
  const take = ({ line, to, grams }: Finding) => {
    if (to !== null) edit({ kind: 'line', line, to });
    else if (grams !== null) edit({ kind: 'correction', correction: { line, grams } });
  };
  return (
    <section aria-labelledby="doubts">
      <Heading id="doubts">
        {open.length === 1 ? 'One thing looks odd' : `${open.length} things look odd`}
      </Heading>
      <List>
        {open.map((one) => (
          <li key={one.id}>
            <p>
              <q>{one.source.trim()}</q> {one.asks}
            </p>
            <Row>
              {one.guess !== null && (one.to !== null || one.grams !== null) ? (
                <Button onPress={() => take(one)}>Make it {one.guess}</Button>
              ) : null}
              {one.kind === 'another-recipe' ? (
                <Button onPress={() => onApart(one.line)}>Put it on a sheet of its own</Button>
              ) : null}
              <Button
                $weight="quiet"
                aria-label={`It is as written: ${one.source.trim()}`}
                onPress={() => edit({ kind: 'asWritten', doubt: one.id })}
              >
                It is as written
              </Button>
            </Row>
          </li>
        ))}
      </List>
    </section>
  );
}

const List = styled.ul`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  margin-top: ${({ theme }) => theme.space(2)};
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: ${({ theme }) => theme.space(2)};
    padding: ${({ theme }) => `${theme.space(1.5)} ${theme.space(3)}`};
    border-left: 4px solid ${({ theme }) => theme.colour.ask};
    background: ${({ theme }) => theme.colour.askWash};
  }
  p {
    flex: 1 1 18rem;
  }
  q {
    font-family: ${({ theme }) => theme.font.written};
    font-style: italic;
    overflow-wrap: anywhere;
  }
`;
