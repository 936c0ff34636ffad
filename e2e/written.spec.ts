import { expect, test } from './house/house';

/* The work list as the server writes it into the document, before any of the page's code has run. */

test.describe('without any script', () => {
  test.use({ javaScriptEnabled: false });

  test('the work list is read, and a link leads on', async ({ page, house }) => {
    await page.goto(house.address);
    const demo = page.getByRole('region', { name: /Quillhaven boat club/ });
    const row = demo.getByRole('listitem').filter({ hasText: 'Harbour ginger snaps' });
    await expect(row).toContainText(/8\d\d g/);
    await row.getByRole('link').click();
    await expect(page).toHaveURL(/\/kitchen\/[^/]+\/recipe\//);
  });
});

test('what is typed before the code has come goes on after it, and no policy is broken', async ({
  page,
  house,
}) => {
  const broken: string[] = [];
  page.on('console', (line) => {
    if (/Content Security Policy/.test(line.text())) broken.push(line.text());
  });
  let release = () => {};
  const held = new Promise<void>((done) => (release = done));
  await page.route('**/assets/*.js', async (route) => {
    await held;
    await route.continue();
  });
  await page.goto(house.address, { waitUntil: 'commit' });
  const find = page.getByLabel('Find', { exact: true });
  await find.click();
  await page.keyboard.type('ging');
  await expect(page.locator('#written-style')).toHaveCount(1);
  release();
  await expect(page.locator('#written-style')).toHaveCount(0);
  await expect(find).toHaveValue('ging');
  await expect(find).toBeFocused();
  await expect(page.getByRole('link', { name: 'Harbour ginger snaps' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Poppyseed lemon loaf' })).toHaveCount(0);
  expect(broken).toEqual([]);
});

test('what is fetched to be kept, or asked for a narrowed list, holds nothing of a kitchen', async ({
  page,
  house,
}) => {
  await page.goto(`${house.address}/how`);
  const texts = await page.evaluate(async () => {
    const kept = await fetch('/', { cache: 'reload' });
    return kept.text();
  });
  expect(texts).not.toContain('Quillhaven');
  await page.goto(`${house.address}/?q=ginger`);
  await expect(page.getByRole('link', { name: 'Harbour ginger snaps' })).toBeVisible();
});
