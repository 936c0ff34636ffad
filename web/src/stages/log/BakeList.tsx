import { useState } from 'react';
import { styled } from 'styled-components';
import type { BakeAnswer } from '@omniarton/contracts';
import { useBakes } from '../../state/bakes/useBakes';
import type { Failure } from '../../api/http';
import { failureWords } from '../../api/words';
import { useDraft } from '../../state/bench/onBench';
import { Button } from '../../ui/Button';
import { Heading, Small } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { BakeRow } from './BakeRow';
import { CompareBakes } from './CompareBakes';
import { OverTime } from './OverTime';

/** Where a bake stands in time; those of one moment as they were written down. */
const placeOf = ({ id, createdAt, doc }: BakeAnswer): string => `${doc.notes.bakedOn} ${createdAt} ${id}`;

/** No more are held side by side. */
const MOST = 4;

/** Every bake of this recipe, the newest day first. */
export function BakeList() {
  const household = useDraft((draft) => draft.household);
  const recipe = useDraft((draft) => draft.id);
  const stored = useDraft((draft) => draft.base > 0);
  const [cursors, setCursors] = useState<readonly (string | undefined)[]>([undefined]);
  const { data } = useBakes({ household, recipe }, !stored);
  const [compared, setCompared] = useState<readonly BakeAnswer[]>([]);
  const compare = (bake: BakeAnswer, on: boolean) =>
    setCompared((those) => [...those.filter(({ id }) => id !== bake.id), ...(on ? [bake] : [])].slice(-MOST));
  // As they are now, the oldest first: the others are held against it.
  const held = compared
    .map((bake) => data?.items.find(({ id }) => id === bake.id) ?? bake)
    .sort((a, b) => (placeOf(a) < placeOf(b) ? -1 : 1));
  const none = !stored || data?.items.length === 0;
  return (
    <section aria-labelledby="bakes">
      <Heading id="bakes">Bakes so far</Heading>
      {none ? (
        <Small>Never tried: none is written down yet.</Small>
      ) : (
        <List>
          {cursors.map((cursor, at) => (
            <BakePage
              key={cursor ?? 'first'}
              household={household}
              recipe={recipe}
              cursor={cursor}
              compared={compared}
              onCompare={compare}
              onMore={at === cursors.length - 1 ? (next) => setCursors([...cursors, next]) : undefined}
            />
          ))}
        </List>
      )}
      {data ? <OverTime bakes={data.items} /> : null}
      {held.length > 1 ? <CompareBakes household={household} recipe={recipe} bakes={held} /> : null}
    </section>
  );
}

interface PageProps {
  readonly household: string;
  readonly recipe: string;
  readonly cursor: string | undefined;
  readonly compared: readonly BakeAnswer[];
  readonly onCompare: (bake: BakeAnswer, on: boolean) => void;
  readonly onMore: ((next: string) => void) | undefined;
}

/** A hundred bakes at most; older ones when they are asked for. */
function BakePage({ household, recipe, cursor, compared, onCompare, onMore }: PageProps) {
  const { data, error } = useBakes({ household, recipe, ...(cursor ? { cursor } : {}) });
  if (error && !data)
    return (
      <li data-wide>
        <Notice tone="danger">{failureWords(error as Failure)}</Notice>
      </li>
    );
  if (!data)
    return (
      <li data-wide role="status">
        Fetching …
      </li>
    );
  const { items, next } = data;
  return (
    <>
      {items.map((bake) => (
        <BakeRow
          key={bake.id}
          bake={bake}
          household={household}
          recipe={recipe}
          compared={compared.some(({ id }) => id === bake.id)}
          onCompare={(on) => onCompare(bake, on)}
        />
      ))}
      {next !== null && onMore ? (
        <li data-wide>
          <Button onPress={() => onMore(next)}>Show older ones</Button>
        </li>
      ) : null}
    </>
  );
}

const List = styled.ul`
  display: grid;
  margin-top: ${({ theme }) => theme.space(2)};
  > li {
    display: grid;
    grid-template-columns: 6.5rem minmax(0, 1fr);
    align-items: start;
    gap: ${({ theme }) => theme.space(4)};
    padding: ${({ theme }) => theme.space(2.5)} 0;
    border-top: 1px solid ${({ theme }) => theme.colour.line};
  }
  /* Hundreds of them scroll: what is out of sight isn't drawn. */
  > li:not([data-wide]) {
    content-visibility: auto;
    contain-intrinsic-size: auto 9rem;
  }
  > li[data-wide] {
    display: block;
    border-top: 0;
  }
  > li:not([data-wide]) > :first-child {
    text-align: right;
  }
  > li > :nth-child(3) {
    grid-column: 2;
  }
  small {
    font-size: 0.5em;
  }
  ${({ theme }) => theme.phone} {
    > li {
      grid-template-columns: 5.5rem minmax(0, 1fr);
    }
  }
`;
