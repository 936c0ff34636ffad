import { memo } from 'react';
import { styled } from 'styled-components';
import type { Docket, DocketLine } from '@omniarton/core/docket';
import { Button } from '../../ui/Button';
import { Heading, Small } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { useRequest } from '../bench/onBench';

const MOST_GRAMS = 100_000;

/** Every weight of the docket, to be overruled and put back. What is overruled stays; the rest is balanced around it. */
export function Weights({ docket }: { readonly docket: Docket }) {
  const weighed = docket.parts.flatMap(({ lines }) => lines.filter(({ grams }) => grams !== null));
  return (
    <section aria-labelledby="weights">
      <Heading id="weights">Overrule a weight</Heading>
      <Small>Your weight stays where you put it; liquid, fat, sugar and powder are balanced around it.</Small>
      <List>
        {weighed.map((line) => (
          <WeightRow key={line.id} line={line} />
        ))}
      </List>
    </section>
  );
}

const WeightRow = memo(function WeightRow({ line }: { readonly line: DocketLine }) {
  const [{ overrides }, ask] = useRequest();
  const others = overrides.filter((one) => one.line !== line.id);
  return (
    <Line data-weight={line.id}>
      <NumberEntry
        label={`Weight of ${line.name}`}
        hideLabel
        unit="g"
        min={0}
        max={MOST_GRAMS}
        value={line.grams!.central}
        onCommit={(grams) => ask({ overrides: [...others, { line: line.id, grams }] })}
      />
      <span>{line.name}</span>
      {line.overruled ? (
        <Button onPress={() => ask({ overrides: others })} aria-label={`Put back ${line.name}`}>
          put back
        </Button>
      ) : null}
    </Line>
  );
});

const List = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(18rem, 1fr));
  gap: ${({ theme }) => `${theme.space(1)} ${theme.space(6)}`};
  margin-top: ${({ theme }) => theme.space(2)};
`;
const Line = styled.li`
  display: flex;
  align-items: center;
  gap: ${({ theme }) => theme.space(3)};
  min-height: 52px;
`;
