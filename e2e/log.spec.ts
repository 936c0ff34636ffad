import type { Page } from '@playwright/test';
import { expect, test } from './house/house';

/** A picture as a camera writes it: pixels, and beside them where and when it was taken. */
async function photograph(page: Page, width: number, height: number): Promise<Buffer> {
  const bytes = await page.evaluate(
    async ([w, h]) => {
      const canvas = new OffscreenCanvas(w!, h!);
      const pen = canvas.getContext('2d')!;
      pen.fillStyle = '#c98f4e';
      pen.fillRect(0, 0, w!, h!);
      const blob = await canvas.convertToBlob({ type: 'image/jpeg' });
      return [...new Uint8Array(await blob.arrayBuffer())];
    },
    [width, height],
  );
  const notes = Buffer.from('Exif\0\0MM\0*\0\0\0\x08GPSLatitude 54 22 N');
  const head = Buffer.from([0xff, 0xe1, 0, notes.length + 2]);
  const jpeg = Buffer.from(bytes);
  return Buffer.concat([jpeg.subarray(0, 2), head, notes, jpeg.subarray(2)]);
}

test('log: a bake is judged on the next day, has a picture that says nothing of where it was taken, and is held beside another', async ({
  bench,
  page,
}) => {
  await bench.openDemo('Poppyseed lemon loaf');
  await bench.stage('Log');
  const write = async (minutes: string, change: string | null) => {
    await page.getByRole('button', { name: 'Write down a bake' }).click();
    await page.getByLabel('It took').fill(minutes);
    await page.getByLabel('It took').press('Enter');
    if (change !== null) {
      await page.getByText('A change on purpose, and the bags').click();
      await page.getByLabel('What was changed').fill(change);
      await page.getByLabel('What was changed').press('Enter');
    }
    await bench.settled();
    await page.getByRole('button', { name: 'Keep this bake' }).click();
    await page.getByRole('button', { name: 'Write down a bake' }).waitFor();
  };
  await write('52', null);
  await write('58', 'longer');
  const row = page.getByRole('listitem').filter({ hasText: 'longer' });
  await row.getByRole('button', { name: 'Judge it, pictures' }).click();
  await page.getByRole('radiogroup', { name: 'Judged when' }).getByText('day 2').click();
  await page
    .getByRole('radiogroup', { name: /^Moistness/ })
    .getByText('7', { exact: true })
    .click();
  const add = async (file: { name: string; mimeType: string; buffer: Buffer }) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Add a picture of the crumb' }).click();
    await (await chooser).setFiles(file);
  };
  await add({ name: 'crumb.jpg', mimeType: 'image/jpeg', buffer: await photograph(page, 4000, 3000) });
  const picture = page.getByRole('img', { name: /longer: the crumb/ });
  await expect(picture).toBeVisible();
  const kept = await page.request.get(new URL((await picture.getAttribute('src'))!, page.url()).href);
  const bytes = await kept.body();
  expect(bytes.includes('GPSLatitude')).toBe(false);
  const [width, height] = [
    Number(await picture.getAttribute('width')),
    Number(await picture.getAttribute('height')),
  ];
  expect(width * height).toBeLessThanOrEqual(2_100_000);
  expect(width / height).toBeCloseTo(4 / 3, 2);
  await add({ name: 'crumb.svg', mimeType: 'image/svg+xml', buffer: Buffer.from('<svg/>') });
  await expect(page.getByText(/crumb.svg is a drawing/)).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(row).toContainText('day 2: moistness 7');
  for (const one of [row, page.getByRole('listitem').filter({ hasText: /^52 min/ })])
    await one.getByRole('button', { name: 'Side by side' }).click();
  const beside = page.getByRole('region', { name: 'Side by side' });
  await expect(beside).toContainText('52 → 58 minutes in the oven');
  await expect(beside.getByRole('img')).toBeVisible();
});
