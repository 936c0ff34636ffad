import { expect, test, type Page } from '@playwright/test';
import { openHouse, type OwnHouse, settled } from './house/house';

/** A name that never leaves the machine is safe to a browser without a certificate, and a passkey can be for it. */
const NAME = 'kitchen.localhost';
let house: OwnHouse;
test.beforeAll(async () => {
  house = await openHouse('passkeys', (port) => [`${NAME}:${port}`]);
});
test.afterAll(() => house.close());

const named = () => house.address.replace('127.0.0.1', NAME);

/** A device that has a finger for it. */
async function withFinger(page: Page): Promise<void> {
  const session = await page.context().newCDPSession(page);
  await session.send('WebAuthn.enable');
  await session.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      ...{ protocol: 'ctap2', transport: 'internal', automaticPresenceSimulation: true },
      ...{ hasResidentKey: true, hasUserVerification: true, isUserVerified: true },
    },
  });
}

test('a baker makes a passkey, signs in by it, and forgets it', async ({ browser, page }) => {
  await page.goto(house.address);
  const kitchens = (await (await page.request.get(`${house.address}/api/households`)).json()) as {
    id: string;
    demo: boolean;
  }[];
  const { id } = kitchens.find(({ demo }) => demo)!;
  await page.goto(`${house.address}/kitchen/${id}/devices`);
  await settled(page);
  await expect(page.getByRole('region', { name: 'Your passkeys' })).toContainText('by the house’s name');
  const add = page.getByRole('region', { name: 'Let a device in' });
  await add.getByLabel('Name').fill('Runa');
  await add.getByLabel('Name').press('Enter');
  await add.getByRole('button', { name: 'Make a code' }).click();
  const code = (await add.getByLabel('Code').textContent())!.replace(/\s/g, '');

  const device = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await withFinger(device);
  await device.goto(`${named()}/join#${code}`);
  await device.getByRole('button', { name: 'Let it in' }).click();
  await device.waitForURL(`${named()}/`);
  await device.goto(`${named()}/kitchen/${id}/devices`);
  await settled(device);
  await device.getByRole('button', { name: 'Make a passkey on this device' }).click();
  await expect(device.getByText('The passkey is made.')).toBeVisible();
  await expect(device.getByRole('region', { name: 'Your passkeys' })).toContainText('not used yet');

  await device.getByRole('button', { name: 'Sign this device out' }).click();
  await device.getByRole('button', { name: 'Sign in with a passkey' }).click();
  await device.waitForURL(`${named()}/`);
  await device.goto(`${named()}/kitchen/${id}/devices`);
  const own = device.getByRole('region', { name: 'Your passkeys' });
  await expect(own).toContainText('last used');
  await own.getByRole('button', { name: /Forget the passkey/ }).click();
  await expect(own).not.toContainText('last used');
  await device.getByRole('button', { name: 'Sign this device out' }).click();
  await device.getByRole('button', { name: 'Sign in with a passkey' }).click();
  await expect(device.getByRole('alert')).toContainText('Nobody here has that passkey');
});
