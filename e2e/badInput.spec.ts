import type { Locator } from '@playwright/test';
import { expect, test } from './house/house';
import { MUFFINS } from './recipes';

/** As a paste does it: at once, where typing thousands of lines takes Chromium longer than anything that is tested here. */
const pasteOver = (words: Locator, text: string) =>
  words.evaluate((area: HTMLTextAreaElement, pasted) => {
    Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!.call(area, pasted);
    area.dispatchEvent(new Event('input', { bubbles: true }));
  }, text);

test('what is too much is refused in words, and nothing is lost', async ({ bench, page }) => {
  await bench.paste(MUFFINS);
  await pasteOver(bench.words, 'flour '.repeat(40_000));
  await expect(page.getByRole('alert')).toContainText('Nothing was changed');
  await expect(bench.words).toHaveValue(MUFFINS);
  await pasteOver(bench.words, 'a line of a novel\n'.repeat(1500));
  await expect(page.getByRole('alert')).toContainText('more than 1000 lines');
  await expect(bench.words).toHaveValue(MUFFINS);
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'photo.txt', mimeType: 'text/plain', buffer: Buffer.from([137, 80, 0, 71]) });
  await expect(page.getByRole('dialog')).toContainText('It is not text');
});

test('script tags, emoji, NUL and Arabic digits are words like any other', async ({ bench, page }) => {
  await bench.paste(
    `<script>window.broken = true</script>\n<img src=x onerror="window.broken = true">\n🧁 2 eggs\n١٠٠ g sugar\n200 g plain flour\n1 cup mi\0lk\n`,
  );
  await expect(page.getByRole('listitem').filter({ hasText: 'sugar' }).first()).toContainText('100');
  expect(await page.evaluate(() => (window as { broken?: boolean }).broken)).toBeUndefined();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
});

test('without flour there is nothing to convert, and it is guarded all the same', async ({ bench, page }) => {
  await bench.paste('Meringue\n4 egg whites\n200 g caster sugar\n50 g chopped hazelnuts');
  await expect(bench.docket).toContainText('nothing to convert');
  await bench.stage('Guard');
  await expect(page.getByRole('table')).toContainText('tree nuts');
  await bench.stage('Blend');
  await expect(page.getByRole('region', { name: 'Blend', exact: true })).toContainText('nothing to convert');
});

test('what is gluten-free already is left alone, and a bare paste of choux is converted', async ({
  bench,
}) => {
  await bench.paste('Rice cake\n200 g rice flour\n150 g butter\n3 eggs\n150 g sugar');
  await expect(bench.docket).toContainText('Nothing on this list holds gluten of its own');
  await bench.paste(
    'Choux buns\n100 g plain flour\n80 g butter\n3 eggs\n200 ml water\nMethod\nMake a choux paste.',
  );
  await expect(bench.docket).toContainText('choux');
  await expect(bench.docketLine('xanthan gum').first()).toBeVisible();
});

test('an impossible wish names what clashes, and lets go again', async ({ bench, page }) => {
  await bench.paste(MUFFINS);
  await bench.stage('Guard');
  await page.getByText('grain-free').click();
  await bench.settled();
  await bench.stage('Blend');
  await page.getByRole('button', { name: /Hold blanched almond flour/ }).click();
  await bench.settled();
  await bench.stage('Guard');
  await page.getByRole('button', { name: 'tree nuts' }).click();
  await bench.settled();
  await expect(bench.docket).toContainText(/blanched almond flour is held by hand, but it is out: tree nuts/);
  await page.getByRole('button', { name: 'tree nuts' }).click();
  await bench.settled();
  await expect(bench.docket.getByRole('heading', { name: 'Gooseberry muffins' })).toBeVisible();
});

test('an empty sheet says what each stage needs', async ({ bench, page }) => {
  await bench.paste('');
  await expect(bench.docket).toContainText('as soon as a recipe is on the table');
  for (const name of ['Guard', 'Blend', 'Balance', 'Heat', 'Clock', 'Log']) {
    await bench.stage(name);
    await expect(page.getByRole('region', { name, exact: true })).toContainText(
      /Nothing read yet|must be a recipe|there is none yet/,
    );
  }
});
