import { say } from '../words';
import { hasTraits, flourSummaries } from '../blend';
import { ingredientsOf, isThirstGuessed, INGREDIENTS, thirstOf, type FlourTable } from '../catalogue';
import { FAMILY_RECORDS, familyOf, type FamilyRecord } from '../family';
import { heightOf, vesselOf } from '../heat';
import { BUILT_IN_KITCHEN, catalogueOf, EMPTY_REQUEST, PANS, type Kitchen, type PanRecord } from '../kitchen';
import { readRecipe } from '../read';
import { counter } from '../testing';
import { FAMILIES, FAMILY_NAMES, PAN_SHAPES } from '../vocabulary';
import { convert } from './convert';

/** A flour that the product doesn't have, as its table would: one record, and nothing else. */
const NEW_FLOUR: FlourTable = {
  role: 'gf-flour',
  style: 'spooned',
  source: 'a test',
  confidence: 'from-memory',
  rows: {
    'macadamia-flour': {
      name: 'macadamia flour',
      also: ['ground macadamia'],
      comp: [1.4, 8, 75, 1, 5, 8.5, 1.1],
      cup: [95, 85, 110],
      allergens: ['tree nuts'],
      thirst: [0.6, 0.4, 0.9],
      leads: 'almond-led',
      does: ['turns green with soda'],
      flour: {
        traits: {
          class: 'nut',
          scores: [1, 2, 2, 8, 5],
          flavour: 2.5,
          colour: 1,
          grit: 2,
          cap: 0.3,
          set: [62, 75],
          tau: 5,
        },
        amylose: null,
        tastes: ['buttery'],
        vice: 'dear, and greasy',
        weeks: [4, 26],
        price: 6,
        standIns: ['almond-flour'],
        pairs: ['tapioca-starch'],
        most: { foam: 0.1 },
        usual: false,
        like: 'almond-flour',
      },
    },
  },
};
const kitchen: Kitchen = {
  ...BUILT_IN_KITCHEN,
  version: 'with a new flour',
  ingredients: ingredientsOf(NEW_FLOUR),
};
const CAKE =
  'Layer cake\n200 g plain flour\n60 g macadamia flour\n2 tsp baking powder\n180 g butter\n180 g sugar\n3 eggs\n120 ml milk\n\nMethod\nCream butter and sugar, beat in the eggs, fold in the flours. Bake in a 20 cm round cake tin at 180°C for 35 minutes.';
const docketIn = (text: string, where: Kitchen, request = {}) => {
  const { recipe } = readRecipe(text, { kitchen: where, newId: counter() });
  const answer = convert(recipe, { ...EMPTY_REQUEST, ...request }, where);
  if (answer.outcome !== 'docket') throw new Error(answer.reasons.map(say).join());
  return answer.docket;
};

describe('a flour is one record', () => {
  it('is read, weighed by the cup, blended, warned of and has a page', () => {
    const catalogue = catalogueOf(kitchen);
    const pin = [{ ingredient: 'macadamia-flour', share: 0.2 }];
    const docket = docketIn(CAKE, kitchen, { pins: pin });
    const named = docket.parts.flatMap(({ lines }) => lines).filter(({ name }) => name === 'macadamia flour');
    expect(named.map(({ grams }) => grams!.central)).toContain(60);
    expect(named.every(({ cupGrams }) => cupGrams === 95)).toBe(true);
    expect(docket.parts[0]!.blend.map(({ ingredient }) => ingredient)).toContain('macadamia-flour');
    expect(docket.warnings.map(say).join()).toMatch(/turns green/);
    expect(thirstOf(catalogue, 'macadamia-flour')[0]).toBe(0.6);
    expect(hasTraits('macadamia-flour', catalogue)).toBe(true);
    expect(flourSummaries(catalogue).map(({ id }) => id)).toContain('macadamia-flour');
  });
  it('is replaced like the flour that it is like where somebody avoids it', () => {
    const docket = docketIn(CAKE, kitchen, { without: ['tree nuts'] });
    const names = docket.parts.flatMap(({ lines }) => lines).map(({ name }) => name);
    expect(names).not.toContain('macadamia flour');
    expect(names).toContain('sunflower seed flour');
  });
  it('never has its thirst guessed among the product’s own; a household’s own flour says so', () => {
    expect(INGREDIENTS.filter(isThirstGuessed).map(({ id }) => id)).toEqual([]);
    const [own] = kitchen.ingredients;
    const unknown = { ...kitchen, version: 'unknown', ingredients: [{ ...own!, thirst: null }] };
    expect(docketIn(CAKE, unknown).warnings.map(say).join()).toMatch(/How much water macadamia flour takes/);
    expect(docketIn(CAKE, kitchen).warnings.map(say).join()).not.toMatch(/How much water/);
  });
});

/** Tables are frozen by their types alone: a test may lay a row into them, and takes it out again. */
function withRow<Row, T>(table: Readonly<Record<string, Row>>, id: string, row: Row, then: () => T): T {
  const open = table as Record<string, Row>;
  open[id] = row;
  try {
    return then();
  } finally {
    delete open[id];
  }
}

describe('a family is one record', () => {
  const bannock: FamilyRecord = {
    ...familyOf('scone'),
    words: /\bbannocks?\b/gi,
    rest: [40, 50],
    doneSigns: 'sounds hollow when it is tapped',
    blends: { 'grain-blend': { 'oat-flour': 40, 'white-rice-flour': 30, 'tapioca-starch': 30 } },
  };
  it('is found on a page, blended for, rested and judged by its own', () => {
    const ids = FAMILIES as unknown as string[];
    const docket = withRow(FAMILY_RECORDS, 'bannock', bannock, () =>
      withRow(FAMILY_NAMES, 'bannock', 'bannock', () => {
        ids.push('bannock');
        try {
          return docketIn(
            'Bannock\n250 g plain flour\n60 g butter\n2 tsp baking powder\n150 ml milk\n\nMethod\nRub in the butter, add the milk, shape a bannock. Bake at 200°C for 25 minutes.',
            BUILT_IN_KITCHEN,
          );
        } finally {
          ids.pop();
        }
      }),
    );
    expect(docket.family.id).toBe('bannock');
    expect(docket.rest.minutes).toEqual([40, 50]);
    expect(docket.parts[0]!.blend.map(({ ingredient }) => ingredient)).toContain('oat-flour');
    expect(JSON.stringify(docket)).toContain('sounds hollow when it is tapped');
  });
  it('stands in the closed list, one record for each id', () => {
    expect(Object.keys(FAMILY_RECORDS).sort()).toEqual([...FAMILIES].sort());
  });
});

describe('a pan is one record', () => {
  const fish: PanRecord = {
    ...PANS.rows.ring,
    name: 'fish mould',
    words: /\bfish mould\b/i,
    lengthCm: 28,
    widthCm: 12,
    round: false,
    even: false,
    tube: null,
    vessel: { ...PANS.rows.ring.vessel, name: 'fish mould', heightCm: 6 },
  };
  it('is read from a method, called on the command line and baked in', () => {
    withRow(PANS.rows, 'fish', fish, () => {
      const docket = docketIn(CAKE.replace('20 cm round cake tin', 'fish mould'), BUILT_IN_KITCHEN);
      expect(docket.bake.pan).toMatchObject({ shape: 'fish', lengthCm: 28, widthCm: 12 });
      expect(docket.bake.depthCm).toBeGreaterThan(1);
      expect(heightOf(docket.bake.pan!)).toBe(6);
      expect(vesselOf('fish:30x13')).toMatchObject({ size: { shape: 'fish', lengthCm: 30, widthCm: 13 } });
    });
  });
  it('stands in the closed list, one record for each id', () => {
    expect(Object.keys(PANS.rows).sort()).toEqual([...PAN_SHAPES].sort());
  });
});
