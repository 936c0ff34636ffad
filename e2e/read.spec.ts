import { expect, test } from './house/house';
import { MUFFINS, SQUARES } from './recipes';

test('a pasted recipe becomes weights and a docket, is saved, and opens again', async ({ bench, page }) => {
  await bench.paste(MUFFINS);
  const flour = page
    .getByRole('region', { name: 'Ingredients' })
    .getByRole('listitem')
    .filter({ hasText: 'all-purpose flour' });
  await expect(flour).toContainText('248');
  await expect(flour).toContainText('holds gluten');
  await expect(bench.docket.getByRole('heading', { name: 'Gooseberry muffins' })).toBeVisible();
  expect(await bench.grams('brown rice flour')).toBeGreaterThan(50);
  await expect(bench.docket).not.toContainText('all-purpose flour');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await bench.toWorkList();
  await page.getByRole('link', { name: 'Gooseberry muffins' }).first().click();
  await bench.settled();
  await bench.openWords();
  await expect(bench.words).toHaveValue(MUFFINS);
  expect(await bench.grams('brown rice flour')).toBeGreaterThan(50);
});

test('the docket follows each edit of the words', async ({ bench }) => {
  await bench.paste(MUFFINS);
  const before = await bench.grams('brown rice flour');
  await bench.words.fill(MUFFINS.replace('2 cups all-purpose', '4 cups all-purpose'));
  await bench.settled();
  expect(await bench.grams('brown rice flour')).toBeGreaterThan(1.9 * before);
});

test('a line that can’t be placed is marked and put right by hand', async ({ bench, page }) => {
  await bench.paste(SQUARES);
  const line = page.getByRole('listitem').filter({ hasText: 'wobbly brindle' }).first();
  await expect(line).toContainText('can’t be placed');
  await line.getByRole('button', { name: /Put right/ }).click();
  // A list that is open closes when the page scrolls: the line is brought into the middle first.
  await line.evaluate((row) => row.scrollIntoView({ block: 'center' }));
  const box = line.getByRole('combobox', { name: 'It is' });
  await box.fill('ground cinn');
  await page.getByRole('option', { name: 'ground cinnamon' }).waitFor();
  await box.press('ArrowDown');
  await box.press('Enter');
  const weight = line.getByLabel('It weighs');
  await weight.fill('1,5');
  await weight.press('Enter');
  await bench.settled();
  await expect(bench.docketLine('ground cinnamon')).toContainText('1.5');
  const count = line.getByLabel('How many');
  await count.fill('3');
  await count.press('Enter');
  await line.getByRole('button', { name: /Of what/ }).click();
  await page.getByRole('option', { name: 'tsp', exact: true }).click();
  await bench.settled();
  expect(await bench.grams('ground cinnamon')).toBeGreaterThan(6);
  await line.getByRole('button', { name: 'As read' }).click();
  await expect(line).toContainText('can’t be placed');
});

test('the measures of another place weigh otherwise', async ({ bench, page }) => {
  await bench.paste(`${SQUARES.replace('80 ml milk', '4 tbsp milk')}`);
  const milk = page.getByRole('listitem').filter({ hasText: '4 tbsp milk' }).first();
  await expect(milk).toContainText('61.9');
  await page.getByRole('button', { name: /Measured in/ }).click();
  await page.getByRole('option', { name: 'Australian spoons' }).click();
  await expect(milk).toContainText('82.5');
});

test('a half-typed number goes nowhere, and a wrong one says what is wanted', async ({ bench, page }) => {
  await bench.paste(SQUARES);
  const line = page.getByRole('listitem').filter({ hasText: '150 g butter' }).first();
  await line.getByRole('button', { name: /Put right/ }).click();
  const weight = line.getByLabel('It weighs');
  const before = await bench.grams('butter');
  await weight.fill('9');
  expect(await bench.grams('butter')).toBe(before);
  await weight.fill('a lot');
  await expect(line).toContainText('A number from 0 to 100000');
  await weight.press('Escape');
  await expect(weight).toHaveValue('150');
});

test('read by the keyboard alone: line to line, opened, reworded, in cups', async ({ bench, page }) => {
  await bench.paste(SQUARES.replace('150 g butter', '1.4 tsp salt\n150 g butter'));
  await page.getByRole('button', { name: 'Done with the words' }).click();
  const rows = page.getByRole('button', { name: /^Put right/ });
  await rows.first().focus();
  await page.keyboard.press('ArrowDown');
  await expect(rows.nth(1)).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  const says = page.getByLabel('It says').first();
  await says.fill('2 cups all-purpose flour');
  await says.press('Enter');
  await bench.settled();
  await expect(rows.first()).toContainText('2 cups all-purpose flour');
  await page.keyboard.press('Escape');
  await expect(page.getByText('weigh this one')).toBeVisible();
  await rows.first().focus();
  await page.keyboard.press('u');
  await expect(page.getByRole('listitem').filter({ hasText: '2 cups all-purpose' }).first()).toContainText(
    '2 cups',
  );
  await page.keyboard.press('u');
  await page.keyboard.press('u');
  await bench.settled();
  await page.getByRole('button', { name: 'Make it 1/4 tsp salt' }).click();
  await bench.settled();
  await expect(page.getByText('Nobody measures 1.4')).toHaveCount(0);
  const batches = page.getByLabel('Batches');
  await batches.fill('1.5');
  await batches.press('Enter');
  await bench.settled();
  await expect(page.getByRole('listitem').filter({ hasText: '150 g butter' }).first()).toContainText('225');
});

test('a recipe pasted anywhere opens a sheet; a page with two is asked about, and says what came of it', async ({
  bench,
  page,
}) => {
  await bench.toWorkList();
  // The page listens from the frame after it is drawn.
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => setTimeout(done))));
  await page.evaluate((text) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', text);
    document.body.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }),
    );
  }, MUFFINS);
  await expect(bench.docket.getByRole('heading', { name: 'Gooseberry muffins' })).toBeVisible();
  await bench.settled();
  await bench.toWorkList();
  const recipe = (name: string) => ({
    '@type': 'Recipe',
    name,
    recipeIngredient: ['200 g plain flour', '100 g butter', '2 tbsp wobbly brindle'],
    recipeInstructions: 'Bake at 180 °C for 20 minutes.',
    author: 'Nobody',
  });
  const html = `<script>window.ran = true</script><script type="application/ld+json">${JSON.stringify({ '@graph': [recipe('Quince fingers'), recipe('Medlar fingers')] })}</script>`;
  await page.locator('input[type=file]').setInputFiles([
    { name: 'saved.html', mimeType: 'text/html', buffer: Buffer.from(html) },
    { name: 'photo.txt', mimeType: 'text/plain', buffer: Buffer.from([137, 80, 0, 71]) },
  ]);
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText('It is not text');
  await sheet.getByText('Medlar fingers').click();
  await sheet.getByRole('button', { name: 'Keep 1 recipe' }).click();
  await expect(sheet).toContainText(/Quince fingers.*1 line to be placed/);
  await sheet.getByRole('link', { name: 'Quince fingers' }).click();
  await bench.settled();
  await expect(bench.docket).toContainText('Quince fingers');
  expect(await page.evaluate(() => (window as { ran?: boolean }).ran)).toBeUndefined();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Written recipe as JSON-LD' }).click();
  const { readFile } = await import('node:fs/promises');
  expect(await readFile(await (await download).path(), 'utf8')).toContain('"author": "Nobody"');
});

test('undo and redo reach across every stage', async ({ bench, page }) => {
  await bench.paste(SQUARES);
  await bench.stage('Guard');
  await page.getByRole('button', { name: 'dairy' }).click();
  await bench.stage('Balance');
  await page.getByText('husk', { exact: true }).click();
  await bench.settled();
  await expect(bench.docketLine('psyllium husk')).toHaveCount(1);
  await page.keyboard.press('Control+z');
  await bench.settled();
  await expect(bench.docketLine('psyllium husk')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await bench.settled();
  await expect(bench.docketLine('butter').first()).toBeVisible();
  await expect(page.getByText('Undone: what somebody avoids')).toBeVisible();
  await page.keyboard.press('Control+Shift+Z');
  await bench.settled();
  await expect(bench.docket).toContainText('no dairy');
  // What was done outlives the page; what is undone elsewhere is said, with the way to it.
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await bench.settled();
  await page.keyboard.press('Control+z');
  await bench.settled();
  await expect(bench.docketLine('butter').first()).toBeVisible();
  await page.getByRole('link', { name: 'see it on Guard' }).click();
  await expect(page.getByRole('button', { name: 'dairy' })).toBeVisible();
});

test('what was exported comes back in', async ({ bench, page }) => {
  await bench.openDemo('Boathouse cocoa bars');
  await bench.docket.getByText('Save as a file').click();
  const save = async (name: string) => {
    const download = page.waitForEvent('download');
    await bench.docket.getByRole('button', { name }).click();
    return (await download).path();
  };
  const linked = await save('JSON-LD');
  const markdown = await save('Markdown');
  await bench.paste('');
  for (const file of [linked, markdown]) {
    await page.locator('input[type=file]').setInputFiles({
      name: 'docket.md',
      mimeType: 'text/plain',
      buffer: await (await import('node:fs/promises')).readFile(file),
    });
    await expect(bench.words).toHaveValue(/Boathouse cocoa bars/);
    await bench.settled();
    await expect(
      page
        .getByRole('listitem')
        .filter({ hasText: /chocolate/ })
        .first(),
    ).toContainText('200');
  }
});
