import type { BoundStep } from './bind';
import type { Bowl } from './bowl';
import { TECHNIQUES, type Technique } from './techniques';

/** An edit of the method: a technique at a step; at `null`, a step of its own. */
export interface MethodEdit {
  readonly step: string | null;
  readonly technique: Technique;
}

/** What is to be said to which step. Steps that nothing binds to stay as they were written. */
export const editsFor = (steps: readonly BoundStep[], bowl: Bowl): MethodEdit[] =>
  TECHNIQUES.flatMap((technique) => technique.at(steps, bowl).map((step) => ({ step, technique })));
