import { memo, useMemo, useState } from 'react';
import { styled } from 'styled-components';
import { threadsOf, type Thread, type ThreadEnd, type Threads as AllThreads } from '@omniarton/core/docket';
import { Heading } from '../../ui/layout';
import { sayGrams } from '../../words/say';
import { useRestedDocket, useEngine } from '../../state/bench/onBench';

const ROW = 36;
const WIDTH = 120;
const THIN = 1.5;
const THICK = 20;

/** Where each gram went: the recipe's lines on the left, the docket's on the right, and a thread for what stands in the place of what. */
export function Threads() {
  const docket = useRestedDocket();
  const recipe = useEngine(({ answer }) => answer?.scaled ?? answer?.recipe ?? null);
  const threads = useMemo(() => (docket && recipe ? threadsOf(recipe, docket) : null), [docket, recipe]);
  const [held, setHeld] = useState<string | null>(null);
  if (!threads || threads.after.length === 0) return null;
  return (
    <section aria-labelledby="threads">
      <Heading id="threads">Where each gram went</Heading>
      <Cloth onPointerLeave={() => setHeld(null)}>
        <Ends ends={threads.before} side="before" held={held} threads={threads} onHold={setHeld} />
        <Woven threads={threads} held={held} />
        <Ends ends={threads.after} side="after" held={held} threads={threads} onHold={setHeld} />
      </Cloth>
    </section>
  );
}

const touches = (thread: Thread, held: string | null) =>
  held !== null && (thread.from === held || thread.to === held);

/** What a line is tied to, in words. */
function tied({ before, after, threads }: AllThreads, end: ThreadEnd, side: 'before' | 'after'): string {
  const others = side === 'after' ? before : after;
  const names = threads.flatMap((thread) => {
    if ((side === 'after' ? thread.to : thread.from) !== end.id) return [];
    const other = others.find(({ id }) => id === (side === 'after' ? thread.from : thread.to));
    return other && other.name !== end.name ? [other.name] : other ? [''] : [];
  });
  if (names.length === 0) return side === 'after' ? 'new' : 'gone';
  const said = names.filter((name) => name !== '');
  return said.length === 0 ? '' : `${side === 'after' ? 'from' : 'becomes'} ${said.join(', ')}`;
}

interface EndsProps {
  readonly ends: readonly ThreadEnd[];
  readonly side: 'before' | 'after';
  readonly held: string | null;
  readonly threads: AllThreads;
  readonly onHold: (id: string) => void;
}

const Ends = memo(function Ends({ ends, side, held, threads, onHold }: EndsProps) {
  return (
    <List data-side={side} aria-label={side === 'before' ? 'As it was' : 'As it is'}>
      {ends.map((end) => {
        const words = tied(threads, end, side);
        return (
          <li
            key={end.id}
            data-held={held === end.id || undefined}
            data-new={words === 'new' || words === 'gone' || undefined}
            onPointerEnter={() => onHold(end.id)}
          >
            <b>{sayGrams(end.grams)}</b>
            <span>{end.name}</span>
            {words === 'new' || words === 'gone' ? <i>{words}</i> : <Hidden>{words}</Hidden>}
          </li>
        );
      })}
    </List>
  );
});

/** The threads, as thick as they are heavy. Words beside them say the same. */
const Woven = memo(function Woven({
  threads,
  held,
}: {
  readonly threads: AllThreads;
  readonly held: string | null;
}) {
  const { before, after } = threads;
  const rows = Math.max(before.length, after.length);
  const most = Math.max(1, ...threads.threads.map(({ grams }) => grams));
  const y = (ends: readonly ThreadEnd[], id: string) => (ends.findIndex((end) => end.id === id) + 0.5) * ROW;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${rows * ROW}`}
      height={rows * ROW}
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      {threads.threads.map((thread) => {
        const [from, to] = [y(before, thread.from), y(after, thread.to)];
        const same =
          before.find(({ id }) => id === thread.from)?.ingredient ===
          after.find(({ id }) => id === thread.to)?.ingredient;
        return (
          <path
            key={`${thread.from}>${thread.to}`}
            d={`M0 ${from}C${WIDTH / 2} ${from} ${WIDTH / 2} ${to} ${WIDTH} ${to}`}
            strokeWidth={THIN + THICK * Math.sqrt(thread.grams / most)}
            data-same={same || undefined}
            data-held={touches(thread, held) || undefined}
          />
        );
      })}
    </svg>
  );
});

const Cloth = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(3.5rem, 9rem) minmax(0, 1fr);
  margin-top: ${({ theme }) => theme.space(2)};
  max-width: 56rem;
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr) 2.5rem minmax(0, 1.15fr);
    font-size: 0.88rem;
  }
  svg {
    width: 100%;
  }
  path {
    fill: none;
    stroke: ${({ theme }) => theme.colour.act};
    stroke-opacity: 0.55;
  }
  path[data-same] {
    stroke: ${({ theme }) => theme.colour.strong};
    stroke-opacity: 0.35;
  }
  path[data-held] {
    stroke-opacity: 1;
  }
`;
const List = styled.ul`
  li {
    display: flex;
    align-items: center;
    gap: ${({ theme }) => theme.space(2)};
    height: ${ROW}px;
    overflow: hidden;
    white-space: nowrap;
  }
  &[data-side='before'] li {
    flex-direction: row-reverse;
    color: ${({ theme }) => theme.colour.soft};
  }
  li[data-held] {
    color: ${({ theme }) => theme.colour.ink};
    text-decoration: underline;
  }
  b {
    flex: none;
    min-width: 3.2rem;
    text-align: right;
    font: 650 1.15rem/1 ${({ theme }) => theme.font.figures};
    font-variant-numeric: tabular-nums;
  }
  &[data-side='before'] b {
    min-width: 2.6rem;
  }
  span {
    overflow: hidden;
    text-overflow: ellipsis;
  }
  i {
    font: italic 400 0.9rem/1 ${({ theme }) => theme.font.written};
    color: ${({ theme }) => theme.colour.act};
  }
`;
const Hidden = styled.em`
  position: absolute;
  clip-path: inset(50%);
`;
