import { memo } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { giveWay, type BenchFlour } from '@omniarton/core/blend';
import { HOUSE_PREFIX } from '@omniarton/core/guard';
import { flourPath, jarPath } from '../../base/paths';
import { Button } from '../../ui/Button';
import { FlourScrap } from '../../ui/Flour';
import { Figure, Small } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { sayGrams } from '../../words/say';
import { useHousehold, useRequest } from '../../state/bench/onBench';
import { useHand, useSettledHand } from './Hand';

interface Props {
  readonly flour: BenchFlour;
  /** Its share when nothing is moved, and whether it is held there. */
  readonly share: number;
  readonly held: boolean;
  /** Of the whole blend. */
  readonly grams: number;
}

const PERCENT = 100;

/** A flour of the blend: its grams, its share to set or hold by hand, and the way out. Its grams alone follow a pointer. */
export const FlourRow = memo(function FlourRow({ flour, share, held, grams }: Props) {
  const household = useHousehold();
  const [{ pins, withoutFlours }, ask] = useRequest();
  const { settled, set } = useSettledHand();
  const { id: ingredient } = flour;
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
    <Line>
      <FlourScrap kind={flour.class} size={22} />
      <OwnGrams ingredient={ingredient} grams={grams} />
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
    </Line>
  );
});

/** The grams of a flour, as they are under the hand. */
function OwnGrams({ ingredient, grams }: { readonly ingredient: string; readonly grams: number }) {
  const { flours, moving } = useHand();
  const own = grams * (flours.find((one) => one.ingredient === ingredient)?.share ?? 0);
  // Whole grams while it moves: no scale is read that fast.
  return <Weighed words={sayGrams(moving ? Math.round(own) : own)} />;
}

const Weighed = memo(function Weighed({ words }: { readonly words: string }) {
  return (
    <div>
      <Weight>
        {words}
        <small> g</small>
      </Weight>
    </div>
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
/** As high and wide as its place whatever it says, so that the page isn't laid out anew for it. */
const Weight = styled(Figure).attrs({ $size: 1.75 })`
  contain: size layout style;
  display: block;
  height: 1em;
  text-align: right;
  small {
    font-size: 0.55em;
  }
`;
