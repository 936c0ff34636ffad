import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { BUILT_IN_KITCHEN } from '../kitchen';
import { pageLines, type Recipe } from '../read';
import { SURE } from '../vocabulary';
import { isHeld, labelledIn, readText, shareOf } from '../testing';
import { readProcess, type Process, type Stage } from '.';

/*
 * The given pages with what a person says of their heat, tins and parts: the rules were fitted by hand on four fifths, and the
 * mistakes of the fifth were looked at once, late. own.txt: pages of ours, labelled before a rule ran on them.
 */

interface SaidStage {
  readonly medium: Stage['medium'];
  readonly celsius: number | null;
  readonly fan?: number | boolean | null;
  readonly minutes: readonly (number | null)[] | null;
}
interface SaidPan {
  readonly shape: string;
  readonly cm?: readonly number[];
  readonly count?: number;
}
interface SaidPage {
  readonly id: string;
  readonly family: readonly string[];
  readonly stages: readonly (readonly SaidStage[])[];
  readonly maybe: readonly SaidStage[];
  readonly pans: readonly SaidPan[];
  readonly parts: readonly { readonly family: string; readonly lines: readonly number[] }[];
}

const FIVE_DEGREES = 5;
const FAN = 20;
const { facts, train, held } = labelledIn(join(__dirname, '../read/page/cases'));
const said = JSON.parse(readFileSync(join(__dirname, 'cases/pages.json'), 'utf8')) as readonly SaidPage[];

function isStage({ medium, ovenCelsius, oilCelsius, fan, minutes }: Stage, one: SaidStage): boolean {
  if (medium !== one.medium) return false;
  const celsius = medium === 'fried' ? oilCelsius : ovenCelsius;
  const near = (value: number) => celsius !== null && Math.abs(celsius - value) <= FIVE_DEGREES;
  const hot =
    one.celsius === null ||
    near(one.celsius) ||
    (fan && (typeof one.fan === 'number' ? near(one.fan) : near(one.celsius - FAN)));
  const [low = null, high = low] = one.minutes ?? [];
  const long =
    low === null || (minutes !== null && minutes.low <= (high ?? low) + 0.1 && minutes.high >= low - 0.1);
  return hot && long;
}

/** Whether all stages that a person names are there, and no other but such as may be. */
function heatIsRight({ stages }: Process, page: SaidPage): boolean {
  const got = stages.filter(({ medium }) => medium !== 'boiled' && medium !== 'chilled');
  return page.stages.some((want) => {
    const left = [...got];
    const found = want.filter((one) => {
      const at = left.findIndex((stage) => isStage(stage, one));
      if (at >= 0) left.splice(at, 1);
      return at >= 0;
    });
    return (
      found.length === want.length && left.every((stage) => page.maybe.some((one) => isStage(stage, one)))
    );
  });
}

/** What a label's shape may be read as. */
const SHAPES: Readonly<Record<string, readonly string[]>> = {
  sheet: ['tray', 'rect'],
  pieces: ['tray'],
  round: ['round', 'springform', 'ramekin'],
  muffin: ['muffin', 'muffin-mini', 'muffin-jumbo'],
  none: ['tray', 'skillet'],
};
const SIZELESS = new Set(['pieces', 'muffin', 'none', 'mug']);

function isPan({ bake }: Process, { shape, cm = [], count }: SaidPan): boolean {
  const pan = bake?.pan ?? null;
  if (pan === null) return shape === 'none' || shape === 'pieces';
  if (!(SHAPES[shape] ?? [shape]).includes(pan.shape)) return false;
  if (cm.length === 0 || SIZELESS.has(shape)) return true;
  const near = (a: number, b: number) => Math.abs(a - b) <= Math.max(0.6, 0.05 * b);
  const [long, short] = [Math.max(...cm.slice(0, 2)), Math.min(...cm.slice(0, 2))];
  const floor =
    near(pan.lengthCm, long) &&
    (cm.length < 2 || shape === 'round' || shape === 'ring' || near(pan.widthCm, short));
  return floor && (count === undefined || shape === 'sheet' || pan.count === count);
}

/** Parts as they were read and as a person has them, by their lines. */
function partsBeside(recipe: Recipe, { mixtures }: Process, text: string, page: SaidPage) {
  const filled = text.split('\n').flatMap((line, at) => (line.trim() === '' ? [] : [at]));
  const places = new Map(pageLines(recipe).map(({ line }, n) => [line, filled[n]!]));
  const labelled = new Set(page.parts.flatMap(({ lines }) => lines));
  const key = (lines: readonly number[]) => [...lines].sort((a, b) => a - b).join();
  const got = mixtures
    .map(({ lines, family }) => ({
      family,
      lines: key(lines.map(({ line }) => places.get(line)!).filter((at) => labelled.has(at))),
    }))
    .filter(({ lines }) => lines !== '');
  const want = page.parts.map(({ lines, family }) => ({ family, lines: key(lines) }));
  return { got, want };
}
type PartsBeside = ReturnType<typeof partsBeside>;

const partsAreRight = ({ got, want }: PartsBeside): boolean =>
  want.length === got.length && want.every((one) => got.some(({ lines }) => lines === one.lines));

/** Whether each part of the right lines that the reader is sure of has the right kind. */
const surePartKinds = ({ got, want }: PartsBeside, { family }: SaidPage): boolean[] =>
  got.flatMap((part) => {
    const said = want.find(({ lines }) => lines === part.lines);
    if (!said || part.family.confidence < SURE) return [];
    const fine = said.family === family[0] ? family : [said.family];
    return [fine.includes(part.family.id)];
  });

const read = said.map((page) => {
  const { text } = facts.find(({ id }) => id === page.id)!;
  const recipe = readText(text);
  const process = readProcess(recipe, BUILT_IN_KITCHEN);
  const beside = partsBeside(recipe, process, text, page);
  return {
    held: isHeld(page),
    heat: heatIsRight(process, page),
    tin: page.pans.some((pan) => isPan(process, pan)),
    parts: partsAreRight(beside),
    surePartKinds: surePartKinds(beside, page),
    family: page.family.includes(process.family.id),
    sure: process.family.confidence >= SURE,
  };
});

describe.each([
  ['pages that the rules were written on', read.filter(({ held }) => !held), 0.9],
  ['the fifth', read.filter(({ held }) => held), 0.8],
] as const)('%s', (_, pages, heat) => {
  it('have their heat', () => expect(shareOf(pages, (one) => one.heat)).toBeGreaterThan(heat));
  it('have their tins', () => expect(shareOf(pages, (one) => one.tin)).toBeGreaterThan(0.8));
  it('have their parts', () => expect(shareOf(pages, (one) => one.parts)).toBeGreaterThan(0.85));
  it('have parts of the kind that they are said to be, four of five of the sure ones and more', () => {
    const kinds = pages.flatMap(({ surePartKinds }) => surePartKinds);
    expect(kinds.length).toBeGreaterThan(pages.length);
    expect(kinds.filter((right) => right).length / kinds.length).toBeGreaterThan(0.8);
  });
  it('have their family, the sure ones all but always', () => {
    expect(shareOf(pages, (one) => one.family)).toBeGreaterThan(0.9);
    const sure = pages.filter((one) => one.sure);
    expect(shareOf(sure, (one) => one.family)).toBeGreaterThan(0.95);
  });
});

describe('pages of ours', () => {
  const pages = new Map(
    [...train, ...held].map(({ id, rows }) => [id, rows.map(({ line }) => line).join('\n')]),
  );
  const cases = readFileSync(join(__dirname, 'cases/own.txt'), 'utf8')
    .trim()
    .split('\n')
    .map((row) => {
      const [id = '', heat = '', tin = ''] = row.split('|').map((one) => one.trim());
      return { heat, tin, process: readProcess(readText(pages.get(id)!), BUILT_IN_KITCHEN) };
    });
  /** "oven 190 15; oven - 45-50": medium, °C or none, minutes. */
  const stagesIn = (words: string): SaidStage[] =>
    words === '-'
      ? []
      : words.split('; ').map((one): SaidStage => {
          const [medium, celsius, minutes] = one.split(' ');
          return {
            medium: medium as Stage['medium'],
            celsius: celsius === '-' ? null : Number(celsius),
            minutes: minutes!.split('-').map(Number),
          };
        });
  /** "springform 22", "30x20", "n2": shape, cm and number, each where the page says it. */
  const tinIn = (words: string): SaidPan => {
    const [shape = 'any', size = '', many] = /^([a-z]{2,})? ?([\d.x]*) ?(?:n(\d+))?$/.exec(words)!.slice(1);
    const cm = size === '' ? [] : size.split('x').map(Number);
    return { shape, cm, ...(many ? { count: Number(many) } : {}) };
  };
  const anyShape = (process: Process, said: SaidPan) =>
    isPan(process, {
      ...said,
      shape: said.shape === 'any' ? (process.bake?.pan?.shape ?? 'none') : said.shape,
    });
  it('have their heat', () =>
    expect(
      shareOf(cases, ({ heat, process }) =>
        heatIsRight(process, {
          id: '',
          family: [],
          stages: [stagesIn(heat)],
          maybe: [],
          pans: [],
          parts: [],
        }),
      ),
    ).toBeGreaterThan(0.87));
  it('have their tins, where they say one', () =>
    expect(
      shareOf(
        cases.filter(({ tin }) => tin !== '?'),
        ({ tin, process }) => anyShape(process, tinIn(tin)),
      ),
    ).toBeGreaterThan(0.9));
});
