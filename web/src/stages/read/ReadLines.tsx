import { styled } from 'styled-components';
import type { Part } from '@omniarton/core/read';
import { Heading, Stack } from '../../ui/layout';
import { useEngine } from '../bench/onBench';
import { LineRow } from './LineRow';

const NONE: readonly Part[] = [];

/** What each line weighs, part by part. */
export function ReadLines() {
  const parts = useEngine(({ answer }) => answer?.recipe.parts ?? NONE);
  const weighed = parts.filter(({ lines }) => lines.some(({ kind }) => kind === 'ingredient'));
  if (weighed.length === 0)
    return (
      <p>
        No line has been read as an ingredient yet. Paste the list and the method; each line becomes a weight.
      </p>
    );
  return (
    <Stack $gap={5}>
      {weighed.map((part) => (
        <section key={part.id} aria-label={part.name ?? 'Ingredients'}>
          {part.name ? <Heading>{part.name}</Heading> : null}
          <List>
            {part.lines
              .filter(({ kind }) => kind === 'ingredient')
              .map((line) => (
                <LineRow key={line.id} line={line} />
              ))}
          </List>
        </section>
      ))}
    </Stack>
  );
}

const List = styled.ul`
  display: grid;
  border-top: 2px solid ${({ theme }) => theme.colour.ink};
`;
