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

/** From nothing to the first recipes of a long list: a browser without anything of ours, its processor slowed. */
async function firstPage(address: string): Promise<number> {
  const times: number[] = [];
  for (let turn = 0; turn < TIMES; turn += 1) {
    const browser = await chromium.launch(CHROMIUM);
    try {
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      const devtools = await page.context().newCDPSession(page);
      await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
      const began = performance.now();
      await page.goto(address, { waitUntil: 'commit' });
      await page.getByRole('link', { name: /cake/i }).first().waitFor();
      times.push(performance.now() - began);
    } finally {
      await browser.close();
    }
  }
  return quantile(times, 0.5);
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
    lines.push(
      `first page, cold, processor slowed ${SLOWED} times: ${(await firstPage(house.address)).toFixed(0)} ms (wanted: under 1000)`,
    );
    return lines;
  } finally {
    await house.close();
  }
}
