import type { Action, ActionClass } from '../../process';

/** So long a wait of a dough that has risen once is its second rise, minutes; in the cold it takes longer. */
const A_RISE: Partial<Record<ActionClass, number>> = { rest: 20, chill: 240 };
/** Left where it is warm, it rises. */
const RISES =
  /\bwarm (?:place|spot|room|corner)\b|\bsomewhere warm\b|\bin the warm\b|\b(?:to|until|till) (?:it (?:is|has) )?ris(?:e|en)\b/i;
/** "Cover, 30–45 min till almost doubled". */
const TILL_RISEN = /\b(?:doubled?|risen|puffy|bulk|ferment\w*)\b/i;
/** "Cover, 45 min.", "floured cloth, 40 min, covered". */
const COVERED =
  /^\W*(?:and )?cover(?:ed)?\W+(?=\d)|\bcloth\b.*\bcovered\W*$|\b(?:under|beneath) (?:a|the) (?:tea ?)?(?:cloth|towel)\b/i;
/** "Shape round, proof 40 min." */
const PROOFS = /\b(?:proof|prove|(?:let|leave)\b[^,;]*\brise)\b/i;
/** "When the buns have risen". */
const HAS_RISEN = /^\W*(?:when|once|after|as soon as|while|if)\b/i;
/** "It'll rise by 10–20 %": how much, and no wait of its own. */
const FORETELLS = /\b(?:it|they|dough)(?:['’]ll| will| won['’]t| should| may)\b[^,;]*\bris/i;
const isRise = ({ class: kind, text, minutes }: Action): boolean =>
  (kind === null && minutes !== null && (TILL_RISEN.test(text) || COVERED.test(text))) ||
  (kind === 'prove' && !(minutes === null && (HAS_RISEN.test(text) || FORETELLS.test(text)))) ||
  (kind === 'rest' && RISES.test(text)) ||
  (kind === 'shape' && minutes !== null && PROOFS.test(text));

/** Into the oven or the fat, by a word or by its degrees alone: "180° 35-40 min". */
const OVEN_FROM = 120;
const isHot = ({ celsius }: Action): boolean => celsius !== null && celsius >= OVEN_FROM;
const isHeat = (one: Action): boolean =>
  one.class === 'bake' || one.class === 'fry' || (isHot(one) && one.minutes !== null);

/** Every wait in which a dough rises before its heat, in order: without gluten the last of them is kept. */
export function risesOf(all: readonly Action[]): Action[] {
  const first = all.findIndex(isRise);
  const told = all.findIndex((one, n) => n > first && isHeat(one));
  // Where no time stands beside it, the oil or the oven is what is named last.
  const heat = told < 0 ? all.findLastIndex((one, n) => n > first && isHot(one)) : told;
  return all.filter(
    (one, n) =>
      // What rises in the oven is no rise of its own.
      (isRise(one) && (heat < 0 || n < heat)) ||
      (first >= 0 &&
        n > first &&
        n < heat &&
        (one.minutes?.high ?? 0) >= (A_RISE[one.class ?? 'finish'] ?? Infinity)),
  );
}

/**
 * Those of some rises that are kept: the last, and a night in the cold before it. Common practice: cold dough is the easier to shape,
 * without gluten more than with it, and whoever plans for the day after has planned for the night.
 */
export function keptRises(rises: readonly Action[]): readonly Action[] {
  const [before, last] = rises.slice(-2);
  return before !== undefined && last !== undefined && before.class === 'chill'
    ? [before, last]
    : rises.slice(-1);
}

/** The rises that go. */
export function risesThatGo(all: readonly Action[]): ReadonlySet<string> {
  const rises = risesOf(all);
  const kept = keptRises(rises);
  return new Set(rises.filter((one) => !kept.includes(one)).map(({ id }) => id));
}
