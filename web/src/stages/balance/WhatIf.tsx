import { Label, Slider, SliderOutput, SliderThumb, SliderTrack } from 'react-aria-components';
import { styled } from 'styled-components';
import { DESCRIBED, SWEETENERS } from '@omniarton/core/balance';
import { NO_TILT } from '@omniarton/core/kitchen';
import { TILTED, type Tilted } from '@omniarton/core/vocabulary';
import { Button, Chip } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { Pick } from '../../ui/Pick';
import { useRequest } from '../bench/onBench';

const WORDS: Readonly<Record<Tilted, readonly [name: string, less: string, more: string]>> = {
  drink: ['Liquid', 'drier', 'wetter'],
  binder: ['Binder', 'looser', 'firmer'],
  sugar: ['Sugar', 'less sweet', 'sweeter'],
  fat: ['Fat', 'leaner', 'richer'],
};
const [LEAST, MOST, STEP] = [0.7, 1.3, 0.05];
const OWN = 'own';
const HIGHEST = 6000;

/** What if: each handle asks for more or less than its balance does, and the rest is balanced around it at once. */
export function WhatIf() {
  const [{ tilt, sweetener, altitudeMetres, blend }, ask] = useRequest();
  const meant = DESCRIBED.rows.find(
    (one) => TILTED.every((each) => one.tilt[each] === tilt[each]) && same(one.aims, blend.aims),
  );
  const tilted = TILTED.some((one) => tilt[one] !== 1);
  return (
    <Stack as="section" $gap={3} aria-labelledby="what-if">
      <Heading id="what-if">What if</Heading>
      <Row role="group" aria-label="Meant to be like">
        {DESCRIBED.rows.map((one) => (
          <Chip
            key={one.id}
            isSelected={meant?.id === one.id}
            onChange={() => ask({ tilt: one.tilt, blend: { ...blend, aims: one.aims } })}
          >
            {one.name}
          </Chip>
        ))}
      </Row>
      <Handles>
        {TILTED.map((one) => (
          <Handle
            key={one}
            name={one}
            value={tilt[one]}
            onChange={(value) => ask({ tilt: { ...tilt, [one]: value } })}
          />
        ))}
      </Handles>
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <Pick<string>
          label="Sweetened with"
          value={sweetener ?? OWN}
          options={[
            { id: OWN, name: 'its own sugar' },
            ...Object.entries(SWEETENERS.rows).map(([id, { name }]) => ({ id, name })),
          ]}
          onChange={(id) => ask({ sweetener: id === OWN ? null : id })}
        />
        <NumberEntry
          label="Kitchen above the sea"
          unit="m"
          min={0}
          max={HIGHEST}
          value={altitudeMetres}
          onCommit={(metres) => ask({ altitudeMetres: metres })}
        />
        {tilted ? <Button onPress={() => ask({ tilt: NO_TILT })}>As the balances ask</Button> : null}
      </Row>
      <Small>A sweetener stays as sweet as the sugar was; its water is taken out of the liquid.</Small>
    </Stack>
  );
}

const same = (a: readonly string[], b: readonly string[]) =>
  a.length === b.length && a.every((one) => b.includes(one));

interface HandleProps {
  readonly name: Tilted;
  readonly value: number;
  readonly onChange: (value: number) => void;
}

function Handle({ name, value, onChange }: HandleProps) {
  const [label, less, more] = WORDS[name];
  const percent = Math.round((value - 1) * 100);
  const said = percent === 0 ? 'as asked' : `${percent > 0 ? '+' : '−'}${Math.abs(percent)} %`;
  return (
    <Rule
      value={value}
      minValue={LEAST}
      maxValue={MOST}
      step={STEP}
      onChange={(next) => onChange(next as number)}
    >
      <Label>{label}</Label>
      <SliderOutput>{said}</SliderOutput>
      <SliderTrack>
        <SliderThumb aria-valuetext={said} />
      </SliderTrack>
      <span>{less}</span>
      <span>{more}</span>
    </Rule>
  );
}

const Handles = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(10.5rem, 1fr));
  gap: ${({ theme }) => `${theme.space(3)} ${theme.space(6)}`};
`;
/** A ruler with a mark that slides on it. */
const Rule = styled(Slider)`
  display: grid;
  grid-template-columns: 1fr auto;
  .react-aria-Label {
    font-weight: 600;
  }
  .react-aria-SliderOutput {
    font: 650 1.1rem/1.3 ${({ theme }) => theme.font.figures};
    font-variant-numeric: tabular-nums;
  }
  .react-aria-SliderTrack {
    position: relative;
    grid-column: 1 / -1;
    height: ${({ theme }) => theme.touch};
    background: repeating-linear-gradient(
        90deg,
        ${({ theme }) => theme.colour.strong} 0 1px,
        transparent 1px calc(100% / 12)
      )
      0 26px / calc(100% - 1px) 10px no-repeat;
    border-bottom: 2px solid ${({ theme }) => theme.colour.ink};
  }
  .react-aria-SliderThumb {
    top: 22px;
    width: ${({ theme }) => theme.touch};
    height: ${({ theme }) => theme.touch};
    cursor: ew-resize;
    &::before {
      content: '';
      position: absolute;
      inset: 15px 12px 3px;
      background: ${({ theme }) => theme.colour.ink};
      clip-path: polygon(0 0, 100% 0, 100% 55%, 50% 100%, 0 55%);
    }
    &[data-focus-visible] {
      outline: 3px solid ${({ theme }) => theme.colour.focus};
    }
    input {
      width: ${({ theme }) => theme.touch};
      height: ${({ theme }) => theme.touch};
    }
  }
  > span {
    font-size: 0.82rem;
    color: ${({ theme }) => theme.colour.soft};
  }
`;
