import { styled } from 'styled-components';
import type { Caution } from '@omniarton/core/guard';
import { AVOIDANCES, DIETS, type Avoidance } from '@omniarton/core/vocabulary';
import { Toggle } from '../../settings/SettingsPage';
import { Chip } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { useDocket, useEngine, useRequest } from '../bench/onBench';
import { FlagTable } from './FlagTable';
import { OpenQuestions } from './OpenQuestions';
import { avoidanceWords } from './words';

const NONE: readonly Caution[] = [];

/** Who must be kept from what: the table, the flags, the open questions, the cautions. */
export function GuardStage() {
  const newTo = useDocket()?.guard.newTo ?? [];
  const cautions = useEngine(({ answer, outcome }) =>
    outcome?.outcome === 'docket' ? outcome.docket.guard.cautions : (answer?.guard.cautions ?? NONE),
  );
  return (
    <Stack $gap={7}>
      <ForWhom />
      {newTo.length > 0 ? (
        <Notice tone="ask">
          New to this bake, brought in by a swap: <strong>{newTo.map(avoidanceWords).join(', ')}</strong>.
          Tell whoever eats it.
        </Notice>
      ) : null}
      <OpenQuestions />
      <FlagTable />
      <section aria-labelledby="cautions">
        <Heading id="cautions">Cautions</Heading>
        <Cautions>
          {cautions.map(({ id, text }) => (
            <li key={id}>{text}</li>
          ))}
        </Cautions>
      </section>
    </Stack>
  );
}

function ForWhom() {
  const [{ diet, coeliac, without }, ask] = useRequest();
  const toggle = (one: Avoidance, on: boolean) =>
    ask({ without: AVOIDANCES.filter((each) => (each === one ? on : without.includes(each))) });
  return (
    <Stack as="section" aria-labelledby="for-whom">
      <Heading id="for-whom">Who sits at the table</Heading>
      <Row $gap={6}>
        <Choice
          label="The bake is to be"
          value={diet}
          options={DIETS.map((id) => ({ id, name: id }))}
          onChange={(next) => ask({ diet: next })}
        />
        <Toggle isSelected={coeliac} onChange={(next) => ask({ coeliac: next })}>
          <span className="track" aria-hidden="true" /> Somebody has coeliac disease
        </Toggle>
      </Row>
      <div>
        <Small as="p" id="avoid">
          And somebody avoids
        </Small>
        <Row role="group" aria-labelledby="avoid">
          {AVOIDANCES.map((one) => (
            <Chip key={one} isSelected={without.includes(one)} onChange={(on) => toggle(one, on)}>
              {avoidanceWords(one)}
            </Chip>
          ))}
        </Row>
      </div>
    </Stack>
  );
}

const Cautions = styled.ul`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  margin-top: ${({ theme }) => theme.space(2)};
  font-size: 0.92rem;
  max-width: 46rem;
  li {
    padding-left: ${({ theme }) => theme.space(3)};
    border-left: 2px solid ${({ theme }) => theme.colour.line};
  }
`;
