import { readFile } from 'node:fs/promises';
import { expect, test } from './house/house';

const LOAF =
  'Quay loaf\n\nIngredients\n250 g plain flour\n120 g butter\n120 g sugar\n2 eggs\n2 tsp baking powder\n\nMethod\nRub the butter into the flour, stir in the rest and bake at 180C for 45 minutes in a loaf tin.';

test('somebody is taken away: their recipe is named and stays guarded until it is loosened there; they come back, and are erased', async ({
  bench,
  page,
}) => {
  await bench.toWorkList();
  await page.getByRole('link', { name: 'Kitchen' }).first().click();
  await page.getByRole('button', { name: 'Somebody else' }).click();
  await page.getByText('a guest', { exact: true }).click();
  await page.getByLabel('Name, if you like').fill('Perrin');
  await page.getByLabel('Name, if you like').press('Enter');
  await page
    .getByRole('button', { name: /^dairy/ })
    .first()
    .click();
  await bench.settled();
  const kitchen = page.url();

  await bench.paste(LOAF);
  await bench.stage('Guard');
  await page.getByRole('button', { name: 'Perrin' }).click();
  await bench.settled();
  await expect(bench.docket).toContainText('dairy-free baking block');
  await expect(bench.docket.getByRole('list').last()).not.toContainText('butter');
  const recipe = page.url();

  await page.goto(kitchen);
  await bench.settled();
  await page.getByText('Perrin', { exact: true }).click();
  await page.getByRole('button', { name: 'Take away: Perrin' }).click();
  const ask = page.getByRole('alertdialog');
  await expect(ask).toContainText('Guarded for them: Quay loaf');
  await ask.getByRole('button', { name: 'Take away, into the bin' }).click();
  await bench.settled();

  await page.goto(recipe);
  await bench.settled();
  await expect(page.getByText('is no longer in the kitchen’s list')).toBeVisible();
  await expect(bench.docket).toContainText('dairy-free baking block');

  await page.goto(kitchen.replace('/cupboard', '/kept'));
  await page.getByRole('button', { name: 'Bring back: Perrin' }).click();
  await bench.settled();
  await page.goto(kitchen);
  await bench.settled();
  await page.getByText('Perrin', { exact: true }).click();
  await page.getByRole('button', { name: 'Take away: Perrin' }).click();
  await ask.getByRole('button', { name: /Erase their name/ }).click();
  await ask.getByRole('button', { name: 'Erase Perrin everywhere' }).click();
  await expect(ask).toHaveCount(0);
  await bench.settled();
  await expect(page.getByText('Perrin')).toHaveCount(0);

  await page.goto(recipe);
  await bench.settled();
  await page.getByRole('button', { name: /^Loosen it on this recipe/ }).click();
  await bench.settled();
  await expect(bench.docket).not.toContainText('dairy-free baking block');
});

test('everything goes out as one file and comes in again; what is removed lies in the bin', async ({
  bench,
  page,
}) => {
  await bench.paste(LOAF.replace('Quay loaf', 'Loaf to keep'));
  await bench.toWorkList();
  await page.getByRole('link', { name: 'Bin and files' }).first().click();
  await bench.settled();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Save everything as a file' }).click(),
  ]);
  const file = await download.path();
  expect(await readFile(file, 'utf8')).toContain('Loaf to keep');
  await bench.toWorkList();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Loaf to keep' })
    .getByRole('button', { name: /off the table/ })
    .click();
  await expect(page.getByText('One recipe is taken off the table')).toBeVisible();
  await page.getByRole('link', { name: 'Bin and files' }).first().click();
  await page.getByRole('button', { name: 'Erase: Loaf to keep' }).click();
  await page.getByRole('button', { name: 'Erase for good: Loaf to keep' }).click();
  await expect(page.getByText('Loaf to keep')).toHaveCount(0);
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Take our own file in' }).click(),
  ]);
  await chooser.setFiles(file);
  await expect(page.getByText(/New here: 1 recipes/)).toBeVisible();
  await bench.toWorkList();
  await expect(page.getByRole('link', { name: 'Loaf to keep' })).toBeVisible();
});

test('bags that ask alike are answered by one press, checks are ticked by name and stay with the recipe', async ({
  bench,
  page,
}) => {
  await bench.paste(LOAF.replace('Quay loaf', 'Ticked loaf'));
  await bench.stage('Guard');
  await page.getByLabel('You sign as').fill('Orla');
  await page.getByLabel('You sign as').press('Enter');
  await page.getByRole('button', { name: /^All \d+ bags are certified$/ }).click();
  await bench.settled();
  await expect(page.getByText(/Label read: fine \(Orla, /).first()).toBeVisible();
  await page
    .getByText(/^The sieve|^Wooden spoons|^Wipe the bench/)
    .first()
    .click();
  await bench.settled();
  await expect(page.getByText(/From whom it is for.* 1 of \d+ seen to/)).toBeVisible();
  await page.reload();
  await bench.settled();
  await expect(page.getByText(/From whom it is for.* 1 of \d+ seen to/)).toBeVisible();
});
