import { useState } from 'react';
import { styled } from 'styled-components';
import type { Seen } from '@omniarton/core/kitchen';
import { SYMPTOM_NAMES, type SymptomId } from '@omniarton/core/vocabulary';
import { Button, Chip } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { SymptomPicture } from '../../baked/SymptomPicture';
import { SYMPTOM_GROUPS } from '../../baked/symptomDrawings';

interface Props {
  readonly seen: readonly Seen[];
  readonly onChange: (seen: readonly Seen[]) => void;
}

const SLIGHT = 0.4;
/** From not at all to clearly, and round again. */
const nextDegree = (degree: number | undefined): number | null =>
  degree === undefined ? 1 : degree === 1 ? SLIGHT : null;
const degreeWords = (degree: number | undefined): string =>
  degree === undefined ? 'not seen' : degree < 1 ? 'slightly' : 'clearly';

/** What wasn't as it should be: pictures and words; each press goes from clearly to slightly to not at all. */
export function SeenForm({ seen, onChange }: Props) {
  const [all, setAll] = useState(seen.length === 0);
  const degreeOf = (symptom: SymptomId) => seen.find((one) => one.symptom === symptom)?.degree;
  const press = (symptom: SymptomId) => {
    const degree = nextDegree(degreeOf(symptom));
    const others = seen.filter((one) => one.symptom !== symptom);
    onChange(degree === null ? others : [...others, { symptom, degree }]);
  };
  const one = (symptom: SymptomId) => {
    const degree = degreeOf(symptom);
    return (
      <Symptom
        key={symptom}
        data-on={degree === undefined ? undefined : degree < 1 ? 'slight' : 'clear'}
        aria-pressed={degree !== undefined}
        aria-label={`${SYMPTOM_NAMES[symptom]}: ${degreeWords(degree)}`}
        onPress={() => press(symptom)}
      >
        <SymptomPicture symptom={symptom} />
        <span>
          {SYMPTOM_NAMES[symptom]}
          {degree === undefined ? null : <small>{degreeWords(degree)}</small>}
        </span>
      </Symptom>
    );
  };
  return (
    <Stack as="section" aria-labelledby="seen" $gap={3}>
      <Row $gap={4}>
        <Heading id="seen">What wasn’t as it should be</Heading>
        <Chip isSelected={all} onChange={setAll}>
          All of them
        </Chip>
      </Row>
      {all ? (
        SYMPTOM_GROUPS.map(({ name, of }) => (
          <Stack key={name} $gap={2} role="group" aria-label={name}>
            <Small>{name}</Small>
            <Grid>{of.map(one)}</Grid>
          </Stack>
        ))
      ) : (
        <Grid>{seen.map(({ symptom }) => one(symptom))}</Grid>
      )}
      {all ? <Small>One press: clearly. Another: slightly. A third: not at all.</Small> : null}
    </Stack>
  );
}

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11.5rem, 1fr));
  gap: ${({ theme }) => theme.space(2)};
  ${({ theme }) => theme.phone} {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
`;
const Symptom = styled(Button)`
  display: flex;
  justify-content: start;
  align-items: center;
  gap: ${({ theme }) => theme.space(3)};
  min-height: 3.5rem;
  padding: ${({ theme }) => `${theme.space(1)} ${theme.space(2)}`};
  text-align: left;
  font-weight: 500;
  line-height: 1.15;
  white-space: normal;
  small {
    display: block;
    font-size: 0.8em;
    color: ${({ theme }) => theme.colour.soft};
  }
  &[data-on] {
    background: ${({ theme }) => theme.colour.paper};
    border-color: ${({ theme }) => theme.colour.ink};
    box-shadow: inset 0 0 0 1.5px ${({ theme }) => theme.colour.ink};
  }
  &[data-on='slight'] {
    box-shadow: none;
    border-style: dashed;
  }
  ${({ theme }) => theme.phone} {
    flex-direction: column;
    align-items: start;
    gap: ${({ theme }) => theme.space(1)};
  }
`;
