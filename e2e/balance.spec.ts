import { expect, test } from './house/house';
import { DRY_RICE_CAKE, MUFFINS, TWO_TINS } from './recipes';

test('balance: another binder, a handle, shifts by keys, a dose at the bowl, a weight overruled, another way', async ({
  bench,
  page,
}) => {
  test.slow();
  await bench.paste(MUFFINS);
  await bench.stage('Balance');
  await expect(
    page.getByRole('list', { name: 'As it is', exact: true }).getByText('xanthan gum'),
  ).toBeVisible();
  await page.getByText('cooked starch', { exact: true }).click();
  await bench.settled();
  await expect(bench.docketLine('xanthan gum')).toHaveCount(0);
  await expect(page.getByText(/of it cooked in/).first()).toBeVisible();
  await page.getByText('gum', { exact: true }).click();
  await bench.settled();
  // A handle by keys: more liquid asks for more milk, and one press puts it back.
  const liquid = page.getByRole('slider', { name: 'Liquid' });
  await liquid.focus();
  await liquid.press('ArrowRight');
  await liquid.press('ArrowRight');
  await bench.settled();
  await expect(page.getByText('+10 %')).toBeVisible();
  // What it moved is marked with what it was, until it is seen.
  await expect(bench.docketLine('buttermilk')).toContainText(/before \d+ g/);
  await page.getByRole('button', { name: 'Seen' }).click();
  await expect(bench.docketLine('buttermilk')).not.toContainText('before');
  await page.getByRole('button', { name: 'As the balances ask' }).click();
  await bench.settled();
  await expect(page.getByText('+10 %')).toHaveCount(0);
  // Shifts by keys: step, look where a rule comes from, go to its weight and overrule it.
  const first = page.locator('[data-shift]').first();
  await first.focus();
  await first.press('Enter');
  await expect(first.getByText(/common practice/)).toBeVisible();
  await first.press('a');
  await expect(first.getByRole('button', { name: 'Open again' })).toBeVisible();
  await first.press('ArrowDown');
  const second = page.locator('[data-shift]').nth(1);
  await expect(second).toBeFocused();
  await second.press('o');
  const focused = page.locator('input:focus');
  await focused.fill('3');
  await focused.press('Enter');
  await bench.settled();
  await expect(page.getByRole('group', { name: 'By your hand' })).toContainText(/set by hand/);
  // Too stiff at the bowl: so much, and it is on the sheet of the bake.
  await page.getByRole('button', { name: 'Too stiff' }).click();
  await expect(page.getByText(/^Stir in .* so far/)).toBeVisible();
  const before = await bench.grams('buttermilk');
  const weight = page.getByLabel('Weight of buttermilk');
  await weight.fill('310');
  await weight.press('Enter');
  await bench.settled();
  expect(await bench.grams('buttermilk')).toBe(310);
  await expect(bench.docketLine('buttermilk')).toContainText('by hand');
  await page.getByRole('button', { name: 'Put back buttermilk' }).click();
  await bench.settled();
  expect(await bench.grams('buttermilk')).toBe(before);
  await expect(page.getByRole('img', { name: /Drink over thirst: .* band/ })).toBeVisible();
  await expect(page.getByText(/^because flours without gluten drink more/)).toBeVisible();
  await page.getByText('Other ways to convert it, side by side').click();
  const take = page.getByRole('button', { name: 'Take this way' });
  await expect(take.first()).toBeVisible();
  expect(await take.count()).toBeLessThanOrEqual(3);
  await expect(page.getByRole('rowheader', { name: 'does worse' })).toBeVisible();
  const leading = await page.getByRole('columnheader').nth(1).innerText();
  await take.first().click();
  await bench.settled();
  await expect(page.getByRole('columnheader').nth(1)).not.toHaveText(leading);
  await bench.stage('Log');
  await expect(page.getByText(/Too stiff at the bowl/)).toBeVisible();
});

test('balance: berries into one of two tins, and a recipe without gluten judged as it stands', async ({
  bench,
  page,
}) => {
  await bench.paste(TWO_TINS);
  await bench.stage('Balance');
  await page.getByRole('button', { name: 'Fold something into some of the 2 tins' }).click();
  await page.getByRole('combobox', { name: 'Into some of the tins' }).fill('blueb');
  await page.getByRole('option', { name: 'blueberries', exact: true }).first().click();
  await bench.settled();
  await expect(bench.docketLine('blueberries, into 1 of 2')).toBeVisible();
  await expect(
    page.getByRole('listitem').filter({ hasText: /of batter with 100 g blueberries/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'All alike' }).click();
  await bench.settled();
  await expect(bench.docketLine('blueberries')).toHaveCount(0);
  await bench.paste(DRY_RICE_CAKE);
  await bench.stage('Balance');
  await expect(page.getByRole('heading', { name: /^As it stands/ })).toBeVisible();
  await expect(page.getByText(/^Likely: nothing binds it/)).toBeVisible();
  // The docket beside it says so at its head.
  await expect(page.getByText(/^As it stands: nothing binds it/)).toBeVisible();
  await expect(page.getByRole('img', { name: /Drink over thirst: .* band/ })).toBeVisible();
});
