import type { RootState } from '../state';
import { NO_KITCHEN } from '../kitchen/kitchenSlice';
import type { askQuick } from './engine';
import type { Made } from '@omniarton/core/larder';
import type { KitchenParcel } from './answers';

type Ask = typeof askQuick;
type Door = Parameters<Parameters<Ask>[0]>[0];

/** The kitchen that a draft is read in, as it goes to an engine. */
export function parcelOf(state: RootState, household: string): KitchenParcel {
  const { doc, recipes, edition, bags } = state.kitchens[household] ?? NO_KITCHEN;
  return {
    key: `${household}:${edition}`,
    doc,
    recipes,
    bags: bags.map(({ id, grams, doc: bag }) => ({ id, grams, bag })),
  };
}

/** The recipes of the kitchen that was laid last: the other engine needn't weigh them again. */
let weighed: { readonly key: string; readonly made: Made } | null = null;

/**
 * Asks an engine something that hangs on the kitchen. The kitchen goes over once an edition: an engine that hasn't it says
 * so, is given it, and is asked again.
 */
export function askInKitchen<T>(
  ask: Ask,
  parcel: KitchenParcel,
  question: (door: Door, key: string) => Promise<T | null>,
  onLaid: (troubles: readonly string[]) => void,
): Promise<T> {
  return ask(async (door) => {
    const known = await question(door, parcel.key);
    if (known !== null) return known;
    // Both go over in one breath: between them no other edition is laid.
    const laying = door.lay(weighed?.key === parcel.key ? { ...parcel, made: weighed.made } : parcel);
    const asking = question(door, parcel.key);
    const { troubles, made } = await laying;
    weighed = { key: parcel.key, made };
    onLaid(troubles);
    const now = await asking;
    if (now === null) throw new Error('The engine has lost its kitchen.');
    return now;
  });
}
