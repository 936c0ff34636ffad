import type { Line, Part, Recipe } from '../read';
import type { FamilyId, Role } from '../vocabulary';
import { UNTIL } from './actions';
import type { Told } from './told';
import { calledOf, linesNamedIn, type Called } from './called';
import { EVERYTHING } from './data/roleWords';
import { isCrumble } from './parts';
import { shows } from './signs';
import { heats, type ToldStage } from './stages';

/** What a dough or batter is made of: what stands in a step with it is in it. */
const BUILT_OF: ReadonlySet<Role> = new Set<Role>(['wheat-flour', 'gf-flour', 'starch', 'egg', 'leavener']);
/** What a part is called that comes to the bake when it is done. */
const NAME = 'to finish';

/** "Remove the banana bread from the pan": a food in the name of what is baked is none. */
const THE_BAKE =
  /\b[\p{L}-]+ (?:cakes?|gateau|torte|breads?|loaf|loaves|muffins?|cupcakes?|cookies?|biscuits?|brownies|blondies|pies?|tarts?|scones?|buns?|rolls?|squares|bars?|puddings?|crumble|slices?|pancakes?|doughnuts?)\b/giu;

/** Sets of a batter's own, which name no cream that comes later. */
const WET_AND_DRY = /\b(?:wet|dry)(?: ingredients)?\b/gi;

const rolesOf = ({ items }: Line) => items.map(({ role }) => role);
/** The actions that name a line, by their number. */
const namingOf = (named: readonly (readonly string[])[], line: string): number[] =>
  named.flatMap((those, n) => (those.includes(line) ? [n] : []));

/**
 * The lines that only come to a bake when it is done: named after its heat, and before that at most where nothing of the dough is
 * ("slice the berries, toss them with sugar"). Flour is never one. `end`: the action of its heat.
 */
function lateLines(main: Part, actions: readonly Told[], end: number): Set<string> {
  const called = calledOf([main]);
  const heard = actions.map(({ text }, at) =>
    at < end && EVERYTHING.test(text)
      ? called.map(({ line }) => line)
      : linesNamedIn(text.replace(UNTIL, ' ').replace(THE_BAKE, ' ').replace(WET_AND_DRY, ' '), called).map(
          ({ line }) => line,
        ),
  );
  const named = inTurn(heard, called, actions);
  const told = new Set(actions.map(({ step }) => step));
  // A sentence that is a step too stays what it is.
  const lines = main.lines.filter(({ id, kind }) => kind === 'ingredient' && !told.has(id));
  // Sugar for rolling is what the doughnuts are rolled in; a list on one line comes to it as a whole.
  const asides = new Set(
    lines.flatMap((line) =>
      line.items.filter(({ aside }) => aside || line.aside).map(({ ingredient }) => ingredient),
    ),
  );
  const alone = ({ aside, items }: Line) =>
    items.length === 1 && (aside || items[0]!.aside || !asides.has(items[0]!.ingredient));
  const built = new Set(
    lines.filter((one) => rolesOf(one).some((role) => BUILT_OF.has(role))).map(({ id }) => id),
  );
  const doughy = new Set(
    actions.flatMap(({ step }, at) =>
      at <= end && named[at]!.some((line) => built.has(line)) ? [step] : [],
    ),
  );
  const late = new Set(
    lines
      .filter((one) => !built.has(one.id) && alone(one))
      .filter(({ id }) => {
        const at = namingOf(named, id);
        return at.some((n) => n > end) && at.every((n) => n > end || !doughy.has(actions[n]!.step));
      })
      .map(({ id }) => id),
  );
  // "Pulse till it clumps" names nothing: the only sugar is the dough's, though more of it is strewn on.
  const sugars = lines.filter((one) => rolesOf(one).includes('sugar')).map(({ id }) => id);
  if (doughy.size === 0 && sugars.length === 1) late.delete(sugars[0]!);
  return withoutSoaked(late, actions, named, end);
}

const SAYS_WHICH = /\b(?:rest|remaining|both|all|half|other|more)\b/i;

/** Of as many lines of one name as there are deeds that name it each deed means its own, in their order: "sugar" twice. */
function inTurn(
  heard: readonly (readonly string[])[],
  called: readonly Called[],
  actions: readonly Told[],
): readonly (readonly string[])[] {
  const nameOf = ({ items }: Called) => (items.length === 1 ? items[0]!.name : '');
  const alike = [...new Set(called.map(nameOf))].map((name) => called.filter((one) => nameOf(one) === name));
  return alike
    .filter((those) => those.length > 1 && nameOf(those[0]!) !== '')
    .map((those) => those.map(({ line }) => line))
    .reduce<readonly (readonly string[])[]>((now, those) => {
      const at = now.flatMap((named, n) => (those.every((line) => named.includes(line)) ? [n] : []));
      if (at.length !== those.length || at.some((n) => SAYS_WHICH.test(actions[n]!.text))) return now;
      return now.map((named, n) => {
        const turn = at.indexOf(n);
        return turn < 0 ? named : named.filter((line) => !those.includes(line) || line === those[turn]);
      });
    }, heard);
}

/** What some of the batter lies in before it is baked isn't late, though more of it comes afterwards: the brandy of a fruit cake. */
function withoutSoaked(
  late: ReadonlySet<string>,
  actions: readonly Told[],
  named: readonly (readonly string[])[],
  end: number,
): Set<string> {
  const early = new Map<string, string[]>();
  actions.slice(0, Math.max(0, end)).forEach(({ step }, at) => {
    early.set(step, [...(early.get(step) ?? []), ...named[at]!]);
  });
  const soaked = [...early.values()].filter((those) => those.some((line) => !late.has(line))).flat();
  return new Set([...late].filter((line) => !soaked.includes(line)));
}

/** What a part is called that is only boiled in. */
const BATH = 'for boiling';
const A_FEW = /\b(?:one|two|three|few|couple|batch(?:es)?|at a time|each|float|seconds?)\b/i;
/** "Drop into boiling water 30 seconds, in batches." */
const INTO_THE_BATH =
  /\b(?:drop|lower|slip|slide|dip|add|place|put|boil|poach)\b[^.;]*\b(?:in|into|to)\b (?:the )?(?:(?:boiling|simmering) (?:soda )?(?:water|bath)|(?:soda |water )?bath)\b/i;
const AN_AMOUNT = /^[\d\s./½¼¾⅓⅔]+\s*\p{L}+/u;

/** The water, and what is in it, that pieces of a dough are boiled in: none of it is in them. */
function bathLines(part: Part, actions: readonly Told[]): Set<string> {
  const called = calledOf([part]);
  const named = actions.map(({ text }) => new Set(linesNamedIn(text, called).map(({ line }) => line)));
  const lines = part.lines.filter(({ kind }) => kind === 'ingredient');
  const flours = lines.filter((one) => rolesOf(one).includes('wheat-flour')).map(({ id }) => id);
  const floured = named.findIndex((those) => flours.some((id) => those.has(id)));
  const boils = actions.flatMap(({ class: kind }, at) => (kind === 'boil' && at > floured ? [at] : []));
  const [bath] = boils;
  const dips = actions.some(
    ({ text }, at) =>
      A_FEW.test(text) &&
      (boils.includes(at) ? named[at]!.size === 0 : at > (bath ?? at) && INTO_THE_BATH.test(text)),
  );
  if (floured < 0 || bath === undefined || !dips) return new Set();
  const saysAmount = ({ source }: Line) => {
    const amount = AN_AMOUNT.exec(source.trim())?.[0];
    return amount !== undefined && actions[bath]!.text.includes(amount);
  };
  const onlyHere = (id: string) => named.every((those, at) => at === bath || !those.has(id));
  return new Set(
    lines
      .filter((one) => named[bath]!.has(one.id) && (onlyHere(one.id) || saysAmount(one)))
      .map(({ id }) => id),
  );
}

/** What a part is called that is only brushed on. */
const WASH = 'to glaze';
/** The edges of a pie are stuck with what it is glazed with. */
const STUCK = /\b(?:seal\w*|stick|moisten|dampen)\b/i;
const isBrushed = ({ text }: Told): boolean => shows('brushes', text) || STUCK.test(text);

/** The egg of a dough's list that is named only where it is brushed on: none of it is in the dough. */
function washLines(part: Part, actions: readonly Told[]): Set<string> {
  if (!actions.some(isBrushed)) return new Set();
  const called = calledOf([part]);
  const heard = actions.map(({ text }) =>
    EVERYTHING.test(text)
      ? called.map(({ line }) => line)
      : linesNamedIn(text.replace(THE_BAKE, ' '), called).map(({ line }) => line),
  );
  const named = inTurn(heard, called, actions);
  const told = new Set(actions.map(({ step }) => step));
  return new Set(
    part.lines
      .filter((one) => one.kind === 'ingredient' && !told.has(one.id))
      .filter((one) => one.items.length === 1 && rolesOf(one).every((role) => role === 'egg'))
      .filter(({ id }) => {
        const at = namingOf(named, id);
        return at.length > 0 && at.every((n) => isBrushed(actions[n]!));
      })
      .map(({ id }) => id),
  );
}

/** What a part is called that bakes under a crumble. */
const UNDER = 'fruit';

/** Fruit of a crumble's one list lies under the crumbs and is none of them; so is what a step names only together with it. */
function fruitOf(part: Part, actions: readonly Told[]): Set<string> {
  const lines = part.lines.filter(({ kind }) => kind === 'ingredient');
  const fruit = new Set(
    lines.filter((one) => rolesOf(one).some((role) => role === 'fruit-veg')).map(({ id }) => id),
  );
  const called = calledOf([part]);
  const named = actions.map(({ text }) => linesNamedIn(text, called).map(({ line }) => line));
  const withFruit = named.map((those) => those.some((line) => fruit.has(line)));
  const goesWithIt = ({ id }: Line) => {
    const at = namingOf(named, id);
    return at.length > 0 && at.every((n) => withFruit[n]);
  };
  const besides = lines.filter((one) => !rolesOf(one).includes('wheat-flour') && goesWithIt(one));
  return new Set([...fruit, ...besides.map(({ id }) => id)]);
}

/** A list as two parts, the second of these lines; one of all or none of them stays one. */
function parted(part: Part, apart: ReadonlySet<string>, name: string): readonly Part[] {
  const isApart = ({ id }: Line) => apart.has(id);
  const first = part.lines.find(isApart);
  if (!first || apart.size >= part.lines.length) return [part];
  return [
    { ...part, lines: part.lines.filter((line) => !isApart(line)) },
    { id: first.id, name, lines: part.lines.filter(isApart) },
  ];
}

/**
 * A recipe whose one list holds what lies under its crumbs, or comes on the bake when it is done: that is a part of its own. Others
 * are as they were.
 */
export function partedByUse(
  recipe: Recipe,
  family: FamilyId,
  actions: readonly Told[],
  stages: readonly ToldStage[],
): readonly Part[] {
  const foods = recipe.parts.filter(({ lines }) => lines.some(({ kind }) => kind === 'ingredient'));
  const only = foods.length === 1 ? foods[0]! : null;
  const last = stages.findLast(heats);
  const end = actions.findIndex(({ id }) => id === last?.action);
  return recipe.parts.flatMap((part) => {
    if (isCrumble(part) || (part === only && family === 'crumble'))
      return parted(part, fruitOf(part, actions), UNDER);
    const [dough, ...bath] = parted(part, bathLines(part, actions), BATH);
    if (part !== only || end < 0) return [dough!, ...bath];
    const [bare, ...wash] = parted(dough!, washLines(dough!, actions), WASH);
    return [...parted(bare!, lateLines(bare!, actions, end), NAME), ...wash, ...bath];
  });
}
