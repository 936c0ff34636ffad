import type { HouseRole } from '@omniarton/contracts/paths-and-errors';

/** What each may do, in a few words. */
export const ROLE_OPTIONS: readonly { readonly id: HouseRole; readonly name: string }[] = [
  { id: 'owner', name: 'owner: all, and who is in' },
  { id: 'baker', name: 'baker: recipes, bakes, cupboard' },
  { id: 'helper', name: 'helper: reads, ticks and times' },
  { id: 'taster', name: 'taster: ballots alone' },
];

/** Whoever sits at the machine is called so until they say otherwise. */
export const UNNAMED = 'You';
