import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, settled, test } from './house/house';
import { MUFFINS } from './recipes';

const DESK = { width: 1280, height: 800 };
const STAGES = ['read', 'guard', 'blend', 'balance', 'heat', 'clock', 'log', 'taste'];

const JAR = '0195a0c0-0000-7000-8000-000000000007';
/** Every view of a kitchen. */
const viewsOf = ({ household, recipe }: { household: string; recipe: string }) => [
  '',
  'settings',
  `kitchen/${household}/cupboard`,
  `kitchen/${household}/flours?compare=teff-flour,oat-flour`,
  `kitchen/${household}/flours/almond-flour`,
  `kitchen/${household}/jars/${JAR}`,
  `kitchen/${household}/devices`,
  `kitchen/${household}/ballots`,
  'join',
  `kitchen/${household}/day`,
  `kitchen/${household}/day/sheet`,
  `kitchen/${household}/day/run`,
  ...STAGES.map((stage) => `kitchen/${household}/recipe/${recipe}/${stage}`),
];

const halves = <T>(all: readonly T[]) => [
  all.filter((_, n) => n % 2 === 0),
  all.filter((_, n) => n % 2 === 1),
];

const RECIPE = 'Pear and cardamom layer cake';

/** What sticks out of a screen of this size, and what on it is too small to press. */
async function outOfReach(page: Page, width: number, height: number) {
  await page.setViewportSize({ width, height });
  await settled(page);
  return page.evaluate(() => {
    const small = [...document.querySelectorAll<HTMLElement>('button, select, input, textarea, a[href]')]
      .filter((one) => one.offsetParent !== null && !one.closest('[data-react-aria-hidden], [hidden]'))
      .filter(
        (one) =>
          !one.matches('input[type=radio], input[type=checkbox], input[type=file], select[tabindex="-1"]') &&
          getComputedStyle(one).clipPath === 'none',
      )
      .filter((one) => !(one instanceof HTMLAnchorElement) || getComputedStyle(one).display !== 'inline')
      .map((one) => ({ what: one.outerHTML.slice(0, 90), box: one.getBoundingClientRect() }))
      .filter(({ box }) => box.width > 1 && (box.height < 43.5 || box.width < 35.5))
      .map(({ what, box }) => `${what} ${Math.round(box.width)}×${Math.round(box.height)}`);
    return { wide: document.documentElement.scrollWidth, small };
  });
}

/** Rules of WCAG that a page breaks in the light; in the dark the colours alone are others. */
async function violationsOf(page: Page): Promise<string[]> {
  await page.emulateMedia({ colorScheme: 'light' });
  const light = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  await page.emulateMedia({ colorScheme: 'dark' });
  const dark = await new AxeBuilder({ page }).withRules(['color-contrast', 'link-in-text-block']).analyze();
  return [...light.violations, ...dark.violations].map(({ id, nodes }) => `${id}: ${nodes[0]!.html}`);
}

for (const half of [0, 1]) {
  test(`no view has an axe violation, light or dark, and on a phone and a tablet nothing sticks out and everything to press is 44 px (half ${half + 1} of them)`, async ({
    bench,
    page,
  }) => {
    test.slow();
    for (const view of halves(viewsOf(await bench.find(RECIPE)))[half]!) {
      await page.setViewportSize(DESK);
      await page.goto(`${bench.house.address}/${view}`);
      await bench.settled();
      if (view.includes('/recipe/')) await bench.docket.getByRole('heading', { name: RECIPE }).waitFor();
      expect(await violationsOf(page), view).toEqual([]);
      for (const [width, height] of [
        [390, 844],
        [820, 1180],
      ] as const)
        expect(await outOfReach(page, width, height), view).toEqual({ wide: width, small: [] });
    }
  });
}

test('the bench goes by keyboard; its keys are silent while typing, and can be switched off', async ({
  bench,
  page,
}) => {
  await bench.paste(MUFFINS);
  await bench.words.press('3');
  await expect(bench.words).toHaveValue(/3/);
  await expect(page.getByRole('region', { name: 'Read' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await bench.settled();
  await bench.words.blur();
  for (const [key, name] of [
    ['2', 'Guard'],
    ['5', 'Heat'],
    ['4', 'Balance'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page.getByRole('region', { name, exact: true })).toBeVisible();
  }
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys on the bench' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto(`${bench.house.address}/settings`);
  await bench.settled();
  await page.getByText('One-key shortcuts').click();
  await expect(page.getByRole('switch')).not.toBeChecked();
  await bench.openDemo('Lattice plum galette');
  await page.keyboard.press('3');
  await expect(page.getByRole('region', { name: 'Read' })).toBeVisible();
  await page.goto(`${bench.house.address}/settings`);
  await bench.settled();
  await page.getByText('One-key shortcuts').click();
  await expect(page.getByRole('switch')).toBeChecked();
});

test('on a phone the docket folds to a tab', async ({ bench, page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await bench.openDemoFolded('Harbour ginger snaps');
  const tab = bench.docket.getByRole('button', { name: /Docket/ });
  await expect(tab).toContainText(/\d+ min/);
  await tab.click();
  await expect(bench.docket.getByText(/Read every label each time/).first()).toBeVisible();
  await tab.click();
  await expect(bench.docket.getByText(/Read every label each time/).first()).toBeHidden();
});

test('the page asks nothing of any other place, and runs no script but its own', async ({ bench, page }) => {
  const elsewhere: string[] = [];
  page.on('request', (request) => {
    if (!request.url().startsWith(bench.house.address) && !/^(blob|data):/.test(request.url()))
      elsewhere.push(request.url());
  });
  const response = await page.goto(bench.house.address);
  await bench.settled();
  await bench.openDemo('Pear and cardamom layer cake');
  expect(elsewhere).toEqual([]);
  expect(response!.headers()['content-security-policy']).toMatch(/script-src 'self';/);
});
