import { styled } from 'styled-components';
import type { NoDocket } from '@omniarton/core/docket';
import { say } from '@omniarton/core/words';

const HEADS: Readonly<Record<NoDocket['outcome'], string>> = {
  infeasible: 'No docket: the wishes clash.',
  'nothing-to-convert': 'Nothing to convert.',
};

/** Why there is no docket, and what could be let go. */
export function NoDocketPaper({
  outcome,
  awaited,
}: {
  readonly outcome: NoDocket | null;
  readonly awaited: boolean;
}) {
  if (awaited) return <Slip role="status">The docket is being worked out …</Slip>;
  if (!outcome) return <Slip>The docket comes here as soon as a recipe is on the table.</Slip>;
  return (
    <Slip role="status">
      <h2>{HEADS[outcome.outcome]}</h2>
      {outcome.reasons.map(say).map((reason) => (
        <p key={reason}>{reason}</p>
      ))}
      {outcome.relax.length > 0 ? (
        <ul>
          {outcome.relax.map(say).map((one) => (
            <li key={one}>→ {one}</li>
          ))}
        </ul>
      ) : null}
    </Slip>
  );
}

const Slip = styled.div`
  display: grid;
  gap: ${({ theme }) => theme.space(3)};
  padding: ${({ theme }) => theme.space(5)};
  border: 2px dashed ${({ theme }) => theme.colour.strong};
  h2 {
    font: 620 1.25rem/1.2 ${({ theme }) => theme.font.written};
  }
`;
