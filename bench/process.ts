import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { BUILT_IN_KITCHEN } from '@omniarton/core/kitchen';
import { readProcess } from '@omniarton/core/process';
import { readRecipe } from '@omniarton/core/read';
import { figureOf, type Figure } from './measure';

const PAGES = JSON.parse(
  readFileSync(join(import.meta.dirname, '../core/src/read/page/cases/pages.json'), 'utf8'),
) as readonly { readonly text: string }[];
const ROUNDS = 5;

/** What a method takes to be read as a process, on the given pages. */
export function processFigures(): { readonly one: Figure } {
  const times: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1)
    for (const { text } of PAGES) {
      let count = 0;
      const { recipe } = readRecipe(text, { kitchen: BUILT_IN_KITCHEN, newId: () => `l${(count += 1)}` });
      const began = performance.now();
      readProcess(recipe, BUILT_IN_KITCHEN);
      if (round > 0) times.push(performance.now() - began);
    }
  return { one: figureOf(times) };
}
