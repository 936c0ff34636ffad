import { upcastKitchen, type KitchenDocument } from '@omniarton/core/kitchen';
import { attempt } from '../../base/attempt';

/** A kitchen's changes that the server doesn't have yet, in this browser: for a closed tab or a server that is away. */
export interface KitchenCopy {
  /** The version that they were made on. */
  readonly version: number;
  readonly doc: KitchenDocument;
}

const keyOf = (household: string) => `omniarton.kitchen.${household}`;

export const keepKitchen = (household: string, copy: KitchenCopy): void =>
  attempt(() => localStorage.setItem(keyOf(household), JSON.stringify(copy)));

export const dropKitchen = (household: string): void =>
  attempt(() => localStorage.removeItem(keyOf(household)));

export const findKitchen = (household: string): KitchenCopy | undefined =>
  attempt(() => {
    const kept = localStorage.getItem(keyOf(household));
    if (kept === null) return undefined;
    const { version, doc } = JSON.parse(kept) as KitchenCopy;
    return { version, doc: upcastKitchen(doc) };
  });
