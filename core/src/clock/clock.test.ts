import fc from 'fast-check';
import ICAL from 'ical.js';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST, type ConversionRequest } from '../kitchen';
import { readText, runs } from '../testing';
import { OVEN_HABITS } from './data/ovens';
import { SERVED } from './data/served';
import { docketsOfDay } from './shared';
import {
  momentOf,
  planDay,
  toCalendar,
  USUAL_WORK,
  type DayAsk,
  type DayBake,
  type DayPlan,
  type PlannedTask,
} from '.';

const PAGES = {
  cake: 'Plain layer cake\n250 g plain flour\n2 tsp baking powder\n180 g butter\n200 g caster sugar\n3 medium eggs\n150 ml milk\nMethod\nHeat the oven to 175°C. Butter two 20 cm round cake tins.\nCream the butter and sugar. Beat in the eggs. Fold in the flour and baking powder with the milk.\nBake for 30 to 35 minutes.',
  loaf: 'Seed loaf\n250 g plain flour\n2 tsp baking powder\n120 g sugar\n2 eggs\n100 ml oil\n150 g yogurt\nMethod\nHeat the oven to 180°C. Grease a 900 g loaf tin.\nStir everything together.\nBake for 50 to 55 minutes. Cool in the tin for 15 minutes.',
  snaps:
    'Ginger snaps\nMakes 60\n560 g plain flour\n340 g butter\n400 g sugar\n2 eggs\n2 tsp bicarbonate of soda\nMethod\nCream the butter and sugar. Beat in the eggs, then stir in the flour and soda.\nRoll into balls and bake on baking trays at 180°C for 11 to 13 minutes.',
  galette:
    'Plum galette\nFor the pastry:\n200 g plain flour\n120 g butter\n1 egg yolk\n3 tbsp cold water\nFor the filling:\n500 g plums\n60 g sugar\nMethod\nRub the butter into the flour. Stir in the yolk and water. Chill the pastry for 1 hour.\nRoll it out, heap the plums and sugar in the middle and fold the edges over.\nBake on a baking tray at 200°C for 40 to 45 minutes.',
  sponge:
    'Fatless sponge\n120 g plain flour\n120 g caster sugar\n4 eggs\nMethod\nWhisk the eggs and sugar until thick. Fold in the flour.\nBake in a 20 cm round tin at 175°C for 25 minutes.',
} as const;
type Page = keyof typeof PAGES;
const ZONE = 'Europe/Berlin';
const MINUTE = 60_000;
const AT = '2027-06-19T15:30';

const made = new Map<string, readonly DayBake[]>();
/** Dockets of a day with these, converted once. */
function bakesOf(
  pages: readonly Page[],
  at = AT,
  request: Partial<ConversionRequest> = {},
): readonly DayBake[] {
  const key = `${pages.join()}${JSON.stringify(request)}`;
  const known =
    made.get(key) ??
    docketsOfDay(
      pages.map((page) => ({
        id: page,
        recipe: readText(PAGES[page]),
        request: { ...EMPTY_REQUEST, ...request },
        serving: { at, zone: ZONE },
      })),
      BUILT_IN_KITCHEN,
    ).bakes;
  made.set(key, known);
  return known.map((one) => ({ ...one, serving: { at, zone: ZONE } }));
}

const ovens = (count: number): DayAsk['ovens'] =>
  Array.from({ length: count }, (_, at) => ({
    id: `o${at}`,
    name: `oven ${at + 1}`,
    racks: 2,
    preheatMinutes: 20,
  }));
const day = (pages: readonly Page[], more: Partial<DayAsk> = {}): DayAsk => ({
  bakes: bakesOf(pages),
  ovens: ovens(1),
  hands: 1,
  mixers: 1,
  fridge: null,
  tins: [],
  pace: {},
  asleep: null,
  now: null,
  pins: [],
  work: USUAL_WORK,
  ...more,
});
function planned(ask: DayAsk): DayPlan {
  const plan = planDay(ask);
  if (plan.outcome !== 'plan') throw new Error(JSON.stringify(plan.reasons));
  return plan;
}
const taskOf = (plan: DayPlan, bake: string, kind: PlannedTask['kind']) =>
  plan.tasks.filter((one) => one.bake === bake && one.kind === kind);

/** How many of some stretches go on at each of their begins, the most. */
const atOnce = (some: readonly PlannedTask[]): number =>
  Math.max(
    0,
    ...some.map(({ begins }) => some.filter((one) => one.begins <= begins && begins < one.ends).length),
  );

/** What a person with a watch would say is wrong with a plan. */
function wrongWith(plan: DayPlan, ask: DayAsk): string[] {
  const wrong: string[] = [];
  const say = (is: boolean, what: string) => void (is && wrong.push(what));
  const { tasks } = plan;
  say(atOnce(tasks.filter((one) => one.handsOn)) > ask.hands, 'more hands than there are');
  for (const { name, racks } of ask.ovens) {
    const inside = tasks.filter((one) => one.kind === 'bake' && one.oven === name);
    say(atOnce(inside) > racks, `${name} is too full`);
    for (const one of inside)
      for (const other of inside) {
        const meet = one.begins < other.ends && other.begins < one.ends;
        say(meet && one.celsius !== other.celsius, `${name} has two heats at once`);
        const turned = one.celsius! > other.celsius! ? OVEN_HABITS.cools : OVEN_HABITS.warms;
        const need = (Math.abs(one.celsius! - other.celsius!) / turned) * MINUTE;
        say(one.ends <= other.begins && other.begins - one.ends < need, `${name} is turned too fast`);
      }
    const heated = tasks.filter((one) => one.kind === 'preheat' && one.oven === name);
    const first = inside.sort((a, b) => a.begins - b.begins)[0];
    say(
      first !== undefined && !heated.some((one) => first.begins - one.begins >= 20 * MINUTE),
      `${name} is cold`,
    );
  }
  for (const { id, docket, serving } of ask.bakes) {
    const table = momentOf(serving);
    const own = tasks.filter((one) => one.bake === id && one.kind !== 'clean');
    say(
      own.some((one) => one.ends > table),
      `${id} isn't ready`,
    );
    const out = Math.max(...taskOf(plan, id, 'unload').map((one) => one.ends));
    const cold = docket.bake.cooling?.cold;
    if (SERVED[docket.family.id].fit === 'cold' && cold)
      say(table - out < Math.floor(cold) * MINUTE, `${id} is cut hot`);
    const mixed = Math.max(...taskOf(plan, id, 'mix').map((one) => one.ends));
    const baked = Math.min(...taskOf(plan, id, 'load').map((one) => one.begins));
    say(mixed > baked, `${id} is baked before it is mixed`);
    say(docket.family.id === 'foam' && baked - mixed > 5 * MINUTE, `${id} has fallen`);
    say(!docket.rest.cold && baked - mixed > 150 * MINUTE, `${id} stood too long`);
  }
  if (ask.asleep)
    for (const one of tasks.filter(({ handsOn, kind }) => handsOn || kind === 'preheat')) {
      const clock = one.at.slice(11);
      say(clock >= ask.asleep.from || clock < ask.asleep.to, `${one.id} at ${clock}: everybody is asleep`);
    }
  return wrong;
}

describe('a bake day', () => {
  it('has a loaf on the table when it can be cut, not a quarter of an hour after the oven', () => {
    const plan = planned(day(['loaf']));
    const [out] = taskOf(plan, 'loaf', 'unload');
    expect((momentOf({ at: AT, zone: ZONE }) - out!.ends) / MINUTE).toBeGreaterThan(120);
    expect(plan.proven).toBe(true);
    expect(plan.binds[0]).toMatchObject({ code: 'binds-bake' });
  });
  it('bakes sixty cookies tray by tray', () => {
    const plan = planned(day(['snaps']));
    const trays = taskOf(plan, 'snaps', 'bake');
    expect(trays.length).toBeGreaterThan(3);
    expect(trays.map(({ tray }) => tray?.n).sort()).toEqual(trays.map((_, at) => at + 1));
    expect(wrongWith(plan, day(['snaps']))).toEqual([]);
  });
  it('gives the bake its whole window, and says when it is looked at first', () => {
    const plan = planned(day(['cake']));
    const [bake] = taskOf(plan, 'cake', 'bake');
    const { minutes } = bakesOf(['cake'])[0]!.docket.bake;
    expect((bake!.ends - bake!.begins) / MINUTE).toBeGreaterThanOrEqual(Math.floor(minutes!.high) - 2);
    expect(bake!.firstCheck).toBeLessThan(bake!.ends);
  });
  it('heats an oven for two that are close at their middle, with times from Heat', () => {
    const bakes = bakesOf(['cake', 'loaf']);
    const plan = planned(day(['cake', 'loaf'], { bakes }));
    expect(new Set(plan.tasks.filter((one) => one.kind === 'bake').map((one) => one.celsius)).size).toBe(1);
    const alone = bakesOf(['loaf'])[0]!.docket.bake.minutes!.central;
    expect(bakes[1]!.docket.bake.minutes!.central).not.toBeCloseTo(alone, 1);
  });
  it('does on the evening before only what it must', () => {
    const asleep = { from: '22:30', to: '07:00' };
    const early = planned(day(['galette'], { bakes: bakesOf(['galette'], '2027-06-19T10:00'), asleep }));
    expect(early.tasks[0]!.at.slice(0, 10)).toBe('2027-06-18');
    expect(
      wrongWith(early, day(['galette'], { bakes: bakesOf(['galette'], '2027-06-19T10:00'), asleep })),
    ).toEqual([]);
    const late = planned(day(['galette'], { asleep }));
    expect(late.tasks[0]!.at.slice(0, 10)).toBe('2027-06-19');
  });
  it('washes down between two that mustn’t meet, or has the clean one first', () => {
    const [clean] = bakesOf(['loaf'], AT, { without: ['egg'] });
    const [other] = bakesOf(['cake']);
    const ask = day([], {
      bakes: [
        { ...clean!, id: 'clean' },
        { ...other!, id: 'other' },
      ],
      hands: 2,
    });
    const plan = planned(ask);
    const work = (bake: string) =>
      plan.tasks.filter((one) => one.bake === bake && (one.kind === 'mix' || one.kind === 'shape'));
    const last = Math.max(...work('clean').map((one) => one.ends));
    const first = Math.min(...work('other').map((one) => one.begins));
    const [down] = taskOf(plan, 'other', 'clean');
    expect(
      last <= first ||
        (down !== undefined && down.ends <= Math.min(...work('clean').map((one) => one.begins))),
    ).toBe(true);
  });
  it('lasts as long on the night on which the clocks change', () => {
    const length = (at: string) => {
      const plan = planned(day(['loaf'], { bakes: bakesOf(['loaf'], at) }));
      return momentOf({ at, zone: ZONE }) - plan.begins;
    };
    expect(length('2027-03-28T05:00')).toBe(length('2027-06-19T05:00'));
  });
});

const someDay = fc.record({
  pages: fc.uniqueArray(fc.constantFrom<Page>('cake', 'loaf', 'snaps', 'galette', 'sponge'), {
    minLength: 1,
    maxLength: 4,
  }),
  ovens: fc.integer({ min: 1, max: 2 }),
  hands: fc.integer({ min: 1, max: 3 }),
  hour: fc.integer({ min: 13, max: 20 }),
  asleep: fc.constantFrom(null, { from: '22:30', to: '07:00' }),
});
const askOf = ({
  pages,
  ovens: count,
  hands,
  hour,
  asleep,
}: typeof someDay extends fc.Arbitrary<infer T> ? T : never): DayAsk =>
  day(pages, { bakes: bakesOf(pages, `2027-06-19T${hour}:00`), ovens: ovens(count), hands, asleep });
const FEW = { ...runs(71), numRuns: Math.ceil(runs(71).numRuns / 20) };

describe('any bake day', () => {
  it('keeps hands, ovens, heats, windows and nights', () =>
    fc.assert(
      fc.property(someDay, (one) => {
        const plan = planned(askOf(one));
        expect(wrongWith(plan, askOf(one))).toEqual([]);
        expect(plan.heat.minutes).toBeGreaterThanOrEqual(plan.heat.atLeast);
      }),
      FEW,
    ));
  it('begins no earlier when it is served later, and no later with another bake', () =>
    fc.assert(
      fc.property(someDay, (one) => {
        const base = askOf({ ...one, asleep: null });
        const plan = planned(base);
        const later = planned(askOf({ ...one, asleep: null, hour: one.hour + 1 }));
        if (plan.proven && later.proven) expect(later.begins).toBeGreaterThanOrEqual(plan.begins);
        const fewer = { ...base, bakes: base.bakes.slice(1) };
        if (fewer.bakes.length === 0) return;
        const small = planned(fewer);
        if (plan.proven && small.proven) expect(small.begins).toBeGreaterThanOrEqual(plan.begins);
      }),
      FEW,
    ));
  it('is planned the same each time', () =>
    fc.assert(
      fc.property(someDay, (one) => expect(planDay(askOf(one))).toEqual(planDay(askOf(one)))),
      { ...FEW, numRuns: 5 },
    ));
});

describe('a day that can’t be', () => {
  const now = (minutes: number) => momentOf({ at: AT, zone: ZONE }) - minutes * MINUTE;
  it.each([
    ['served in the past', { now: now(-60) }, 'table-is-past'],
    ['served in ten minutes', { now: now(10) }, 'too-late-for'],
    ['without an oven', { ovens: [] }, 'no-oven'],
  ])('%s: says so', (_, more, code) => {
    const answer = planDay(day(['loaf'], more));
    expect(answer).toMatchObject({ outcome: 'infeasible', reasons: [{ code }] });
  });
  it('names what could be given, and each of it is enough', () => {
    const ask = day(['loaf', 'galette', 'cake'], { now: now(300) });
    const answer = planDay(ask);
    if (answer.outcome === 'plan') throw new Error('it can be');
    expect(answer.relax.length).toBeGreaterThan(0);
    for (const { give } of answer.relax) {
      const eased =
        give.kind === 'one-more-pair-of-hands'
          ? { ...ask, hands: 2 }
          : give.kind === 'one-more-oven'
            ? { ...ask, ovens: ovens(2) }
            : give.kind === 'without'
              ? { ...ask, bakes: ask.bakes.filter(({ id }) => id !== give.bake) }
              : give.kind === 'serve-later'
                ? {
                    ...ask,
                    bakes: ask.bakes.map((one) => ({
                      ...one,
                      serving: { at: laterThan(AT, give.minutes), zone: ZONE },
                    })),
                  }
                : ask;
      expect(planDay(eased).outcome).toBe('plan');
    }
  });
});
function laterThan(at: string, minutes: number): string {
  return new Date(Date.parse(`${at}:00Z`) + minutes * MINUTE).toISOString().slice(0, 16);
}

describe('its calendar', () => {
  // RFC 5545, read by a parser that we did not write (npm ical.js).
  const plan = () => planned(day(['cake', 'loaf']));
  const NOW = Date.parse('2027-06-01T00:00:00Z');
  const titles = {
    cake: 'Plain layer cake, with a title so long that a line of the calendar must be folded in two',
    loaf: 'Seed loaf',
  };
  const componentsOf = (text: string) =>
    new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent');
  it('holds an event for whatever calls for somebody, at its moment, with an alarm', () => {
    const one = plan();
    const events = componentsOf(toCalendar(one, titles, 'day-1', NOW)).map((part) => ({
      event: new ICAL.Event(part),
      alarms: part.getAllSubcomponents('valarm'),
    }));
    const bake = one.tasks.find(({ kind, bake: of }) => kind === 'bake' && of === 'cake')!;
    const found = events.find(({ event }) => event.uid === `${bake.id}-day-1@omniarton`)!;
    expect(found.event.startDate.toJSDate().getTime()).toBe(bake.begins);
    expect(found.event.description).toBe(titles.cake);
    expect(found.alarms).toHaveLength(2);
    expect(events.every(({ alarms }) => alarms.length > 0)).toBe(true);
  });
  it('is the same for the same plan, to the letter, and has ids of its own for each day', () => {
    expect(toCalendar(plan(), titles, 'day-1', NOW)).toBe(toCalendar(plan(), titles, 'day-1', NOW));
    expect(toCalendar(plan(), titles, 'day-2', NOW)).not.toContain('day-1');
  });
});
