import { chromium } from '@playwright/test';
import { join } from 'node:path';
import { root } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { say } from './lib/say.mjs';
import { CHROMIUM, openThrowaway } from './lib/throwaway.mjs';

/* One current picture of each main view, from the demo: docs/screenshots. Open each and look at it before committing. */

const WIDE = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const CAKE = 'Pear and cardamom layer cake';
const SNAPS = 'Harbour ginger snaps';

/** Views of a kitchen beside its cupboard. */
const VIEWS = [
  ['ovens', 'ovens'],
  ['flours', 'flours?compare=white-rice-flour,sorghum-flour,almond-flour,coconut-flour'],
  ['flour', 'flours/sweet-rice-flour'],
  ['jar-label', 'jars/0195a0c0-0000-7000-8000-000000000007'],
];

const into = (name) => join(root, 'docs/screenshots', `${name}.png`);
const settled = (page) => page.waitForSelector('main:not([data-busy]):not([aria-busy])');

async function open(browser, house, { title, stage, viewport = WIDE, dark = false }) {
  const page = await browser.newPage({
    viewport,
    colorScheme: dark ? 'dark' : 'light',
    reducedMotion: 'reduce',
    locale: 'en-GB',
    timezoneId: 'Europe/Berlin',
  });
  await page.goto(house.address);
  await settled(page);
  if (title) {
    await page.getByRole('link', { name: title }).click();
    await page.getByRole('link', { name: stage, exact: true }).click();
    await page.locator('aside').getByText(/min/).first().waitFor({ state: 'attached' });
    await settled(page);
  }
  await page.evaluate('document.fonts.ready');
  return page;
}

async function shoot(page, name) {
  await page.waitForTimeout(300);
  await page.screenshot({ path: into(name) });
  await page.close();
  say(name);
}

async function writeDownABake(page) {
  await page.getByRole('button', { name: 'Write down a bake' }).click();
  await page.getByLabel('Baked on').fill('2026-06-19');
  await page.getByLabel('It took').fill('36');
  await page.getByLabel('It took').press('Enter');
  await page.getByRole('radiogroup', { name: /Rise/ }).getByText('7').click();
  await page.getByRole('radiogroup', { name: /Taste/ }).getByText('8').click();
  await page
    .getByLabel('Notes')
    .fill('Sides pulled away. A little pale in the middle: one rack lower next time.');
  await settled(page);
  await page.getByRole('button', { name: 'Keep this bake' }).click();
  await page.getByRole('button', { name: 'Its docket' }).waitFor();
  await settled(page);
}

async function stages(browser, house) {
  for (const stage of ['Read', 'Guard', 'Blend', 'Balance'])
    await shoot(await open(browser, house, { title: CAKE, stage }), stage.toLowerCase());
  const heat = await open(browser, house, { title: CAKE, stage: 'Heat' });
  const section = heat.getByRole('heading', { name: 'A section through it' });
  await section.waitFor();
  await heat.mouse.move(400, 400);
  await heat.mouse.wheel(0, (await section.boundingBox()).y - 360);
  await shoot(heat, 'heat');
  const ways = await open(browser, house, { title: CAKE, stage: 'Balance' });
  const fold = ways.getByText('Other ways to convert it, side by side');
  await fold.click();
  await ways.getByRole('button', { name: 'Take this way' }).first().waitFor();
  await ways.mouse.wheel(0, (await fold.boundingBox()).y - 70);
  await shoot(ways, 'ways');
  const clock = await open(browser, house, { title: CAKE, stage: 'Clock' });
  await clock.getByLabel('On the table at').fill('2027-06-19T15:30');
  await clock.locator('h1').click();
  await settled(clock);
  await shoot(clock, 'clock');
  const log = await open(browser, house, { title: CAKE, stage: 'Log' });
  await writeDownABake(log);
  await shoot(log, 'log');
}

async function print(browser, house) {
  const page = await open(browser, house, {
    title: CAKE,
    stage: 'Read',
    viewport: { width: 794, height: 1123 },
  });
  await page.emulateMedia({ media: 'print' });
  await shoot(page, 'print');
}

await run(async () => {
  const house = await openThrowaway({ demo: true });
  const browser = await chromium.launch(CHROMIUM);
  try {
    await shoot(await open(browser, house, {}), 'work-list');
    await stages(browser, house);
    const kitchen = await open(browser, house, {});
    await kitchen
      .getByRole('region', { name: /Quillhaven/ })
      .getByRole('link', { name: 'Kitchen' })
      .click();
    await kitchen.getByText('potato starch, second shelf').click();
    await settled(kitchen);
    const address = kitchen.url().replace(/\/cupboard$/, '');
    await shoot(kitchen, 'kitchen');
    for (const [name, path] of VIEWS) {
      const page = await open(browser, house, {});
      await page.goto(`${address}/${path}`);
      await settled(page);
      await shoot(page, name);
    }
    const schools = await open(browser, house, { title: CAKE, stage: 'Blend' });
    await schools.getByRole('article').nth(1).waitFor();
    await schools
      .getByRole('heading', { name: 'Schools side by side' })
      .evaluate((one) => one.scrollIntoView());
    await schools.evaluate('window.scrollBy(0, -60)');
    await shoot(schools, 'schools');
    await shoot(await open(browser, house, { title: SNAPS, stage: 'Blend', dark: true }), 'blend-dark');
    await shoot(await open(browser, house, { title: CAKE, stage: 'Read', viewport: PHONE }), 'phone-read');
    const phone = await open(browser, house, { title: SNAPS, stage: 'Heat', viewport: PHONE });
    await phone.getByRole('button', { name: /^Docket/ }).click();
    await shoot(phone, 'phone-docket');
    await print(browser, house);
  } finally {
    await browser.close();
    await house.close();
  }
});
