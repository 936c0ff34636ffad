import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { EMPTY_KITCHEN, type KitchenDocument } from '@omniarton/core/kitchen';
import { run } from './run';
import { OPTIONS, VERBS } from './usage';

const RECIPE =
  'Ginger muffins\n\n250 g plain flour\n2 tsp baking powder\n120 g sugar\n1 egg\n240 ml milk\n80 g butter\na handful of wobbly brindle\n\nMethod\nBake at 190°C for 20 minutes in a muffin tin.';
let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'omniarton-cli-'));
  writeFileSync(join(folder, 'a.txt'), RECIPE);
  writeFileSync(join(folder, 'b.txt'), '2 eggs\n100 g sugar');
  writeFileSync(join(folder, 'binary'), Buffer.from([1, 0, 2]));
  writeFileSync(join(folder, 'empty.txt'), '');
  const data = {
    '@type': 'Recipe',
    name: 'Snaps',
    recipeIngredient: ['2 cups all-purpose flour', '1 tsp salt'],
  };
  writeFileSync(
    join(folder, 'page.html'),
    `<script type="application/ld+json">${JSON.stringify([data, { ...data, name: 'Rounds' }])}</script>`,
  );
  writeFileSync(
    join(folder, 'kitchen.json'),
    JSON.stringify({
      ...EMPTY_KITCHEN,
      people: [
        { id: 'p1', name: 'A guest', gluten: null, grainFree: null, avoids: [{ what: 'egg', how: 'label' }] },
      ],
      weighed: [
        { id: 'w', ingredient: 'all-purpose-flour', bag: '', cupGrams: 150, on: '2026-06-20', inUse: true },
      ],
    } satisfies KitchenDocument),
  );
});
afterAll(() => rmSync(folder, { recursive: true }));

function call(...args: string[]) {
  const out: string[] = [];
  const err: string[] = [];
  const code = run(args, {
    out: (text) => out.push(text),
    err: (text) => err.push(text),
    folder,
    engine: '0.0.0+test',
  });
  return { code, out, err, json: () => JSON.parse(out.join('\n')) as Record<string, unknown> };
}

describe('read', () => {
  it('has the shape of docs/cli.md', () => {
    const { code, json } = call('read', 'a.txt', '--json');
    expect(code).toBe(0);
    expect(json()).toMatchObject({
      title: 'Ginger muffins',
      locale: 'UK',
      family: { id: 'muffin', confidence: expect.any(Number) as number },
      bake: { ovenCelsius: 190, fan: false, minutes: { low: 20, high: 20 }, pan: { shape: 'muffin' } },
    });
  });
  it('says what each line was taken for, and how sure it is', () => {
    const { kinds } = call('read', 'a.txt').json() as {
      kinds: { source: string; kind: string; sure: number }[];
    };
    expect(kinds.map(({ source }) => source)).toEqual(RECIPE.split('\n').filter(Boolean));
    expect(kinds[0]).toMatchObject({ source: 'Ginger muffins', kind: 'title' });
    expect(kinds.every(({ sure }) => sure > 0 && sure <= 1)).toBe(true);
  });
  it('has each line once, in order, as written', () => {
    const { parts, method } = call('read', 'a.txt').json() as {
      parts: { lines: { source: string; kind: string; grams: unknown; gluten: string }[] }[];
      method: { source: string }[];
    };
    const sources = [...parts.flatMap(({ lines }) => lines), ...method].map(({ source }) => source);
    expect(sources).toEqual(RECIPE.split('\n').filter(Boolean));
    const flour = parts[0]!.lines.find(({ source }) => source.includes('flour'))!;
    expect(flour).toMatchObject({
      kind: 'ingredient',
      gluten: 'contains',
      grams: { central: 250, low: 250, high: 250 },
    });
    expect(parts[0]!.lines.find(({ source }) => source.includes('brindle'))).toMatchObject({
      gluten: 'unknown',
      ingredient: null,
    });
  });
});

describe('files of other kinds', () => {
  it('are taken apart: a page with two recipes gives both', () => {
    const both = call('read', 'page.html').json() as unknown as { title: string }[];
    expect(both.map(({ title }) => title)).toEqual(['Snaps', 'Rounds']);
  });
  it('a kitchen weighs by its own cup and seats its people', () => {
    type Read = { parts: { lines: { source: string; grams: { central: number } | null }[] }[] }[];
    const [read] = call('read', 'page.html', '--kitchen', 'kitchen.json').json() as unknown as Read;
    const flour = read!.parts[0]!.lines.find(({ source }) => source.includes('flour'))!;
    expect(flour.grams!.central).toBeCloseTo(300, 6);
    const docket = call('convert', 'a.txt', '--kitchen', 'kitchen.json', '--people', 'p1').json() as {
      guard: object;
    };
    expect(docket.guard).toMatchObject({ without: ['egg'], forWhom: ['A guest'] });
  });
});

describe('guard', () => {
  it('works for a diet and avoidances by what people call them', () => {
    const { json } = call('guard', 'a.txt', '--diet', 'grain-free', '--without', 'nuts,dairy,egg');
    const { lines, open, state } = json() as {
      lines: { source: string; allergens: string[] }[];
      open: unknown[];
      state: string;
    };
    expect(lines.find(({ source }) => source.includes('butter'))!.allergens).toEqual(['milk']);
    expect(open.length).toBeGreaterThan(0);
    expect(state).toBe('open');
  });
});

describe('convert', () => {
  it('gives a docket with the balances by their ids', () => {
    const docket = call('convert', 'a.txt', '--diet', 'gluten-free', '--school', 'husk', '--json').json() as {
      outcome: string;
      engine: string;
      parts: {
        balances: { id: string; band: number[] }[];
        blend: { ingredient: string; share: number; grams: number }[];
      }[];
      bake: { minutes: object; firstCheck: number };
    };
    expect(docket.outcome).toBe('docket');
    expect(docket.engine).toBe('0.0.0+test');
    expect(docket.parts[0]!.balances.map(({ id }) => id)).toEqual([
      'drinkThirst',
      'binder',
      'starchShare',
      'lift',
      'fat',
      'sugar',
    ]);
    expect(docket.parts[0]!.blend.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
    expect(docket.bake.firstCheck).toBeGreaterThan(10);
  });
  it.each([
    ['b.txt', 'nothing-to-convert'],
    ['empty.txt', 'nothing-to-convert'],
  ])('of %s is %s, with exit 0', (file, outcome) => {
    const { code, json } = call('convert', file);
    expect(code).toBe(0);
    expect(json()).toMatchObject({ outcome, reasons: [expect.any(String)] });
  });
  it('by honey on a mountain holds honey, less powder and a cooler oven', () => {
    const grams = (args: readonly string[], id: string) =>
      (
        call('convert', 'a.txt', ...args).json() as {
          parts: { lines: { ingredient: string; grams: { central: number } | null }[] }[];
        }
      ).parts
        .flatMap(({ lines }) => lines)
        .filter(({ ingredient }) => ingredient === id)
        .reduce((sum, line) => sum + (line.grams?.central ?? 0), 0);
    expect(grams(['--sweetener', 'honey'], 'honey')).toBeGreaterThan(50);
    expect(grams(['--altitude', '2000'], 'baking-powder')).toBeLessThan(grams([], 'baking-powder'));
  });
  it('shows two to four ways, each with what it does worse', () => {
    const { ways } = call('ways', 'a.txt').json() as { ways: { worse: string; docket: object }[] };
    expect(ways.length).toBeGreaterThanOrEqual(2);
    expect(ways.length).toBeLessThanOrEqual(4);
    for (const { worse } of ways) expect(worse).not.toBe('');
  });
  it('tries the batter in a vessel, and says what can’t be tried', () => {
    const heat = (...args: string[]) => call('heat', 'a.txt', ...args).json();
    const muffins = heat('--pan', 'muffin', '--count', '12', '--oven', '190') as {
      minutes: { central: number };
      firstCheck: number;
      centre: [number, number][];
    };
    expect(muffins).toMatchObject({ doneBy: 'centre', count: 12 });
    expect(muffins.minutes.central).toBeGreaterThan(14);
    expect(muffins.minutes.central).toBeLessThan(26);
    expect(muffins.firstCheck).toBeLessThan(muffins.minutes.central);
    expect(muffins.centre[0]).toEqual([0, 20]);
    expect(heat('--pan', 'round:3')).toMatchObject({ outcome: 'out-of-range' });
    expect(heat('--pan', 'round:20', '--oven', '400')).toMatchObject({ outcome: 'out-of-range' });
  });
  it('answers several files with one list', () =>
    expect(call('convert', 'a.txt', 'b.txt').json()).toHaveLength(2));
});

describe('several files', () => {
  it('of which one can’t be used: the others are answered, it stands in its place, and the exit says so', () => {
    const { code, err, json } = call('convert', 'a.txt', 'missing.txt', 'b.txt');
    expect(code).toBe(2);
    expect(json()).toMatchObject([
      { outcome: 'docket' },
      { file: 'missing.txt', error: expect.stringMatching(/no such file/) as string },
      { outcome: 'nothing-to-convert' },
    ]);
    expect(err).toHaveLength(1);
  });
  it('of which none can be used are still an array, an element each', () => {
    const { code, json } = call('read', 'missing.txt', 'binary');
    expect(code).toBe(2);
    expect(json()).toMatchObject([{ file: 'missing.txt' }, { file: 'binary' }]);
  });
  it('tell how far it is before each; a single one is silent', () => {
    const told: string[] = [];
    const progress = (done: number, of: number, file: string) => told.push(`${done}/${of} ${file}`);
    const surroundings = { out: () => undefined, err: () => undefined, folder, engine: '', progress };
    run(['read', 'a.txt'], surroundings);
    expect(told).toEqual([]);
    run(['read', 'a.txt', 'b.txt'], surroundings);
    expect(told).toEqual(['0/2 a.txt', '1/2 b.txt']);
  });
});

const CASE = { id: 'a', section: 'triangle', input: { test: 'triangle', n: 3, k: 3 } };

describe('help', () => {
  const reference = readFileSync(join(__dirname, '../../docs/cli.md'), 'utf8');
  const settable = Object.keys(OPTIONS).filter((name) => !['help', 'version'].includes(name));

  const OTHER_FILES: Readonly<Partial<Record<string, string>>> = {
    statistics: JSON.stringify([CASE]),
    learn: JSON.stringify([{ family: 'loaf', minutes: 60, foretold: 55 }]),
  };

  it.each(VERBS)('of %s has an example that runs, the options and the exit codes', (verb) => {
    const { code, out } = call(verb, '--help');
    expect(code).toBe(0);
    const example = /^ {2}omniarton (.*)$/m.exec(out[0]!)![1]!;
    const file = OTHER_FILES[verb] ?? RECIPE;
    writeFileSync(join(folder, example.split(' ')[1]!), file);
    expect(call(...example.split(' '))).toMatchObject({ code: 0, err: [] });
    // Neither statistics nor bakes are asked of anybody's recipe.
    expect(/--without/.test(out[0]!)).toBe(!(verb in OTHER_FILES));
    expect(out[0]).toMatch(/Exit codes/);
  });
  it('keeps out everything that is named, in one list or in several', () => {
    const guarded = (...args: string[]) => {
      const { guard } = call('convert', 'a.txt', ...args).json() as { guard: { without: string[] } };
      return guard.without;
    };
    expect(guarded('--without', 'milk', '--without', 'egg').sort()).toEqual(['egg', 'milk']);
    expect(guarded('--without', 'milk,egg').sort()).toEqual(['egg', 'milk']);
  });
  it('without a verb names them all, and fits a terminal', () => {
    const { code, out } = call('--help');
    expect(code).toBe(0);
    for (const verb of VERBS) expect(out[0]).toContain(`  ${verb}`);
    for (const verb of VERBS)
      for (const line of call(verb, '--help').out[0]!.split('\n'))
        expect(line.length).toBeLessThanOrEqual(100);
  });
  it.each(settable)('--%s stands in docs/cli.md', (name) => expect(reference).toContain(`--${name}`));
  it('the version is the engine’s', () => expect(call('--version').out).toEqual(['0.0.0+test']));
});

describe('what can’t be used', () => {
  it.each([
    [['nonsense', 'a.txt'], /usage/],
    [['read'], /which file/],
    [['read', 'missing.txt'], /no such file/],
    [['read', 'binary'], /not text/],
    [['convert', 'a.txt', '--diet', 'keto'], /gluten-free, grain-free/],
    [['convert', 'a.txt', '--kitchen', 'a.txt'], /no JSON/],
    [['convert', 'a.txt', '--without', 'moonlight'], /moonlight/],
    [['convert', 'a.txt', '--sideways'], /sideways/],
    [['heat', 'a.txt'], /--pan/],
    [['heat', 'a.txt', '--pan', 'bathtub:90'], /bathtub/],
    [['heat', 'a.txt', '--pan', 'round:20', '--oven', 'hot'], /temperature/],
  ])('%j exits 2 with one line', (args, words) => {
    const { code, out, err } = call(...args);
    expect(code).toBe(2);
    expect(out).toEqual([]);
    expect(err).toHaveLength(1);
    expect(err[0]).toMatch(words);
    expect(err[0]).not.toContain('\n');
  });
});

describe('what is wished of a blend', () => {
  const flours = (...args: string[]) =>
    (call('convert', 'a.txt', ...args).json() as { parts: { blend: { ingredient: string }[] }[] }).parts
      .flatMap(({ blend }) => blend)
      .map(({ ingredient }) => ingredient);
  it('goes by a route, keeps to few flours, and to the bags of a kitchen file', () => {
    expect(flours('--route', 'cassava-led')).toContain('cassava-flour');
    expect(flours('--flours', '2')).toHaveLength(2);
    const place = {
      note: '',
      packGrams: null,
      price: null,
      opened: null,
      bestBefore: null,
      certified: true,
      place: 'cupboard',
    };
    const bags = ['white-rice-flour', 'potato-starch'].map((ingredient) => ({
      id: ingredient,
      grams: 1000,
      bag: { ingredient, ...place },
    }));
    writeFileSync(join(folder, 'bags.json'), JSON.stringify({ ...EMPTY_KITCHEN, bags }));
    expect(flours('--kitchen', 'bags.json', '--buy', '0').sort()).toEqual([
      'potato-starch',
      'white-rice-flour',
    ]);
  });
  it.each([
    ['--wish', 'moonlit'],
    ['--flours', '9'],
    ['--buy', '-1'],
    ['--route', 'by sea'],
  ])('%s %s can’t be used', (option, value) => {
    const { code, err } = call('convert', 'a.txt', `${option}=${value}`);
    expect(code).toBe(2);
    expect(err).toHaveLength(1);
  });
});

describe('diagnose', () => {
  it('has the shape of docs/cli.md', () => {
    writeFileSync(
      join(folder, 'free.txt'),
      'Scones\n180 g white rice flour\n100 g potato starch\n6 tbsp xanthan gum\n1 tbsp baking powder\n80 g butter\n1 egg\n130 ml milk',
    );
    const { parts, findings } = call('diagnose', 'free.txt').json() as {
      parts: { balances: { id: string; verdict: string; band: number[] }[] }[];
      findings: { id: string; because: string; likelihood: number }[];
    };
    expect(parts[0]!.balances.map(({ id }) => id)).toEqual(['drinkThirst', 'binder', 'starchShare', 'lift']);
    expect(parts[0]!.balances.find(({ id }) => id === 'binder')!.verdict).toBe('high');
    expect(findings[0]!.id).toBe('gummy');
  });
});
