import { styled } from 'styled-components';
import type { Next, NextChange } from '@omniarton/core/next';
import { Button } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';

interface Props {
  readonly next: Next;
  /** Asks for it, and begins the sheet of its bake. */
  readonly take: (change: NextChange) => void;
}

/** One thing to do otherwise, as the next variant; two others beside it. */
export function Changes({ next, take }: Props) {
  const [first, ...others] = next.changes;
  if (!first) return next.stop ? <p>{next.stop}</p> : null;
  return (
    <Stack as="section" aria-labelledby="one-change" $gap={4}>
      <Heading id="one-change">One thing to change</Heading>
      {next.stop ? <p>{next.stop}</p> : null}
      <One change={first} take={take} strong />
      {others.length > 0 ? (
        <>
          <Heading as="h3">Or else</Heading>
          <Two>
            {others.map((one) => (
              <One key={one.cause} change={one} take={take} />
            ))}
          </Two>
        </>
      ) : null}
    </Stack>
  );
}

function One({
  change,
  take,
  strong,
}: { readonly change: NextChange; readonly strong?: boolean } & Pick<Props, 'take'>) {
  const { causeName, words, moves, expect, costs, request } = change;
  return (
    <Stack $gap={2}>
      {strong ? <Said>{words}</Said> : <strong>{words}</strong>}
      <Small>If it was {causeName}.</Small>
      {moves.length > 0 ? (
        <Moves>
          {moves.map(({ what, from, to }) => (
            <li key={what}>
              {what}: {from} → <b>{to}</b>
            </li>
          ))}
        </Moves>
      ) : request ? (
        <Small>On the docket it moves nothing that kitchen scales would tell.</Small>
      ) : null}
      <p>To be expected: {expect}.</p>
      <Row>
        <Button {...(strong ? { $weight: 'strong' as const } : {})} onPress={() => take(change)}>
          Try this next
        </Button>
        <Small>It costs {costs} to try.</Small>
      </Row>
    </Stack>
  );
}

const Said = styled.p`
  font: 600 1.35rem/1.3 ${({ theme }) => theme.font.written};
`;
const Two = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(16rem, 1fr));
  gap: ${({ theme }) => theme.space(6)};
`;
const Moves = styled.ul`
  list-style: none;
  font-variant-numeric: tabular-nums;
`;
