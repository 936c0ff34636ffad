import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { styled } from 'styled-components';
import { giveWay, shareAtBorder } from '@omniarton/core/blend';
import { patternId } from '../../ui/Flour';
import { sayPercent } from '../../ui/say';
import type { Hand } from './useHand';

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
export function HandBar({ hand }: { readonly hand: Hand }) {
  const bar = useRef<HTMLDivElement>(null);
  const { flours } = hand;
  const starts = flours.map((_, at) => flours.slice(0, at).reduce((sum, { share }) => sum + share, 0));
  return (
    <Bar ref={bar} role="group" aria-label="The blend, by share">
      <svg width="100%" height="64" aria-hidden="true">
        {flours.map(({ ingredient, share, flour }, at) => (
          <rect
            key={ingredient}
            x={`${starts[at]! * 100}%`}
            width={`${share * 100}%`}
            height="64"
            fill={`url(#${patternId(flour.class)})`}
          />
        ))}
      </svg>
      {flours.map((one, at) => (
        <Border
          key={one.ingredient}
          hand={hand}
          at={at}
          end={starts[at]! + one.share}
          placeOf={(x) => {
            const { left, width } = bar.current!.getBoundingClientRect();
            return (x - left) / width;
          }}
        />
      ))}
    </Bar>
  );
}

interface BorderProps {
  readonly hand: Hand;
  readonly at: number;
  /** Where it stands on the bar, 0–1. */
  readonly end: number;
  /** Where a pointer is on the bar, 0–1. */
  readonly placeOf: (x: number) => number;
}

/** The right border of a flour: a slider of its share. That of the last can't be dragged, but goes by keys. */
function Border({ hand, at, end, placeOf }: BorderProps) {
  const { share, held, flour } = hand.flours[at]!;
  const last = at === hand.flours.length - 1;
  const drag = (event: PointerEvent<HTMLDivElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const place = placeOf(event.clientX);
    hand.move((before) => giveWay(before, before[at]!.ingredient, shareAtBorder(before, at, place)));
  };
  const key = (event: KeyboardEvent) => {
    const to =
      event.key === 'Home'
        ? LEAP
        : event.key === 'End'
          ? 1
          : event.key in KEYS
            ? share + KEYS[event.key]!
            : null;
    if (to === null || held) return;
    event.preventDefault();
    hand.set((before) => giveWay(before, before[at]!.ingredient, to));
  };
  return (
    <Grip
      role="slider"
      tabIndex={0}
      style={{ left: `${end * 100}%` }}
      data-last={last || undefined}
      aria-label={`${flour.name} on the bar${held ? ', held' : ''}`}
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Math.round(share * 100)}
      aria-valuetext={`${flour.name} ${sayPercent(share)} %`}
      aria-disabled={held || undefined}
      onPointerDown={(event) => {
        if (!held && !last) event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={drag}
      onPointerUp={hand.drop}
      onPointerCancel={hand.drop}
      onKeyDown={key}
    >
      <output aria-hidden="true">{sayPercent(share)}</output>
    </Grip>
  );
}

const Bar = styled.div`
  position: relative;
  border: 2px solid ${({ theme }) => theme.colour.ink};
  margin-bottom: ${({ theme }) => theme.space(6)};
  user-select: none;
  touch-action: none;
  svg {
    display: block;
  }
  rect {
    stroke: ${({ theme }) => theme.colour.ink};
    stroke-width: 1.5;
  }
`;
const Grip = styled.div`
  position: absolute;
  top: -6px;
  bottom: -6px;
  width: ${({ theme }) => theme.touch};
  margin-left: -22px;
  cursor: ew-resize;
  &::before {
    content: '';
    position: absolute;
    inset: 0 calc(50% - 3px);
    background: ${({ theme }) => theme.colour.ink};
  }
  &::after {
    content: '';
    position: absolute;
    top: calc(50% - 12px);
    left: calc(50% - 8px);
    width: 16px;
    height: 24px;
    border: 2px solid ${({ theme }) => theme.colour.ink};
    border-radius: 3px;
    background: ${({ theme }) => theme.colour.paper};
  }
  output {
    position: absolute;
    top: 100%;
    left: -30px;
    width: 44px;
    text-align: right;
    font: 650 1.05rem/1.4 ${({ theme }) => theme.font.figures};
    font-variant-numeric: tabular-nums;
  }
  &[data-last] {
    width: 22px;
    cursor: default;
    &::before {
      inset: 0 0 0 auto;
      width: 6px;
    }
    output {
      left: -26px;
    }
    &::after {
      display: none;
    }
  }
  &[aria-disabled] {
    cursor: not-allowed;
    &::after {
      background: ${({ theme }) => theme.colour.ink};
    }
  }
  &:focus-visible {
    outline: 3px solid ${({ theme }) => theme.colour.focus};
    outline-offset: 2px;
  }
`;
