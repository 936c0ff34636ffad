import { AT_BOWL, shows, type Action, type Process, type Sign } from '../../process';
import type { SpanEdit } from './spans';

/** The action by which the bake is known; null where the method has none. */
export function bakeAction({ actions, stages, main }: Process): number | null {
  const id = main === null ? undefined : stages[main]?.action;
  const at = actions.findIndex((one) => one.id === id);
  return at < 0 ? null : at;
}

/** "Fill with jam, back in for 3-4 min". */
const BACK_IN = /\bback in\b|\boven\b[^.]*\b(?:off|ajar)\b|\b(?:switched|turned)[- ]off oven\b/i;

const DASH = /\s[-–—]\s*$/;
/** "10-12 min - set not hard": what it looks like, said without a verb. */
const goesOnBehindADash = (one: Action, before: Action): boolean =>
  DASH.test(before.text) && /^\s*\p{Ll}/u.test(one.text);

/** The last that is said of the bake in its step: what is watched for and done while it is in the oven, or when it goes back there. */
export function bakedAt(process: Process): number | null {
  const { actions, stages } = process;
  const last = stages.findLast(({ medium }) => medium === 'oven')?.action;
  const known = bakeAction(process);
  if (known === null) return null;
  const bake = Math.max(
    known,
    actions.findIndex(
      ({ id, class: kind, text, celsius }) =>
        id === last && (kind === 'bake' || (kind === null && celsius !== null) || BACK_IN.test(text)),
    ),
  );
  const behind = actions
    .slice(bake + 1)
    .findIndex(
      (one, n) =>
        one.step !== actions[bake]!.step ||
        !(shows('watches the bake', one.text) || goesOnBehindADash(one, actions[bake + n]!)),
    );
  return behind < 0 ? actions.length - 1 : bake + behind;
}

const AT_ONCE =
  /^\W*(?:immediately|at once|straight ?away|right away|as soon as|while (?:(?:it is|it['’]s|they are|they['’]re) )?(?:still )?(?:hot|warm))\b/i;
/** "Brush all of it over the hot loaves". */
const ON_THE_HOT = /\b(?:over|onto|on|to) the (?:still )?(?:hot|warm) \p{L}+/iu;
/** "I scatter oats over the lot before they go in." */
const BEFORE_IT_BAKES = /\bbefore (?:(?:they|it) go(?:es)? in|baking)\b/i;
/** Where what is baked may be left to cool: after what is done to it at once ("immediately press one into each"). */
export function seenToAt(process: Process): number | null {
  const baked = bakedAt(process);
  if (baked === null) return null;
  const { actions } = process;
  const step = actions[baked]!.step;
  const next = actions[baked + 1];
  const steps = new Set([
    step,
    ...(next && next.step !== step && AT_ONCE.test(next.text) ? [next.step] : []),
  ]);
  const later = actions.slice(baked + 1);
  const after = later.filter((one) => steps.has(one.step));
  // "Edges set, middles soft!": how it looks then, and nothing that is done.
  const does = later.findIndex((one) => one.step !== step || one.verb !== null || one.minutes !== null);
  const looks = does < 0 ? later.length : does;
  const forms = [AT_ONCE, ON_THE_HOT, BEFORE_IT_BAKES];
  return after.some(({ text }) => forms.some((form) => form.test(text)))
    ? baked + after.length
    : baked + looks;
}

/** Where the dough first sees heat: blind, before the bake that it is known by; null where the method has none. */
export function firstHeat(process: Process): number | null {
  const blind = process.actions.findIndex(({ text }) => shows('bakes blind', text));
  const bakes = bakeAction(process);
  return blind < 0 || (bakes !== null && bakes < blind) ? bakes : blind;
}

/** Where what is baked twice is first; null: it is baked once. */
function firstOven({ actions, stages }: Process): number | null {
  const [first, ...later] = stages.filter(({ medium }) => medium === 'oven');
  if (later.length === 0) return null;
  const at = actions.findIndex(({ id }) => id === first?.action);
  return at < 0 ? null : at;
}

/** Tells what takes flour for the dough: not for a streusel that goes on or into it, unless nothing else has flour. */
function flourTaking(
  { mixtures, actions }: Process,
  flours: ReadonlySet<string>,
  end: number,
): (action: Action) => boolean {
  const linesOf = new Map(mixtures.map(({ id, lines }) => [id, new Set(lines.map(({ line }) => line))]));
  const apart = new Set(
    mixtures.filter(({ goesInto, layeredOn }) => (goesInto ?? layeredOn) !== null).map(({ id }) => id),
  );
  const takesAny = ({ class: kind, text, takes, makes }: Action) =>
    kind !== 'line-tin' &&
    !shows('tosses', text) &&
    // The sugar of a list that has flour on the same line is none of it.
    takes.some(({ line }) => flours.has(line) && (linesOf.get(makes ?? '')?.has(line) ?? true));
  const takesOwn = (one: Action) => !apart.has(one.makes ?? '') && takesAny(one);
  return actions.some((one, n) => n < end && takesOwn(one)) ? takesOwn : takesAny;
}

/** "Make the crust:" is what the rest of the step tells. */
const LEADS_IN = /:\s*$/;
const TOLD_BEHIND = /^\s*:|:\s*$/;
/** "Repeat with the rest" goes on with what was done. */
const AGAIN = /^\W*repeat\b/i;

/** "Heat the girdle." */
const HEATS = /^\W*(?:(?:and|then|now|meanwhile) )*(?:pre)?heat\b/i;
/** "Warm a tin of syrup." */
const WARMS = /^\W*(?:(?:and|then|now|meanwhile) )*(?:warm|melt|boil|simmer)\b/i;
/** It is poured out, is of a cloth, of a salad of fruit, or not to be done: none of it makes a dough. */
const NO_MIXING: readonly Sign[] = ['pours it in', 'of a cloth', 'puts the batter in', 'tosses', 'forbids'];
/** "Combine, don't over mix": what is not to be done is said of what is. */
const BEGINS_TO_MIX = /^\W*(?:combine|mix|stir|fold|beat|whisk)\b/i;

/** "Make the pastry" says it all; what takes flour later is a filling. −1 where nothing says so. */
const madeAtOnce = (actions: readonly Action[], end: number): number =>
  actions.findIndex(
    ({ text, takes }, n) =>
      n < end &&
      takes.length === 0 &&
      shows('makes the dough', text) &&
      !LEADS_IN.test(text) &&
      !TOLD_BEHIND.test(actions[n + 1]?.text ?? ''),
  );

/** "Press together like shortbread": it is a dough only then. */
const TOGETHER = /\btogether\b/i;
/** "Put 2 tablespoons aside in a cup for glazing." */
const ASIDE = /\b(?:aside|reserv\w+|for (?:the )?glaz\w+)\b/i;

/** The last action that makes the batter or dough before it is shaped, filled in or baked; null where none is known. `flours`: its lines of flour. */
export function lastMixing(process: Process, flours: ReadonlySet<string>): number | null {
  const { actions } = process;
  const end = firstHeat(process) ?? actions.length;
  const mixes = ({ class: kind, text }: Action) =>
    kind !== null &&
    ((AT_BOWL.has(kind) && !shows('heats fat for the tin', text)) || shows('mixes as well', text)) &&
    !NO_MIXING.some((sign) => shows(sign, text) && !(sign === 'forbids' && BEGINS_TO_MIX.test(text)));
  const takesFlour = flourTaking(process, flours, end);
  const floured = actions.findIndex((one, n) => n < end && takesFlour(one));
  // Where no step says when flour goes in, what is mixed after the first oven is something else: the filling of bars.
  const warmed = floured < 0 ? firstOven(process) : null;
  const made = madeAtOnce(actions, end);
  if (made >= 0 && (floured < 0 || made < floured)) return made;
  // Once flour is in, what is put into a tin or shaped is no longer in the bowl.
  const placed =
    floured < 0
      ? -1
      : actions.findIndex(
          ({ class: kind, text, takes }, n) =>
            n > floured &&
            n < end &&
            // A jug that milk goes into is no tin.
            ((kind === 'shape' && !TOGETHER.test(text)) ||
              shows('puts the batter in', text) ||
              (kind === 'place' &&
                takes.length === 0 &&
                !ASIDE.test(text) &&
                shows('fills a tin', text) &&
                !shows('readies a tin', text))),
        );
  const until = placed < 0 ? end : placed;
  // What is mixed later for something else is none of the dough.
  const dough = process.mixtures.find(({ id }) => id === actions[floured]?.makes);
  const held = new Set(dough?.lines.map(({ line }) => line));
  const ours = ({ takes }: Action, n: number) =>
    floured < 0 || n <= floured || takes.length === 0 || takes.some(({ line }) => held.has(line));
  // "Dry and wet by turns", "cream and lemonade in": a note to oneself mixes without a verb.
  const noted = ({ class: kind, text, takes }: Action, n: number) =>
    (kind === null || (kind === 'place' && !shows('fills a tin', text) && !/\bskillet\b/i.test(text))) &&
    n >= floured &&
    (shows('by turns', text) || takes.some(({ line }) => held.has(line)));
  // Once flour is in, what is warmed or boiled is something else: the syrup that goes below it.
  const warms = ({ text, takes }: Action, n: number) =>
    floured >= 0 && n > floured && takes.length > 0 && WARMS.test(text);
  const goesIn = (one: Action, n: number) => (mixes(one) && ours(one, n)) || noted(one, n);
  const lastBefore = (limit: number) =>
    actions.findLastIndex((one, n) => n < limit && (takesFlour(one) || (goesIn(one, n) && !warms(one, n))));
  const ahead = warmed === null ? -1 : lastBefore(Math.min(warmed, until));
  const at = ahead < 0 ? lastBefore(until) : ahead;
  if (at < 0) return null;
  // "Add egg, then water by spoonfuls": what is named behind it without a verb goes in as well.
  const step = actions[at]!.step;
  const goesOn = ({ step: own, class: kind, takes, text }: Action, n: number) =>
    (own === step || AGAIN.test(text)) &&
    n < until &&
    /\p{L}/u.test(text) &&
    !HEATS.test(text) &&
    !shows('puts the batter in', text) &&
    (kind === null || shows('forbids', text) || (AT_BOWL.has(kind) && takes.length > 0)) &&
    !shows('is left covered', text);
  let last = at;
  while (actions[last + 1] && goesOn(actions[last + 1]!, last + 1)) last += 1;
  return last;
}

/** A paragraph is told in several steps. */
const paragraphOf = ({ step }: Action): string => step.split('/')[0]!;
/** "It should drop from the spoon." */
const HOW_IT_LOOKS =
  /^\W*(?:the )?(?:batter|dough|mix(?:ture)?|it)(?:['’]s|['’]ll| is| will| should| may| looks?)\b/i;
const BY_AND_BY = /^\s*(?:slowly|gradually|little by little|then|lastly|finally|last)\b/i;
/** The last that a dough is left with when it is made: covered, wrapped, set to cool. `mixed`: the last that makes it. */
export function leftAt({ actions }: Process, mixed: number): number {
  let last = mixed;
  // "Batter will be very thin" is said of what was just mixed.
  const looks = (one: Action | undefined) =>
    one !== undefined &&
    paragraphOf(one) === paragraphOf(actions[mixed]!) &&
    one.class === null &&
    HOW_IT_LOOKS.test(one.text);
  const isLeft = (one: Action | undefined) =>
    one !== undefined && one.step === actions[mixed]!.step && shows('is left covered', one.text);
  while (isLeft(actions[last + 1]) || looks(actions[last + 1])) last += 1;
  // "Mix to a stiff dough - the fork should stand up", "whisk in the flour; slowly the milk": what goes on so belongs to it.
  const goesOn = (one: Action | undefined, before: Action) =>
    one !== undefined &&
    one.step === before.step &&
    /^\s*\p{Ll}/u.test(one.text) &&
    !shows('puts the batter in', one.text) &&
    (DASH.test(before.text) || (one.takes.length > 0 && (one.class === null || BY_AND_BY.test(one.text))));
  while (goesOn(actions[last + 1], actions[last]!)) last += 1;
  return last;
}

const LEAD = /^[\s,;–—-]*(?:(?:and|then|but|now)\s+)*/i;

/** Puts a sentence behind an action within its step; null where the action ends the step, and a step of its own may follow. */
export function sentenceAfter(
  actions: readonly Action[],
  at: number,
  sentence: string,
  because: string,
): SpanEdit | null {
  const [one, next] = [actions[at]!, actions[at + 1]];
  if (!next || next.step !== one.step) return null;
  const tail = /[\s.;,!]*$/.exec(one.text)![0].length;
  const lead = LEAD.exec(next.text)![0].length;
  const begins = next.from + lead;
  // What follows begins a sentence of its own, if it doesn't already.
  const first = next.text.slice(lead, lead + 1);
  const letter = /\p{Lu}/u.test(first) ? '' : first;
  return {
    from: one.to - tail,
    to: begins + letter.length,
    text: `. ${sentence} ${letter.toUpperCase()}`,
    because,
  };
}
