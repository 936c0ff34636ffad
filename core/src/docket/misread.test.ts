import { say } from '../words';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '../kitchen';
import { ingredientLines, type Recipe } from '../read';
import { readText } from '../testing';
import { convert } from '.';

/** Nothing stands in for the protein of wheat itself. */
const CHEWY =
  'Chewy cookies\n\nIngredients\n200 g plain flour\n120 g butter\n120 g sugar\n1 egg\n30 g textured wheat protein\n\nMethod\n1. Cream the butter and sugar, beat in the egg.\n2. Stir in the flour and textured wheat protein.\n3. Bake at 180 °C for 12 minutes.';
const protein = (recipe: Recipe) =>
  ingredientLines(recipe).find(({ source }) => source.includes('wheat protein'))!.id;
const readAs = (sure: number): Recipe => {
  const recipe = readText(CHEWY);
  const kinds = recipe.kinds.map((one) => (one.line === protein(recipe) ? { ...one, sure } : one));
  return { ...recipe, kinds };
};

describe('what is out and nothing stands in for', () => {
  it('bars the docket where it was read for sure', () => {
    const made = convert(readAs(1), EMPTY_REQUEST, BUILT_IN_KITCHEN);
    expect(made.outcome).toBe('infeasible');
  });
  it('holds it open where the line may be no ingredient at all, whatever is answered', () => {
    const recipe = readAs(0.6);
    const made = convert(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN);
    if (made.outcome !== 'docket') throw new Error(made.outcome);
    const open = made.docket.guard.open.find(({ kind }) => kind === 'misread')!;
    expect(open.line).toBe(protein(recipe));
    expect(say(open.ask)).toMatch(/can’t go out.*ingredient/);
    const answers = made.docket.guard.open.map(({ line, key }) => ({
      line,
      answer: 'label-checked' as const,
      about: key,
      on: '2026-06-20',
      by: '',
    }));
    const answered = convert(recipe, { ...EMPTY_REQUEST, answers }, BUILT_IN_KITCHEN);
    if (answered.outcome !== 'docket') throw new Error(answered.outcome);
    expect(answered.docket.guard.state).toBe('open');
  });
});
