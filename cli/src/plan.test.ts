import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { run } from './run';

const LOAF =
  'Seed loaf\n250 g plain flour\n2 tsp baking powder\n120 g sugar\n2 eggs\n100 ml oil\nMethod\nHeat the oven to 180°C. Grease a 900 g loaf tin.\nStir everything together.\nBake for 50 to 55 minutes. Cool in the tin for 15 minutes.';
const BUNS =
  'Lemon buns\nMakes 12\n200 g plain flour\n2 tsp baking powder\n100 g butter\n120 g sugar\n2 eggs\nMethod\nCream the butter and sugar, beat in the eggs and fold in the flour.\nSpoon into 12 paper cases and bake at 175°C for 18 to 20 minutes.';
const folder = mkdtempSync(join(tmpdir(), 'omniarton-plan-'));
writeFileSync(join(folder, 'loaf.txt'), LOAF);
writeFileSync(join(folder, 'buns.txt'), BUNS);

function call(...args: readonly string[]) {
  const said: { out: string[]; err: string[] } = { out: [], err: [] };
  const code = run(['plan', ...args], {
    out: (text) => said.out.push(text),
    err: (text) => said.err.push(text),
    folder,
    engine: 'test',
  });
  return {
    code,
    err: said.err,
    answer: said.out[0] === undefined ? null : (JSON.parse(said.out[0]) as Answer),
  };
}
interface Answer {
  readonly outcome: string;
  readonly proven: boolean;
  readonly starts: string;
  readonly noPlanAfter: string;
  readonly tasks: readonly {
    readonly docket: string | null;
    readonly kind: string;
    readonly starts: string;
    readonly ends: string;
    readonly handsOn: boolean;
    readonly resource: string | null;
    readonly celsius: number | null;
  }[];
  readonly ovens: readonly { readonly id: string }[];
  readonly dockets: readonly { readonly id: string; readonly title: string }[];
  readonly reasons: readonly string[];
  readonly relax: readonly { readonly kind: string; readonly minutes?: number }[];
}
const SERVE = ['--serve', '2027-06-19T15:30', '--zone', 'Europe/Berlin'] as const;

describe('a day on the command line', () => {
  it('has all files on one oven, in order, by local clocks, with its begin proven', () => {
    const { code, answer } = call('loaf.txt', 'buns.txt', ...SERVE, '--json');
    expect(code).toBe(0);
    expect(answer).toMatchObject({
      outcome: 'plan',
      proven: true,
      dockets: [{ title: 'Seed loaf' }, { title: 'Lemon buns' }],
    });
    const { tasks, starts, noPlanAfter } = answer!;
    expect(tasks[0]!.starts).toBe(starts);
    expect(noPlanAfter >= starts).toBe(true);
    expect(tasks.map((one) => one.starts)).toEqual(tasks.map((one) => one.starts).sort());
    expect(
      tasks.every(
        ({ starts: from, ends }) => /^2027-06-19T\d\d:\d\d$/.test(from) && ends <= '2027-06-19T15:30',
      ),
    ).toBe(true);
    expect(tasks.filter(({ kind }) => kind === 'bake').map(({ resource }) => resource)).toEqual([
      'oven-1',
      'oven-1',
    ]);
    expect(new Set(tasks.filter(({ handsOn }) => handsOn).map(({ resource }) => resource))).toEqual(
      new Set(['hands-1']),
    );
  });
  it('has as many ovens and hands as are asked for, and nobody up at night', () => {
    const { answer } = call(
      'loaf.txt',
      'buns.txt',
      '--serve',
      '2027-06-19T08:00',
      '--zone',
      'Europe/Berlin',
      '--ovens',
      '2',
      '--hands',
      '2',
      '--asleep',
      '22:30-06:30',
    );
    expect(answer!.outcome).toBe('plan');
    for (const { starts, handsOn } of answer!.tasks.filter((one) => one.handsOn)) {
      const clock = starts.slice(11);
      expect(handsOn && (clock >= '22:30' || clock < '06:30')).toBe(false);
    }
  });
  it('that can’t be says why, and what could be given', () => {
    const { code, answer } = call('loaf.txt', ...SERVE, '--now', '2027-06-19T14:00');
    expect(code).toBe(0);
    expect(answer!.outcome).toBe('infeasible');
    expect(answer!.reasons[0]).toMatch(/Seed loaf can be ready at \d\d:\d\d at the soonest/);
    expect(answer!.relax.some(({ kind }) => kind === 'serve-later')).toBe(true);
  });
  it.each([
    [['loaf.txt'], /--serve is wanted/],
    [['loaf.txt', '--serve', 'noon'], /no moment/],
    [['loaf.txt', '--serve', '2027-06-19T15:30', '--zone', 'Moon/Base'], /Moon\/Base/],
    [['loaf.txt', ...SERVE, '--asleep', '22:30'], /no time/],
    [['loaf.txt', ...SERVE, '--ovens', '9'], /whole number/],
    [['none.txt', ...SERVE], /no such file/],
  ])('%j can’t be used: one line says so', (args, words) => {
    const { code, err } = call(...args);
    expect(code).toBe(2);
    expect(err.join()).toMatch(words);
  });
});
