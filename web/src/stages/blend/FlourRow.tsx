import { styled } from 'styled-components';
import type { BlendPart } from '@omniarton/core/blend';
import { Button } from '../../ui/Button';
import { FlourScrap } from '../../ui/Flour';
import { Figure, Small } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { sayGrams } from '../../ui/say';
import { useRequest } from '../bench/onBench';

interface Props {
  readonly flour: BlendPart;
  readonly grams: number;
}

const PERCENT = 100;

/** A flour of the blend: its grams, its share to hold by hand, and the way out. */
export function FlourRow({ flour: { ingredient, name, class: kind, share }, grams }: Props) {
  const [{ pins, withoutFlours }, ask] = useRequest();
  const held = pins.some((pin) => pin.ingredient === ingredient);
  const others = pins.filter((pin) => pin.ingredient !== ingredient);
  return (
    <Line>
      <FlourScrap kind={kind} size={22} />
      <Weight>
        {sayGrams(grams)}
        <small> g</small>
      </Weight>
      <div>
        <strong>{name}</strong>
        <Small>{kind}</Small>
      </div>
      <NumberEntry
        label={`Share of ${name}`}
        hideLabel
        unit="%"
        min={5}
        max={PERCENT}
        value={Math.round(share * PERCENT)}
        onCommit={(percent) => ask({ pins: [...others, { ingredient, share: percent / PERCENT }] })}
      />
      {held ? (
        <Button onPress={() => ask({ pins: others })} aria-label={`Let ${name} go`}>
          held
        </Button>
      ) : (
        <Button
          $weight="quiet"
          onPress={() => ask({ pins: [...others, { ingredient, share }] })}
          aria-label={`Hold ${name} at its share`}
        >
          hold
        </Button>
      )}
      <Button
        $weight="quiet"
        onPress={() => ask({ withoutFlours: [...withoutFlours, ingredient], pins: others })}
        aria-label={`Leave ${name} out`}
      >
        ✕
      </Button>
    </Line>
  );
}

const Line = styled.li`
  display: grid;
  grid-template-columns: auto 6rem minmax(0, 1fr) auto 5rem auto;
  align-items: center;
  gap: ${({ theme }) => theme.space(3)};
  padding: ${({ theme }) => theme.space(1)} 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  ${({ theme }) => theme.phone} {
    grid-template-columns: auto 5rem minmax(0, 1fr) auto;
    > :nth-child(4) {
      grid-column: 2 / 4;
    }
    > :nth-child(5) {
      grid-column: 3;
      grid-row: 2;
      justify-self: end;
    }
    > :nth-child(6) {
      grid-column: 4;
      grid-row: 1;
    }
  }
`;
const Weight = styled(Figure).attrs({ $size: 1.75 })`
  text-align: right;
  small {
    font-size: 0.55em;
  }
`;
