import { styled } from 'styled-components';
import type { RankedCause } from '@omniarton/core/next';
import { Small } from '../ui/layout';

/** Causes of what was seen, the likeliest first, each with what speaks for it and against it. */
export function CauseList({ causes }: { readonly causes: readonly RankedCause[] }) {
  return (
    <List>
      {causes.map(({ id, name, likelihood, for: pro, against }) => (
        <li key={id}>
          <Share>
            <b>{Math.round(likelihood * 100)} %</b>
            <span aria-hidden="true" style={{ width: `${Math.max(2, likelihood * 100)}%` }} />
          </Share>
          <div>
            <strong>{name}</strong>
            {pro.map((one) => (
              <p key={one}>+ {one}</p>
            ))}
            {against.map((one) => (
              <Small key={one}>− {one}</Small>
            ))}
          </div>
        </li>
      ))}
    </List>
  );
}

const List = styled.ol`
  display: grid;
  gap: ${({ theme }) => theme.space(3)};
  list-style: none;
  > li {
    display: grid;
    grid-template-columns: 6rem minmax(0, 1fr);
    gap: ${({ theme }) => theme.space(4)};
  }
`;
const Share = styled.div`
  b {
    display: block;
    font: 650 1.4rem/1.1 ${({ theme }) => theme.font.figures};
  }
  span {
    display: block;
    height: 5px;
    margin-top: ${({ theme }) => theme.space(1)};
    background: ${({ theme }) => theme.colour.act};
  }
`;
