import { expect, test, type Browser, type Page } from '@playwright/test';
import type { HouseholdAnswer } from '@omniarton/contracts';
import { openHouse, type OwnHouse, settled } from './house/house';

/** The machine's own address is its owner's; by another of its loopback it is another device's. */
const ELSEWHERE = '127.0.0.2';
let house: OwnHouse;
test.beforeAll(async () => {
  house = await openHouse('household', (port) => [`${ELSEWHERE}:${port}`]);
});
test.afterAll(() => house.close());

const lan = () => house.address.replace('127.0.0.1', ELSEWHERE);
const phone = (browser: Browser) => browser.newPage({ viewport: { width: 390, height: 844 } });

async function kitchens(page: Page): Promise<readonly HouseholdAnswer[]> {
  return (await (await page.request.get(`${house.address}/api/households`)).json()) as HouseholdAnswer[];
}
const openDevices = async (page: Page, demo = true) => {
  const kitchen = (await kitchens(page)).find((one) => one.demo === demo)!;
  await page.goto(`${house.address}/kitchen/${kitchen.id}/devices`);
  await settled(page);
  return kitchen.id;
};
/** Makes a code for somebody new, and says where its square leads. */
async function codeFor(page: Page, name: string, role: RegExp): Promise<string> {
  const add = page.getByRole('region', { name: 'Let a device in' });
  await add.getByLabel('Name').fill(name);
  await add.getByLabel('Name').press('Enter');
  await add.getByRole('button', { name: /May do/ }).click();
  await page.getByRole('option', { name: role }).click();
  await add.getByRole('button', { name: 'Make a code' }).click();
  const code = (await add.getByLabel('Code').textContent())!.replace(/\s/g, '');
  await expect(add).toContainText(lan());
  await add.getByRole('button', { name: 'Done' }).click();
  return `${lan()}/join#${code}`;
}

test('a helper’s phone joins by a code, reads dockets and the day, changes nothing, and is put out', async ({
  browser,
  page,
}) => {
  await openDevices(page);
  const invited = await codeFor(page, 'Perrin', /^helper/);

  const device = await phone(browser);
  await device.goto(lan());
  await expect(device.getByRole('alert').first()).toContainText('isn’t signed in');
  await device.goto(invited);
  await device.getByLabel('What this device is called here').fill('Perrin’s phone');
  await device.getByRole('button', { name: 'Let it in' }).click();
  await expect(device.getByRole('link', { name: 'What is to do now' })).toBeVisible();
  await device.getByRole('link', { name: 'Poppyseed lemon loaf' }).click();
  await settled(device);
  await expect(device.getByRole('article', { name: 'Poppyseed lemon loaf' })).toContainText('min');
  const answer = await device.evaluate(async () => {
    const [{ id }] = (await (await fetch('/api/households')).json()) as [{ id: string }];
    const sent = await fetch(`/api/households/${id}/kitchen`, {
      method: 'PUT',
      headers: { 'x-omniarton': '1', 'content-type': 'application/json', 'if-match': '"1"' },
      body: '{}',
    });
    return [sent.status, ((await sent.json()) as { code: string }).code];
  });
  expect(answer).toEqual([403, 'not-allowed']);

  await page.reload();
  await settled(page);
  await page.getByText('Perrin · helper').click();
  await page.getByRole('button', { name: /Put out: Perrin’s phone/ }).click();
  await expect(page.getByText('On no device just now.')).toBeVisible();
  await device.goto(lan());
  await expect(device.getByRole('alert').first()).toContainText('isn’t signed in');
  await device.getByRole('link', { name: 'Let it in' }).click();
  await device.getByLabel('Code', { exact: true }).fill(invited.split('#')[1]!);
  await device.getByRole('button', { name: 'Let it in' }).click();
  await expect(device.getByRole('alert')).toContainText('has let a device in already');
  await device.close();
});

test('a baker signs in by a passphrase on a laptop, and edits there', async ({ browser, page }) => {
  await openDevices(page, false);
  const invited = await codeFor(page, 'Merle', /^baker/);
  const laptop = await browser.newPage();
  await laptop.goto(invited);
  await laptop.getByRole('button', { name: 'Let it in' }).click();
  await settled(laptop);
  await expect(laptop).toHaveURL(`${lan()}/`);
  const [kitchen] = (await kitchens(page)).filter(({ demo }) => !demo);
  await laptop.goto(`${lan()}/kitchen/${kitchen!.id}/devices`);
  await settled(laptop);
  await expect(laptop.getByRole('region', { name: 'Let a device in' })).toHaveCount(0);
  await laptop.getByLabel('Passphrase', { exact: true }).fill('four plain kitchen words');
  await laptop.getByRole('button', { name: 'Keep it' }).click();
  await expect(laptop.getByRole('alert')).toContainText('It is kept');
  await laptop.getByRole('button', { name: 'Sign this device out' }).click();
  await expect(laptop.getByRole('heading', { name: 'Let this device in' })).toBeVisible();
  await laptop.getByLabel('Name', { exact: true }).fill('merle');
  await laptop.getByLabel('Passphrase', { exact: true }).fill('four plain kitchen wards');
  await laptop.getByRole('button', { name: 'Sign in' }).click();
  await expect(laptop.getByRole('alert')).toContainText('don’t go together');
  await laptop.getByLabel('Passphrase', { exact: true }).fill('four plain kitchen words');
  await laptop.getByRole('button', { name: 'Sign in' }).click();
  await expect(laptop).toHaveURL(`${lan()}/`);
  await laptop.goto(`${lan()}/kitchen/${kitchen!.id}/new`);
  await laptop.getByRole('textbox').first().fill('Quay buns\n200 g flour\n100 g butter');
  await expect(laptop.getByText('Saved')).toBeVisible();
  await laptop.close();
});

test('a code on paper lets its owner in when every device is lost', async ({ browser, page }) => {
  await openDevices(page);
  const paper = page.getByRole('region', { name: 'If every device is lost' });
  await paper.getByRole('button', { name: 'Make a recovery code' }).click();
  const code = (await paper.getByLabel('Recovery code').textContent())!;
  await paper.getByRole('button', { name: 'Done' }).click();
  await expect(paper).toContainText('The code that you have on paper');
  const device = await phone(browser);
  await device.goto(`${lan()}/join`);
  await device.getByLabel('Code', { exact: true }).fill(code);
  await device.getByRole('button', { name: 'Let it in' }).click();
  await expect(device).toHaveURL(`${lan()}/`);
  await settled(device);
  const kitchen = (await kitchens(page)).find(({ demo }) => demo)!;
  await device.goto(`${lan()}/kitchen/${kitchen.id}/devices`);
  await settled(device);
  await expect(device.getByRole('region', { name: 'Let a device in' })).toBeVisible();
  await device.close();
});
