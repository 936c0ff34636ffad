import { setTimeout as wait } from 'node:timers/promises';
import { keepOne, someDocument } from './lib/asking.mjs';
import { asked, editorsOf, openLoaded, quantile, readingsOf } from './lib/load.mjs';
import { run } from './lib/run.mjs';
import { say, Trouble } from './lib/say.mjs';

/*
 * Half an hour of a full house: ten devices that look for recipes, open them, edit their own and write new ones. The heap's low-water
 * mark and the slowest answers of the last sixth are set beside those of the second (the first warms up). `--minutes 5` for a shorter one.
 */
const CLIENTS = 10;
const PAUSE_MS = 100;
const LOOK_MS = 2000;
const PARTS = 6;
/** Every tenth request saves an edit, every two hundredth a new recipe: no more than one machine may save in a minute. */
const EDIT_EVERY = 10;
const NEW_EVERY = 200;

const at = process.argv.indexOf('--minutes');
const minutes = at < 0 ? 30 : Number(process.argv[at + 1]);
if (!(minutes > 0)) throw new Trouble('--minutes takes a number.', 'For example: --minutes 5');

await run(async () => {
  const house = await openLoaded({ recipes: 2000, bakes: 10_000 });
  try {
    const doc = await someDocument(house.address);
    const edit = await editorsOf(house, CLIENTS, doc);
    const readings = Object.values(readingsOf(house));
    const one = async (client, turn) => {
      if (turn % NEW_EVERY === NEW_EVERY - 1)
        return keepOne(house, doc, `New cake ${turn} of ${client}\n200 g plain flour`).then(() => 200);
      if (turn % EDIT_EVERY === 0) return edit(client, turn);
      return readings[turn % readings.length](client, turn);
    };
    const heaps = [];
    let going = true;
    const watch = async () => {
      while (going) {
        heaps.push({ at: performance.now(), mb: await house.heapMb() });
        await wait(LOOK_MS);
      }
    };
    const began = performance.now();
    const loading = asked(CLIENTS, minutes * 60_000, one, PAUSE_MS).finally(() => (going = false));
    const [answers] = await Promise.all([loading, watch()]);
    const part = (performance.now() - began) / PARTS;
    const within = (n) => (one) => one.at >= began + n * part && one.at < began + (n + 1) * part;
    const figures = Array.from({ length: PARTS }, (_, n) => {
      const own = answers.filter(within(n));
      return {
        p50: quantile(
          own.map(({ ms }) => ms),
          0.5,
        ),
        p99: quantile(
          own.map(({ ms }) => ms),
          0.99,
        ),
        heap: Math.min(...heaps.filter(within(n)).map(({ mb }) => mb)),
        count: own.length,
      };
    });
    figures.forEach(({ p50, p99, heap, count }, n) =>
      say(
        `part ${n + 1} of ${PARTS}: ${count} answers, median ${p50.toFixed(1)} ms, p99 ${p99.toFixed(0)} ms, heap at its lowest ${heap.toFixed(1)} MB`,
      ),
    );
    const [early, late] = [figures[1], figures.at(-1)];
    const refused = answers.filter(({ status }) => status >= 400);
    const failed = refused.filter(({ status }) => status >= 500).length;
    say(
      `${minutes} minutes, ${answers.length} answers: heap ${(late.heap / early.heap).toFixed(3)} times (wanted: within 5 %), p99 ${(late.p99 / early.p99).toFixed(2)} times, ${failed} answers of 5xx, ${refused.length - failed} refused`,
    );
    if (failed > 0 || refused.length > 0) throw new Trouble('The server refused what it should have taken.');
  } finally {
    await house.close();
  }
});
