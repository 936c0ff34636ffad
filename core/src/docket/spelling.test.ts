import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import nspell from 'nspell';
import { BUILT_IN_KITCHEN, catalogueOf, type ConversionRequest } from '../kitchen';
import { outcomeOf } from '../testingDockets';
import { WHEAT_BAKES } from './cases/wheatBakes';
import { toMarkdown } from '.';

// The dictionary is the British one of LibreOffice (npm dictionary-en-gb), read by Hunspell's rules (npm nspell).
const DICTIONARY = join(require.resolve('dictionary-en-gb'), '..');
const speller = nspell(
  readFileSync(join(DICTIONARY, 'index.aff')),
  readFileSync(join(DICTIONARY, 'index.dic')),
);
/** Of the field, which no dictionary has. */
const FIELD = new Set(['mmol', 'xanthan', 'choux', 'coeliac', 'flourless', 'doneness', 'cfr', 'roux']);
const wordsOf = (text: string) => text.toLowerCase().split(/[^\p{L}’']+/u);
const NAMES = new Set([...catalogueOf(BUILT_IN_KITCHEN).byId.values()].flatMap(({ name }) => wordsOf(name)));

const REQUESTS: readonly Partial<ConversionRequest>[] = [
  {},
  { diet: 'grain-free' },
  { without: ['milk', 'egg'], school: 'husk' },
];

describe('what a docket says in its own words', () => {
  it.each(WHEAT_BAKES)('is spelt as a dictionary has it: $name', ({ text }) => {
    const own = new Set(wordsOf(text));
    const wrong = REQUESTS.flatMap((request) => {
      const outcome = outcomeOf(text, request);
      if (outcome.outcome !== 'docket') return [];
      return wordsOf(toMarkdown(outcome.docket))
        .map((word) => word.replaceAll('’', "'").replace(/^'+|'+$|'s$/g, ''))
        .filter((word) => word.length > 1 && !own.has(word) && !NAMES.has(word) && !FIELD.has(word))
        .filter((word) => !speller.correct(word) && !speller.correct(word[0]!.toUpperCase() + word.slice(1)));
    });
    expect([...new Set(wrong)]).toEqual([]);
  });
});
