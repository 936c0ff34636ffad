import { readFile } from 'node:fs/promises';
import { expect, test } from './house/house';
import { MUFFINS, TWO_TINS } from './recipes';

test('guard: an avoidance changes the docket, an answer closes a question, grain-free brings almonds in', async ({
  bench,
  page,
}) => {
  await bench.openDemo('Pear and cardamom layer cake');
  await bench.stage('Guard');
  await page.getByRole('button', { name: 'Lark and Bo' }).click();
  await bench.settled();
  await expect(bench.docket).toContainText('Lark and Bo');
  await expect(bench.docketLine('dairy-free baking block').first()).toContainText('was 180 g butter');
  const open = page.getByRole('heading', { name: /open question/ });
  const before = Number.parseInt(await open.innerText());
  await page.getByRole('button', { name: 'Label read: fine: dairy-free baking block' }).first().click();
  await bench.settled();
  await expect(open).toHaveText(new RegExp(`^${before - 1} open`));
  await page.getByRole('button', { name: 'Ask again: dairy-free baking block' }).first().click();
  await expect(open).toHaveText(new RegExp(`^${before} open`));
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await bench.settled();
  await bench.paste(MUFFINS);
  await bench.stage('Guard');
  await page.getByText('grain-free').click();
  await bench.settled();
  await expect(bench.docket).toContainText('almond flour');
  await expect(bench.docket).toContainText('New to this bake: tree nuts');
});

test('kitchen: a label’s ingredient, a recipe in another list, and a circle refused by name', async ({
  bench,
  page,
}) => {
  await bench.paste('Marsh crust\n200 g marsh mill flour\n80 g butter');
  await page.getByRole('button', { name: 'Put right: 200 g marsh mill flour' }).click();
  await page.getByRole('link', { name: 'Describe it from its label' }).click();
  await page
    .getByLabel('The ingredients as the packet has them')
    .fill('wholegrain rice flour, buckwheat flour. May contain milk.');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByText('may hold dairy')).toBeVisible();
  const carbohydrate = page.getByRole('textbox', { name: 'Carbohydrate', exact: true });
  await carbohydrate.fill('78');
  await carbohydrate.press('Enter');
  await page.getByRole('button', { name: 'Keep it', exact: true }).click();
  await bench.settled();
  await page.goBack();
  await bench.settled();
  await expect(page.getByRole('listitem').filter({ hasText: 'marsh mill flour' }).first()).not.toContainText(
    'can’t be placed',
  );
  await page.getByRole('button', { name: 'May stand in other lists' }).click();
  await bench.paste('Plum tart\n300 g Marsh crust\n400 g plums');
  await expect(page.getByRole('listitem').filter({ hasText: 'Marsh crust' }).first()).toContainText('300');
  await page.getByRole('button', { name: 'May stand in other lists' }).click();
  await bench.stage('Guard');
  await page.getByRole('button', { name: 'Still so: 300 g Marsh crust' }).click();
  await expect(page.getByRole('button', { name: 'Ask again: 300 g Marsh crust' })).toBeVisible();
  await bench.toWorkList();
  await page.getByRole('link', { name: 'Marsh crust' }).first().click();
  await bench.openWords();
  await bench.words.fill('Marsh crust\n200 g marsh mill flour\n80 g butter\n20 g Plum tart');
  await bench.settled();
  await bench.toWorkList();
  await page.getByRole('link', { name: 'Kitchen' }).first().click();
  await expect(page.getByText(/is made of .* a circle/)).toBeVisible();
});

test('heat: one deep tin takes longer, and a wish that clashes is said', async ({ bench, page }) => {
  await bench.openDemo('Pear and cardamom layer cake');
  await bench.stage('Heat');
  const minutes = async () =>
    Number(
      /about\s*(\d+)/.exec(await page.getByRole('region', { name: 'Heat', exact: true }).innerText())![1],
    );
  const own = await minutes();
  const count = page.getByLabel('How many');
  await count.fill('1');
  await count.press('Enter');
  await bench.settled();
  expect(await minutes()).toBeGreaterThan(own + 8);
  await page.getByRole('button', { name: 'As the recipe has it' }).click();
  await bench.settled();
  expect(await minutes()).toBe(own);
  await page.getByText('As a table').click();
  await expect(page.getByRole('table')).toContainText(/°C/);
  // The section, from raw to done by keys, and the same bake in other ovens.
  const scrubber = page.getByRole('slider', { name: 'From raw to done' });
  await scrubber.press('Home');
  await expect(page.getByRole('img', { name: /^minute 0: coldest 20 °C/ })).toBeVisible();
  await scrubber.press('End');
  await expect(page.getByRole('img', { name: /^minute 3\d: coldest 9\d °C/ })).toBeVisible();
  await expect(page.getByText('in glass or ceramic')).toBeVisible();
  // A stage this long has its sections in reach wherever one reads.
  const contents = page.getByRole('navigation', { name: 'On this page' });
  await contents.getByRole('button', { name: 'The oven', exact: true }).press('Enter');
  await expect(page.getByRole('heading', { name: 'The oven', exact: true })).toBeFocused();
  await expect(page.getByRole('heading', { name: 'The oven', exact: true })).toBeInViewport();
  await expect(contents).toBeInViewport();
});

test('heat: an oven by its thermometer, a tin to scale to, a microwave, and a bake of one’s own that counts', async ({
  bench,
  page,
}) => {
  await bench.paste(TWO_TINS);
  await bench.stage('Heat');
  await page.getByRole('link', { name: 'Get to know it in ten minutes' }).click();
  await page.getByRole('button', { name: 'Add an oven' }).click();
  await page.getByText(/^My oven/).click();
  const says = page.getByLabel('The thermometer says');
  await says.fill('350');
  await says.press('Enter');
  await expect(page.getByText(/read it again/)).toBeVisible();
  for (const celsius of ['192', '191', '193']) {
    await says.fill(celsius);
    await says.press('Enter');
    await expect(page.getByText(`in truth ${celsius} °C`)).toBeVisible();
  }
  await expect(page.getByText(/^My oven: runs (9|10|11) °C hot/)).toBeVisible();
  await page.goBack();
  await bench.settled();
  await expect(bench.docket).toContainText('165 °C');
  await expect(page.getByText(/Runs \d+ °C hot here/)).toBeVisible();
  // Another tin keeps or scales the batter, a microwave goes in bursts, and a logged bake beats the recipe.
  const across = page.getByLabel('Across');
  await across.fill('26');
  await across.press('Enter');
  await bench.settled();
  await page.getByRole('button', { name: /^As deep as there: × 1\.69/ }).click();
  await bench.settled();
  await expect(page.getByText('The batter is scaled to this tin.')).toBeVisible();
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await bench.settled();
  await page.getByText('a microwave', { exact: true }).click();
  await bench.settled();
  await expect(page.getByText('then bursts of', { exact: true })).toBeVisible();
  await expect(page.getByText(/^Never metal in a microwave/)).toBeVisible();
  await page.getByText('an oven', { exact: true }).click();
  await bench.settled();
  await bench.stage('Log');
  await page.getByRole('button', { name: 'Write down a bake' }).click();
  await page.getByLabel('It took').fill('37');
  await page.getByLabel('It took').press('Enter');
  await bench.settled();
  await page.getByRole('button', { name: 'Keep this bake' }).click();
  await expect(page.getByRole('button', { name: 'Its time counts' })).toBeVisible();
  await bench.stage('Heat');
  await bench.settled();
  await expect(page.getByText(/Anchored on your bake of/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Heat', exact: true })).toContainText(/about\s*37/);
  await page.getByRole('button', { name: 'Back to the recipe’s time' }).click();
  await bench.settled();
  await expect(page.getByText(/Anchored on the recipe’s own time/)).toBeVisible();
});

test('clock: the day is planned back from the table, and goes into a calendar', async ({ bench, page }) => {
  await bench.paste(MUFFINS);
  await bench.stage('Clock');
  await page.getByLabel('On the table at').fill('2027-06-19T15:30');
  const steps = page.getByRole('region', { name: 'Saturday 19 June' }).getByRole('listitem');
  await expect(steps.last()).toContainText('15:30');
  await expect(steps.filter({ hasText: 'Heat the oven to' })).toContainText(/1[34]:\d\d/);
  await expect(page.getByText('No plan can begin later.')).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Into a calendar' }).click();
  const calendar = await readFile(await (await download).path(), 'utf8');
  expect(calendar).toContain('BEGIN:VCALENDAR');
  // 15:30 in Berlin in summer.
  expect(calendar).toContain('DTSTART:20270619T133000Z');
});

test('log: a bake is kept with its docket, takes its grams from the bags, and gives them back', async ({
  bench,
  page,
}) => {
  await bench.openDemo('Lattice plum galette');
  const bag = (name: string) =>
    page
      .getByRole('region', { name: 'Bags in the cupboard' })
      .getByRole('listitem')
      .filter({ hasText: name });
  const left = async (name: string) => {
    await page.goto(
      `${bench.house.address}/kitchen/${(await bench.find('Lattice plum galette')).household}/cupboard`,
    );
    const text = await bag(name).first().innerText();
    return Number(/^([\d.\u2009]+)/.exec(text)![1]!.replace('\u2009', ''));
  };
  const before = await left('glutinous rice flour');
  await bench.openDemo('Lattice plum galette');
  await bench.stage('Log');
  await page.getByRole('button', { name: 'Write down a bake' }).click();
  await page.getByLabel('It took').fill('27');
  await page.getByLabel('It took').press('Enter');
  await page
    .getByRole('radiogroup', { name: /^Overall/ })
    .getByText('8', { exact: true })
    .click();
  await page.getByLabel('Notes').fill('Edges golden.');
  await bench.settled();
  const used = await bench.grams('glutinous rice flour');
  await page.getByRole('button', { name: 'Keep this bake' }).click();
  // The demo has bakes of its own.
  const bake = page
    .getByRole('region', { name: 'Bakes so far' })
    .getByRole('listitem')
    .filter({ hasText: 'Edges golden' });
  await expect(bake).toContainText(/27 min.*(inside|sooner|later).*overall 8.*Edges golden/s);
  await bake.getByRole('button', { name: 'Its docket' }).click();
  await expect(page.getByRole('dialog')).toContainText('glutinous rice flour');
  await page.keyboard.press('Escape');
  expect(await left('glutinous rice flour')).toBeCloseTo(before - used, 0);
  await bench.openDemo('Lattice plum galette');
  await bench.stage('Log');
  await bake.getByRole('button', { name: /^Take the bake of/ }).click();
  await expect(bake).toHaveCount(0);
  expect(await left('glutinous rice flour')).toBeCloseTo(before, 0);
});

test('the docket prints on one page', async ({ bench, page }) => {
  await bench.openDemo('Pear and cardamom layer cake');
  const pdf = await page.pdf({ format: 'A4', preferCSSPageSize: true });
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
});
