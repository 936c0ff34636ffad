import { memo, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { styled } from 'styled-components';
import { giveWay, shareAtBorder } from '@omniarton/core/blend';
import { sayPercent } from '../../words/say';
import { BarDrawing } from './BarDrawing';
import { useHand, useSettledHand } from './Hand';

const STEP = 0.01;
const LEAP = 0.05;
const KEYS: Readonly<Record<string, number>> = {
  ArrowRight: STEP,
  ArrowUp: STEP,
  ArrowLeft: -STEP,
  ArrowDown: -STEP,
  PageUp: LEAP,
  PageDown: -LEAP,
};

/** The blend as a bar whose borders are dragged: one share is set, the others give way in proportion, held ones stay. */
export function HandBar() {
  const { flours, move, drop } = useHand();
  const { settled, set } = useSettledHand();
  /** Which border a pointer has, and where the bar lies under it. */
  const dragged = useRef<{ readonly at: number; readonly left: number; readonly width: number }>(null);
  const ends = settled.map((_, at) => settled.slice(0, at + 1).reduce((sum, { share }) => sum + share, 0));
  const take = (event: PointerEvent<HTMLDivElement>) => {
    const at = borderUnder(event);
    if (at === null || at === flours.length - 1 || flours[at]!.held) return;
    const { left, width } = event.currentTarget.getBoundingClientRect();
    dragged.current = { at, left, width };
    event.currentTarget.setPointerCapture(event.pointerId);
  };
  const drag = (event: PointerEvent<HTMLDivElement>) => {
    if (!dragged.current) return;
    const { at, left, width } = dragged.current;
    const place = (event.clientX - left) / width;
    move((before) => giveWay(before, before[at]!.ingredient, shareAtBorder(before, at, place)));
  };
  const letGo = () => {
    dragged.current = null;
    drop();
  };
  const key = (event: KeyboardEvent) => {
    const at = borderUnder(event);
    if (at === null || flours[at]!.held) return;
    const to = shareByKey(event.key, flours[at]!.share);
    if (to === null) return;
    event.preventDefault();
    set((before) => giveWay(before, before[at]!.ingredient, to));
  };
  return (
    <Bar
      role="group"
      aria-label="The blend, by share"
      onPointerDown={take}
      onPointerMove={drag}
      onPointerUp={letGo}
      onPointerCancel={letGo}
      onKeyDown={key}
    >
      <BarDrawing flours={flours} />
      {flours.map(({ ingredient, flour, share, held }, at) => (
        <Border
          key={ingredient}
          at={at}
          name={flour.name}
          end={ends[at]!}
          words={sayPercent(share)}
          held={held}
          last={at === flours.length - 1}
        />
      ))}
    </Bar>
  );
}

/** Which border an event is on, if any. */
function borderUnder({ target }: { readonly target: EventTarget }): number | null {
  const grip = (target as Element).closest<HTMLElement>('[role=slider]');
  return grip ? Number(grip.dataset.at) : null;
}

function shareByKey(key: string, share: number): number | null {
  if (key === 'Home') return LEAP;
  if (key === 'End') return 1;
  return key in KEYS ? share + KEYS[key]! : null;
}

interface BorderProps {
  readonly at: number;
  readonly name: string;
  /** Where it lies on the bar when nothing is moved, 0–1. While a pointer has it, the bar's picture alone moves. */
  readonly end: number;
  /** Its share, in percent. */
  readonly words: string;
  readonly held: boolean;
  readonly last: boolean;
}

/** The right border of a flour: a slider of its share. That of the last can't be dragged, but goes by keys. */
const Border = memo(function Border({ at, name, end, words, held, last }: BorderProps) {
  return (
    <Grip
      role="slider"
      tabIndex={0}
      data-at={at}
      data-last={last || undefined}
      aria-label={`${name} on the bar${held ? ', held' : ''}`}
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Number(words)}
      aria-valuetext={`${name} ${words} %`}
      aria-disabled={held || undefined}
      style={{ left: `${end * 100}%` }}
    />
  );
});

const Bar = styled.div`
  position: relative;
  height: 68px;
  border: 2px solid ${({ theme }) => theme.colour.ink};
  margin-bottom: ${({ theme }) => theme.space(6)};
  user-select: none;
  touch-action: none;
`;
const Grip = styled.div`
  position: absolute;
  top: -6px;
  bottom: -6px;
  width: ${({ theme }) => theme.touch};
  margin-left: -22px;
  cursor: ew-resize;
  &[data-last] {
    width: 22px;
    cursor: default;
  }
  &[aria-disabled] {
    cursor: not-allowed;
  }
  &:focus-visible {
    outline: 3px solid ${({ theme }) => theme.colour.focus};
    outline-offset: 2px;
  }
`;
