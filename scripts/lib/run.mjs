import { Trouble } from './say.mjs';
import { inWords } from './troubles.mjs';

/** Runs a script's main function; a Trouble ends it with words and exit code 1. */
export async function run(main) {
  try {
    await main();
  } catch (error) {
    const known = inWords(error);
    console.error(known instanceof Trouble ? `\n${known.message}\n` : known);
    process.exitCode = 1;
  }
}
