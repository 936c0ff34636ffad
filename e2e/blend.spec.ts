import { readFile } from 'node:fs/promises';
import { expect, test } from './house/house';
import { MUFFINS, SQUARES } from './recipes';

test('blend: leave a flour out, hold a share, take another blend, let it go', async ({ bench, page }) => {
  await bench.paste(MUFFINS);
  await bench.stage('Blend');
  await page.getByRole('button', { name: 'Leave sorghum flour out' }).click();
  await bench.settled();
  await expect(bench.docketLine('sorghum flour')).toHaveCount(0);
  await page.getByRole('button', { name: 'Allow sorghum flour again' }).click();
  await bench.settled();
  const share = page.getByLabel('Share of sorghum flour');
  await share.fill('35');
  await share.press('Enter');
  await bench.settled();
  await expect(share).toHaveValue('35');
  await expect(page.getByRole('button', { name: 'Let sorghum flour go' })).toBeVisible();
  await page.getByRole('button', { name: 'Let the engine choose again' }).click();
  await bench.settled();
  await expect(share).toHaveValue('25');
  const other = page.getByRole('button', { name: /^Take the blend of/ }).first();
  const names = (await other.getAttribute('aria-label'))!.replace('Take the blend of ', '').split(', ');
  await other.click();
  await bench.settled();
  for (const name of names) await expect(page.getByLabel(`Share of ${name}`)).toBeVisible();
});

test('blend: by hand on the bar and on the triangle, by pointer and by keys; the others give way', async ({
  bench,
  page,
}) => {
  await bench.paste(MUFFINS);
  await bench.stage('Blend');
  const shares = async () =>
    Object.fromEntries(
      await page
        .getByRole('slider')
        .evaluateAll((all) =>
          all.map((one) => [
            one.getAttribute('aria-label')!.replace(/ on the bar.*/, ''),
            Number(one.getAttribute('aria-valuenow')),
          ]),
        ),
    ) as Record<string, number>;
  const brown = page.getByRole('slider', { name: /^brown rice flour/ });
  await expect(brown).toHaveAttribute('aria-valuenow', '35');
  for (let turn = 0; turn < 5; turn += 1) {
    await brown.press('ArrowRight');
    await expect(brown).toHaveAttribute('aria-valuenow', String(36 + turn));
  }
  const before = await shares();
  expect(Object.values(before).reduce((a, b) => a + b)).toBe(100);
  await expect(brown).toHaveAttribute('aria-valuetext', 'brown rice flour 40 %');
  await page.getByRole('button', { name: 'Hold potato starch at its share' }).click();
  await bench.settled();
  const box = (await brown.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 80, box.y + box.height / 2, { steps: 6 });
  // While it is dragged its character follows, and nothing is asked yet.
  await expect(page.getByRole('slider', { name: /^brown rice flour/ })).not.toHaveAttribute(
    'aria-valuenow',
    '40',
  );
  await page.mouse.up();
  await bench.settled();
  const after = await shares();
  expect(after['brown rice flour']!).toBeLessThan(38);
  expect(after['potato starch']).toBe(before['potato starch']);
  expect(after['sorghum flour']!).toBeGreaterThan(before['sorghum flour']!);
  await expect(bench.docketLine('brown rice flour')).not.toContainText('96');
  await page.getByRole('button', { name: 'Let the engine choose again' }).click();
  await bench.settled();
  await page.getByText('Move three of them on a triangle').click();
  const point = page.getByRole('application');
  await expect(point).toHaveAccessibleName(/brown rice flour 35 %/);
  await point.press('ArrowUp');
  await expect(point).not.toHaveAccessibleName(/brown rice flour 35 %/);
  expect(Object.values(await shares()).reduce((a, b) => a + b)).toBe(100);
  await page.keyboard.press('Control+z');
  await bench.settled();
});

test('blend: wishes, what clashes, and another school', async ({ bench, page }) => {
  await bench.openDemo('Harbour ginger snaps');
  await bench.stage('Blend');
  const rail = (name: string) => page.getByRole('img', { name: new RegExp(`^${name}: `) });
  const number = async (name: string) =>
    Number(/: ([\d.]+)/.exec((await rail(name).getAttribute('aria-label'))!)![1]);
  const snap = await number('snap');
  await page.getByRole('button', { name: 'crisp' }).click();
  await bench.settled();
  await expect.poll(() => number('snap')).toBeGreaterThan(snap);
  await page.getByRole('radiogroup', { name: 'Bags to buy' }).getByText('none: from the cupboard').click();
  await bench.settled();
  await expect(page.getByRole('main')).toContainText('g there');
  await page.getByRole('radiogroup', { name: 'Bags to buy' }).getByText('as many as it takes').click();
  await page
    .getByRole('radiogroup', { name: 'At most so many flours' })
    .getByText('2', { exact: true })
    .click();
  await page.getByRole('button', { name: 'Use up the bag of' }).click();
  await page.getByRole('option', { name: 'teff flour' }).click();
  await bench.settled();
  const way = page.getByRole('button', { name: /^(?:Use up to 3 flours|Don’t use up teff flour)/ }).first();
  await way.click();
  await bench.settled();
  await expect(way).toHaveCount(0);
  await page
    .getByRole('group', { name: /to compare/ })
    .getByRole('button', { name: 'cassava-led' })
    .click();
  const cassava = page.getByRole('article', { name: 'cassava-led' });
  await expect(cassava).toContainText(/What it does worse/);
  await cassava.getByRole('button', { name: 'Go by cassava-led' }).click();
  await bench.settled();
  await expect(bench.docketLine('cassava flour').first()).toBeVisible();
  for (let turn = 0; turn < 6; turn += 1) await page.keyboard.press('Control+z');
  await bench.settled();
});

test('blend: a bought blend gives its shares away by its label, and is baked with', async ({
  bench,
  page,
}) => {
  await bench.paste(SQUARES);
  await bench.stage('Blend');
  await page.getByText('Work out a bought blend from its label').click();
  await page
    .getByLabel('Its ingredients, in the order of the packet')
    .fill('rice flour, sorghum flour, tapioca starch');
  for (const [name, grams] of [
    ['Fat', '1.7'],
    ['Carbohydrate', '78.5'],
    ['of it sugars', '0.7'],
    ['Fibre', '3.3'],
    ['Protein', '5.6'],
  ] as const) {
    const field = page.getByRole('textbox', { name, exact: true });
    await field.fill(grams);
    await field.press('Enter');
  }
  await page.getByRole('button', { name: 'Work out its shares' }).click();
  const table = page.getByRole('table').filter({ hasText: 'how wide the label' });
  await expect(table.getByRole('row', { name: /^white rice flour/ })).toContainText(/\d+ to \d+ %/);
  await page.getByRole('button', { name: /^Keep “bought blend”/ }).click();
  await bench.settled();
  await expect(bench.docketLine('bought blend').first()).toContainText('250');
  await page.getByRole('button', { name: 'Let the engine choose again' }).click();
  await bench.settled();
});

test('cupboard: a bag by hand, weighed, undone; a file with faults; a jar mixed and labelled', async ({
  bench,
  page,
}) => {
  const { household } = await bench.find('Poppyseed lemon loaf');
  await page.goto(`${bench.house.address}/kitchen/${household}/cupboard`);
  const bags = page.getByRole('region', { name: 'Bags in the cupboard' });
  const bag = (name: string) => bags.getByRole('listitem').filter({ hasText: name });
  await bags.getByRole('button', { name: 'Put a bag in' }).click();
  const form = bags.getByRole('group', { name: 'A new bag' });
  await form.getByRole('combobox').fill('millet fl');
  await page.getByRole('option', { name: 'millet flour', exact: true }).click();
  await form.getByLabel('It holds').fill('500');
  await form.getByLabel('It holds').press('Enter');
  await form.getByRole('button', { name: 'Into the cupboard' }).click();
  await expect(bag('millet flour')).toContainText('500');
  await bag('millet flour').getByText('millet flour').click();
  await bag('millet flour').getByLabel('It holds now').fill('420');
  await bag('millet flour').getByLabel('It holds now').press('Enter');
  await expect(bag('millet flour')).toContainText('420');
  await bags.getByRole('button', { name: 'Undo' }).click();
  await expect(bag('millet flour')).toContainText('500');

  const file = page.waitForEvent('filechooser');
  await bags.getByRole('button', { name: 'Take in a CSV file' }).click();
  await (
    await file
  ).setFiles({
    name: 'cupboard.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('flour,grams,price\npotato starch,700,3\nquinoa flour,lots,2\n'),
  });
  await expect(bags).toContainText('Row 2: “lots” is no number of grams');
  await bags.getByRole('button', { name: 'Put the 1 good in' }).click();
  await expect(bag('potato starch')).toHaveCount(2);

  const jars = page.getByRole('region', { name: 'Jars of mixed flour' });
  await jars.getByText('boathouse blend').click();
  await jars.getByLabel('Make so much of it').fill('700');
  await jars.getByLabel('Make so much of it').press('Enter');
  await expect(jars.getByRole('row', { name: /brown rice flour/ })).toContainText('280');
  await jars.getByRole('button', { name: 'It is mixed: take it from the bags' }).click();
  await expect(jars).toContainText('It stands in the cupboard');
  await expect(bag('brown rice flour')).toContainText('30');
  await expect(bag('boathouse blend').filter({ hasText: 'mixed' })).toContainText('700');
  await bags.getByText('What went in and out lately').click();
  await bags.getByRole('button', { name: /^Undo: a jar was mixed/ }).click();
  await expect(bags).toContainText('a jar was mixed, and put back');
  await bags.getByText('What went in and out lately').click();
  await expect(bag('brown rice flour')).toContainText('310');
  await jars.getByRole('link', { name: 'Its label, to print' }).click();
  const label = page.getByRole('article', { name: 'Label of boathouse blend' });
  await expect(label).toContainText(
    /brown rice flour 40 %.*None of the listed allergens.*Stir before measuring/s,
  );
  const saved = page.waitForEvent('download');
  await page.goBack();
  await bags.getByRole('button', { name: 'Save the cupboard as CSV' }).click();
  expect(await readFile(await (await saved).path(), 'utf8')).toMatch(/^flour,note,grams/);
});

test('flours: found by name, set side by side, each with its page', async ({ bench, page }) => {
  const { household } = await bench.find('Poppyseed lemon loaf');
  await page.goto(`${bench.house.address}/kitchen/${household}/flours`);
  await page.getByRole('button', { name: 'Compare teff flour' }).click();
  await page.getByRole('button', { name: 'Compare coconut flour' }).click();
  const beside = page.getByRole('region', { name: 'Side by side' });
  await expect(beside.getByRole('row', { name: /^thirst/ })).toContainText('4 (3.2–5)');
  await page.getByLabel('Find').fill('potato');
  await expect(page.getByRole('link', { name: 'potato starch', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'oat flour', exact: true })).toHaveCount(0);
  await page.getByRole('link', { name: 'potato starch', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'potato starch' })).toBeVisible();
  await expect(page.getByText(/In boathouse blend \(30 %\)/)).toBeVisible();
  await page.getByRole('link', { name: 'cornstarch' }).click();
  await expect(page.getByRole('heading', { name: 'cornstarch' })).toBeVisible();
});
