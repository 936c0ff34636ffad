import bakeV1 from '../fixtures/bake-v1.json';
import bagV1 from '../fixtures/bag-v1.json';
import kitchenV1 from '../fixtures/kitchen-v1.json';
import recipeV1 from '../fixtures/recipe-v1.json';
import recipeV2 from '../fixtures/recipe-v2.json';
import recipeV3 from '../fixtures/recipe-v3.json';
import recipeV4 from '../fixtures/recipe-v4.json';
import recipeV5 from '../fixtures/recipe-v5.json';
import recipeV6 from '../fixtures/recipe-v6.json';
import recipeV7 from '../fixtures/recipe-v7.json';
import recipeV8 from '../fixtures/recipe-v8.json';
import recipeV9 from '../fixtures/recipe-v9.json';
import recipeV10 from '../fixtures/recipe-v10.json';
import recipeV11 from '../fixtures/recipe-v11.json';
import settingsV1 from '../fixtures/settings-v1.json';
import {
  EMPTY_KITCHEN,
  EMPTY_RECIPE,
  emptyNotes,
  upcastBag,
  upcastBake,
  upcastKitchen,
  upcastRecipe,
  upcastSettings,
} from '..';

describe('a stored document', () => {
  it('of today’s version is left as it is', () => expect(upcastRecipe(recipeV11)).toEqual(recipeV11));
  it.each([
    recipeV1,
    recipeV2,
    recipeV3,
    recipeV4,
    recipeV5,
    recipeV6,
    recipeV7,
    recipeV8,
    recipeV9,
    recipeV10,
    recipeV11,
  ])('of a recipe, version $schema, has every field of today', (found) => {
    const stored = upcastRecipe(found);
    expect(stored.text).toBe(found.text);
    expect(Object.keys(stored).sort()).toEqual(Object.keys(EMPTY_RECIPE).sort());
    expect(Object.keys(stored.request).sort()).toEqual(Object.keys(EMPTY_RECIPE.request).sort());
  });
  it('opens again what an older answer settled: nobody knows what it was given to', () =>
    expect(upcastRecipe(recipeV1).request).toMatchObject({ gluten: 'certified', answers: [] }));
  it('seats the people of an older version by id, with the copies that the migration has filled in', () => {
    const seated = (request: object) =>
      upcastRecipe({ ...recipeV5, request: { ...recipeV5.request, ...request } }).request.seats;
    expect(seated({ people: ['p1'] })).toEqual([{ id: 'p1', gluten: null, grainFree: null, avoids: [] }]);
    const copy = { id: 'p1', gluten: 'certified', grainFree: null, avoids: [] };
    expect(seated({ people: ['p1'], seats: [copy] })).toEqual([copy]);
  });
  it('says of a line that was a note what kind it is', () =>
    expect(upcastRecipe(recipeV6)).toEqual(upcastRecipe(recipeV7)));
  it('rests as such bakes do where nobody was asked, and as long as was asked', () => {
    expect(upcastRecipe(recipeV7).request.rest).toBeNull();
    expect(upcastRecipe({ ...recipeV10, request: { ...recipeV10.request, chill: 90 } }).request.rest).toBe(
      90,
    );
  });
  it('of a trial knows that it was one of a blend', () => {
    const trial = {
      flours: ['a', 'b', 'c'],
      held: [],
      lower: [],
      upper: [],
      mark: 'overall',
      seed: 1,
      runs: [{ code: '123', shares: [0.5, 0.3, 0.2] }],
    };
    expect(upcastRecipe({ ...recipeV10, trial }).trial).toMatchObject({
      kind: 'blend',
      runs: [{ code: '123', at: [0.5, 0.3, 0.2] }],
    });
  });
  it('of a kitchen, a bag and settings, version 1, has every field of today', () => {
    const kitchen = upcastKitchen(kitchenV1);
    expect(Object.keys(kitchen).sort()).toEqual(Object.keys(EMPTY_KITCHEN).sort());
    expect(kitchen.people).toEqual(kitchenV1.people);
    expect(upcastBag(bagV1)).toEqual({ ...bagV1, schema: 2, label: null });
    const { temperature: _, ...kept } = settingsV1;
    expect(upcastSettings(settingsV1)).toEqual({
      ...kept,
      schema: 3,
      units: 'grams',
      signs: '',
      measures: 'us',
    });
    expect(upcastBake(bakeV1)).toEqual({
      ...bakeV1,
      schema: 3,
      imported: false,
      notes: {
        ...emptyNotes('2026-06-20'),
        minutes: 36,
        ovenCelsius: 175,
        notes: 'A little pale.',
        looks: [{ when: 'cooled', marks: { rise: 6, moistness: 7, overall: 8 } }],
      },
    });
  });
  it('of a newer program is refused by name', () => {
    for (const read of [upcastRecipe, upcastKitchen, upcastBag, upcastBake, upcastSettings])
      expect(() => read({ schema: 99 })).toThrow(/schema 99/);
    expect(() => upcastRecipe({})).toThrow(/schema undefined/);
  });
});
