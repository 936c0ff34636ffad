import { styled } from 'styled-components';
import type { Next } from '@omniarton/core/next';
import { CauseList } from '../../baked/CauseList';
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
      {verdict === 'within-taste' ? null : <CauseList causes={causes} />}
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

const Quiet = styled.span`
  color: ${({ theme }) => theme.colour.soft};
`;
