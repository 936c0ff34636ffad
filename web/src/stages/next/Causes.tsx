import { styled } from 'styled-components';
import type { Next } from '@omniarton/core/next';
import { Fold } from '../../ui/Fold';
import { Heading, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { TableBehind } from './TableBehind';

const FIRST: Readonly<Record<Next['diagnosis']['verdict'], string>> = {
  causes: 'Likeliest first',
  'within-taste': 'Within taste',
  'cannot-tell': 'It can’t be told',
};

/** Why, as far as it can be told: causes with what speaks for and against each, and the cheapest that would tell. */
export function Causes({ next }: { readonly next: Next }) {
  const { diagnosis, test } = next;
  const { verdict, because, causes, ruledOut } = diagnosis;
  return (
    <Stack as="section" aria-labelledby="why" $gap={3}>
      <Heading id="why">Why: {FIRST[verdict]}</Heading>
      {because ? <Notice tone={verdict === 'within-taste' ? 'calm' : 'ask'}>{because}</Notice> : null}
      {verdict === 'within-taste' ? null : (
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
      )}
      {test ? (
        <p>
          <b>What would tell:</b> {test.how} It costs {test.costs}.
        </p>
      ) : null}
      {ruledOut.length > 0 && verdict !== 'within-taste' ? (
        <Fold name="Ruled out">
          <ul>
            {ruledOut.map(({ id, name, because: why }) => (
              <li key={id}>
                {name}: <Quiet>{why}</Quiet>
              </li>
            ))}
          </ul>
        </Fold>
      ) : null}
      {verdict === 'within-taste' ? null : <TableBehind causes={causes} />}
      <Small>
        Shares are ours to begin with: a table of what speaks for what, from common practice. They are no more
        certain than that.
      </Small>
    </Stack>
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
const Quiet = styled.span`
  color: ${({ theme }) => theme.colour.soft};
`;
