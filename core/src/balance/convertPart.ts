import { addedTo, isAdded } from '../read';
import { getIngredient, type Catalogue } from '../catalogue';
import { bandsOf, profileOf } from '../family';
import { drinkOf, massOf, thirstGrams, type FormulaLine, type FormulaPart } from '../formula';
import type { FamilyId, Role } from '../vocabulary';
import { altitudeAt } from './altitude';
import { overruleShifts } from './overruled';
import { adjustables, meetTargets, type Adjustable, type Adjusted } from './adjust';
import { balancesOf, type Balance } from './balances';
import { BROUGHT_IN } from './data/broughtIn';
import { ledgerOf } from './ledger';
import { newLine, times } from './lines';
import { nearestSpoon, spoonStep } from './spoons';
import { heldSlack } from './rules/held';
import { SWAPS, TARGETS } from './rules';
import { WARNINGS, WITHOUT_FLOUR } from './rules/warnings';
import { hasLiquid, waterShift } from './rules/water';
import { kindOf } from './kind';
import type { BakeSetting, PartSays, PartState, Quantity, Setting, Shift, Target } from './types';
import type { Because, PartWarning } from './says';
import { before, weightsOf } from './weight';

export interface ConvertedPart {
  readonly id: string;
  readonly name: string | null;
  readonly family: FamilyId;
  readonly original: readonly FormulaLine[];
  readonly lines: readonly FormulaLine[];
  readonly balances: readonly Balance[];
  readonly shifts: readonly Shift[];
  readonly warnings: readonly PartWarning[];
  /** g of liquid that may follow by the spoon after the rest. */
  readonly bySpoon: number;
  readonly cooked: PartState['cooked'];
}

const NOTICEABLE_SHARE = 0.01;
const NOTICEABLE_GRAMS = 0.25;
const BY_SPOON_FROM = 3;

/** Overruled weights stand in the place of computed ones, and stay where they are. */
function overrule(
  lines: readonly FormulaLine[],
  { request }: Setting,
): { lines: FormulaLine[]; fixed: Set<string> } {
  const wanted = new Map(request.overrides.map(({ line, grams }) => [line, grams]));
  const fixed = new Set<string>();
  const now = lines.map((line) => {
    const grams = wanted.get(line.line);
    if (grams === undefined) return line;
    fixed.add(line.line);
    return { ...line, grams, low: grams, high: grams };
  });
  return { lines: now, fixed };
}

/** Where somebody asks for more and a part has no liquid to move, milk comes in by the gram; water where nothing in the bowl is from milk. */
function withLiquid(
  part: PartState,
  lines: readonly FormulaLine[],
  { request, catalogue }: Setting,
): readonly FormulaLine[] {
  if (hasLiquid(lines, catalogue) || request.tilt.drink <= 1) return lines;
  const milky = lines.some((line) => getIngredient(catalogue, line.ingredient).allergens.includes('milk'));
  const ingredient = milky && !request.without.includes('milk') ? BROUGHT_IN.milkyLiquid : BROUGHT_IN.liquid;
  return [...lines, newLine(addedTo(part.id, ingredient), ingredient, 0, catalogue)];
}

function because(
  target: Target,
  part: PartState,
  lines: readonly FormulaLine[],
  { catalogue }: Setting,
): Because {
  if (target.because !== null) return target.because;
  const around = (of: (some: readonly FormulaLine[], catalogue: Catalogue) => number) =>
    [Math.round(of(part.original, catalogue)), Math.round(of(lines, catalogue))] as const;
  return { code: 'follows-thirst', values: { thirst: around(thirstGrams), drink: around(drinkOf) } };
}

function shiftsOf(
  moves: readonly Adjustable[],
  were: readonly FormulaLine[],
  after: readonly FormulaLine[],
  part: PartState,
  targets: readonly Target[],
  setting: Setting,
): Shift[] {
  const towards = new Map(moves.map((one) => [one.line.line, one.towards]));
  return after.flatMap((line, at): Shift[] => {
    const old = were[at]!;
    const by = Math.abs(line.grams - old.grams);
    if (by < Math.max(NOTICEABLE_GRAMS, NOTICEABLE_SHARE * old.grams)) return [];
    const target = targets.find(({ quantity }) => quantity === towards.get(line.line));
    if (!target) return [];
    const rule = TARGETS.find(({ id }) => id === target.rule)!;
    return [
      {
        id: `${target.rule}:${line.line}`,
        rule: target.rule,
        line: line.line,
        from: before(old.grams > 0 ? old : undefined),
        to: weightsOf(line),
        because: because(target, part, after, setting),
        source: rule.source,
        confidence: rule.confidence,
      },
    ];
  });
}

/** Fat or sugar that would move by a smaller share of itself stays: nobody tastes it, and "59 g sugar" for 60 is a nuisance. */
const WORTH_MOVING = 0.06;
/** A liquid moves more easily; but nobody pours 245 ml for 240. */
const WORTH_POURING = 0.03;
/** From so many grams on powder is weighed. */
const WEIGHED_FROM = 15;

/** Powder that was moved, or came out of a self-raising flour, is as much as a spoon can measure. */
function spooned(
  lines: readonly FormulaLine[],
  were: readonly FormulaLine[],
  moves: readonly Adjustable[],
  catalogue: Catalogue,
): readonly FormulaLine[] {
  const powders = new Set(moves.filter(({ towards }) => towards === 'lift').map(({ line }) => line.line));
  return lines.map((line, at) => {
    const moved = powders.has(line.line) && line.grams !== were[at]!.grams;
    const broughtIn = line.role === 'leavener' && isAdded(line.line);
    if (!(moved || broughtIn) || line.grams <= 0 || line.grams >= WEIGHED_FROM) return line;
    const least = spoonStep(line.grams, line.ingredient, catalogue);
    return times(line, Math.max(least, nearestSpoon(line.grams, line.ingredient, catalogue)) / line.grams);
  });
}

/** What no line could be moved far enough to meet. */
const missed = ({ target, by }: Adjusted['unmet'][number]): PartWarning => ({
  code: 'missed',
  values: { quantity: target.quantity, by: Math.round(by) },
});

/** A person, or a mountain, wants more or less of it. */
function isWanted(towards: Quantity, { request, profile }: Setting): boolean {
  if (towards !== 'fat' && towards !== 'sugar') return true;
  const thin =
    towards === 'sugar' && profile.texture === 'batter' && altitudeAt(request.altitudeMetres).sugar > 0;
  return thin || request.tilt[towards] !== 1;
}

/** Fat and sugar are firm while the swaps have left them near enough, and never moved by a gram that nobody wants; liquid moves where that can be poured, powder always may. */
function asFirm(
  move: Adjustable,
  original: readonly FormulaLine[],
  now: readonly FormulaLine[],
  setting: Setting,
): Adjustable {
  const { towards } = move;
  if (towards === 'drink' && setting.request.tilt.drink === 1) return { ...move, leastMove: WORTH_POURING };
  if (towards === 'drink' || towards === 'lift' || isWanted(towards, setting)) return move;
  const was = ledgerOf(original, setting.catalogue)[towards];
  const near = Math.abs(ledgerOf(now, setting.catalogue)[towards] - was) <= heldSlack(was, original);
  return { ...move, firm: near, leastMove: WORTH_MOVING };
}

const BUILDS: readonly Role[] = ['wheat-flour', 'gf-flour', 'starch'];
const massIn = (lines: readonly FormulaLine[], ...roles: readonly Role[]): number =>
  massOf(lines.filter(({ role }) => roles.includes(role)));

/** A curd has least of it: g a g of egg. */
const LIQUID_TO_EGG = 0.4;

/** Egg and milk, cream, juice or syrup without anything that thickens or builds. */
function isCustard(lines: readonly FormulaLine[]): boolean {
  const egg = massIn(lines, 'egg');
  const liquid = massIn(lines, 'liquid', 'acid', 'syrup');
  return massIn(lines, ...BUILDS) === 0 && liquid >= LIQUID_TO_EGG * egg && egg > 0;
}

/** A batter that is mostly milk, g a g of flour: poured over fruit it is a custard with a little flour in it. Common practice. */
const POURED_CUSTARD = 2.5;

/** A clafoutis or a far: as much egg as flour, and far more milk. Egg sets it, and no flour does. */
function isPouredCustard(lines: readonly FormulaLine[]): boolean {
  const flour = massIn(lines, ...BUILDS);
  return flour > 0 && massIn(lines, 'egg') >= flour && massIn(lines, 'liquid') >= POURED_CUSTARD * flour;
}

const NOTHING_SAID: PartSays = { thickens: false, whipsWhites: false, glazes: false };

/** What a rule may look at in a part of such a family. */
export function settingOf(
  bake: BakeSetting,
  family: FamilyId,
  original: readonly FormulaLine[],
  { thickens, whipsWhites, glazes }: PartSays = NOTHING_SAID,
): Setting {
  const kind = kindOf(original, family, bake.catalogue);
  const bands = bandsOf(family, bake.route, kind);
  const profile = profileOf(family, kind);
  // What a custard is thickened with besides wouldn't set it alone.
  const sets = thickens || isCustard(original) || isPouredCustard(original);
  const eggJob = glazes ? 'glazes' : whipsWhites ? 'whips' : sets ? 'sets' : profile.egg;
  return { ...bake, family, thickens, profile, eggJob, bands };
}

/** One part with some weights set: swaps in the order of their dependence, then all targets together around what is set. */
function balanced(
  { id, name, lines: original }: FormulaPart,
  setting: Setting,
): ConvertedPart & { readonly fixed: ReadonlySet<string> } {
  const { family, catalogue, request } = setting;
  const start: PartState = {
    id,
    original,
    lines: original,
    replaced: 0,
    shifts: [],
    warnings: [],
    cooked: null,
  };
  const swapped = SWAPS.reduce((part, rule) => rule.swap(part, setting), start);
  const { lines: overruled, fixed } = overrule(swapped.lines, setting);
  const common = { id, name, family, original, fixed, cooked: swapped.cooked };
  if (swapped.replaced === 0) {
    const now = { ...swapped, lines: overruled };
    const warnings = WITHOUT_FLOUR.flatMap((rule) => rule.warn(now, setting));
    return { ...common, lines: overruled, balances: [], shifts: swapped.shifts, warnings, bySpoon: 0 };
  }
  const state = { ...swapped, lines: overruled };
  const targets = TARGETS.flatMap((rule) => rule.target(state, setting));
  const ready = withLiquid(state, overruled, setting);
  const moves = adjustables(ready, fixed, catalogue, setting.route, request.tilt).map((move) =>
    asFirm(move, original, ready, setting),
  );
  const met = meetTargets(ready, targets, moves, catalogue);
  const { unmet } = met;
  const lines = spooned(met.lines, ready, moves, catalogue);
  const shifts = [...swapped.shifts, ...shiftsOf(moves, ready, lines, state, targets, setting)];
  // The liquid that was only offered, and that nothing needed.
  const kept = lines.filter((line, at) => line.grams >= NOTICEABLE_GRAMS || ready[at]!.grams > 0);
  const { bySpoon } = waterShift(state, setting);
  return {
    ...common,
    lines: kept,
    shifts,
    bySpoon: bySpoon >= BY_SPOON_FROM ? bySpoon : 0,
    balances: balancesOf(original, kept, setting.bands, catalogue),
    warnings: [
      ...swapped.warnings,
      ...unmet.map(missed),
      ...WARNINGS.flatMap((rule) => rule.warn({ ...state, lines: kept }, setting)),
    ],
  };
}

/** Converts one part by its own family and what the method says of it. Weights that a person has set stay, the rest is balanced around them, and what that costs is said. */
export function convertPart(
  part: FormulaPart,
  family: FamilyId,
  bake: BakeSetting,
  says: PartSays = NOTHING_SAID,
): ConvertedPart {
  const setting = settingOf(bake, family, part.lines, says);
  const { fixed, ...now } = balanced(part, setting);
  if (fixed.size === 0) return now;
  const computed = balanced(part, { ...setting, request: { ...setting.request, overrides: [] } });
  return { ...now, shifts: [...now.shifts, ...overruleShifts(part, fixed, computed, now)] };
}
