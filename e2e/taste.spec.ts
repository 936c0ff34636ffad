import { expect, test } from './house/house';

test('taste: three bakes are set up blind, somebody’s allergen stops the codes, ballots outlive the server, and the seals are opened', async ({
  bench,
  page,
}) => {
  test.slow();
  await bench.openDemo('Poppyseed lemon loaf');
  await bench.stage('Log');
  for (const [minutes, change] of [
    ['52', 'plain'],
    ['53', 'more lemon'],
  ] as const) {
    await page.getByRole('button', { name: 'Write down a bake' }).click();
    await page.getByLabel('It took').fill(minutes);
    await page.getByLabel('It took').press('Enter');
    await page.getByText('A change on purpose, and the bags').click();
    await page.getByLabel('What was changed').fill(change);
    await page.getByLabel('What was changed').press('Enter');
    await bench.settled();
    await page.getByRole('button', { name: 'Keep this bake' }).click();
    await page.getByRole('button', { name: 'Write down a bake' }).waitFor();
  }
  await bench.stage('Taste');
  await page.getByRole('button', { name: 'Set up a tasting' }).click();
  const set = page.getByRole('region', { name: 'A tasting' });
  await set.getByRole('button', { name: /plain/ }).click();
  await expect(set.getByRole('button', { name: /plain/ })).toHaveAttribute('aria-pressed', 'true');
  await set.getByRole('button', { name: /more lemon/ }).click();
  // Sedge Lane's avoidances are those of the demo: a loaf with egg and yogurt is not for everybody.
  for (const person of ['Lark and Bo', 'Jory', 'Sedge Lane'])
    await set.getByRole('button', { name: new RegExp(person) }).click();
  await expect(set.getByText(/avoids .*, and “(?:plain|more lemon)” holds it/).first()).toBeVisible();
  await expect(set.getByRole('button', { name: 'Make the codes' })).toBeDisabled();
  for (const person of ['Lark and Bo', 'Jory', 'Sedge Lane'])
    await set.getByRole('button', { name: new RegExp(person) }).click();
  for (const guest of ['Ada', 'Ben', 'Cleo']) {
    await page.getByLabel('Somebody else').fill(guest);
    await page.getByLabel('Somebody else').press('Enter');
  }
  await expect(set.getByText(/In what is tasted: .*egg/)).toBeVisible();
  await set.getByRole('button', { name: 'Make the codes' }).click();
  const vote = async (name: string, marks: readonly [string, string]) => {
    await page.getByRole('button', { name, exact: true }).click();
    const cups = page.getByRole('region', { name: `${name}, your ballot` }).getByRole('group');
    for (const [at, mark] of marks.entries())
      await cups.nth(at).getByRole('button', { name: mark, exact: true }).click();
    await page.getByRole('button', { name: 'Hand it in' }).click();
  };
  await vote('Ada', ['7', '5']);
  await expect(page.getByText('1 of 3 ballots are in')).toBeVisible();
  bench.house.database.cut();
  await vote('Ben', ['8', '6']);
  await expect(page.getByText(/The server is away/)).toBeVisible();
  // Half a ballot is still there when the page comes back.
  await page.getByRole('button', { name: 'Cleo', exact: true }).click();
  await page.getByRole('group').first().getByRole('button', { name: '9', exact: true }).click();
  bench.house.database.mend();
  await expect(page.getByRole('button', { name: 'Hand it in' })).toBeDisabled();
  await page.getByRole('button', { name: 'Not now' }).click();
  await expect(page.getByText(/The server is away/)).toBeHidden();
  await page.reload();
  await expect(page.getByText('2 of 3 ballots are in')).toBeVisible();
  await page.getByRole('button', { name: 'Cleo', exact: true }).click();
  await expect(
    page.getByRole('group').first().getByRole('button', { name: '9', exact: true }),
  ).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('group').nth(1).getByRole('button', { name: '6', exact: true }).click();
  await page.getByRole('button', { name: 'Hand it in' }).click();
  await page.getByRole('button', { name: 'Open the seals' }).click();
  await expect(page.getByText(/3 people can’t show this; they can agree/)).toBeVisible();
  await expect(page.getByRole('img', { name: /Each taster’s mark/ })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'As CSV' }).click();
  expect((await (await download).path()).length).toBeGreaterThan(0);
});
