import type { Action, ActionClass } from '../../process';
import type { StepKind } from '../types';

const KINDS: Partial<Record<ActionClass, StepKind>> = {
  bake: 'heat',
  fry: 'heat',
  griddle: 'heat',
  steam: 'heat',
  microwave: 'heat',
  'set-oven': 'prepare',
  'set-fat': 'prepare',
  'line-tin': 'prepare',
  prepare: 'prepare',
  toast: 'prepare',
  melt: 'prepare',
  boil: 'prepare',
  cool: 'cool',
  chill: 'rest',
  rest: 'rest',
  prove: 'rest',
  shape: 'shape',
  place: 'shape',
  layer: 'finish',
  finish: 'finish',
};
const BY_WEIGHT: readonly StepKind[] = ['heat', 'mix', 'shape', 'rest', 'cool', 'prepare', 'finish'];

/** What a step is for: of what it does that which counts most. `heated`: ids of the actions that heat. */
export function kindOf(actions: readonly Action[], heated: ReadonlySet<string>): StepKind {
  const all = actions.map(({ id, class: kind }): StepKind =>
    heated.has(id) ? 'heat' : ((kind && KINDS[kind]) ?? 'mix'),
  );
  return BY_WEIGHT.find((kind) => all.includes(kind)) ?? 'mix';
}
