import { memo } from 'react';
import { styled } from 'styled-components';
import { isFolded, type Docket } from '@omniarton/core/docket';
import { Button } from '../../ui/Button';
import { Heading, Small } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { useAskLater } from '../../state/bench/onBench';

const MOST_GRAMS = 100_000;

/** Every weight of the docket, to be overruled and put back. What is overruled stays; the rest is balanced around it. */
export function Weights({ docket }: { readonly docket: Docket }) {
  const weighed = docket.parts.flatMap(({ lines }) =>
    lines.filter((line) => line.grams !== null && !isFolded(line)),
  );
  return (
    <section aria-labelledby="weights">
      <Heading id="weights">Overrule a weight</Heading>
      <Small>Your weight stays where you put it; liquid, fat, sugar and powder are balanced around it.</Small>
      {weighed.some(({ overruled }) => overruled) ? <PutAllBack /> : null}
      <List>
        {weighed.map(({ id, name, grams, overruled }) => (
          <WeightRow key={id} id={id} name={name} grams={grams!.central} overruled={overruled} />
        ))}
      </List>
    </section>
  );
}

function PutAllBack() {
  const ask = useAskLater();
  return <Button onPress={() => ask(() => ({ overrides: [] }))}>Put all back</Button>;
}

interface RowProps {
  readonly id: string;
  readonly name: string;
  readonly grams: number;
  readonly overruled: boolean;
}

/** Drawn anew only when its own weight changes. */
const WeightRow = memo(function WeightRow({ id, name, grams, overruled }: RowProps) {
  const ask = useAskLater();
  const put = (to: number | null) =>
    ask(({ overrides }) => {
      const others = overrides.filter(({ line }) => line !== id);
      return { overrides: to === null ? others : [...others, { line: id, grams: to }] };
    });
  return (
    <Line data-weight={id}>
      <NumberEntry
        label={`Weight of ${name}`}
        hideLabel
        unit="g"
        min={0}
        max={MOST_GRAMS}
        value={grams}
        onCommit={put}
      />
      <span>{name}</span>
      {overruled ? (
        <Button onPress={() => put(null)} aria-label={`Put back ${name}`}>
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
