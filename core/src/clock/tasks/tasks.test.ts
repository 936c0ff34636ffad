import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '../../kitchen';
import { say } from '../../words';
import { readText } from '../../testing';
import { planDay } from '../plan';
import { docketsOfDay } from '../shared';
import { TABLE, type BakeTasks } from '../types';
import { sharedHeats, tasksOf } from '.';

/** The tasks of a page by itself. */
function tasks(text: string): BakeTasks {
  const serving = { at: '2027-06-19T15:30', zone: 'Europe/Berlin' };
  const [bake] = docketsOfDay(
    [{ id: 'b', recipe: readText(text), request: EMPTY_REQUEST, serving }],
    BUILT_IN_KITCHEN,
  ).bakes;
  return tasksOf('b', bake!.docket, { racks: 2, celsius: (own) => own, tins: [], pace: {} });
}
const LIST =
  'Plain cake\n250 g plain flour\n2 tsp baking powder\n180 g butter\n200 g caster sugar\n3 medium eggs\n150 ml milk\n';
const cake = (method: string) => tasks(`${LIST}Method\n${method}`);
const toTable = ({ links, loads }: BakeTasks) =>
  Math.max(
    ...links
      .filter(({ from, to }) => to === TABLE && loads.some(({ id }) => id === from))
      .map(({ least }) => least),
  );
const words = ({ work }: BakeTasks) => work.map(({ what }) => say(what)).join(' | ');

describe('the tasks of a docket', () => {
  it('are its method, in order, with what must lie between', () => {
    const { work, loads, links } = cake(
      'Cream the butter and sugar. Beat in the eggs. Fold in the flour with the milk.\nBake in a 20 cm round tin at 175°C for 30 to 35 minutes.',
    );
    expect(work.map(({ kind }) => kind)).toEqual(['out-of-cold', 'mix']);
    expect(loads).toHaveLength(1);
    const rest = links.find(
      ({ from, to }) => from === work[1]!.id && to === loads[0]!.id && links.length > 0,
    )!;
    expect(rest.least).toBeGreaterThanOrEqual(20);
    expect(rest.most).not.toBeNull();
  });
  it('do what is done while it is warm at once, and go on cooling', () => {
    const day = cake(
      'Beat everything together.\nBake in a 20 cm round tin at 175°C for 30 minutes. Brush with syrup while the cake is warm.',
    );
    const brush = day.work.at(-1)!;
    const link = day.links.find(({ to }) => to === brush.id && day.loads[0] !== undefined)!;
    expect(
      day.links.some(
        ({ from, to, most }) => from === day.loads[0]!.id && to === brush.id && most !== null && most <= 20,
      ),
    ).toBe(true);
    expect(link).toBeDefined();
    expect(toTable(day)).toBeGreaterThan(60);
  });
  it('ice it when it is cold', () => {
    const day = tasks(
      `For the cake:\n${LIST.split('\n').slice(1).join('\n')}For the icing:\n200 g icing sugar\n80 g butter\nMethod\nBeat everything for the cake together.\nBake in a 20 cm round tin at 175°C for 30 minutes.\nBeat the icing and spread it over the cake.`,
    );
    const icing = day.work.at(-1)!;
    expect(icing.kind).toBe('finish');
    expect(
      day.links.find(({ from, to }) => from === day.loads[0]!.id && to === icing.id)!.least,
    ).toBeGreaterThan(60);
  });
  it('are no serving, no storing and no waiting until it is cold', () => {
    const said = words(
      cake(
        'Beat everything together.\nBake in a 20 cm round tin at 175°C for 30 minutes. Cool completely before cutting. Serve with cream. Store in a tin for three days.',
      ),
    );
    expect(said).not.toMatch(/serve|store|cool/i);
  });
  it('have it on the table sooner where it is served warm', () => {
    const bake = 'Beat everything together.\nBake in a 20 cm round tin at 175°C for 30 minutes.';
    expect(toTable(cake(`${bake} Serve warm.`))).toBeLessThan(toTable(cake(bake)));
    expect(toTable(cake(`${bake} Serve with hot custard.`))).toBe(toTable(cake(bake)));
  });
  it('hear no rest in a stand mixer', () => {
    const { links } = cake(
      'In a stand mixer beat the butter and sugar for 3 minutes. Beat in the eggs, the flour and the milk.\nBake in a 20 cm round tin at 175°C for 30 minutes.',
    );
    expect(links.filter(({ wait }) => wait?.kind === 'rest' && wait.minutes === 3)).toEqual([]);
  });
});

describe('a day that is possible', () => {
  const serving = { at: '2027-06-19T15:30', zone: 'Europe/Berlin' };
  // Pages on which one rule once shut out another: trays that wait for a hand at the door, a brush over five warm trays.
  it.each([
    [
      'a topping that only goes on',
      `${LIST}Method\nStir everything together until smooth.\nSpoon into a loaf tin. Rub 50 g butter with 2 tbsp sugar and scatter it over the batter.\nBake at 180°C for 1 hour. Dust with sugar.`,
    ],
    [
      'a foam on three trays',
      'Crescents\nMakes 60\n4 egg whites\n250 g icing sugar\n250 g ground almonds\nMethod\nWhip the whites, fold in the sugar and the almonds, and pipe in crescents on baking trays.\nBake at 160°C for 15 minutes.',
    ],
    [
      'many trays that are brushed while hot',
      'Honey bars\nMakes 90\n600 g flour\n400 g honey\n200 g butter\n4 eggs\nMethod\nStir everything together. Form into bars on baking trays.\nBake at 180°C for 20 to 25 minutes. Brush with icing while they are hot.',
    ],
  ])('%s', (_, text) => {
    const { bakes } = docketsOfDay(
      [{ id: 'b', recipe: readText(text), request: EMPTY_REQUEST, serving }],
      BUILT_IN_KITCHEN,
    );
    const ovens = [{ id: 'o', name: 'the oven', racks: 2, preheatMinutes: 20 }];
    const plan = planDay({
      bakes,
      ovens,
      hands: 1,
      mixers: 1,
      fridge: null,
      tins: [],
      pace: {},
      asleep: null,
      now: null,
      pins: [],
      work: 3000,
    });
    expect(plan).toMatchObject({ outcome: 'plan', proven: true });
  });
});

describe('heats that share an oven', () => {
  it.each([
    [[175, 180], 180, 180],
    [[160, 165, 170], 165, 165],
    [[200, 205], 205, 205],
  ])('%j are baked at one', (all, at, also) => {
    const set = sharedHeats(all);
    expect(new Set(all.map(set)).size).toBe(1);
    expect([at, also]).toContain(set(all[0]!));
  });
  it('are no more than ten degrees apart', () => {
    const set = sharedHeats([160, 175, 190]);
    expect([160, 175, 190].map(set)).toEqual([160, 175, 190]);
  });
});
