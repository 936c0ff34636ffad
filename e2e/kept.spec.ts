import type { Page } from '@playwright/test';
import { expect, test } from './house/house';
import { MUFFINS, SQUARES } from './recipes';

test('with the database down the edit is kept, and saved when it is back', async ({ bench, page }) => {
  await bench.paste(MUFFINS);
  bench.house.database.cut();
  await bench.words.fill(MUFFINS.replace('Gooseberry', 'Currant'));
  await expect(page.getByText('Kept here; the server is away')).toBeVisible();
  await expect(bench.docket.getByRole('heading', { name: 'Currant muffins' })).toBeVisible();
  bench.house.database.mend();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await bench.settled();
  await bench.openWords();
  await expect(bench.words).toHaveValue(/Currant muffins/);
});

test('the work list says that the database is down, and comes by itself when it is back', async ({
  bench,
  page,
}) => {
  bench.house.database.cut();
  await page.goto(bench.house.address);
  await expect(page.getByRole('alert')).toContainText('The database does not answer');
  bench.house.database.mend();
  await expect(page.getByRole('region', { name: /Quillhaven/ })).toBeVisible();
});

test('a tab that is closed while the server is away offers its edits again', async ({
  bench,
  page,
  context,
}) => {
  await bench.paste(SQUARES);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await context.setOffline(true);
  await bench.words.fill(SQUARES.replace('Damson', 'Sloe'));
  await expect(page.getByText('Kept here; the server is away')).toBeVisible();
  await page.close();
  await context.setOffline(false);
  const next = await context.newPage();
  await next.goto(bench.house.address);
  await expect(next.getByText(/Sloe squares.*never reached the server/)).toBeVisible();
  await next.getByRole('button', { name: 'Take them up' }).click();
  await bench.openWords(next);
  await expect(next.getByLabel('As it was written')).toHaveValue(/Sloe squares/);
  await expect(next.getByText('Saved', { exact: true })).toBeVisible();
  await next.goto(bench.house.address);
  await expect(next.getByText(/never reached the server/)).toHaveCount(0);
});

test('two tabs on one recipe: the second save is refused, both versions are shown, both can be kept', async ({
  bench,
  page,
  context,
}) => {
  await bench.paste(SQUARES.replace('Damson', 'Twice'));
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  await bench.settled(other);
  await bench.openWords(other);
  await context.setOffline(true);
  await bench.words.fill(SQUARES.replace('Damson', 'Twice').replace('150 g butter', '160 g butter'));
  await other
    .getByLabel('As it was written')
    .fill(SQUARES.replace('Damson', 'Twice').replace('150 g butter', '140 g butter'));
  await expect(other.getByText('Kept here; the server is away')).toBeVisible();
  await context.setOffline(false);
  const asked = (tab: Page) => tab.getByRole('heading', { name: /saved elsewhere/ }).count();
  await expect.poll(async () => (await asked(page)) + (await asked(other))).toBe(1);
  const refused = (await asked(page)) > 0 ? page : other;
  await expect(refused.getByText('160 g butter').first()).toBeVisible();
  await expect(refused.getByText('140 g butter').first()).toBeVisible();
  await refused.getByRole('button', { name: 'Keep both' }).click();
  await expect(refused.getByRole('heading', { name: 'Twice squares (my version)', level: 1 })).toBeVisible();
  await bench.settled(refused);
  await refused.goto(bench.house.address);
  await expect(refused.getByRole('link', { name: /^Twice squares/ })).toHaveCount(2);
});

test('a tab without edits of its own follows the one that saves', async ({ bench, page, context }) => {
  await bench.paste(MUFFINS.replace('Gooseberry', 'Followed'));
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  await bench.settled(other);
  await bench.openWords(other);
  await bench.words.fill(MUFFINS.replace('Gooseberry', 'Led'));
  await expect(other.getByLabel('As it was written')).toHaveValue(/Led muffins/);
});

test('a browser that keeps nothing is no reason to stop', async ({ bench, page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(globalThis, 'indexedDB', { get: () => undefined });
    Storage.prototype.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await bench.paste(MUFFINS);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  bench.house.database.cut();
  await bench.words.fill(MUFFINS.replace('Gooseberry', 'Kept'));
  await expect(page.getByText(/keeps no copies/)).toBeVisible();
  bench.house.database.mend();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
});
