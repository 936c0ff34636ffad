import { expect, test, type Page } from '@playwright/test';
import { openHouse, type OwnHouse, settled } from './house/house';
import { MUFFINS } from './recipes';

/*
 * The main errand by what a screen reader says and a keyboard reaches alone: `docs/screen-reader.md` writes down the same walk. Nothing
 * here is found by a place on the screen or a class, and no pointer moves.
 */

/** The first page is met with nothing weighed up yet. */
let house: OwnHouse;
test.beforeAll(async () => {
  house = await openHouse('walk');
});
test.afterAll(() => house.close());

/** Where the focus is, as it is announced. */
const focused = (page: Page) => page.locator(':focus');
async function tabTo(page: Page, role: 'button' | 'link' | 'textbox', name: RegExp | string): Promise<void> {
  const wanted = page.getByRole(role, { name }).first();
  for (let pressed = 0; pressed < 80; pressed += 1) {
    if (await wanted.evaluate((one) => one === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab never came to the ${role} “${String(name)}”.`);
}

test('a recipe is pasted, read, guarded and taken along by names and roles alone', async ({ page }) => {
  await page.goto(house.address);
  await settled(page);
  // The first page says what this is, and the box has the focus.
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/without gluten or grain/);
  await expect(focused(page)).toHaveAccessibleName(/Paste a recipe/);
  await page.keyboard.insertText(MUFFINS);
  await tabTo(page, 'button', 'Weigh it up');
  await page.keyboard.press('Enter');
  await settled(page);

  // The bench: its name, its stages in order, the stage and the docket as landmarks.
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Gooseberry muffins');
  await expect(page.getByRole('navigation', { name: 'Stages' }).getByRole('link')).toHaveText([
    ...['Read', 'Guard', 'Blend', 'Balance', 'Heat', 'Clock', 'Log', 'Taste', 'Next'],
  ]);
  await expect(page.getByRole('complementary', { name: 'Docket' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Read', exact: true })).toBeVisible();

  // A key opens a stage and moves the focus into it; a tab leads on within it.
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.press('2');
  const guard = page.getByRole('region', { name: 'Guard', exact: true });
  await expect(guard).toBeVisible();
  await expect.poll(() => guard.evaluate((one) => one.contains(document.activeElement))).toBe(true);

  // What the docket says: what it is, the list as a list, the method as an ordered one, and what is still open.
  const paper = page.getByRole('complementary', { name: 'Docket' }).getByRole('article');
  await expect(paper.getByRole('heading', { name: 'Gooseberry muffins' })).toBeVisible();
  await expect(paper.getByRole('listitem').filter({ hasText: 'brown rice flour' }).first()).toBeVisible();
  await expect(paper).toContainText(/guard: \d+ open question/);
  await tabTo(page, 'button', 'Print');
  await page.keyboard.press('Tab');
  await expect(focused(page)).toHaveAccessibleName('Print in large type');
  await page.keyboard.press('Tab');
  await expect(focused(page)).toHaveAccessibleName('Shopping list');
});
