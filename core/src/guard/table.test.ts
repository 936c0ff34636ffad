import {
  BUILT_IN_KITCHEN,
  EMPTY_REQUEST,
  forTable,
  seatFor,
  type ConversionRequest,
  type Kitchen,
  type Person,
} from '../kitchen';
import { readText } from '../testing';
import { guardRecipe, namedByLaw } from '.';

const person = (id: string, more: Partial<Person> = {}): Person => ({
  id,
  name: id,
  gluten: null,
  grainFree: null,
  avoids: [],
  ...more,
});
const KITCHEN: Kitchen = {
  ...BUILT_IN_KITCHEN,
  version: 'table',
  people: [
    person('Tam', { gluten: 'certified' }),
    person('', { avoids: [{ what: 'tree nuts', how: 'label' }] }),
    person('Ines', { gluten: 'preference', avoids: [{ what: 'milk', how: 'preference' }] }),
    person('Bo', { grainFree: { pseudocereals: true, derived: false } }),
    person('Kit', {
      gluten: 'label',
      avoids: [
        { what: 'gums', how: 'label' },
        { what: 'oats', how: 'label' },
      ],
    }),
  ],
};
const BY_HAND: ConversionRequest = { ...EMPTY_REQUEST, gluten: 'preference' };
const guard = (text: string, request: Partial<ConversionRequest> = {}, kitchen = KITCHEN) =>
  guardRecipe(readText(text), { ...BY_HAND, ...request }, kitchen);
const at = (...who: string[]) => ({
  seats: KITCHEN.people.filter(({ name }) => who.includes(name)).map(seatFor),
});

describe('a table', () => {
  it('avoids what anybody avoids, as strictly as the strictest', () => {
    const all = forTable({ ...BY_HAND, ...at('Tam', '', 'Ines') }, KITCHEN);
    expect(all).toMatchObject({ gluten: 'certified', without: ['milk', 'tree nuts'], mild: ['milk'] });
    expect(forTable(all, KITCHEN)).toEqual(all);
  });
  it('is grain-free with one grain-free guest, with the switches that all of them share', () => {
    expect(forTable({ ...BY_HAND, ...at('Bo') }, KITCHEN)).toMatchObject({
      diet: 'grain-free',
      pseudocereals: true,
    });
    expect(forTable({ ...BY_HAND, diet: 'grain-free', ...at('Bo') }, KITCHEN).pseudocereals).toBe(false);
  });
  it('asks about no label for what is left out by preference', () => {
    const text = '200 g gluten-free flour blend';
    expect(guard(text, at('Ines')).open.map(({ kind }) => kind)).not.toContain('possible');
    expect(guard(text, at('')).open.map(({ kind }) => kind)).not.toContain('label');
    expect(guard(text, at('Tam')).open.map(({ kind }) => kind)).toContain('label');
  });
  it('shows for each person what is out and what is to be asked', () => {
    const { people } = guard('200 g plain flour\n50 g hazelnuts\n100 g granola\n50 g sugar', at('Tam', ''));
    const of = (name: string) =>
      people.find((one) => one.name === name)!.lines.map(({ standing }) => standing);
    expect(of('Tam')).toEqual(['out', 'nothing known', 'ask', 'nothing known']);
    expect(of('')).toEqual(['nothing known', 'out', 'ask', 'nothing known']);
  });
});

describe('an answer holds for what it was given to', () => {
  const text = '100 g rice flour\n2 tsp mustard powder';
  const answered = (request: Partial<ConversionRequest>, kitchen = KITCHEN, words = text) => {
    const answers = guard(text, { ...at('Tam') }).open.map(({ line, key }) => ({
      line,
      answer: 'label-checked' as const,
      about: key,
      on: '2026-06-20',
      by: '',
    }));
    return guard(words, { ...at('Tam'), answers, ...request }, kitchen);
  };
  it('while nothing changes', () =>
    expect(answered({})).toMatchObject({ state: 'answered', checkedOn: '2026-06-20' }));
  it('until the line changes', () =>
    expect(answered({}, KITCHEN, text.replace('rice', 'sorghum')).state).toBe('open'));
  it('until somebody else comes to the table', () => {
    const kitchen = {
      ...KITCHEN,
      version: 'more',
      people: [...KITCHEN.people, person('Jo', { avoids: [{ what: 'sulphite', how: 'label' }] })],
    };
    const seats = kitchen.people.filter(({ name }) => ['Tam', 'Jo'].includes(name)).map(seatFor);
    expect(answered({ seats }, kitchen).state).toBe('open');
  });
  it('until the ingredient is told otherwise', () => {
    const mustard = { ...guardless('mustard-made'), possible: ['wheat', 'sulphite', 'soybeans'] as const };
    expect(answered({}, { ...KITCHEN, version: 'own', ingredients: [mustard] }).state).toBe('open');
  });
});

import { catalogueOf } from '../kitchen';
const guardless = (id: string) => catalogueOf(BUILT_IN_KITCHEN).byId.get(id)!;

describe('a commercial blend', () => {
  const text = '250 g gluten-free flour blend';
  it('is asked what its label says, until all is said', () => {
    const asked = guard(text, at('Tam')).open.find(({ kind }) => kind === 'blend')!;
    expect(asked.facts).toEqual(['leavening', 'salt', 'gum', 'milk', 'certified']);
    const says = { leavening: false, salt: false, gum: true, milk: false, certified: true };
    expect(guard(text, { ...at('Tam'), labels: [{ line: 'l1', says }] }).open).toEqual([]);
  });
  it('with milk powder in it holds milk', () => {
    const { lines } = guard(text, { labels: [{ line: 'l1', says: { milk: true } }] });
    expect(lines[0]!.allergens).toContain('milk');
  });
});

describe('what only the method names', () => {
  const list = '100 g rice flour\n100 g butter\n';
  it.each([
    'Butter and flour the tin.',
    'Butter and flour a 20 cm square tin.',
    'Roll out on a floured board.',
    'Dust the bench with a little flour.',
    'Grease and flour two cake tins.',
    'Sprinkle the tin with breadcrumbs.',
    'Serve in ice cream cones.',
  ])('%s is found', (step) => {
    const { method, open } = guard(`${list}Method\n${step}`);
    expect(method).toHaveLength(1);
    expect(open.some(({ kind }) => kind === 'method')).toBe(true);
  });
  it.each(['Dust the tin with rice flour.', 'Add the flour and mix.', 'Dust with cocoa.'])(
    '%s is not',
    (step) => expect(guard(`${list}Method\n${step}`).method).toEqual([]),
  );
});

describe('the list against cross-contact', () => {
  const step = 'Method\nSift the flour, roll out and bake on a tray.';
  it('comes with somebody who needs certified goods, by what the method works with', () => {
    const ids = guard(`100 g rice flour\n${step}`, at('Tam')).crossContact.map(({ id }) => id);
    expect(ids).toEqual(expect.arrayContaining(['bench', 'sieve', 'rolling-pin', 'tray']));
    expect(ids).not.toContain('fryer');
  });
  it('stays away otherwise', () =>
    expect(guard(`100 g rice flour\n${step}`, at('Ines')).crossContact).toEqual([]));
});

describe('what each law names', () => {
  // 21 U.S.C. 321(qq) with the FASTER Act; EU 1169/2011, Annex II.
  it.each([
    ['barley', [], 'contains', false, [], ['cereals with gluten']],
    ['wheat', ['wheat'], 'contains', false, ['wheat'], ['cereals with gluten']],
    ['oats', [], 'check-label', true, [], ['cereals with gluten']],
    ['lupin', ['lupin'], 'free', false, [], ['lupin']],
    ['coconut', ['coconut'], 'free', false, [], []],
  ] as const)('of %s', (_, allergens, gluten, oats, us, eu) =>
    expect(namedByLaw(allergens, gluten, oats)).toEqual({ us, eu }),
  );
});
