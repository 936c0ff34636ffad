import { join } from 'node:path';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST, type ConversionRequest } from '../../kitchen';
import { isHeld, labelledIn, readText, shareOf } from '../../testing';
import { readProcess } from '../../process';
import { ingredientLines, lastWordOf, type Recipe } from '../../read';
import { convert } from '..';
import type { Docket } from '../types';

/*
 * What a baker must be able to trust on any page: the given ones, and the fifth by the hash of the id under three requests and counted
 * apart; the others were in sight while the writer was made.
 */
const { facts } = labelledIn(join(__dirname, '../../read/page/cases'));
const REQUESTS: readonly (readonly [string, Partial<ConversionRequest>])[] = [
  ['without gluten', {}],
  ['without milk and egg', { without: ['milk', 'egg'] }],
  ['without grain', { diet: 'grain-free' }],
];

interface Written {
  readonly id: string;
  readonly asked: string;
  readonly docket: Docket;
  readonly recipe: Recipe;
  readonly before: readonly string[];
}

const written: readonly Written[] = facts.flatMap(({ id, text }) => {
  const recipe = readText(text);
  return (isHeld({ id }) ? REQUESTS : REQUESTS.slice(0, 1)).flatMap(([asked, request]) => {
    const made = convert(recipe, { ...EMPTY_REQUEST, ...request }, BUILT_IN_KITCHEN);
    const before = recipe.method.map(({ source }) => source);
    return made.outcome === 'docket' ? [{ id, asked, docket: made.docket, recipe, before }] : [];
  });
});

const linesOf = ({ parts }: Docket) =>
  parts.flatMap(({ lines }) => lines).filter(({ grams }) => grams !== null && grams.central > 0);
const usedIn = ({ method }: Docket) => new Set(method.flatMap(({ uses = [] }) => uses));
const wordsOf = ({ method }: Docket) => method.map(({ text }) => text).join('\n');
/** A doubled word, a space before a stop, two stops, a sentence without a word: what a careless edit leaves. */
const SLIPS = /\b([\p{L}]+) \1\b|\s[,.;](?=\s|$)|,,|(?<!\.)\.\.(?!\.)|\bthe (?:the|a|an)\b|^\W*$/iu;

describe.each([
  ['pages in sight', written.filter((one) => !isHeld(one))],
  ['the fifth', written.filter(isHeld)],
] as const)('the written method: %s', (_, all) => {
  it('is there', () => expect(all.length).toBeGreaterThan(50));
  it('uses every line of the list in a step, wherever the page has a method that does', () => {
    const lines = all.flatMap(({ docket, before }) =>
      before.length === 0 ? [] : linesOf(docket).map(({ id }) => usedIn(docket).has(id)),
    );
    expect(shareOf(lines, (used) => used)).toBeGreaterThan(0.99);
  });
  it('says by its name what came beside a stand-in, wherever the page named what it stands in for', () => {
    for (const { docket, recipe, before } of all) {
      const says = (words: readonly string[], name: string) =>
        words.join(' ').toLowerCase().includes(lastWordOf(name).toLowerCase());
      const foods = ingredientLines(recipe);
      const silent = linesOf(docket).filter(({ id, name }) => {
        const from = foods.find((line) => id.startsWith(`${line.id}+`))?.items[0];
        const after = docket.method.map(({ text }) => text);
        return from !== undefined && says(before, from.name) && !says(after, name);
      });
      expect([docket.title, ...silent.map(({ name }) => name)]).toEqual([docket.title]);
    }
  });
  it('names what was taken out in hardly any step, and where it does the guard is open', () => {
    const named = all.filter(({ docket }) => docket.guard.open.some(({ kind }) => kind === 'named'));
    for (const { docket } of named) expect(docket.guard.state).toBe('open');
    expect(named.length / all.length).toBeLessThan(0.04);
  });
  it('stirs the blend before it is used, once for a part', () => {
    for (const { docket } of all) {
      const at = docket.method.findIndex(({ text }) => /\bthe flour blend\b/.test(text));
      const stirred = docket.method.findIndex(({ text }) => /this is (?:the|its) flour blend\.$/.test(text));
      if (at >= 0) expect(stirred).toBeLessThanOrEqual(at);
    }
  });
  it('bakes for about as long as the page says: other flours are no other bake', () => {
    for (const { docket, recipe } of all) {
      const said = readProcess(recipe, BUILT_IN_KITCHEN).bake?.minutes;
      const told = docket.stages?.[docket.mainStage ?? -1]?.minutes;
      if (said && told) {
        expect([docket.title, told.high / said.high > 0.6]).toEqual([docket.title, true]);
        expect([docket.title, told.high / said.high < 1.6]).toEqual([docket.title, true]);
      }
    }
  });
  it('lets no foam wait', () => {
    for (const { docket } of all)
      if (docket.family.id === 'foam') expect(wordsOf(docket)).not.toMatch(/Let the batter stand/);
  });
  it('rests after the mixing and before the bake', () => {
    for (const { docket } of all) {
      const rest = docket.method.findIndex(({ text }) => text.startsWith('Let the batter stand'));
      const cools = docket.method.findIndex(({ text }) => text.startsWith('Let it cool in the tin'));
      if (rest >= 0 && cools >= 0) expect(rest).toBeLessThan(cools);
    }
  });
  it('slips nowhere that the author didn’t', () => {
    const slips = all.flatMap(({ id, docket }) =>
      docket.method.flatMap(({ text, source, changed }) => {
        const slip = changed ? SLIPS.exec(text)?.[0] : undefined;
        return slip !== undefined && !(source ?? '').includes(slip) ? [`${id}: ${slip}`] : [];
      }),
    );
    expect(slips).toEqual([]);
  });
  it('is seldom longer than the recipe’s by more than a third and 250 characters', () => {
    const length = (words: readonly string[]) => words.join(' ').length;
    const short = all.map(
      ({ docket, before }) => length(docket.method.map(({ text }) => text)) <= (4 / 3) * length(before) + 250,
    );
    expect(shareOf(short, (one) => one)).toBeGreaterThan(0.9);
  });
  it('keeps the author’s words where nothing in them changed', () => {
    for (const { docket } of all)
      for (const { text, source, changed } of docket.method)
        if (source !== null && !changed) expect(text).toBe(source);
  });
});
