import { upcastDay, type DayDocument } from '@omniarton/core/clock';
import { attempt } from '../../base/attempt';

/** The bake day in this browser: a run goes on from it with the server gone, after a reload, a crash or an empty battery. */
export interface DayCopy {
  /** The version that it stands on. */
  readonly version: number;
  readonly doc: DayDocument;
  /** It holds something that the server doesn't have yet. */
  readonly unsent: boolean;
}

const keyOf = (household: string) => `omniarton.day.${household}`;

export const keepDay = (household: string, copy: DayCopy): void =>
  attempt(() => localStorage.setItem(keyOf(household), JSON.stringify(copy)));

export const findDay = (household: string): DayCopy | undefined =>
  attempt(() => {
    const kept = localStorage.getItem(keyOf(household));
    if (kept === null) return undefined;
    const { version, doc, unsent } = JSON.parse(kept) as DayCopy;
    return { version, doc: upcastDay<DayDocument>(doc), unsent };
  });

/** Another tab of this browser has changed the day. */
export function onOtherTab(household: string, heard: (copy: DayCopy) => void): () => void {
  const listen = ({ key }: StorageEvent) => {
    if (key !== keyOf(household)) return;
    const copy = findDay(household);
    if (copy) heard(copy);
  };
  addEventListener('storage', listen);
  return () => removeEventListener('storage', listen);
}
