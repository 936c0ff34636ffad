import { shows, type Action } from '../process';
import { BY_CLASS, BY_SIGN, type Deed } from './data/deeds';

/** What an action does, as techniques listen for it. `baked`: it comes after the bake. */
export function deedsOf({ class: kind, text }: Action, baked: boolean): Deed[] {
  const deeds: Deed[] = [
    ...((kind && BY_CLASS[kind]) ?? []),
    ...BY_SIGN.filter(([, sign]) => shows(sign, text)).map(([deed]) => deed),
    ...(baked && shows('cuts up', text) ? (['slice'] as const) : []),
  ];
  return deeds.length > 0 || kind === null ? deeds : ['else'];
}
