import { useRef, type KeyboardEvent } from 'react';
import { styled } from 'styled-components';
import type { Part } from '@omniarton/core/read';
import { Heading, Stack } from '../../ui/layout';
import { useEngine } from '../../state/bench/onBench';
import { LineRow } from './LineRow';

const NONE: readonly Part[] = [];

/** Up and down go from line to line; Enter, on a line, opens it. */
function useArrows() {
  const frame = useRef<HTMLDivElement>(null);
  const onKeyDown = (event: KeyboardEvent) => {
    const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    const rows = [...(frame.current?.querySelectorAll<HTMLElement>('[data-line]') ?? [])];
    const at = rows.indexOf(event.target as HTMLElement);
    const next = rows[at + step];
    if (step === 0 || at < 0 || !next) return;
    event.preventDefault();
    next.focus();
  };
  return { ref: frame, onKeyDown };
}

/** Each line as it was written, and what it weighs, part by part. */
export function ReadLines() {
  const parts = useEngine(({ answer }) => (answer?.scaled ?? answer?.recipe)?.parts ?? NONE);
  const weighed = parts.filter(({ lines }) => lines.some(({ kind }) => kind === 'ingredient'));
  const arrows = useArrows();
  if (weighed.length === 0)
    return (
      <p>
        No line has been read as an ingredient yet. Paste the list and the method; each line becomes a weight.
      </p>
    );
  return (
    <Stack $gap={5} {...arrows}>
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
