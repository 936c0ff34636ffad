import { chromium } from '@playwright/test';
import { signedIn } from '../scripts/lib/asking.mjs';
import { asked, openLoaded, quantile, readingsOf, STRANGER } from '../scripts/lib/load.mjs';
import { CHROMIUM } from '../scripts/lib/throwaway.mjs';

const SIZE = { recipes: 2000, bakes: 10_000 };
const CLIENTS = 10;
const EACH_MS = 4000;
/** The processor of a slow phone, beside this one's. */
const SLOWED = 4;
const TIMES = 5;

interface Look {
  /** The first recipe of the list stands in the document and is painted, ms. */
  readonly read: number;
  /** What is pressed is answered, ms. */
  readonly live: number;
}

/** Notes in the page itself when a recipe's link was first painted: asked from outside, the answer waits behind the page's work. */
const NOTES = `(() => {
  const look = () => document.querySelector('a[href*="/recipe/"]')
    ? requestAnimationFrame(() => setTimeout(() => (window.readAt = performance.now())))
    : setTimeout(look, 5);
  look();
})()`;

/** From nothing to the first recipes of a long list: a browser without anything of ours, its processor slowed. */
async function firstPage(address: string): Promise<Look> {
  const looks: Look[] = [];
  for (let turn = 0; turn < TIMES; turn += 1) {
    const browser = await chromium.launch(CHROMIUM);
    try {
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      const devtools = await page.context().newCDPSession(page);
      await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
      await page.addInitScript(NOTES);
      await page.goto(address);
      await page.waitForFunction(
        () => 'readAt' in window && document.getElementById('written-style') === null,
      );
      looks.push(
        await page.evaluate(() => ({
          read: (window as unknown as { readAt: number }).readAt,
          live: performance.now(),
        })),
      );
    } finally {
      await browser.close();
    }
  }
  const median = (of: keyof Look) =>
    quantile(
      looks.map((look) => look[of]),
      0.5,
    );
  return { read: median('read'), live: median('live') };
}

/** A server under ten clients that ask without a pause, and its first page. */
export async function loadFigures(): Promise<string[]> {
  const house = await openLoaded(SIZE);
  try {
    const lines: string[] = [];
    for (const [what, one] of Object.entries(readingsOf(house))) {
      await asked(CLIENTS, EACH_MS / 4, one);
      const answers = await asked(CLIENTS, EACH_MS, one);
      const times = answers.map(({ ms }) => ms);
      const alone = (await asked(1, EACH_MS / 4, one)).map(({ ms }) => ms);
      const bad = answers.filter(({ status }) => status !== 200).length;
      lines.push(
        `${what}, ${CLIENTS} clients, ${SIZE.recipes} recipes, ${SIZE.bakes} bakes: median ${quantile(times, 0.5).toFixed(0)} ms, p99 ${quantile(times, 0.99).toFixed(0)} ms (wanted: under 150), ${((1000 * answers.length) / EACH_MS).toFixed(0)} a second; one client ${quantile(alone, 0.5).toFixed(1)} ms${bad > 0 ? `; ${bad} REFUSED` : ''}`,
      );
    }
    const { signInMs } = await signedIn(house.address, house.address, STRANGER);
    lines.push(`sign-in by a passphrase: ${signInMs.toFixed(0)} ms (wanted: under 400)`);
    const { read, live } = await firstPage(house.address);
    lines.push(
      `first page, cold, processor slowed ${SLOWED} times: ${read.toFixed(0)} ms until the list is read (wanted: under 1000), ${live.toFixed(0)} until all of it answers`,
    );
    return lines;
  } finally {
    await house.close();
  }
}
