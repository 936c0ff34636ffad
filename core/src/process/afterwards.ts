import type { Line, Part, Recipe } from '../read';
import type { Role } from '../vocabulary';
import { UNTIL, type Told } from './actions';
import { calledOf, linesNamedIn } from './called';
import { heats, type ToldStage } from './stages';

/** What a dough or batter is made of: what stands in a step with it is in it. */
const BUILT_OF: ReadonlySet<Role> = new Set<Role>(['wheat-flour', 'gf-flour', 'starch', 'egg', 'leavener']);
/** What a part is called that comes to the bake when it is done. */
const NAME = 'to finish';

const rolesOf = ({ items }: Line) => items.map(({ role }) => role);

/**
 * The lines that only come to a bake when it is done: named after its heat, and before that at most where nothing of the dough is
 * ("slice the berries, toss them with sugar"). Flour is never one. `end`: the action of its heat.
 */
function lateLines(main: Part, actions: readonly Told[], end: number): Set<string> {
  const called = calledOf([main]);
  const named = actions.map(({ text }) =>
    linesNamedIn(text.replace(UNTIL, ' '), called).map(({ line }) => line),
  );
  const told = new Set(actions.map(({ step }) => step));
  // A sentence that is a step too stays what it is.
  const lines = main.lines.filter(({ id, kind }) => kind === 'ingredient' && !told.has(id));
  const built = new Set(
    lines.filter((one) => rolesOf(one).some((role) => BUILT_OF.has(role))).map(({ id }) => id),
  );
  const doughy = new Set(
    actions.flatMap(({ step }, at) =>
      at <= end && named[at]!.some((line) => built.has(line)) ? [step] : [],
    ),
  );
  return new Set(
    lines
      .filter(({ id }) => !built.has(id))
      .filter(({ id }) => {
        const at = named.flatMap((those, n) => (those.includes(id) ? [n] : []));
        return at.some((n) => n > end) && at.every((n) => n > end || !doughy.has(actions[n]!.step));
      })
      .map(({ id }) => id),
  );
}

/** A recipe whose one list holds what comes on the bake later: that is a part of its own. Others are as they were. */
export function partedByUse(
  recipe: Recipe,
  actions: readonly Told[],
  stages: readonly ToldStage[],
): readonly Part[] {
  const foods = recipe.parts.filter(({ lines }) => lines.some(({ kind }) => kind === 'ingredient'));
  const [main] = foods;
  const last = stages.findLast(heats);
  const end = actions.findIndex(({ id }) => id === last?.action);
  if (foods.length !== 1 || !main || end < 0) return recipe.parts;
  const late = lateLines(main, actions, end);
  const first = main.lines.find(({ id }) => late.has(id));
  if (!first || late.size >= main.lines.length) return recipe.parts;
  const isLate = ({ id }: Line) => late.has(id);
  return recipe.parts.flatMap((part) =>
    part === main
      ? [
          { ...part, lines: part.lines.filter((line) => !isLate(line)) },
          { id: first.id, name: NAME, lines: part.lines.filter(isLate) },
        ]
      : [part],
  );
}
