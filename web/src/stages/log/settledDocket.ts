import type { Docket } from '@omniarton/core/docket';
import type { RootState } from '../../state/state';
import { isStale } from '../../state/engine/engineSlice';

export const NO_DOCKET = 'There is no docket that this was baked from.';
export const OTHERWISE =
  'The recipe or the kitchen was changed while the bake was being kept. Look at the docket, then keep it again.';
const FAILED = 'The docket could not be worked out for the recipe as it is now, so nothing was kept.';
const LATE = 'The docket is still being worked out. Try again in a moment.';
const LONGEST_MS = 60_000;

/** A docket with the question that it answers. */
export interface Settled {
  readonly docket: Docket;
  readonly edition: number;
}

interface Store {
  readonly getState: () => RootState;
  readonly subscribe: (listener: () => void) => () => void;
}

/** The docket of a draft as it is now, in the kitchen as it is now; why there is none; undefined while it is being made. */
function settledIn(state: RootState, id: string): Settled | string | undefined {
  const draft = state.drafts[id];
  const engine = state.engine[id];
  if (!draft || !engine) return NO_DOCKET;
  if (engine.failed !== null) return FAILED;
  if (isStale(engine)) return undefined;
  if (engine.outcome?.outcome !== 'docket') return NO_DOCKET;
  const edition = state.kitchens[draft.household]?.edition ?? 0;
  return { docket: engine.outcome.docket, edition };
}

/** Waits until the docket on the page answers what is on the page. Says in words why it doesn't come. */
export function whenSettled(store: Store, id: string): Promise<Settled | string> {
  return new Promise((done) => {
    const look = () => {
      const now = settledIn(store.getState(), id);
      if (now === undefined) return;
      clearTimeout(timer);
      leave();
      done(now);
    };
    const timer = setTimeout(() => {
      leave();
      done(LATE);
    }, LONGEST_MS);
    const leave = store.subscribe(look);
    look();
  });
}

/** True as long as a docket is still that of what is on the page. */
export function isCurrent(state: RootState, id: string, { docket, edition }: Settled): boolean {
  const now = settledIn(state, id);
  return typeof now === 'object' && now.docket === docket && now.edition === edition;
}
