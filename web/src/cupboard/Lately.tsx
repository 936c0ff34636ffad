import { styled } from 'styled-components';
import type { MoveAnswer } from '@omniarton/contracts';
import { useMovesQuery } from '../api/cupboardApi';
import type { Failure } from '../api/http';
import { failureWords } from '../api/words';
import { Button } from '../ui/Button';
import { Fold } from '../ui/Fold';
import { Small } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { sayGrams, sayWhen } from '../words/say';
import { undoMove } from '../state/kitchen/bags';
import type { useCupboard } from '../state/kitchen/useCupboard';

interface Props extends Pick<ReturnType<typeof useCupboard>, 'bags' | 'write' | 'busy'> {
  readonly household: string;
  readonly nameOf: (ingredient: string) => string;
}

const WHY: Readonly<Record<MoveAnswer['why'], string>> = {
  weighed: 'weighed',
  bake: 'a bake',
  jar: 'a jar was mixed',
  shopping: 'bought',
  undone: 'put back',
  new: 'a new bag',
};
const CAN_UNDO = new Set<MoveAnswer['why']>(['weighed', 'bake', 'jar', 'shopping']);
const SHOWN = 20;

/** What went in and out of the bags lately, each with its way back. */
export const Lately = (props: Props) => (
  <Fold name="What went in and out lately">
    <Moves {...props} />
  </Fold>
);

function Moves({ household, nameOf, bags, write, busy }: Props) {
  const { data, error } = useMovesQuery(household);
  const names = new Map(bags.map(({ id, doc }) => [id, nameOf(doc.ingredient)]));
  if (error) return <Notice tone="danger">{failureWords(error as Failure)}</Notice>;
  if (!data) return <p role="status">Fetching …</p>;
  if (data.length === 0) return <Small>Nothing yet.</Small>;
  return (
    <List>
      {data.slice(0, SHOWN).map(({ id, why, at, undone, entries }) => (
        <li key={id}>
          <span>
            {sayWhen(at)}: {WHY[why]}
            {undone ? ', and put back' : ''}
            <Small as="span">
              {' · '}
              {entries
                .map(
                  ({ bag, grams }) =>
                    `${grams < 0 ? '−' : '+'}${sayGrams(Math.abs(grams))} g ${names.get(bag) ?? 'a bag that is gone'}`,
                )
                .join(', ')}
            </Small>
          </span>
          {CAN_UNDO.has(why) && !undone ? (
            <Button
              $weight="quiet"
              isDisabled={busy}
              aria-label={`Undo: ${WHY[why]}, ${sayWhen(at)}`}
              onPress={() => void write(undoMove(household, id))}
            >
              Undo
            </Button>
          ) : null}
        </li>
      ))}
    </List>
  );
}

const List = styled.ul`
  display: grid;
  li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: ${({ theme }) => theme.space(3)};
    min-height: ${({ theme }) => theme.touch};
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  }
`;
