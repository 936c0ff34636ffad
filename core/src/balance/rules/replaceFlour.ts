import { ofBlend, addedTo } from '../../read';
import { getIngredient, unfold } from '../../catalogue';
import { ROUTE_TABLE, type BlendPart, type BlendShare } from '../../blend';
import { massOf, type FormulaLine } from '../../formula';
import { roundGrams } from '../../quantity';
import { LEAST_MEAL, MEALS, MEAL_SHARE, MEAL_STAND_INS } from '../data/meals';
import { A_HANDFUL, A_SPOONFUL, LEAST_WEIGHED } from '../data/weighable';
import { blendFor, wheatGrams, wheatLines, wholeGrainShare } from '../flour';
import { inPlaceOf, plus } from '../lines';
import type { PartState, Setting, Shift, SwapRule } from '../types';
import { weight, weightsOf } from '../weight';
import type { Because } from '../says';
import { troublesOf } from './standIn';

/** What a self-raising flour, a mix or a starter brings beside the flour itself: its powder, its water, put back as a line of its own. */
function broughtAlong(line: FormulaLine, { catalogue }: Setting): FormulaLine[] {
  return unfold(catalogue, line.ingredient)
    .filter(({ ingredient }) => getIngredient(catalogue, ingredient).role !== 'wheat-flour')
    .map(({ ingredient, share }) => ({
      ...inPlaceOf(line, ingredient, share, catalogue),
      line: addedTo(line.line, ingredient),
    }));
}

/** What is brought along joins what of it is there already: one powder on the list, not two. `along`: what each comes to. */
function joined(lines: readonly FormulaLine[], brought: readonly FormulaLine[]) {
  const of = ({ ingredient }: FormulaLine) => brought.filter((one) => one.ingredient === ingredient);
  const kept = lines.map((line) => of(line).reduce((sum, more) => plus(sum, more), line));
  const news = brought
    .filter((one) => !lines.some(({ ingredient }) => ingredient === one.ingredient))
    .reduce<FormulaLine[]>((all, one) => {
      const there = all.findIndex(({ ingredient }) => ingredient === one.ingredient);
      return there < 0 ? [...all, one] : all.map((line, at) => (at === there ? plus(line, one) : line));
    }, []);
  return { kept, news, along: [...kept.filter((line) => of(line).length > 0), ...news] };
}

/**
 * The shares of a blend that a kitchen can weigh out: for a spoonful of flour the flour that leads alone, for a handful the two that
 * lead, else without those of which there would be less than a scale shows.
 */
function weighable(shares: readonly BlendPart[], grams: number): readonly BlendPart[] {
  const [leading, ...others] = [...shares].sort((a, b) => b.share - a.share);
  const few = grams < A_SPOONFUL ? [] : grams < A_HANDFUL ? others.slice(0, 1) : others;
  const kept = shares.filter(
    (one) => one === leading || (few.includes(one) && one.share * grams >= LEAST_WEIGHED),
  );
  const sum = kept.reduce((total, { share }) => total + share, 0);
  return kept.map((one) => ({ ...one, share: one.share / sum }));
}

/** A meal's grains are felt in the bite: the most of a meal of wheat becomes a meal that is allowed. Empty: a blend does it alone. */
function mealIn(
  part: PartState,
  grams: number,
  { route, request, catalogue }: Setting,
): readonly BlendShare[] {
  const meal = massOf(part.lines.filter(({ ingredient }) => MEALS.includes(ingredient)));
  const instead = MEAL_STAND_INS.find((id) => troublesOf(id, request, catalogue).length === 0);
  if (meal < LEAST_MEAL || instead === undefined || route !== 'grain-blend' || request.blend.jar !== null)
    return [];
  const share = (MEAL_SHARE * meal) / grams;
  return [{ ingredient: instead, share }];
}

/** The blend's flours in the place of the part's wheat. Their lines are `line:flour` of the first wheat line. */
function blendLines(part: PartState, setting: Setting): FormulaLine[] {
  const { blend, catalogue } = setting;
  const wheat = wheatLines(part.lines, catalogue);
  const first = wheat[0]!;
  const grams = blendFor(part.lines, setting);
  const total = wheat.reduce(
    (sum, line) => ({ grams: sum.grams + line.grams, low: sum.low + line.low, high: sum.high + line.high }),
    { grams: 0, low: 0, high: 0 },
  );
  const meal = mealIn(part, grams, setting);
  const left = 1 - meal.reduce((sum, { share }) => sum + share, 0);
  const flours = weighable(blend.shares, grams * left).map((one) => ({ ...one, share: one.share * left }));
  const put: readonly BlendShare[] = [...meal, ...flours];
  return put.map(({ ingredient, share }) => {
    const { name, role } = getIngredient(catalogue, ingredient);
    const own = grams * share;
    return {
      line: ofBlend(first.line, ingredient),
      ingredient,
      name,
      role,
      grams: own,
      low: (own * total.low) / total.grams,
      high: (own * total.high) / total.grams,
    };
  });
}

/** What the way is called, and why it weighs what it weighs. */
function wayOf(
  wheat: readonly FormulaLine[],
  { route, request, blend, catalogue }: Setting,
): { name: string; because: Because } {
  const hearty = request.blend.aims.includes('hearty') && wholeGrainShare(wheat, catalogue) > 0;
  const code = hearty ? 'whole-grain-by-route' : 'by-route';
  if (request.blend.jar === null)
    return { name: ROUTE_TABLE.rows[route].name, because: { code, values: { route } } };
  const name = blend.shares[0]!.name;
  const by = request.blend.jarBy === 'weight' ? 'jar-by-weight' : 'jar-by-cup';
  return { name, because: { code: by, values: {} } };
}

export const replaceFlour: SwapRule = {
  id: 'replace-flour',
  balance: null,
  reason: 'Wheat flour is bulk, structure and thirst; the blend takes over bulk and thirst.',
  source: 'common practice',
  confidence: 'common-practice',
  swap(part, setting) {
    const wheat = wheatLines(part.lines, setting.catalogue);
    if (wheat.length === 0) return part;
    const put = blendLines(part, setting);
    const at = part.lines.indexOf(wheat[0]!);
    const others = part.lines.filter((line) => !wheat.includes(line));
    const { kept, along, news } = joined(
      others,
      wheat.flatMap((line) => broughtAlong(line, setting)),
    );
    const lines = [...kept.slice(0, at), ...put, ...news, ...kept.slice(at)];
    const { name, because } = wayOf(wheat, setting);
    const total = put.reduce((sum, { grams }) => sum + grams, 0);
    const shift: Shift = {
      id: `replace-flour:${wheat[0]!.line}`,
      rule: 'replace-flour',
      line: wheat[0]!.line,
      from: weightsOf(...wheat),
      to: {
        code: 'blended',
        values: { as: name, grams: roundGrams(total), of: put.map((line) => weight(line, line.grams)) },
      },
      because,
      source: replaceFlour.source,
      confidence: replaceFlour.confidence,
    };
    const putBack = along.map((line): Shift => ({
      id: `self-raising:${line.line}`,
      rule: 'self-raising',
      line: line.line,
      from: { code: 'in-the-flour', values: {} },
      to: weightsOf(line),
      because: { code: line.role === 'liquid' ? 'own-water' : 'own-leavening', values: {} },
      source: line.role === 'liquid' ? 'common practice' : 'UK practice: about 5 % powder',
      confidence: 'common-practice',
    }));
    const replaced = wheatGrams(part.lines, setting.catalogue);
    return { ...part, lines, replaced, shifts: [...part.shifts, shift, ...putBack] };
  },
};
