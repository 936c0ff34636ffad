import { useState } from 'react';
import { attempt } from '../../base/attempt';

/** A study that somebody is thinking out: the changes by name, and what codes and order are made from. */
export interface KeptStudy {
  readonly changes: readonly string[];
  readonly seed: number;
}

const PREFIX = 'omniarton.study.';
const SEEDS = 2_000_000_000;

function fresh(): KeptStudy {
  const [dice = 1] = crypto.getRandomValues(new Uint32Array(1));
  return { changes: [], seed: dice % SEEDS };
}

function kept(recipe: string): KeptStudy {
  return (
    attempt(() => JSON.parse(localStorage.getItem(PREFIX + recipe) ?? 'null') as KeptStudy | null) ?? fresh()
  );
}

/** A recipe's study, as this browser keeps it: it outlives a reload, and is done with when its bakes are written down. */
export function useKeptStudy(recipe: string): readonly [KeptStudy, (study: KeptStudy) => void] {
  const [study, setStudy] = useState(() => kept(recipe));
  const set = (next: KeptStudy) => {
    setStudy(next);
    attempt(() => localStorage.setItem(PREFIX + recipe, JSON.stringify(next)));
  };
  return [study, set];
}
