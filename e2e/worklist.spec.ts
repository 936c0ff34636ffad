import { readFile } from 'node:fs/promises';
import { expect, test } from './house/house';
import { SQUARES } from './recipes';

test('the work list leads with what each batch weighs', async ({ bench, page }) => {
  await bench.toWorkList();
  const demo = page.getByRole('region', { name: /Quillhaven boat club/ });
  const row = demo.getByRole('listitem').filter({ hasText: 'Harbour ginger snaps' });
  await expect(row).toContainText(/8\d\d g/);
  await expect(row).toContainText('drop cookie');
  await row.getByRole('link').click();
  await expect(page.getByRole('heading', { name: 'Harbour ginger snaps', level: 1 })).toBeVisible();
});

test('a recipe is taken off the table and put back', async ({ bench, page }) => {
  await bench.paste(SQUARES.replace('Damson squares', 'Squares to lose'));
  await bench.toWorkList();
  const row = page.getByRole('listitem').filter({ hasText: 'Squares to lose' });
  await row.getByRole('button', { name: /off the table/ }).click();
  await expect(row).toHaveCount(0);
  await page.getByRole('button', { name: 'Put back' }).click();
  await expect(row).toHaveCount(1);
});

test('several go out as one file, and come in from it again', async ({ bench, page }) => {
  await bench.toWorkList();
  const demo = page.getByRole('region', { name: /Quillhaven boat club/ });
  await demo.getByRole('button', { name: 'Choose several' }).click();
  for (const title of ['Harbour ginger snaps', 'Poppyseed lemon loaf'])
    await demo.getByRole('checkbox', { name: new RegExp(title) }).check({ force: true });
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    demo.getByRole('button', { name: 'As one file' }).click(),
  ]);
  const recipes = JSON.parse(await readFile(await file.path(), 'utf8')) as {
    '@type': string;
    name: string;
    recipeIngredient: string[];
  }[];
  expect(recipes.map(({ name }) => name).sort()).toEqual(['Harbour ginger snaps', 'Poppyseed lemon loaf']);
  for (const one of recipes) {
    expect(one['@type']).toBe('Recipe');
    expect(one.recipeIngredient.length).toBeGreaterThan(4);
  }
});

test('an address that names nothing leads back, and localhost moves to the one address', async ({
  bench,
  page,
}) => {
  await page.goto(`${bench.house.address}/no/such/page`);
  await page.getByRole('link', { name: 'To the work list' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/On the table|without gluten or grain/);
  await page.goto(bench.house.address.replace('127.0.0.1', 'localhost'));
  await expect(page).toHaveURL(`${bench.house.address}/`);
});

test('settings are kept, and the theme is there at once', async ({ bench, page }) => {
  await page.goto(`${bench.house.address}/settings`);
  await bench.settled();
  await page.getByText('Dark').click();
  await page.getByText('°F and inches').click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await page.reload();
  await expect(page.getByRole('radio', { name: '°F and inches' })).toBeChecked();
  await bench.openDemo('Pear and cardamom layer cake');
  await expect(bench.docket).toContainText('350 °F');
  await page.goto(`${bench.house.address}/settings`);
  await page.getByText('°C').click();
  await page.getByText('As the device').click();
  await expect(page.getByRole('radio', { name: '°C' })).toBeChecked();
});

test('one list for the shops: shelf by shelf, ticked, kept, and into the cupboard', async ({
  bench,
  page,
}) => {
  await bench.toWorkList();
  const demo = page.getByRole('region', { name: /Quillhaven boat club/ });
  await demo.getByRole('button', { name: 'Choose several' }).click();
  for (const title of ['Harbour ginger snaps', 'Poppyseed lemon loaf'])
    await demo.getByRole('checkbox', { name: new RegExp(title) }).check({ force: true });
  await demo.getByRole('link', { name: 'Shopping list' }).click();
  await bench.settled();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Harbour ginger snaps');
  const eggs = page.getByRole('region', { name: 'eggs, milk and fats' });
  await expect(eggs.getByRole('listitem').filter({ hasText: 'egg' }).first()).toContainText(/\d ×/);
  await eggs.getByRole('checkbox').first().check();
  // A kitchen that has all flours needs none: what it lacks goes in by one press.
  const flours = page.getByRole('region', { name: 'flours, starches and gums' });
  if ((await flours.count()) > 0) {
    const row = flours.getByRole('listitem').first();
    await row.getByRole('checkbox').check();
    await page.getByRole('button', { name: /^Into the cupboard: / }).click();
  }
  await page.reload();
  await bench.settled();
  await expect(eggs.getByRole('checkbox').first()).toBeChecked();
  // In the shop there may be no way to the server: the list stays, and is ticked there.
  await page.route('**/api/**', (route) => route.abort());
  await page.reload();
  await expect(page.getByText('as this device kept it')).toBeVisible();
  await eggs.getByRole('checkbox').nth(1).check();
  await page.unroute('**/api/**');
  await page.reload();
  await bench.settled();
  await expect(eggs.getByRole('checkbox').nth(1)).toBeChecked();
});

test('one docket leads to its own shopping list', async ({ bench, page }) => {
  await bench.openDemo('Harbour ginger snaps');
  await bench.docket.getByRole('link', { name: 'Shopping list' }).click();
  await bench.settled();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('To buy for Harbour ginger snaps');
});
