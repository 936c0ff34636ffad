import pluralize from 'pluralize';
import type { Yield } from '../read';

/** What follows the thing itself: ". Start the day before", "slices. or 2", "with a bit left". */
const BEYOND = /[.,;:(].*|\b(?:or|with|as|if|plus|from|of them)\b.*|\s\d.*/i;
/** "Makes 10 easily", "16 easy": says nothing of what. */
const NO_THING = /^(?:easily|easy|generous(?:ly)?|standard|about|x)?(?: x)?$/i;
const ADJECTIVE = /(?:^| )(?:small|large|big|regular|jumbo|mini|medium|fat|little)$/i;
const PIECES = /^(?:pcs|st|stk|stück|styck(?:en)?|pezzi|pi[eè]ces|piezas|pz)$/i;

const PICTURE = /\p{Extended_Pictographic}\uFE0F?/gu;
const A_VESSEL = /\b(?:tin|pan|mould|dish|basin|tray)$/i;

/** What a recipe makes, in as many as there are: "24 cookies", "2 big mugs". Words that name nothing are left out. */
export function makesOf(yields: Yield | null): Yield | null {
  if (!yields) return null;
  const said = yields.what.replace(BEYOND, '').replace(PICTURE, '').trim();
  // Nothing is said of helpings.
  if (yields.what === '') return yields;
  // "One 23 cm tin" is what it is baked in.
  if (yields.high <= 1 && A_VESSEL.test(said)) return null;
  // "1 st, 26 cm": one of nothing is no number to plan by.
  if (yields.high <= 1 && (PIECES.test(said) || NO_THING.test(said))) return null;
  const what = PIECES.test(said) || NO_THING.test(said) ? 'pieces' : said;
  const named = ADJECTIVE.test(what) ? `${what} pieces` : what;
  return { ...yields, what: yields.high > 1 ? pluralize(named) : named };
}
