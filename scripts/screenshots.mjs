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
const LOAF = 'Poppyseed lemon loaf';

/** Views of a kitchen beside its cupboard. */
const VIEWS = [
  ['learnt', 'learnt'],
  ['flours', 'flours?compare=white-rice-flour,sorghum-flour,almond-flour,coconut-flour'],
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

async function stages(browser, house) {
  for (const stage of ['Read', 'Guard', 'Blend', 'Balance'])
    await shoot(await open(browser, house, { title: CAKE, stage }), stage.toLowerCase());
  const heat = await open(browser, house, { title: CAKE, stage: 'Heat' });
  const section = heat.getByRole('heading', { name: 'A section through it' });
  await section.waitFor();
  await heat.mouse.move(400, 400);
  await heat.mouse.wheel(0, (await section.boundingBox()).y - 360);
  await shoot(heat, 'heat');
  const clock = await open(browser, house, { title: CAKE, stage: 'Clock' });
  await clock.getByLabel('On the table at').fill('2027-06-19T15:30');
  await clock.locator('h1').click();
  await settled(clock);
  await shoot(clock, 'clock');
  const log = await open(browser, house, { title: LOAF, stage: 'Log' });
  const beside = log.getByRole('button', { name: 'Side by side' });
  await beside.first().waitFor();
  for (const at of [0, 1, 2]) await beside.nth(at).click();
  const compared = log.getByRole('region', { name: 'Side by side' });
  await compared.getByRole('img').first().waitFor();
  await log.mouse.move(400, 400);
  await log.mouse.wheel(0, (await compared.boundingBox()).y - 70);
  await shoot(log, 'log');
  const taste = await open(browser, house, { title: LOAF, stage: 'Taste' });
  await taste.getByRole('button', { name: 'Which loaf for the tea' }).click();
  await taste.getByRole('img', { name: /Each taster/ }).waitFor();
  await shoot(taste, 'taste');
  const next = await open(browser, house, { title: 'Lattice plum galette', stage: 'Next' });
  await next.getByRole('button', { name: /The bake of/ }).click();
  await next.getByRole('option', { name: '2027-05-16' }).click();
  await next.getByRole('heading', { name: 'One thing to change' }).waitFor();
  await shoot(next, 'next');
}

/** The club's tea on its morning, planned, and some way into it at the counter. */
async function bakeDay(browser, house, address) {
  const page = await open(browser, house, {});
  await page.clock.install({ time: new Date('2027-06-19T05:30:00Z') });
  await page.goto(`${address}/day`);
  await page.getByText('No plan can begin later.').waitFor({ timeout: 60_000 });
  await page.waitForSelector('main div:not([data-busy])');
  await page.screenshot({ path: into('day') });
  say('day');
  await page.getByRole('button', { name: 'Bake now' }).click();
  await page.getByRole('button', { name: 'Let timers sound' }).click();
  for (let done = 0; done < 26; done += 1) {
    await page.getByRole('button', { name: /^Done/ }).first().click();
    await page.clock.fastForward(2 * 60_000);
  }
  await shoot(page, 'run');
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
    const first = await open(browser, house, {});
    await first.getByRole('article', { name: /A docket/ }).waitFor();
    await shoot(first, 'work-list');
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
    await shoot(await open(browser, house, { title: SNAPS, stage: 'Blend', dark: true }), 'blend-dark');
    await shoot(await open(browser, house, { title: CAKE, stage: 'Read', viewport: PHONE }), 'phone-read');
    const phone = await open(browser, house, { title: SNAPS, stage: 'Heat', viewport: PHONE });
    await phone.getByRole('button', { name: /^Docket/ }).click();
    await shoot(phone, 'phone-docket');
    await bakeDay(browser, house, address);
    await print(browser, house);
  } finally {
    await browser.close();
    await house.close();
  }
});
