import { memo } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { giveWay, type BenchFlour } from '@omniarton/core/blend';
import { HOUSE_PREFIX } from '@omniarton/core/guard';
import { flourPath, jarPath } from '../../app/paths';
import { Button } from '../../ui/Button';
import { FlourScrap } from '../../ui/Flour';
import { Figure, Small } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { sayGrams } from '../../ui/say';
import { useHousehold, useRequest } from '../bench/onBench';
import type { Hand } from './useHand';

interface Props extends Pick<Hand, 'settled' | 'set' | 'moving'> {
  readonly flour: BenchFlour;
  /** Of this flour, as the row shows it; and of the whole blend. */
  readonly own: number;
  readonly grams: number;
}

const PERCENT = 100;

/** A flour of the blend: its grams, its share to set or hold by hand, and the way out. Drawn anew only when what it shows changes. */
export const FlourRow = memo(function FlourRow({ flour, own, grams, moving, settled, set }: Props) {
  return (
    <Line>
      <FlourScrap kind={flour.class} size={22} />
      <Weight data-stale={moving || undefined}>
        {sayGrams(own)}
        <small> g</small>
      </Weight>
      <Rest flour={flour} settled={settled} set={set} grams={grams} />
    </Line>
  );
});

interface RestProps extends Pick<Hand, 'settled' | 'set'> {
  readonly flour: BenchFlour;
  readonly grams: number;
}

/** What of a row stays as it is while a share is dragged: nothing of it is drawn for a move of the pointer. */
const Rest = memo(function Rest({ flour, settled, set, grams }: RestProps) {
  const household = useHousehold();
  const [{ pins, withoutFlours }, ask] = useRequest();
  const { id: ingredient } = flour;
  const { share, held } = settled.find((one) => one.ingredient === ingredient) ?? { share: 0, held: false };
  const others = pins.filter((pin) => pin.ingredient !== ingredient);
  /** When the whole blend is by hand its other shares give way; else they are solved around this one. */
  const byHand = settled.every((each) => pins.some((pin) => pin.ingredient === each.ingredient));
  const put = (to: number) =>
    byHand
      ? set((before) => giveWay(before, ingredient, to))
      : ask({ pins: [...others, { ingredient, share: to, held: true }] });
  const hold = () =>
    ask({ pins: [...others, { ingredient, share: Math.round(share * PERCENT) / PERCENT, held: true }] });
  const letGo = () => ask({ pins: byHand ? [...others, { ingredient, share, held: false }] : others });
  return (
    <>
      <div>
        <Link to={pageOf(household, ingredient)}>
          <strong>{flour.name}</strong>
        </Link>
        <Small>{[flour.class, ...stockWords(flour.onHand, grams * share)].join(' · ')}</Small>
      </div>
      <NumberEntry
        label={`Share of ${flour.name}`}
        hideLabel
        unit="%"
        min={5}
        max={PERCENT}
        value={Math.round(share * PERCENT)}
        onCommit={(percent) => put(percent / PERCENT)}
      />
      <Button
        $weight={held ? 'plain' : 'quiet'}
        onPress={held ? letGo : hold}
        aria-label={held ? `Let ${flour.name} go` : `Hold ${flour.name} at its share`}
      >
        {held ? 'held' : 'hold'}
      </Button>
      <Button
        $weight="quiet"
        onPress={() => ask({ withoutFlours: [...withoutFlours, ingredient], pins: byHand ? [] : others })}
        aria-label={`Leave ${flour.name} out`}
      >
        ✕
      </Button>
    </>
  );
});

const pageOf = (household: string, ingredient: string) =>
  ingredient.startsWith(HOUSE_PREFIX)
    ? jarPath(household, ingredient.slice(HOUSE_PREFIX.length))
    : flourPath(household, ingredient);

/** How the cupboard stands to what is needed. */
function stockWords(onHand: number | null, need: number): string[] {
  if (onHand === null) return [];
  return onHand >= need - 0.5
    ? [`${sayGrams(onHand)} g there`]
    : [`${sayGrams(onHand)} g there, ${sayGrams(need - onHand)} g short`];
}

const Line = styled.li`
  display: grid;
  grid-template-columns: auto 6rem minmax(0, 1fr) auto 5rem auto;
  align-items: center;
  gap: ${({ theme }) => theme.space(3)};
  padding: ${({ theme }) => theme.space(1)} 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  a {
    display: inline-flex;
    align-items: center;
    min-height: ${({ theme }) => theme.touch};
    color: inherit;
  }
  ${({ theme }) => theme.phone} {
    grid-template-columns: auto 5rem minmax(0, 1fr) auto;
    > :nth-child(4) {
      grid-column: 2 / 4;
      grid-row: 2;
    }
    > :nth-child(5) {
      grid-column: 3 / 5;
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
