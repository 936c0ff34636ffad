import { useState } from 'react';
import { styled } from 'styled-components';
import { panFactor } from '@omniarton/core/heat';
import { standsFree, type PanSize } from '@omniarton/core/kitchen';
import { Button } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { sayGrams, sayNumber } from '../../words/say';
import { useEngine, useRequest } from '../../state/bench/onBench';
import { TinFields } from '../../ui/TinFields';
import { useMeasures } from '../../state/bench/useMeasures';

/** How much is made: by a factor, by pieces, or to fill another tin. What doesn't come out whole is said. */
export function HowMuch() {
  const [{ scale }, ask] = useRequest();
  const yields = useEngine(({ answer }) => answer?.recipe.yields ?? null);
  const pan = useEngine(({ answer }) => answer?.process.bake?.pan ?? null);
  const factor = scale?.factor ?? 1;
  const lines = scale?.lines ?? [];
  const make = (now: number) =>
    ask({ scale: now === 1 && lines.length === 0 ? null : { factor: now, lines } });
  return (
    <Stack $gap={2} as="section" aria-labelledby="how-much">
      <Heading id="how-much">How much</Heading>
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <NumberEntry label="Batches" unit="×" min={0.05} max={50} value={factor} onCommit={make} />
        {yields ? (
          <NumberEntry
            label={`Makes (${yields.what || 'helpings'})`}
            min={0.5}
            max={5000}
            value={yields.low * factor}
            onCommit={(wanted) => make(wanted / yields.low)}
          />
        ) : null}
        {pan && !standsFree(pan) ? (
          <OtherTin
            from={pan}
            onFit={(to) => ask({ scale: { factor: panFactor(pan, to), lines }, pan: to })}
          />
        ) : null}
        {scale ? (
          <Button $weight="quiet" onPress={() => ask({ scale: null })}>
            As written
          </Button>
        ) : null}
      </Row>
      <PartEggs />
    </Stack>
  );
}

interface OtherTinProps {
  readonly from: PanSize;
  readonly onFit: (to: PanSize) => void;
}

/** The batter to the floor of another tin: as deep as in the recipe's own. */
function OtherTin({ from, onFit }: OtherTinProps) {
  const inches = useMeasures() === 'us';
  const [to, setTo] = useState<PanSize | null>(null);
  if (!to)
    return (
      <Button
        onPress={() =>
          setTo({ shape: from.shape, lengthCm: from.lengthCm, widthCm: from.widthCm, count: from.count })
        }
      >
        To fill another tin
      </Button>
    );
  return (
    <Tin>
      <TinFields inches={inches} pan={to} onChange={setTo} />
      <Button
        $weight="strong"
        isDisabled={standsFree(to)}
        onPress={() => {
          onFit(to);
          setTo(null);
        }}
      >
        Fill it: × {sayNumber(panFactor(from, to))}
      </Button>
    </Tin>
  );
}

/** A part of an egg, and what to do about it. */
function PartEggs() {
  const eggs = useEngine(({ answer }) => answer?.partEggs);
  return eggs?.map(({ line, crack, whole, grams, tablespoons }) => (
    <Small key={line}>
      Crack {crack}: {whole > 0 ? `${whole} whole, ` : ''}beat the last and weigh off {sayGrams(grams)} g
      (about {sayNumber(Math.round(tablespoons * 4) / 4)} tbsp). Or use smaller eggs: a little cakier.
    </Small>
  ));
}

const Tin = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: ${({ theme }) => theme.space(3)};
  padding: ${({ theme }) => theme.space(3)};
  border-left: 3px solid ${({ theme }) => theme.colour.strong};
`;
