import { Trouble } from './say.mjs';

/** What a system or a database says of a place that can't be written to, in one sentence each. */
const KNOWN = [
  [
    /\bENOSPC\b|No space left on device/i,
    'There is no room left on the disk where the data lie',
    'Make room there and start again; nothing was changed.',
  ],
  [
    /\bEROFS\b|Read-only file system/i,
    'The disk where the data lie takes no writes',
    'Make it writable, or set OMNIARTON_DATA to another place; nothing was changed.',
  ],
  [
    /\bEDQUOT\b|quota exceeded/i,
    'Your share of the disk is used up',
    'Make room and start again; nothing was changed.',
  ],
  [
    /\bE(?:ACCES|PERM)\b|Permission denied/i,
    'This user may not write where the data lie',
    'Start as the user who owns them, or set OMNIARTON_DATA to another place; nothing was changed.',
  ],
];

/** A trouble in plain words out of an error of the system; the error itself where it is none that is known. */
export function inWords(error, where = '') {
  if (error instanceof Trouble) return error;
  const said = `${error?.code ?? ''} ${error?.message ?? error}`;
  const found = KNOWN.find(([pattern]) => pattern.test(said));
  return found ? new Trouble(`${found[1]}${where ? ` (${where})` : ''}.`, found[2]) : error;
}

/** The same of a text, such as the end of a log; undefined where it says none of it. */
export const troubleIn = (text, where) => {
  const found = inWords(new Error(text), where);
  return found instanceof Trouble ? found : undefined;
};
