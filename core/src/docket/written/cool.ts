import { PANS, standsFree } from '../../kitchen';
import { durationsIn, type Pan } from '../../read';
import { dishIn, shows, type Action, type Process } from '../../process';
import { bakeAction } from './places';
import { timeIn, type SpanEdit } from './spans';
import type { Facts } from './facts';

/** What is cut and must not be cut warm. */
const CUT_COLD = new Set(['loaf', 'yeast-dough']);
/** Eaten out of its dish, warm. */
const SERVED_WARM = new Set(['crumble', 'pancake', 'steamed-pudding', 'mug-cake', 'choux', 'doughnut']);

/** "Spread over the rolls while they're warm": what is done to it then can't wait till it is cold. */
const STILL_WARM =
  /\b(?:while|whilst|when) (?:(?:it|they|the \p{L}+)(?: is| are|['’]s|['’]re) )?(?:still )?(?:hot|warm)\b/iu;
/** Minutes. */
const A_MOMENT = 10;

const TENDER = 'without gluten it is tender until its starch has set';

const afterBake = (process: Process): readonly Action[] => {
  const at = bakeAction(process);
  return at === null ? [] : process.actions.slice(at);
};

/** A dish or ramekins; what is turned out of moulds isn’t eaten from them. */
const eatenFrom = ({ words, shape }: Pan): boolean =>
  !/\bmou?lds?\b/i.test(words) && (dishIn(words) !== null || PANS.rows[shape].crockery);

/** Where it cools, where the recipe says nothing of it; null: it says so itself, or it is eaten warm. */
export function coolSentence(
  { bake, bowl: { family }, profile, recipe }: Facts,
  process: Process,
): { readonly text: string; readonly because: string } | null {
  const rest = afterBake(process);
  const [bakes] = rest;
  // The clause that tells the heat may tell this as well: "19 to 22 min, cool 10 in tin".
  const within = process.actions.some(({ step, text }) => step === bakes?.step && shows('cools', text));
  const own =
    within ||
    (rest.length > 0 ? rest.slice(1) : recipe.method.map(({ source }) => ({ text: source }))).some(
      ({ text }) => shows('sees to what is baked', text),
    );
  if (own || bake.ovenCelsius === null || SERVED_WARM.has(family)) return null;
  if (rest.slice(1).some(({ text }) => STILL_WARM.test(text)))
    return {
      text: `Leave ${recipe.yields !== null && recipe.yields.low > 1 ? 'them' : 'it'} for ${Math.min(bake.coolMinutes, A_MOMENT)} minutes before you go on.`,
      because: TENDER,
    };
  const { pan } = process.bake ?? {};
  const dish = pan ? eatenFrom(pan) : false;
  const shaped = process.actions
    .slice(0, bakeAction(process) ?? 0)
    .some(({ text }) => shows('pipes', text) || shows('rolls out', text));
  // A tin that nobody named is our guess: what is shaped lies on its tray.
  const free = (shaped && !pan) || (bake.pan === null ? profile.texture === 'dough' : standsFree(bake.pan));
  const pieces = recipe.yields !== null && recipe.yields.low > 1 && bake.pan?.shape !== 'loaf';
  const cut = CUT_COLD.has(family) && !pieces ? ' Cut it only when it is cold.' : '';
  return {
    text: dish
      ? `Let it stand for ${bake.coolMinutes} minutes before you serve it.`
      : free
        ? `Leave ${bake.piece || pieces ? 'them' : 'it'} on the tray for ${bake.coolMinutes} minutes, then cool on a rack.${cut}`
        : `Let it cool in the tin for ${bake.coolMinutes} minutes, then on a rack.${cut}`,
    because: TENDER,
  };
}

/** The recipe's own time in the tin, made long enough. */
export function coolEdits(
  actions: readonly Action[],
  process: Process,
  { bake, profile }: Facts,
): SpanEdit[] {
  const later = new Set(
    afterBake(process)
      .slice(1)
      .map(({ id }) => id),
  );
  return actions
    .filter(
      ({ id, class: kind, text }) =>
        profile.texture === 'batter' &&
        !shows('hurries', text) &&
        later.has(id) &&
        (kind === 'cool' || kind === 'rest') &&
        shows('stays in its tin', text),
    )
    .flatMap((action) => {
      const [said] = durationsIn(action.text);
      return said && said.high < bake.coolMinutes
        ? [timeIn(action, said, `${bake.coolMinutes} minutes`, TENDER)]
        : [];
    });
}
