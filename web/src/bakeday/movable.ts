import type { PlannedTask } from '@omniarton/core/clock';

/** What can be held at a time of its own: work, and what goes into an oven; the door moves with that. */
export const isMovable = ({ kind, handsOn }: PlannedTask): boolean =>
  (handsOn && kind !== 'load' && kind !== 'unload') || kind === 'bake';
