import type { Docket } from '../docket';
import { emptyNotes, type BakeNotes } from '../kitchen';
import { docketOf } from '../testingDockets';
import { confounded, differencesOf, waterLost } from '.';

const CAKE =
  'Plain cake\n250 g plain flour\n2 tsp baking powder\n180 g butter\n200 g caster sugar\n3 medium eggs\n150 ml milk\nMethod\nCream the butter and sugar. Beat in the eggs. Fold in the flour and baking powder with the milk.\nBake in a 20 cm round tin at 175°C for 30 to 35 minutes.';
const notes = (part: Partial<BakeNotes> = {}): BakeNotes => ({
  ...emptyNotes('2027-06-19'),
  minutes: 36,
  ovenCelsius: 175,
  ...part,
});
const plain = { docket: docketOf(CAKE), notes: notes() };
const kindsOf = (other: { docket: Docket; notes: BakeNotes }) =>
  differencesOf(plain, other).map(({ kind }) => kind);

describe('what differs between two bakes', () => {
  it('is nothing between a bake and itself, nor half of it', () => {
    expect(differencesOf(plain, plain)).toEqual([]);
    const half = { ...plain, docket: docketOf(CAKE, { scale: { factor: 0.5, lines: [] } }) };
    expect(differencesOf(plain, half).filter(({ kind }) => kind === 'line')).toEqual([]);
  });
  it('is what was changed in the list, for the same batch', () => {
    const sweeter = docketOf(CAKE.replace('200 g caster', '260 g caster'));
    const lines = differencesOf(plain, { ...plain, docket: sweeter }).filter(({ kind }) => kind === 'line');
    const sugar = lines.find((one) => one.kind === 'line' && /sugar/.test(one.name));
    expect(sugar).toMatchObject({ kind: 'line' });
    expect(sugar!.to as number).toBeGreaterThan(sugar!.from as number);
    // Nothing else is more or less for that, but for what the engine moves with it.
    expect(lines.some((one) => one.kind === 'line' && /egg|butter/.test(one.name))).toBe(false);
  });
  it('counts only what was written down of both', () => {
    expect(kindsOf({ ...plain, notes: notes({ minutes: null }) })).toEqual([]);
    expect(kindsOf({ ...plain, notes: notes({ minutes: 39, rack: 'top' }) })).toEqual(['minutes']);
  });
  it('names what came along beside the change that was meant', () => {
    const sweeter = docketOf(CAKE.replace('200 g caster', '260 g caster'));
    const all = differencesOf(plain, { docket: sweeter, notes: notes({ minutes: 40 }) });
    expect(confounded(all).map(({ kind }) => kind)).toEqual(['minutes']);
    const longer = differencesOf(plain, { ...plain, notes: notes({ minutes: 40 }) });
    expect(confounded(longer)).toEqual([]);
    const both = differencesOf(plain, { ...plain, notes: notes({ minutes: 40, ovenCelsius: 190 }) });
    expect(confounded(both)).toHaveLength(2);
  });
});

describe('water that was lost', () => {
  const { measured } = notes();
  it.each([
    [800, 712, 0.11],
    [800, null, null],
    [null, 700, null],
    [700, 712, null],
  ])('of %s g in and %s g out: %s', (filledGrams, bakedGrams, share) => {
    const lost = waterLost({ ...measured, filledGrams, bakedGrams });
    if (share === null) expect(lost).toBeNull();
    else expect(lost).toBeCloseTo(share, 9);
  });
});
