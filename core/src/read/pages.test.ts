import { join } from 'node:path';
import { readText } from '../testing';
import { ingredientLines, pageLines, type Line } from '.';
import { isHeld, labelledIn, type PageFacts } from './page/cases/labelled';

/** What a label's band is wide by itself: eggs and cups differ. */
const SLACK = 0.03;
const gramsOf = ({ items }: Line) =>
  items.filter(({ alternative }) => !alternative).reduce((sum, { grams }) => sum + (grams?.central ?? 0), 0);
const within = (grams: number, [low, high]: readonly [number, number]) =>
  grams >= low * (1 - SLACK) - 0.3 && grams <= high * (1 + SLACK) + 0.3;

interface Weighed {
  readonly lines: readonly boolean[];
  readonly total: readonly boolean[];
  readonly title: boolean;
}

function weighed({ text, title, grams }: PageFacts): Weighed {
  const recipe = readText(text);
  const foods = ingredientLines(recipe);
  const rows = text.split('\n').flatMap((line, at) => (line.trim() === '' ? [] : [at]));
  const idAt = new Map(pageLines(recipe).map(({ line }, n) => [rows[n]!, line]));
  const lines = Object.entries(grams?.line ?? {}).map(([at, band]) => {
    const line = foods.find(({ id }) => id === idAt.get(Number(at)));
    return within(line ? gramsOf(line) : 0, band);
  });
  const sum = foods.reduce((all, line) => all + gramsOf(line), 0);
  const plain = (words: string | null) =>
    (words ?? '')
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, ' ')
      .trim();
  return {
    lines,
    total: grams ? [within(sum, grams.all)] : [],
    title: title.some((one) => plain(one) === plain(recipe.title)),
  };
}

/** Given pages that no weight of the reader was fitted on. */
describe('pages that nothing was fitted on', () => {
  const { facts } = labelledIn(join(__dirname, 'page/cases'));
  const pages = facts.filter(isHeld).map(weighed);
  const share = (some: readonly boolean[]) => some.filter(Boolean).length / some.length;
  it('have the weights of their lines', () =>
    expect(share(pages.flatMap(({ lines }) => lines))).toBeGreaterThan(0.96));
  it('have their total weight', () =>
    expect(share(pages.flatMap(({ total }) => total))).toBeGreaterThan(0.93));
  it('have their titles', () => expect(share(pages.map(({ title }) => title))).toBeGreaterThan(0.9));
});

describe('every page', () => {
  it('has each of its lines as it was written, what only numbers a step among them', () => {
    const { facts } = labelledIn(join(__dirname, 'page/cases'));
    const flat = (lines: readonly string[]) => lines.map((line) => line.trim()).filter((line) => line !== '');
    const texts = [
      ...facts.map(({ text }) => text),
      'Buns\n200 g flour\n2 eggs\nMethod\nSTEP 1\nMix.\n2.\nBake.',
    ];
    for (const text of texts)
      expect(flat(pageLines(readText(text)).map(({ source }) => source))).toEqual(flat(text.split('\n')));
  });
});

describe('pages that are right as they stand', () => {
  it('are asked about in less than one of ten', () => {
    const { facts } = labelledIn(join(__dirname, 'page/cases'));
    const asked = facts.filter(({ text }) =>
      readText(text).doubts.some(({ kind }) => kind !== 'unsure-kind'),
    );
    expect(asked.length / facts.length).toBeLessThan(0.1);
  });
});
