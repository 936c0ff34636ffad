import { styled } from 'styled-components';
import type { Caution, GuardReport, MethodGuard } from '@omniarton/core/guard';
import { Heading, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { useDocket, useEngine } from '../../state/bench/onBench';
import { CrossContact } from './CrossContact';
import { FlagTable } from './FlagTable';
import { LabelReader } from '../../labels/LabelReader';
import { KeptGuests } from './Kept';
import { OpenQuestions } from './OpenQuestions';
import { TableFor } from './Table';
import { avoidanceWords } from '../../words/guard';

const NONE: readonly Caution[] = [];
const NO_STEPS: readonly MethodGuard[] = [];
const NOTHING: GuardReport['notForEating'] = [];

/** Who must be kept from what: the table, the open questions, the flags, the method, the kitchen, the cautions. */
export function GuardStage() {
  const newTo = useDocket()?.guard.newTo ?? [];
  const cautions = useEngine(({ answer, outcome }) =>
    outcome?.outcome === 'docket' ? outcome.docket.guard.cautions : (answer?.guard.cautions ?? NONE),
  );
  return (
    <Stack $gap={7}>
      <TableFor />
      <KeptGuests />
      <NotForEating />
      {newTo.length > 0 ? (
        <Notice tone="ask">
          New to this bake, brought in by a swap: <strong>{newTo.map(avoidanceWords).join(', ')}</strong>.
          Tell whoever eats it.
        </Notice>
      ) : null}
      <OpenQuestions />
      <FlagTable />
      <MethodFlags />
      <LabelReader />
      <CrossContact />
      <section aria-labelledby="cautions">
        <Heading id="cautions">Cautions</Heading>
        <Lines>
          {cautions.map(({ id, text }) => (
            <li key={id}>{text}</li>
          ))}
        </Lines>
      </section>
    </Stack>
  );
}

/** Gluten that only the method names. */
function MethodFlags() {
  const steps = useEngine(({ answer }) => answer?.guard.method ?? NO_STEPS);
  if (steps.length === 0) return null;
  return (
    <section aria-labelledby="method-flags">
      <Heading id="method-flags">In the method, and on no line of the list</Heading>
      <Lines>
        {steps.map(({ step, words, source, reason, instead }) => (
          <li key={`${step} ${words}`} data-danger>
            <q>{source.trim()}</q> <strong>{words}</strong>: {reason}. Instead: {instead}.
          </li>
        ))}
      </Lines>
    </section>
  );
}

/** What stands on it and is no food. */
function NotForEating() {
  const inedible = useEngine(({ answer }) => answer?.guard.notForEating ?? NOTHING);
  if (inedible.length === 0) return null;
  return (
    <Notice tone="ask">
      Not for eating:{' '}
      {inedible.map(({ line, words, reason }, at) => (
        <span key={`${line} ${words}`}>
          {at > 0 ? '; ' : ''}
          <strong>{words}</strong> ({reason})
        </span>
      ))}
      . Keep it off what is eaten, and take it off before it is served.
    </Notice>
  );
}

const Lines = styled.ul`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  margin-top: ${({ theme }) => theme.space(2)};
  font-size: 0.94rem;
  max-width: 46rem;
  li {
    padding-left: ${({ theme }) => theme.space(3)};
    border-left: 2px solid ${({ theme }) => theme.colour.line};
  }
  li[data-danger] {
    border-left-color: ${({ theme }) => theme.colour.danger};
  }
  q {
    font-family: ${({ theme }) => theme.font.written};
    font-style: italic;
  }
`;
