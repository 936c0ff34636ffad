import { useCallback, useMemo, useState } from 'react';
import {
  cupOfPortions,
  mixVectors,
  toPercents,
  type BenchFlour,
  type BlendPart,
  type HandShare,
  type PropertyVector,
} from '@omniarton/core/blend';
import type { BlendBench } from '@omniarton/core/docket';
import { useRequest } from '../bench/onBench';

/** A flour of the blend as a hand has it: its share while it is moved, and all that the bench knows of it. */
export interface HandFlour extends HandShare {
  readonly flour: BenchFlour;
}

/** What follows from shares: summed over a handful of flours, at every move of a pointer. */
export interface HandBlend {
  readonly flours: readonly HandFlour[];
  readonly properties: PropertyVector;
  readonly perKilo: number | null;
  readonly cupGrams: number;
  /** Limits that are passed, in words. */
  readonly over: readonly string[];
}

const PERCENT = 100;
/** Rounding to whole percents may pass a limit by so much. */
const ROUNDING = 0.0051;

function follow(flours: readonly HandFlour[], { groups }: BlendBench): HandBlend {
  const prices = flours.map(({ flour, share }) => (flour.perKilo === null ? null : flour.perKilo * share));
  const caps = flours
    .filter(({ share, flour }) => share > flour.cap + ROUNDING)
    .map(
      ({ flour, share }) =>
        `${flour.name} ${Math.round(share * PERCENT)} %, over ${Math.round(flour.cap * PERCENT)} % (${flour.whyCap})`,
    );
  const kinds = groups.flatMap(({ name, members, most }) => {
    const sum = flours.reduce(
      (total, one) => (members.includes(one.ingredient) ? total + one.share : total),
      0,
    );
    return sum > most + ROUNDING
      ? [`${name} ${Math.round(sum * PERCENT)} %, over ${Math.round(most * PERCENT)} %`]
      : [];
  });
  return {
    flours,
    properties: mixVectors(flours.map(({ share, flour }) => ({ share, vector: flour.vector }))),
    perKilo: prices.some((one) => one === null) ? null : prices.reduce<number>((sum, one) => sum + one!, 0),
    cupGrams: cupOfPortions(flours.map(({ share, flour }) => ({ share, cupGrams: flour.cupGrams }))),
    over: [...caps, ...kinds],
  };
}

/**
 * The blend under the hand. While something is moved its shares are this stage's own and nothing else is asked; when it is let
 * go they become the request's, in whole percents.
 */
export function useHand(shares: readonly BlendPart[], bench: BlendBench) {
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
  const now = moving ?? settled;
  const blend = useMemo(
    () =>
      follow(
        now.flatMap((one) => {
          const flour = byId.get(one.ingredient);
          return flour ? [{ ...one, flour }] : [];
        }),
        bench,
      ),
    [now, byId, bench],
  );
  const askFor = useCallback(
    (next: readonly HandShare[]) => {
      const left = toPercents(next).filter(({ share }) => share > 0);
      ask({ pins: left.map(({ ingredient, share, held }) => ({ ingredient, share, held })) });
    },
    [ask],
  );
  /** Moves and lets go at once, as a key does. The same function while a pointer drags. */
  const set = useCallback(
    (next: (before: readonly HandShare[]) => readonly HandShare[]) => askFor(next(settled)),
    [askFor, settled],
  );
  return {
    ...blend,
    /** The shares as they are when nothing is moved. */
    settled,
    moving: moving !== null,
    /** Moves shares without asking anything yet. */
    move: (next: (before: readonly HandShare[]) => readonly HandShare[]) =>
      setMoving((before) => next(before ?? settled)),
    /** Lets go: what the shares are now is asked for. */
    drop: () => {
      if (!moving) return;
      setMoving(null);
      askFor(moving);
    },
    set,
  };
}

export type Hand = ReturnType<typeof useHand>;
