import { FAMILY_NAMES } from '@omniarton/core/vocabulary';
import { memo } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import type { RecipeSummary } from '@omniarton/contracts';
import { benchPath } from '../../base/paths';
import { Button } from '../../ui/Button';
import { Figure } from '../../ui/layout';
import { sayGrams, sayWhen } from '../../words/say';

interface Props {
  readonly household: string;
  readonly recipe: RecipeSummary;
  /** The people at its table by name. */
  readonly whom: string;
  /** Null: nothing is being chosen. */
  readonly chosen: boolean | null;
  readonly onChoose: (id: string, on: boolean) => void;
  readonly onFavourite: (id: string, favourite: boolean) => void;
  readonly onAway: (id: string) => void;
}

/** A recipe on the list: what the batch weighs first, then what it is and whom it is for. */
export const RecipeRow = memo(function RecipeRow({
  household,
  recipe,
  whom,
  chosen,
  onChoose,
  onFavourite,
  onAway,
}: Props) {
  const { id, title, batchGrams, family, diet, without, bakes, open, favourite, tags, updatedAt } = recipe;
  const name = title || 'Untitled';
  return (
    <Line>
      <Weight>
        {batchGrams === null ? '–' : sayGrams(batchGrams)}
        <small> g</small>
      </Weight>
      <div>
        <Name to={benchPath(household, id)}>{name}</Name>
        <About>
          {FAMILY_NAMES[family]} ·{' '}
          {[
            whom === '' ? diet : `for ${whom}`,
            ...without.map((one) => `no ${one}`),
            bakes === 0 ? 'never tried' : bakes === 1 ? 'baked once' : `baked ${bakes} times`,
            ...(open === null ? ['not worked out yet'] : []),
            ...(open ? [open === 1 ? '1 question open' : `${open} questions open`] : []),
            ...tags,
          ].join(' · ')}
        </About>
      </div>
      <time dateTime={updatedAt}>{sayWhen(updatedAt)}</time>
      {chosen === null ? (
        <Marks>
          <Button
            $weight="quiet"
            aria-pressed={favourite}
            aria-label={`“${name}” is a favourite`}
            onPress={() => onFavourite(id, !favourite)}
          >
            {favourite ? '★' : '☆'}
          </Button>
          <Button $weight="quiet" onPress={() => onAway(id)} aria-label={`Take “${name}” off the table`}>
            ✕
          </Button>
        </Marks>
      ) : (
        <Choose>
          <input
            type="checkbox"
            checked={chosen}
            aria-label={`Choose “${name}”`}
            onChange={({ target }) => onChoose(id, target.checked)}
          />
        </Choose>
      )}
    </Line>
  );
});

const Line = styled.li`
  position: relative;
  display: grid;
  grid-template-columns: 7rem minmax(0, 1fr) auto auto;
  align-items: center;
  gap: ${({ theme }) => theme.space(4)};
  padding: ${({ theme }) => theme.space(2.5)} 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  &:hover {
    background: ${({ theme }) => theme.colour.table};
  }
  time {
    font-size: 0.86rem;
    color: ${({ theme }) => theme.colour.soft};
  }
  ${({ theme }) => theme.phone} {
    grid-template-columns: 4.6rem minmax(0, 1fr) auto;
    gap: ${({ theme }) => theme.space(2.5)};
    time {
      display: none;
    }
  }
`;
const Marks = styled.div`
  position: relative;
  z-index: 1;
  display: flex;
`;
/** All of the row is the box to tick. */
const Choose = styled.label`
  display: grid;
  place-items: center;
  width: ${({ theme }) => theme.touch};
  height: ${({ theme }) => theme.touch};
  cursor: pointer;
  &::after {
    content: '';
    position: absolute;
    inset: 0;
    z-index: 1;
  }
  input {
    position: relative;
    z-index: 2;
    width: 22px;
    height: 22px;
    accent-color: ${({ theme }) => theme.colour.act};
  }
`;
const Weight = styled(Figure).attrs({ $size: 2 })`
  text-align: right;
  small {
    font-size: 0.5em;
    font-weight: 500;
  }
  ${({ theme }) => theme.phone} {
    font-size: 1.5rem;
  }
`;
const Name = styled(Link)`
  font: 550 1.2rem/1.25 ${({ theme }) => theme.font.written};
  color: ${({ theme }) => theme.colour.ink};
  text-decoration: none;
  &::after {
    content: '';
    position: absolute;
    inset: 0;
  }
`;
const About = styled.p`
  font-size: 0.9rem;
  color: ${({ theme }) => theme.colour.soft};
`;
