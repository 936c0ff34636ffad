import { shows, type Action, type Process } from '../../process';
import { durationsIn, wholeMethod } from '../../read';
import { ownRest } from '../ownRest';
import { sayMinutes } from '../sayMinutes';
import { bakeAction } from './places';
import { timeIn, type SpanEdit } from './spans';
import type { Facts } from './facts';

const LONG = 24 * 60;
const spanOf = (low: number, high: number): string =>
  low === high
    ? sayMinutes(low)
    : high <= 2 * 60
      ? `${low} to ${sayMinutes(high)}`
      : `${sayMinutes(low)}, or up to ${daysOr(high)}`;
const daysOr = (minutes: number) =>
  minutes >= LONG ? `${Math.round(minutes / LONG)} days` : sayMinutes(minutes);

const LONG_ENOUGH = 15;
/** Less is a pause, minutes. */
const SHORTEST = 5;

/** What is done before the bake; all of it where no bake is known. */
const beforeBake = (process: Process): readonly Action[] =>
  process.actions.slice(0, bakeAction(process) ?? process.actions.length);

/** A wait that the recipe has before the bake, in whatever words: another one beside it is one too many. */
const waitsAlready = (process: Process): boolean =>
  beforeBake(process).some(
    ({ text, class: kind }) =>
      shows('waits in the cold or out', text) &&
      (kind === 'chill' || kind === 'rest' || kind === 'finish' || kind === null) &&
      (durationsIn(text).some(({ high }) => high >= LONG_ENOUGH) || shows('overnight', text)),
  );

/** The action that the flour first goes in by; -1: no step says when. */
const flouredAt = (process: Process, flours: ReadonlySet<string>): number =>
  process.actions.findIndex(({ takes }) => takes.some(({ line }) => flours.has(line)));

/** From where its flour is in to where whipped whites are: what holds them falls while it waits. */
function waitsBeforeWhites(process: Process, from: number): readonly Action[] {
  const actions = beforeBake(process).slice(from);
  const whites = actions.findIndex(({ class: kind, text }) => kind === 'foam' && WHITES.test(text));
  return whites < 0 ? actions : actions.slice(0, whites);
}
const WHITES = /\bwhites?\b|\bpeaks?\b/i;

/** A wait of the recipe's own, once its flour is in where a step says when, that is too short for these flours: it is made longer, and stays where it is. */
function shortRest(process: Process, least: number, flours: ReadonlySet<string>): Action | undefined {
  return waitsBeforeWhites(process, Math.max(0, flouredAt(process, flours))).find(
    ({ class: kind, text, takes, minutes }) =>
      kind === 'rest' &&
      takes.length === 0 &&
      shows('stands', text) &&
      minutes !== null &&
      minutes.high < least &&
      minutes.high >= SHORTEST,
  );
}

const STANDS =
  /(?<!\b(?:should|must|will) )\b(?:stand|rest|sit)\b(?! up)(?: (?:it|them|the (?:batter|dough|mixture)))?/i;
/** "Let it stand while the oven heats": a wait of the recipe's own, once its flour is in, that names no time. */
function untimedRest(process: Process, flours: ReadonlySet<string>): Action | undefined {
  const floured = flouredAt(process, flours);
  return waitsBeforeWhites(process, floured < 0 ? Infinity : floured).find(
    ({ class: kind, text, takes, minutes }) =>
      kind === 'rest' &&
      takes.length === 0 &&
      minutes === null &&
      STANDS.test(text) &&
      !shows('overnight', text),
  );
}

/** "Chill the dough": a cold rest of the recipe's own that names no time. */
const untimedChill = (process: Process): Action | undefined =>
  beforeBake(process).find(
    ({ class: kind, minutes, text }) =>
      kind === 'chill' && minutes === null && !shows('overnight', text) && !shows('may chill', text),
  );

/** A chill of the recipe's own that is too short for these flours, where no other is long enough. */
function shortChill(process: Process, least: number): Action | undefined {
  const chills = beforeBake(process).filter(
    ({ class: kind, minutes }) => kind === 'chill' && minutes !== null,
  );
  if (chills.some(({ minutes }) => minutes!.high >= least)) return undefined;
  return chills.find(({ minutes }) => minutes!.high >= SHORTEST);
}

/** Says for how long, behind the words of an action. */
function timed({ from, text }: Action, time: string): SpanEdit {
  const end = from + text.replace(/[\s.;,!]+$/, '').length;
  return { from: end, to: end, text: ` for ${time}`, because: 'the flours drink while it is cold' };
}

/** Says for how long behind its verb: "let it stand for 20 to 30 minutes while the oven heats". */
function stands({ from, text }: Action, time: string): SpanEdit {
  const said = STANDS.exec(text)!;
  const end = from + said.index + said[0].length;
  return { from: end, to: end, text: ` for ${time}`, because: 'the flours go on drinking' };
}

const firstTimeOf = (
  actions: readonly Action[],
  of: string | undefined,
  text: string,
  because: string,
): SpanEdit[] =>
  actions
    .filter(({ id }) => id === of)
    .flatMap((action) =>
      durationsIn(action.text)
        .slice(0, 1)
        .map((one) => timeIn(action, one, text, because)),
    );

/** Sets it, or a chill of the recipe's own to what was asked for. */
export function restEdits(
  actions: readonly Action[],
  process: Process,
  {
    rest,
    request,
    recipe,
    kitchen,
    profile,
    bowl,
  }: Pick<Facts, 'rest' | 'request' | 'recipe' | 'kitchen' | 'profile' | 'bowl'>,
): SpanEdit[] {
  const [low, high] = rest.minutes;
  if (rest.own && request.rest !== null) {
    const own = ownRest({ recipe, kitchen }, profile.yeast)?.action;
    const because = rest.cold ? 'chilled for as long as you asked' : 'it rests for as long as you asked';
    return firstTimeOf(actions, own, sayMinutes(request.rest), because);
  }
  const chill = rest.own || !rest.cold || high === 0 ? undefined : untimedChill(process);
  if (chill) return actions.filter(({ id }) => id === chill.id).map((one) => timed(one, spanOf(low, high)));
  if (rest.own || high === 0) return [];
  const untimed = rest.cold || profile.yeast ? undefined : untimedRest(process, bowl.flourLines);
  if (untimed)
    return actions.filter(({ id }) => id === untimed.id).map((one) => stands(one, spanOf(low, high)));
  const own = rest.cold ? shortChill(process, low) : shortRest(process, low, bowl.flourLines);
  return firstTimeOf(actions, own?.id, spanOf(low, high), 'these flours drink slower');
}

/** On its trays it dries out in longer, minutes. */
const MOST_PIPED = 60;
/** Where a dough is piped that is soft for it: it is chilled on its trays. Null: it isn't. */
function pipedAt(process: Process): number | null {
  const at = beforeBake(process).findLastIndex(({ text }) => shows('pipes', text));
  return at < 0 ? null : at;
}

/** What is rolled out is one, whatever it is called. */
const DOUGH =
  /\bdough\b|\broll(?:ed)?\b(?![^.;]*\b(?:marzipan|icing|fondant|sugar ?paste)\b)[^.;]{0,20}\b(?:out|thick|thin|mm|inch(?:es)?)\b/i;
const PRESSED = /\b(?:press|pat)/i;
/** "Tip into the tin and press down." */
const isPressedIn = (process: Process): boolean =>
  beforeBake(process)
    .map(({ text }) => text)
    .join('')
    .split(/[.;]/)
    .some((sentence) => shows('presses it in', sentence) && PRESSED.test(sentence));
/** "Until it looks like damp sand", "rub to crumbs". */
const CRUMBS = /\bcrumb|\bsand\b|\brub\b|\bblitz|\bpuls/i;
const isOfCrumbs = (process: Process): boolean => beforeBake(process).some(({ text }) => CRUMBS.test(text));
/** A base that is baked before what comes on it. */
const isBakedAhead = ({ stages }: Process): boolean =>
  stages.filter(({ medium }) => medium === 'oven').length > 1;

/** What its author calls what is mixed, where that is one thing only: a cake may be of a dough that is rubbed in. */
function calledIn({ method }: Facts['recipe']): 'dough' | 'batter' | null {
  const [dough, batter] = [DOUGH, /\bbatter\b/i].map((name) =>
    method.some(({ source }) => name.test(source)),
  );
  return dough === batter ? null : dough ? 'dough' : 'batter';
}

/** "Don't leave it standing, it gets wet." */
const NO_WAITING =
  /\b(?:don['’]?t|do not|never) (?:leave|let) (?:it|them|this|the (?:dough|batter|mixture)) (?:to )?(?:stand|rest|wait|sit)/i;
/** The wait that the flours need and the recipe hasn't; null: none, or its own will do. `covered`: the recipe has seen to that. */
export function restSentence(
  { rest, profile, bowl, recipe }: Facts,
  process: Process,
  covered: boolean,
): { readonly text: string; readonly because: string; readonly at?: number } | null {
  const [low, high] = rest.minutes;
  // What is whipped into eggs falls while it waits.
  if (recipe.method.some(({ source }) => shows('folds whites', source) || shows('foams eggs', source)))
    return null;
  // A doughnut's dough rises by itself.
  if (bowl.family === 'doughnut' && beforeBake(process).some(({ class: kind }) => kind === 'prove'))
    return null;
  if (NO_WAITING.test(wholeMethod(recipe.method))) return null;
  if (shows('scalds the flour', wholeMethod(recipe.method))) return null;
  if (high === 0 || rest.own || ((rest.cold || profile.yeast) && waitsAlready(process))) return null;
  if (rest.cold && (untimedChill(process) ?? shortChill(process, low))) return null;
  if (!rest.cold && shortRest(process, low, bowl.flourLines)) return null;
  if (!rest.cold && !profile.yeast && untimedRest(process, bowl.flourLines)) return null;
  // A dough that is stirred together in its skillet stays there.
  if (rest.cold && beforeBake(process).some(({ text }) => shows('mixes in its tin', text))) return null;
  // Baked in its skillet it has nowhere to spread either.
  if (rest.cold && process.bake?.pan?.shape === 'skillet') return null;
  // Cold it can't be pressed into its tin, where it has nowhere to spread; crumbs don't thicken.
  if ((rest.cold || (isBakedAhead(process) && isOfCrumbs(process))) && isPressedIn(process)) return null;
  const piped = rest.cold ? pipedAt(process) : null;
  if (piped !== null)
    return {
      at: piped,
      text: `Chill what you piped for ${spanOf(low, Math.min(high, MOST_PIPED))}.`,
      because: 'it pipes only while it is soft, and keeps its edges when it is cold',
    };
  const texture = calledIn(recipe) ?? profile.texture;
  const span = low === high ? sayMinutes(low) : `${low} to ${sayMinutes(high)}`;
  return {
    text: rest.cold
      ? `${covered ? 'Chill it' : 'Cover the dough and chill it'} for ${spanOf(low, high)}.`
      : profile.yeast
        ? `Cover it and let it rise somewhere warm for ${span}, until it is puffy.`
        : `Let the ${texture} stand for ${span}: it ${texture === 'dough' ? 'firms' : 'thickens'} as the flours drink.`,
    because: rest.cold
      ? 'cold dough spreads less, and its flours go on drinking'
      : 'the flours go on drinking',
  };
}
