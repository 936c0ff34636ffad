import {
  existsSync,
  openSync,
  closeSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
  writeSync,
} from 'node:fs';
import { alive, commandLine } from './processes.mjs';
import { say, Trouble } from './say.mjs';

const isStart = (pid) => pid !== process.pid && alive(pid) && commandLine(pid).includes('start.mjs');

/** The note of a run: who serves where. A damaged one (after a power cut) is said and passed over. */
function readNote(file) {
  if (!existsSync(file)) return undefined;
  try {
    const { pid, address } = JSON.parse(readFileSync(file, 'utf8'));
    if (Number.isInteger(pid) && typeof address === 'string') return { pid, address };
  } catch {
    // Said below.
  }
  say(`The note of an earlier run (${file}) is damaged; it is passed over.`);
  return undefined;
}

/** A second start points to the first. */
export function refuseSecondStart(file) {
  const note = readNote(file);
  if (note && isStart(note.pid))
    throw new Trouble(`Omniarton is running already (process ${note.pid}).`, `Open ${note.address}`);
}

/** Written beside and then moved into place: a cut leaves the old one or the new one, never half of it. */
export function writeNote(file, note) {
  const beside = `${file}.${process.pid}`;
  writeFileSync(beside, JSON.stringify(note));
  renameSync(beside, file);
}

/** Of two starts at once one goes on; the other is told which. Gives back what lets go of it. */
export function holdStart(file) {
  for (let tries = 0; tries < 3; tries += 1) {
    try {
      const held = openSync(file, 'wx', 0o600);
      writeSync(held, String(process.pid));
      closeSync(held);
      return () => rmSync(file, { force: true });
    } catch (error) {
      if (error.code !== 'EEXIST') throw error;
    }
    const holder = Number(readFileSync(file, 'utf8'));
    if (isStart(holder))
      throw new Trouble(
        `Omniarton is being started by process ${holder}.`,
        'Wait until it is up, then open its page.',
      );
    rmSync(file, { force: true });
  }
  throw new Trouble(`The lock ${file} can't be had.`, 'Delete it if nothing else starts Omniarton here.');
}
