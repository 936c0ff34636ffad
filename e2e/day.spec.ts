import type { Page } from '@playwright/test';
import { expect, openHouse, test } from './house/house';

const MORNING = new Date('2027-06-19T05:30:00Z');
const MINUTE = 60_000;

/** The demo's bake day, on the morning of the tea. */
async function toDay(page: Page, address: string, household: string): Promise<void> {
  await page.clock.install({ time: MORNING });
  await page.goto(`${address}/kitchen/${household}/day`);
  await expect(page.getByText('No plan can begin later.')).toBeVisible();
}

/** Begins one demo recipe at the counter. */
async function toCounter(
  page: Page,
  address: string,
  { household, recipe }: { household: string; recipe: string },
): Promise<void> {
  await page.clock.install({ time: MORNING });
  await page.goto(`${address}/kitchen/${household}/recipe/${recipe}/clock`);
  await page.getByLabel('On the table at').fill('2027-06-19T15:30');
  await page.getByRole('button', { name: 'Bake now' }).click();
  await page.getByRole('region', { name: 'Now' }).waitFor();
}

const done = (page: Page) => page.getByRole('region', { name: 'Now' }).getByRole('button', { name: /^Done/ });
/** Says "done" until something is in the oven. */
async function intoTheOven(page: Page): Promise<void> {
  const timer = page.getByRole('timer', { name: /first look/ });
  for (let at = 0; at < 8 && !(await timer.isVisible()); at += 1) await done(page).click();
  await expect(timer).toBeVisible();
}
const leftOn = async (page: Page): Promise<number> => {
  const [minutes, seconds] = (await page.getByRole('timer', { name: /first look/ }).innerText())
    .split(':')
    .map(Number);
  return minutes! * 60 + seconds!;
};

test('bake day: the club’s tea is planned and proven; what is taken off or held gives way, and comes back', async ({
  bench,
  page,
}) => {
  test.slow();
  const { household } = await bench.find('Poppyseed lemon loaf');
  await toDay(page, bench.house.address, household);
  const begin = () =>
    page
      .getByText(/^\d\d:\d\d$/)
      .first()
      .innerText();
  const first = await begin();
  const tasks = page.getByRole('region', { name: 'Saturday 19 June' }).getByRole('listitem');
  await expect(tasks.filter({ hasText: 'Pear and cardamom layer cake on the table' })).toContainText('15:30');
  await page.getByRole('button', { name: 'Take off the day: Poppyseed lemon loaf' }).click();
  await expect(tasks.filter({ hasText: 'Poppyseed lemon loaf' })).toHaveCount(0);
  await expect(page.getByText('No plan can begin later.')).toBeVisible();
  expect((await begin()) >= first).toBe(true);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(tasks.filter({ hasText: 'Poppyseed lemon loaf' }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Move tasks' }).click();
  const knots = tasks
    .filter({ hasText: 'Cinnamon knots' })
    .filter({ has: page.getByLabel('Begin at') })
    .first();
  const at = await knots.getByLabel('Begin at').inputValue();
  const earlier = `${String(Number(at.slice(0, 2)) - 1).padStart(2, '0')}${at.slice(2)}`;
  await knots.getByLabel('Begin at').fill(earlier);
  await knots.getByLabel('Begin at').press('Enter');
  await expect(page.getByText('One task is held where you put it')).toBeVisible();
  await expect(
    tasks.filter({ hasText: 'Cinnamon knots' }).filter({ hasText: earlier }).first(),
  ).toBeVisible();
});

test('run: one thing to do, timers that hold through sleep, reload and a second page; the log has it', async ({
  bench,
  page,
  context,
}) => {
  const place = await bench.find('Poppyseed lemon loaf');
  await toCounter(page, bench.house.address, place);
  await intoTheOven(page);
  const before = await leftOn(page);
  await page.clock.fastForward(20 * MINUTE);
  await expect.poll(() => leftOn(page)).toBeLessThanOrEqual(before - 20 * 60);
  await page.reload();
  await page.getByRole('timer', { name: /first look/ }).waitFor();
  expect(Math.abs((await leftOn(page)) - (before - 20 * 60))).toBeLessThan(30);
  const second = await context.newPage();
  await second.clock.install({ time: new Date(MORNING.getTime() + 21 * MINUTE) });
  await second.goto(`${bench.house.address}/kitchen/${place.household}/day/run`);
  await second.getByRole('timer', { name: /first look/ }).waitFor();
  await second.getByText(/Before flour is opened/).click();
  await second.getByRole('checkbox').first().press('Space');
  await expect(page.getByText(/Before flour is opened: 6 open/)).toBeVisible();
  await second.close();
  await page.clock.fastForward(40 * MINUTE);
  await expect(page).toHaveTitle(/first look/);
  await page.getByRole('button', { name: 'Not yet' }).click();
  await page.getByLabel('In the middle').fill('80');
  await page.getByLabel('In the middle').press('Enter');
  await expect(page.getByText(/By the simulation a middle of 80 °C/)).toBeVisible();
  await page.getByRole('button', { name: '5 more minutes' }).click();
  await expect(page.getByRole('button', { name: 'Not yet' })).toBeHidden();
  await page.clock.fastForward(6 * MINUTE);
  await page.getByRole('button', { name: 'Done: it is out' }).click();
  await page.getByRole('button', { name: 'End the bake day' }).click();
  await page.getByRole('button', { name: 'End it' }).click();
  await expect(page.getByText(/6[5-9] minutes in the oven at 17\d °C/)).toBeVisible();
  await page.getByRole('link', { name: 'Into its log' }).click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByLabel('It took')).toHaveValue(/6[5-9]/);
});

test('run: behind the plan, the rest is planned again', async ({ bench, page }) => {
  const place = await bench.find('Lattice plum galette');
  await toCounter(page, bench.house.address, place);
  await page.clock.fastForward(9 * 60 * MINUTE);
  await page.getByRole('button', { name: 'Plan the rest again' }).click();
  await expect(page.getByText(/served \d+ minutes later than planned/)).toBeVisible();
});

test('run: with the server gone it goes on from this device after a reload, and is sent when the server is back', async ({
  page,
  bench,
}, info) => {
  test.slow();
  await bench.toWorkList();
  const house = await openHouse(`own_${info.workerIndex}`);
  try {
    await page.goto(house.address);
    await page.getByRole('link', { name: 'Poppyseed lemon loaf' }).click();
    await page.waitForURL(/\/recipe\//);
    const [, household, , recipe] = new URL(page.url()).pathname.split('/').slice(1);
    await toCounter(page, house.address, { household: household!, recipe: recipe! });
    await intoTheOven(page);
    await page.evaluate('navigator.serviceWorker.ready');
    await expect
      .poll(() => page.evaluate<boolean>('caches.keys().then((keys) => keys.length > 1)'))
      .toBe(true);
    const before = await leftOn(page);
    await house.kill();
    await page.clock.fastForward(10 * MINUTE);
    await page.reload();
    await page.getByRole('timer', { name: /first look/ }).waitFor();
    expect(Math.abs((await leftOn(page)) - (before - 600))).toBeLessThan(60);
    await expect(page.getByText('The server is away.')).toBeVisible();
    await page.clock.fastForward(50 * MINUTE);
    await page.getByRole('button', { name: 'Done: it is out' }).click();
    await house.revive();
    await page.clock.fastForward(MINUTE);
    await expect(page.getByText('The server is away.')).toBeHidden();
    const kept = await page.evaluate<string>(
      `fetch('/api/households/${household}/day').then((reply) => reply.text())`,
    );
    expect(kept).toContain('.out');
  } finally {
    await house.close();
  }
});
