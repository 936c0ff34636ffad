import { createInterface } from 'node:readline/promises';

/** A line for the person at the terminal. */
export const say = (text) => console.log(text);

/** Something a person must put right: shown in one paragraph, without a stack. */
export class Trouble extends Error {
  constructor(what, next) {
    super(next ? `${what}\n  → ${next}` : what);
    this.name = 'Trouble';
  }
}

/** Asks before something is installed. `--yes` and CI=true answer yes; without a terminal the answer is no. */
export async function agree(question) {
  if (process.argv.includes('--yes') || process.env.CI === 'true') return true;
  if (!process.stdin.isTTY) return false;
  const terminal = createInterface({ input: process.stdin, output: process.stdout });
  const answer = await terminal.question(`${question} [Y/n] `);
  terminal.close();
  return !/^n/i.test(answer.trim());
}
