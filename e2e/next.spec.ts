import { expect, test } from './house/house';

test('next: what was seen of a bake is explained, a change is taken from it, and its bake is begun', async ({
  bench,
  page,
}) => {
  await bench.openDemo('Lattice plum galette');
  await bench.stage('Next');
  await page.getByRole('button', { name: /The bake of/ }).click();
  await page.getByRole('option', { name: '2027-05-16' }).click();
  // What the demo's baker saw, and what their thermometer said.
  const why = page.getByRole('region', { name: /^Why/ });
  await expect(why).toContainText('an oven colder than the recipe');
  await expect(why).toContainText('below the dial');
  await page.getByRole('button', { name: 'All of them' }).click();
  await page.getByRole('button', { name: 'greasy: not seen' }).click();
  await expect(page.getByRole('button', { name: 'greasy: clearly' })).toBeVisible();
  await page.getByRole('button', { name: 'greasy: clearly' }).click();
  await page.getByRole('button', { name: 'greasy: slightly' }).click();
  await page.getByRole('button', { name: 'greasy: not seen' }).waitFor();
  await page.getByRole('button', { name: 'Try this next' }).first().click();
  await expect(page.getByRole('heading', { name: 'This bake' })).toBeVisible();
  await page.getByText('A change on purpose, and the bags').click();
  await expect(page.getByLabel('What was changed')).toHaveValue(/the dial \d+ °C .*higher/);
  await bench.settled();
  await page.getByLabel('It took').fill('45');
  await page.getByLabel('It took').press('Enter');
  await page.getByRole('button', { name: 'Keep this bake' }).click();
  await page.getByRole('button', { name: 'Write down a bake' }).waitFor();
  await bench.stage('Next');
  await page.getByRole('button', { name: /The bake of/ }).click();
  await page.getByRole('option', { name: /the dial/ }).click();
  await expect(page.getByText(/Before it was baked this was expected: browner and higher/)).toBeVisible();
});
