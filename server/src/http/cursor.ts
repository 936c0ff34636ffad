import { InvalidError } from './errors';
import { isUuid } from './uuid';

/** The last row of a page: what its list is ordered by, and its id. */
export interface Cursor {
  readonly before: readonly string[];
  readonly id: string;
}

/** PostgreSQL's own text of a moment, and of a day. */
const STAMP =
  /^\d{4}-(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\d|3[01])(?: [0-2]\d:[0-5]\d:[0-5]\d(?:\.\d{1,6})?[+-]\d{2}(?::?\d{2})?)?$/;
export const isMoment = (text: string): boolean => {
  const day = text.slice(0, 10);
  const date = new Date(`${day}T00:00:00Z`);
  return STAMP.test(text) && !Number.isNaN(date.getTime()) && date.toISOString().startsWith(day);
};

export const cursorOf = ({ before, id }: Cursor): string =>
  Buffer.from(JSON.stringify([...before, id])).toString('base64url');

/** Reads a page's marker with so many parts before its id, each of which is what its list stands in order of. Throws InvalidError for one that isn't ours. */
export function readCursor(
  marker: string,
  parts: number,
  isPart: (part: string) => boolean = isMoment,
): Cursor {
  try {
    const read: unknown = JSON.parse(Buffer.from(marker, 'base64url').toString());
    if (!Array.isArray(read) || read.length !== parts + 1) throw new TypeError('not ours');
    const [id, ...turned] = (read as unknown[]).reverse();
    const before = turned.reverse();
    if (typeof id !== 'string' || !isUuid(id)) throw new TypeError('not ours');
    if (!before.every((one): one is string => typeof one === 'string' && isPart(one)))
      throw new TypeError('not ours');
    return { before, id };
  } catch {
    throw new InvalidError('That page marker is not one of ours; ask for the first page again.');
  }
}
