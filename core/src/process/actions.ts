import { blanked, durationsIn, settingsIn, type Step } from '../read';
import { clausesOf } from './clauses';
import { VERBS, WAITS, type ActionClass } from './data/verbs';
import { shows } from './signs';
import type { Action, Clause, Medium } from './types';
import type { Told } from './told';
import { withUnsaidBakes } from './unsaid';

const CONNECTOR =
  /^\W*(?:(?:step )?\(?(?:\d{1,2}|[a-h])[.):]\s+|step \d+\W+)?(?:(?:and|then|but|now|meanwhile|next|finally|gently|carefully|when \w+,?)\s+)*/i;
/** Words that are no deed here: "to serve", "frying pan", "baking powder", "rolling pin", "boiling water", "cooling rack", "stand mixer". */
const NO_DEED =
  /\bbaking (?:powder|soda|paper|parchment|sheets?|trays?|tins?|beans|dish|chocolate)|\bbicarb\w*|\bfrying pan|\brolling pin|\brolling(?= boil)|\bbubbles? (?:\w+ ){0,2}rise|\bboiling water|\bcooling rack|\bwire rack|\bhot water|\bmelted (?:butter|chocolate)|\bsoftened butter|\btoasted (?:nuts|\w+nuts|coconut)|\bground \w+|\bchilled (?:butter|water)|\bbefore (?:baking|serving)|\broasting (?:tin|tray|dish)|\bcut-?out|\bstir-?in|\bstand(?:ing)?[- ]mixers?\b|\bfreezer bag|\bice[- ]cream\b|\b(?:the|any|let(?: out)?|some) steam\b|\bsteam (?:out|escapes?|holes?|vents?)\b|\bof (?:the )?mix\b|\bthe rest\b|(?<=^\W*then )rest(?=\W*$)/gi;

/** What a verb heats with, or cools. */
export const MEDIA: Partial<Record<ActionClass, Medium>> = {
  bake: 'oven',
  fry: 'fried',
  griddle: 'griddle',
  steam: 'steamed',
  boil: 'boiled',
  microwave: 'microwave',
  chill: 'chilled',
};

/** What is waited for. */
export const UNTIL = /\b(?:until|till|til)\b[^.;]*/i;

/** "180C for 10 minutes, or just chill": another way than the heat that begins it. */
const OR_COLD =
  /(?<=^\W*\d{3} ?(?:°|C\b|F\b|fan\b)[^.;]*),\s*or (?:just |else )?(?:chill|freeze|refrigerate)\b.*$/i;

/** The verb that a clause is about: the one that begins it, else the first of the table that it has. */
function verbOf(text: string): { readonly verb: string; readonly class: ActionClass } | null {
  const body = blanked(text.replace(UNTIL, '').replace(OR_COLD, ' '), NO_DEED);
  const start = CONNECTOR.exec(body)?.[0].length ?? 0;
  const found = VERBS.flatMap(([kind, words], rank) => {
    const match = words.exec(body);
    return match ? [{ verb: match[0], class: kind, at: match.index, rank }] : [];
  });
  if (found.length === 0) return null;
  const first = found.filter(({ at }) => at <= start + 1);
  const [best] = (first.length > 0 ? first : found).sort((a, b) =>
    first.length > 0 ? a.rank - b.rank : a.at - b.at || a.rank - b.rank,
  );
  return { verb: best!.verb.trim(), class: best!.class };
}

const RISING = /\b(?:doubl|risen|puffy|light and airy)/i;

/** "Leave for an hour, until doubled": what waits for a dough to rise proves it. */
function provesIfRising(verb: ReturnType<typeof verbOf>, text: string): typeof verb {
  const until = UNTIL.exec(text)?.[0] ?? '';
  const rises = RISING.test(until);
  if (rises && verb === null && COVERED.test(text)) return { verb: 'cover', class: 'prove' };
  const baked = verb?.class === 'place' && LOOKS_BAKED.test(until);
  return rises && !baked && (verb?.class === 'rest' || verb?.class === 'place')
    ? { ...verb, class: 'prove' }
    : verb;
}
/** "Spoon into tins, 25-30 mins till risen and firm." */
const LOOKS_BAKED = /\b(?:firm|golden|brown(?:ed)?|springy|springs|skewer|toothpick|clean|set)\b/i;
/** "Cover loosely, 4 hrs or till doubled." */
const COVERED = /^\W*(?:and |then )?cover/i;

const IN_THE_COLD = /\b(?:in|into) (?:the |a |your )?(?:refrigerator|fridge|freezer)\b/i;

/** "Wrap, 2 hours cold", "wrap, 1 h fridge": what is wrapped waits there. */
const WRAPPED_COLD = /\bwrap\b[^.;]*\d[^.;]*\b(?:cold|chilled|fridge|refrigerator)\b/i;

/** "Put the dough in the refrigerator", "rest it in the fridge": what is put there is chilled. */
const chillsIfCold = (verb: ReturnType<typeof verbOf>, text: string): typeof verb =>
  ((verb === null || verb.class === 'place' || verb.class === 'rest') && IN_THE_COLD.test(text)) ||
  WRAPPED_COLD.test(text)
    ? { verb: verb?.verb ?? 'chill', class: 'chill' }
    : verb;

/** A night, minutes. Common practice. */
const NIGHT = { low: 8 * 60, high: 12 * 60 } as const;
const SOME_HOURS = { low: 2 * 60, high: 4 * 60 } as const;
/** How long a thing waits that is left without a number; null: nothing is said. */
function unnumbered(kind: ActionClass | undefined, text: string): Action['minutes'] {
  if (kind === undefined || !WAITS.has(kind)) return null;
  if (shows('overnight', text)) return NIGHT;
  return shows('for hours', text) ? SOME_HOURS : null;
}

function actionOf(clause: Clause, n: number): Told {
  const durations = durationsIn(clause.text);
  const settings = settingsIn(clause.text);
  const heard = chillsIfCold(provesIfRising(verbOf(clause.text), clause.text), clause.text);
  // "(Can chill up to 24 h here.)": whoever bakes tonight doesn't wait for it.
  const mayWait = heard?.class === 'chill' && shows('may chill', clause.text);
  const verb = mayWait ? null : heard;
  const [minutes] = mayWait ? [] : durations;
  return {
    ...clause,
    id: `a${n + 1}`,
    verb: verb?.verb ?? null,
    class: verb?.class ?? null,
    minutes: minutes ? { low: minutes.low, high: minutes.high } : unnumbered(verb?.class, clause.text),
    celsius: settings[0] ? Math.round(settings[0].celsius) : null,
    medium: (verb && MEDIA[verb.class]) ?? null,
    until: UNTIL.exec(clause.text)?.[0].trim() ?? null,
    durations,
    settings,
  };
}

/** Everything that the steps do, clause by clause. */
export const actionsOf = (steps: readonly Step[]): readonly Told[] =>
  withUnsaidBakes(steps.flatMap(clausesOf).map(actionOf));
