import type { Remote } from 'comlink';
import { door, type EngineDoor } from '../state/engine/door';

/** The real engine, in this very process: tests of pages have no workers. */
const ask = async <T>(question: (there: Remote<EngineDoor>) => Promise<T>): Promise<T> =>
  question(door as unknown as Remote<EngineDoor>);

export const askQuick = ask;
export const askSlow = ask;
export const askIntake = ask;
export const askDay = ask;
