import type { BlendOutcome } from '../blend';
import type { FoundBake } from '../heat';
import type { Steps } from '../quantity';

interface Slot<T> {
  readonly key: string;
  readonly value: T;
}

/**
 * What somebody who asks again and again keeps of the last slow computations: a change that doesn't bear on one of them finds it
 * here. It belongs to whoever asks (the worker of a page); without one each conversion stands by itself.
 */
export interface Memory {
  blend: Slot<BlendOutcome> | null;
  bake: Slot<FoundBake> | null;
}

export const emptyMemory = (): Memory => ({ blend: null, bake: null });

/** A question in one string, sets as lists: two that are alike are the same question. */
export const keyOf = (...about: readonly unknown[]): string =>
  JSON.stringify(about, (_, value: unknown) => (value instanceof Set ? [...value] : value));

/** The answer that is remembered to a question; else it is worked out, and remembered. */
export function* remembered<Name extends keyof Memory>(
  memory: Memory | null,
  name: Name,
  key: string,
  work: () => Steps<NonNullable<Memory[Name]>['value']>,
): Steps<NonNullable<Memory[Name]>['value']> {
  const known = memory?.[name];
  if (known?.key === key) return known.value;
  const value = yield* work();
  if (memory) memory[name] = { key, value } as Memory[Name];
  return value;
}
