import { expect, openHouse, test as shared, type House } from './house/house';

/** A house for these alone: what they bake and learn would be in everybody else's log. */
const test = shared.extend<object, { house: House }>({
  house: [
    // Playwright reads the fixtures' names out of the parameter: none are wanted here.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use, info) => {
      const house = await openHouse(`next_${info.workerIndex}`);
      await use(house);
      await house.close();
    },
    { scope: 'worker' },
  ],
});

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
  // A kitchen's own word: that a soggy base says nothing of its oven.
  await page.getByText('The table behind it').click();
  const sign = page.getByLabel('a soggy base for an oven colder than the recipe');
  await sign.fill('-4');
  await sign.press('Enter');
  await page.getByRole('button', { name: /^Ours again/ }).click();
  await expect(page.getByRole('button', { name: /^Ours again/ })).toBeHidden();
  await page.getByRole('button', { name: 'All of them' }).click();
  await page.getByRole('button', { name: 'greasy: not seen' }).click();
  await expect(page.getByRole('button', { name: 'greasy: clearly' })).toBeVisible();
  await page.getByRole('button', { name: 'greasy: clearly' }).click();
  await page.getByRole('button', { name: 'greasy: slightly' }).click();
  await page.getByRole('button', { name: 'greasy: not seen' }).waitFor();
  // With the server gone what is seen is kept here, explained here, and sent when somebody answers.
  bench.house.database.cut();
  await page.getByRole('button', { name: 'tough or rubbery: not seen' }).click();
  await expect(page.getByText(/The server is away. What you saw/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'tough or rubbery: clearly' })).toBeVisible();
  await expect(page.getByText(/could not be worked out/)).toBeHidden();
  bench.house.database.mend();
  await expect(page.getByText(/The server is away/)).toBeHidden();
  await page.reload();
  await page.getByRole('button', { name: /The bake of/ }).click();
  await page.getByRole('option', { name: '2027-05-16' }).click();
  await page.getByRole('button', { name: 'tough or rubbery: clearly' }).click();
  await page.getByRole('button', { name: 'tough or rubbery: slightly' }).click();
  await bench.settled();
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
  await expect(page.getByRole('table', { name: 'What that should do, and what was seen' })).toBeVisible();
});

test('learnt: a kitchen shows what its bakes taught, forgets one, and dockets count with it from now on', async ({
  bench,
  page,
}) => {
  await bench.openDemo('Poppyseed lemon loaf');
  // The demo counts with what its four loaves taught.
  await expect(bench.docket).toContainText(/54 → 5[678] minutes: the right oven, 4 bakes/);
  const kitchen = page.url().replace(/\/recipe\/.*/, '');
  await page.goto(`${kitchen}/learnt`);
  const times = page.getByRole('region', { name: 'How long it takes' });
  const loaf = times.getByRole('listitem').filter({ hasText: 'muffin or quick bread, loaf' }).first();
  await expect(loaf).toContainText('takes 6 % longer');
  await loaf.getByRole('button', { name: 'No longer' }).click();
  await expect(loaf.getByRole('button', { name: 'From now on' })).toBeVisible();
  await loaf.getByText('Taught by 4 bakes').click();
  await loaf
    .getByRole('button', { name: /^Forget Poppyseed/ })
    .first()
    .click();
  await expect(loaf).toContainText('Taught by 3 bakes');
  await loaf.getByRole('button', { name: 'From now on' }).click();
  await expect(loaf).toContainText(/Dockets count with 1\.0\d × since/);
  await expect(page.getByRole('img', { name: /the right oven.*now/ }).first()).toBeVisible();
  await bench.openDemo('Poppyseed lemon loaf');
  await expect(bench.docket).toContainText(/54 → 5[678] minutes: the right oven, 3 bakes/);
});

test('trial: half batches of a blend are planned, baked by their codes, and say which blend is best', async ({
  bench,
  page,
}) => {
  await bench.openDemo('Poppyseed lemon loaf');
  await bench.stage('Next');
  await page.getByText('A designed trial').click();
  await page.getByLabel('Half batches').fill('4');
  await page.getByLabel('Half batches').press('Enter');
  await page.getByRole('button', { name: 'Plan it' }).click();
  await page
    .getByRole('button', { name: /^Bake \d{3}$/ })
    .first()
    .waitFor();
  const codes = await page
    .getByRole('button', { name: /^Bake \d{3}$/ })
    .evaluateAll((all) => all.map((one) => one.getAttribute('aria-label')!));
  expect(codes).toHaveLength(4);
  for (const [at, name] of codes.entries()) {
    if (at > 0) {
      await bench.stage('Next');
      await page.getByText('A designed trial').click();
    }
    await page.getByRole('button', { name, exact: true }).click();
    await page.getByRole('heading', { name: 'This bake' }).waitFor();
    const overall = page.getByRole('radiogroup', { name: /^Overall/ });
    await overall.getByText(String(4 + at), { exact: true }).click();
    await bench.settled();
    await page.getByRole('button', { name: 'Keep this bake' }).click();
    await page.getByRole('button', { name: 'Write down a bake' }).waitFor();
  }
  await bench.stage('Next');
  await page.getByText('A designed trial').click();
  await expect(page.getByText(/^Best, of these flours among themselves/)).toBeVisible();
  await expect(page.getByRole('img', { name: /^Marks foreseen over/ })).toBeVisible();
});

test('trial of how it is made: half batches go on the bake day, each as its own bake', async ({
  bench,
  page,
}) => {
  await bench.openDemo('Harbour ginger snaps');
  await bench.stage('Next');
  await page.getByText('A designed trial').click();
  await page.getByRole('radio', { name: 'how it is made' }).click({ force: true });
  await page.getByLabel('Half batches').fill('5');
  await page.getByLabel('Half batches').press('Enter');
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByRole('button', { name: /^Bake \d{3}$/ })).toHaveCount(5);
  await expect(page.getByRole('row').filter({ hasText: 'as now' }).first()).toBeVisible();
  await bench.settled();
  await page.getByLabel('All on the table at').fill('2027-06-25T16:00');
  await page.getByLabel('All on the table at').press('Enter');
  await page.getByRole('button', { name: 'Put these 5 on the bake day' }).click();
  await page.getByRole('link', { name: '5 on the bake day' }).click();
  await expect(page.getByRole('link', { name: /Harbour ginger snaps, trial \d{3}/ })).toHaveCount(5);
});

test('practice: a simulated bake is looked at, taken out, asked about and called; nothing of it is kept', async ({
  bench,
  page,
}) => {
  await bench.openDemo('Poppyseed lemon loaf');
  const kitchen = page.url().replace(/\/recipe\/.*/, '');
  await page.goto(`${kitchen}/learnt`);
  await page
    .getByText(/Taught by/)
    .first()
    .waitFor();
  const before = await page.getByText(/Taught by/).count();
  await page.getByRole('link', { name: 'Practice kitchen' }).click();
  await expect(page.getByText('Simulated.')).toBeVisible();
  await page.getByRole('button', { name: 'Into the oven' }).click();
  await page.getByRole('button', { name: 'Look in' }).click();
  await expect(page.getByText(/a skewer: .*; the middle \d+ °C/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it out' }).click();
  await page.getByRole('button', { name: 'How did the batter look?' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'How did the batter look?' })).toContainText('.');
  await page.getByRole('group', { name: 'Put it down to' }).getByRole('button').first().click();
  await expect(page.getByText(/of 100$/).first()).toBeVisible();
  await expect(page.getByText(/Done after \d+ minutes in this oven/)).toBeVisible();
  await expect(page.getByText(/Your last bake here/)).toBeVisible();
  await page.getByRole('link', { name: 'What it has learnt' }).click();
  await expect(page.getByText(/Taught by/)).toHaveCount(before);
});
