import { execFile } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import type { KitchenAnswer, RecipeAnswer } from '@omniarton/contracts';
import { expect, test } from './house/house';

const run = promisify(execFile);
const ROOT = join(import.meta.dirname, '..');
/** A dough, a batter in layers, one in parts, and one with a filling. */
const DEMO = [
  'Harbour ginger snaps',
  'Pear and cardamom layer cake',
  'Rhubarb and custard traybake',
  'Lattice plum galette',
];

interface CliDocket {
  readonly parts: readonly {
    readonly lines: readonly { readonly text: string }[];
  }[];
  readonly stages: readonly { readonly minutes: { readonly high: number } | null }[];
  readonly mainStage: number;
}

test('the worker in the page and Node make the same docket of a demo recipe', async ({ bench, page }) => {
  test.slow();
  const folder = mkdtempSync(join(tmpdir(), 'omniarton-same-'));
  for (const title of DEMO) {
    const { household, recipe } = await bench.find(title);
    const answer = await fetch(`${bench.house.address}/api/households/${household}/recipes/${recipe}`);
    const { doc } = (await answer.json()) as RecipeAnswer;
    const file = join(folder, 'recipe.txt');
    writeFileSync(file, doc.text);
    const { without, diet, family, gluten, seats } = doc.request;
    const shared = await fetch(`${bench.house.address}/api/households/${household}/kitchen`);
    const kitchen = join(folder, 'kitchen.json');
    writeFileSync(kitchen, JSON.stringify(((await shared.json()) as KitchenAnswer).doc));
    const args = [
      'scripts/cli.mjs',
      'convert',
      file,
      '--diet',
      diet,
      '--family',
      family!,
      '--gluten',
      gluten,
    ];
    args.push('--kitchen', kitchen, '--people', seats.map(({ id }) => id).join(','));
    const { stdout } = await run(
      process.execPath,
      [...args, ...(without.length > 0 ? ['--without', without.join(',')] : [])],
      { cwd: ROOT },
    );
    const docket = JSON.parse(stdout) as CliDocket;
    await bench.openDemo(title);
    const download = page.waitForEvent('download');
    await bench.docket.getByText('Save as a file').click();
    await bench.docket.getByRole('button', { name: 'Markdown' }).click();
    const markdown = readFileSync(await (await download).path(), 'utf8');
    for (const { text } of docket.parts.flatMap(({ lines }) => lines))
      expect(markdown.replaceAll('\\', '')).toContain(`- ${text}`);
    const baked = docket.stages[docket.mainStage]!;
    expect(markdown).toContain(`${Math.round(baked.minutes!.high)} minutes`);
  }
  rmSync(folder, { recursive: true });
});

test('an engine that stops is replaced, and the answer comes', async ({ bench, page }) => {
  await page.addInitScript(() => {
    const Real = Worker;
    const stopped = new Set<string | undefined>();
    window.Worker = class extends Real {
      constructor(url: string | URL, options?: WorkerOptions) {
        super(url, options);
        // The first of each kind falls over as soon as it is asked something.
        if (!stopped.has(options?.name)) {
          stopped.add(options?.name);
          this.postMessage = () => void setTimeout(() => this.dispatchEvent(new Event('error')), 0);
        }
      }
    };
  });
  await bench.openDemo('Boathouse cocoa bars');
  await expect(bench.docket).toContainText('glutinous rice flour');
});
