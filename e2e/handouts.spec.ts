import { execFile } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { promisify } from 'node:util';
import { expect, test } from './house/house';
import { MUFFINS } from './recipes';

const run = promisify(execFile);
const ROOT = join(import.meta.dirname, '..');

test('the page for a phone opens without a network or a script, and fits', async ({ browser }) => {
  const folder = mkdtempSync(join(tmpdir(), 'omniarton-page-'));
  writeFileSync(join(folder, 'cake.txt'), MUFFINS);
  const { stdout } = await run(
    process.execPath,
    ['scripts/cli.mjs', 'docket', join(folder, 'cake.txt'), '--as', 'html'],
    { cwd: ROOT },
  );
  const file = join(folder, 'cake.html');
  writeFileSync(file, stdout);
  // A phone, and the same at twice the size of type: half as wide.
  for (const width of [390, 195]) {
    const context = await browser.newContext({
      offline: true,
      javaScriptEnabled: false,
      viewport: { width, height: 844 },
    });
    const page = await context.newPage();
    await page.goto(pathToFileURL(file).href);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.getByRole('listitem').filter({ hasText: 'xanthan gum' }).first()).toBeVisible();
    await expect(page.getByText('Read every label').first()).toBeVisible();
    const { width: wide } = (await page.locator('body').boundingBox())!;
    expect(wide).toBeLessThanOrEqual(width);
    for (const item of await page.getByRole('listitem').all()) {
      const box = await item.boundingBox();
      if (box) expect(box.x + box.width).toBeLessThanOrEqual(width + 1);
    }
    await context.close();
  }
  rmSync(folder, { recursive: true });
});
