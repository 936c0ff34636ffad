import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { toPercents, type BlendPart, type HandShare } from '@omniarton/core/blend';
import type { BlendBench } from '@omniarton/core/docket';
import { useRequest } from '../../state/bench/onBench';
import { handBlend, type HandBlend } from './handBlend';

type Move = (before: readonly HandShare[]) => readonly HandShare[];

interface Hand extends HandBlend {
  readonly moving: boolean;
  /** Moves shares without asking anything yet. */
  readonly move: (next: Move) => void;
  /** Lets go: what the shares are now is asked for. */
  readonly drop: () => void;
}

interface SettledHand {
  /** The shares as they are when nothing is moved. */
  readonly settled: readonly HandShare[];
  /** Moves and lets go at once, as a key does. */
  readonly set: (next: Move) => void;
}

const InHand = createContext<Hand | null>(null);
const Settled = createContext<SettledHand | null>(null);

interface Props {
  readonly shares: readonly BlendPart[];
  readonly bench: BlendBench;
  readonly children: ReactNode;
}

/**
 * The blend under the hand. While something is moved its shares are this stage's own and nothing else is asked; when it is let
 * go they become the request's, in whole percents. What stands below is drawn at a move only where it asks for the hand.
 */
export function HandProvider({ shares, bench, children }: Props) {
  const [{ pins }, ask] = useRequest();
  const [moving, setMoving] = useState<readonly HandShare[] | null>(null);
  const settled = useMemo(
    () =>
      shares.map(({ ingredient, share }): HandShare => ({
        ingredient,
        share,
        held: pins.some((pin) => pin.ingredient === ingredient && pin.held),
      })),
    [shares, pins],
  );
  const byId = useMemo(() => new Map(bench.flours.map((flour) => [flour.id, flour])), [bench]);
  const askFor = useCallback(
    (next: readonly HandShare[]) => {
      const left = toPercents(next).filter(({ share }) => share > 0);
      ask({ pins: left.map(({ ingredient, share, held }) => ({ ingredient, share, held })) });
    },
    [ask],
  );
  const still = useMemo(
    (): SettledHand => ({ settled, set: (next) => askFor(next(settled)) }),
    [settled, askFor],
  );
  const hand = useMemo((): Hand => {
    const flours = (moving ?? settled).flatMap((one) => {
      const flour = byId.get(one.ingredient);
      return flour ? [{ ...one, flour }] : [];
    });
    return {
      ...handBlend(flours, bench),
      moving: moving !== null,
      move: (next) => setMoving((before) => next(before ?? settled)),
      drop: () => {
        if (!moving) return;
        setMoving(null);
        askFor(moving);
      },
    };
  }, [moving, settled, byId, bench, askFor]);
  return (
    <Settled value={still}>
      <InHand value={hand}>{children}</InHand>
    </Settled>
  );
}

/** The blend as the hand has it now: who asks for it is drawn at every move of a pointer. */
export function useHand(): Hand {
  const hand = useContext(InHand);
  if (!hand) throw new Error('Nothing is under the hand: HandProvider is missing above.');
  return hand;
}

/** The blend as it lies when nothing is moved. */
export function useSettledHand(): SettledHand {
  const still = useContext(Settled);
  if (!still) throw new Error('Nothing is under the hand: HandProvider is missing above.');
  return still;
}
