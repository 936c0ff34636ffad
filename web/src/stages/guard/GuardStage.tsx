import { styled } from 'styled-components';
import type { Caution, GuardReport, MethodGuard } from '@omniarton/core/guard';
import { Heading, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { useDocket, useEngine } from '../bench/onBench';
import { FlagTable } from './FlagTable';
import { LabelReader } from './LabelReader';
import { OpenQuestions } from './OpenQuestions';
import { TableFor } from './Table';
import { avoidanceWords } from './words';

const NONE: readonly Caution[] = [];
const NO_STEPS: readonly MethodGuard[] = [];
const NO_CHECKS: GuardReport['crossContact'] = [];

/** Who must be kept from what: the table, the open questions, the flags, the method, the kitchen, the cautions. */
export function GuardStage() {
  const newTo = useDocket()?.guard.newTo ?? [];
  const cautions = useEngine(({ answer, outcome }) =>
    outcome?.outcome === 'docket' ? outcome.docket.guard.cautions : (answer?.guard.cautions ?? NONE),
  );
  return (
    <Stack $gap={7}>
      <TableFor />
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

/** What to see to in the kitchen before and while it is baked, for somebody who needs certified goods. */
function CrossContact() {
  const checks = useEngine(({ answer }) => answer?.guard.crossContact ?? NO_CHECKS);
  if (checks.length === 0) return null;
  return (
    <section aria-labelledby="cross-contact">
      <Heading id="cross-contact">Against cross-contact, on the day</Heading>
      <Small>From whom it is for, and from what the method works with.</Small>
      <Lines>
        {checks.map(({ id, check }) => (
          <li key={id}>☐ {check}</li>
        ))}
      </Lines>
    </section>
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
