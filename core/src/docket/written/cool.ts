import { standsFree } from '../../kitchen';
import { durationsIn } from '../../read';
import type { Action, Process } from '../../process';
import { bakeAction } from './places';
import { timeIn, type SpanEdit } from './spans';
import type { Facts } from './facts';

/** What a recipe says of what comes out of the oven, in any words. */
const COOLS =
  /\b(?:cool\w*|(?:until|till|when|is|are|get|gets|go|stone|completely|quite) cold|rack|turn(?:ed)? (?:\w+ )?out|unmou?ld|invert|upside down|(?:in|on) (?:(?:the|its|their) )?(?:tins?|pans?|trays?|sheets?|racks?|dish|mould)|stand|serve|(?:while|still) (?:warm|hot)|(?:warm|hot) (?:cakes?|loaf|bread|sponge|pudding|buns?|it)|(?:eat\w*|best|nice|good) (?:it |them )?(?:warm|hot)|at once|soak\w*|before (?:cutting|slicing|serving|eating)|drape|wrap|lift)\b/i;
const IN_THE_TIN =
  /\bin (?:(?:the|its|their) )?(?:tins?|pans?|dish|cases?|moulds?)\b|\bbefore (?:turning|removing|moving|unmou?lding|transferring)\b|\bon (?:(?:the|its) )?(?:tray|sheet|pan)s?\b/i;
/** It mustn't wait. */
const HURRIES = /\b(?:no longer|at most|while|at once|immediately|warm)\b/i;
/** What is cut and must not be cut warm. */
const CUT_COLD = new Set(['loaf', 'yeast-dough']);
/** Eaten out of its dish, warm. */
const SERVED_WARM = new Set(['crumble', 'pancake', 'steamed-pudding', 'mug-cake', 'choux', 'doughnut']);

const TENDER = 'without gluten it is tender until its starch has set';

const afterBake = (process: Process): readonly Action[] => {
  const at = bakeAction(process);
  return at === null ? [] : process.actions.slice(at);
};

/** Where it cools, where the recipe says nothing of it; null: it says so itself, or it is eaten warm. */
export function coolSentence(
  { bake, bowl: { family }, profile, recipe }: Facts,
  process: Process,
): { readonly text: string; readonly because: string } | null {
  const rest = afterBake(process);
  const [bakes] = rest;
  // The clause that tells the heat may tell this as well: "19 to 22 min, cool 10 in tin".
  const within = process.actions.some(
    ({ step, text }) => step === bakes?.step && /\b(?:cool\w*|rack|turn out)\b/i.test(text),
  );
  const own =
    within ||
    (rest.length > 0 ? rest.slice(1) : recipe.method.map(({ source }) => ({ text: source }))).some(
      ({ text }) => COOLS.test(text),
    );
  if (own || bake.ovenCelsius === null || SERVED_WARM.has(family)) return null;
  const free = (bake.pan !== null && standsFree(bake.pan)) || profile.texture === 'dough';
  const cut = CUT_COLD.has(family) ? ' Cut it only when it is cold.' : '';
  return {
    text: free
      ? `Leave ${bake.piece ? 'them' : 'it'} on the tray for ${bake.coolMinutes} minutes, then cool on a rack.${cut}`
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
        !HURRIES.test(text) &&
        later.has(id) &&
        (kind === 'cool' || kind === 'rest') &&
        IN_THE_TIN.test(text),
    )
    .flatMap((action) => {
      const [said] = durationsIn(action.text);
      return said && said.high < bake.coolMinutes
        ? [timeIn(action, said, `${bake.coolMinutes} minutes`, TENDER)]
        : [];
    });
}
