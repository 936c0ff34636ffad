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
  readonly onRemove: () => void;
}

/** A recipe on the list: what the batch weighs first, then what it is and whom it is for. */
export const RecipeRow = memo(function RecipeRow({ household, recipe, whom, onRemove }: Props) {
  const { id, title, batchGrams, family, diet, without, bakes, updatedAt } = recipe;
  return (
    <Line>
      <Weight>
        {batchGrams === null ? '–' : sayGrams(batchGrams)}
        <small> g</small>
      </Weight>
      <div>
        <Name to={benchPath(household, id)}>{title || 'Untitled'}</Name>
        <About>
          {FAMILY_NAMES[family]} ·{' '}
          {[
            whom === '' ? diet : `for ${whom}`,
            ...without.map((one) => `no ${one}`),
            bakes === 0 ? 'never tried' : bakes === 1 ? 'baked once' : `baked ${bakes} times`,
          ].join(' · ')}
        </About>
      </div>
      <time dateTime={updatedAt}>{sayWhen(updatedAt)}</time>
      <Button $weight="quiet" onPress={onRemove} aria-label={`Take “${title || 'Untitled'}” off the table`}>
        ✕
      </Button>
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
  button {
    position: relative;
    z-index: 1;
  }
  ${({ theme }) => theme.phone} {
    grid-template-columns: 4.6rem minmax(0, 1fr) auto;
    gap: ${({ theme }) => theme.space(2.5)};
    time {
      display: none;
    }
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
