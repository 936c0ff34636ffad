import { CARD_PART, cleanLine, MAX_LINE } from './clean';
import { readAmount } from './amount';
import { HOT_FIRST } from './bakeFacts';

export type LineSort = 'title' | 'ingredient' | 'heading' | 'note' | 'method';

const INGREDIENTS_HERE = /^(?:the )?ingredients?(?: list)?\s*:?$/i;
const METHOD_HERE =
  /^(?:the )?(?:method|directions?|instructions?|steps?|preparation|procedure|how to make.*|to make(?: the .*)?)\s*:?$/i;
const NOTES_HERE = /^(?:notes?|tips?|variations?|storage|to store)\s*:?$/i;
const ABOUT =
  /^(?:(?:serves|makes|yields?|servings?|portions?)\b|(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|total|rest(?:ing)?) time\b|(?:note|tip|source|from|yield|oven|pan|tin|difficulty|equipment)\s*:|oven (?:at|to|temp\w*|gas|mark|moderate|hot|\d).{0,40}$)/i;
const PART_NAMES =
  /^(?:(?:the )?(?:topping|filling|frosting|icing|glaze|base|crust|crumb|cake|batter|dough|streusel|crumble|syrup|sauce|decoration|custard|layers?|sponge|drizzle|ganache|buttercream|pastry|biscuit base)|to (?:finish|serve|decorate|assemble)|for (?:the|a|your) [\p{L} -]+|dry ingredients|wet ingredients)$/iu;
const VERBS =
  'preheat|heat|grease|line|pat out|pat the|flatten|cream|beat|whisk|mix|stir|fold|add|combine|sift|sieve|rub|knead|roll|cut|chill|rest|bake|cool|leave|pour|spoon|scrape|divide|place|put|melt|bring|simmer|remove|turn|transfer|sprinkle|dust|drizzle|spread|serve|store|make|set|prepare|using|use|in a|in the|meanwhile|when|once|while|let|allow|blend|process|pulse|drop|shape|form|scoop|brush|decorate|frost|gently|gradually|with|then|to make|whip|toss|arrange|pierce|press|wrap|freeze|top|slice|finish|check|enjoy|peel|core|drain|soak|on a|after|working|start|warm|boil|test|loosen|dissolve|steam|cook|fill|return|reduce|swirl|tip|alternate|repeat|dredge|cover';
const STEP = new RegExp(`^(?:(?:step )?\\d{1,2}\\s*[.):]\\s+)?(?:${VERBS})\\b`, 'i');
/** A paragraph that gets to its verb later: "Oven hot. Cream the butter and sugar …". */
const STEP_WITHIN = new RegExp(`[.!?]\\s+(?:${VERBS})\\b`, 'i');
const NUMBERED = /^(?:step )?\d{1,2}\s*[.):]\s+(?=\p{Lu}\p{Ll}+ )/u;
/** What a bake is called, at the end of its name: "Plum tart" is no plum. */
const BAKE_NAME =
  /\b(?:tart(?:let)?|cake|pie|loaf|cookie|muffin|scone|slice|square|bar|finger|pudding|crumble|cobbler|galette|brownie|bun|knot|roll|pancake|waffle|traybake|snap|thin|crisp|biscuit|shortbread|bread|flapjack|parkin|sponge|twist|puff|bake|torte|gateau|strudel|doughnut|eclair)s?$/i;
/** Things of the kitchen that lists name beside the food. */
const EQUIPMENT =
  /^(?:\d[\d./ x×"-]*)?(?:[\w-]+ ){0,4}?(?:paper|cupcake|muffin|bun|fairy cake) (?:cases|liners|cups)\b|\b(?:parchment|greaseproof|baking paper|baking parchment|foil|cling ?film|piping bags?|cookie cutters?|skewers|cocktail sticks)\b|^\d[\d./ x×-]*\s*(?:cm|mm|in|inch(?:es)?|")?\b[^,]*\b(?:tins?|pans?|trays?|moulds?|dish)$/i;
/** A short step still says how long or how hot: "Bake 50-55 mins.", "160 degrees, 20 min". */
const HOW_LONG_OR_HOT = /\d\s*(?:min(?:ute)?s?|hours?|hrs?|degrees?|deg|°)(?![\p{L}])/iu;
const SHORT_STEP_WORDS = 4;
const LONG_LINE_WORDS = 14;
const MIDDLING_LINE_WORDS = 7;

const wordCount = (text: string) => text.split(' ').length;
const hasAmount = (text: string) =>
  readAmount(
    text
      .replace(CARD_PART, '')
      .replace(/\(.*?\)/g, ' ')
      .trim(),
  ).quantity !== null;
/** A verb alone can be a name: "cream", "butter and flour", "cream cheese". A step has more to it. */
const isStep = (text: string) =>
  (STEP.test(text) &&
    wordCount(text) >= SHORT_STEP_WORDS &&
    !/^cream(?:ed)?(?: |$)(?!.*\b(?:butter|sugar|until|together)\b)/i.test(text)) ||
  (STEP_WITHIN.test(text) && wordCount(text) > LONG_LINE_WORDS) ||
  (NUMBERED.test(text) && wordCount(text) > SHORT_STEP_WORDS) ||
  HOT_FIRST.test(text) ||
  (STEP.test(text) && HOW_LONG_OR_HOT.test(text));

/** How letters begin and end. */
const LETTER =
  /^(?:hello|hi|hey|dear|love|lots of love|thanks?|thank you|enjoy|cheers|best wishes|kisses|ps\b|p\.s\.|hope|here(?:'s| is| it)|this (?:is|was|recipe|one)|my |i |i'|we |it's|it is|so |you )/i;
/** A sentence without an amount that a person says beside the list. It is kept as a note. */
const isChatter = (clean: string): boolean =>
  LETTER.test(clean) && (/[.!?]$/.test(clean) || wordCount(clean) >= 2);

interface State {
  /** `steps`: no heading said so, but sentences that begin with a kitchen verb have come. */
  mode: 'list' | 'steps' | 'method' | 'notes';
  readonly amounts: boolean;
}

function sortOne(clean: string, last: boolean, state: State): LineSort {
  if (!/[\p{L}\p{N}]/u.test(clean)) return 'note';
  if (INGREDIENTS_HERE.test(clean)) return ((state.mode = 'list'), 'note');
  if (METHOD_HERE.test(clean)) return ((state.mode = 'method'), 'note');
  if (NOTES_HERE.test(clean)) return ((state.mode = 'notes'), 'note');
  if (ABOUT.test(clean)) return 'note';
  if (clean.length > MAX_LINE) return state.amounts || state.mode === 'method' ? 'method' : 'note';
  if (state.mode === 'method') return 'method';
  if (state.mode === 'notes') return 'note';
  if (EQUIPMENT.test(clean) && !isStep(clean)) return 'note';
  const amount = hasAmount(clean);
  if (/:$/.test(clean) && !amount && wordCount(clean) <= 7) return 'heading';
  if (PART_NAMES.test(clean) && (/^(?:for|to) /i.test(clean) || (state.amounts && !last))) return 'heading';
  if (
    isStep(clean) &&
    (!amount || NUMBERED.test(clean) || HOW_LONG_OR_HOT.test(clean) || wordCount(clean) > LONG_LINE_WORDS)
  )
    return ((state.mode = 'steps'), 'method');
  if (!amount && state.amounts && isChatter(clean)) return 'note';
  if (!amount && wordCount(clean) > (state.mode === 'steps' ? MIDDLING_LINE_WORDS : LONG_LINE_WORDS))
    return state.amounts ? 'method' : 'note';
  return 'ingredient';
}

/** True for a first line that is a name for the whole: no amount of its own, and amounts below it. */
function isTitle(clean: string, below: readonly string[], knownPlain: (words: string) => boolean): boolean {
  if (
    hasAmount(clean) ||
    /:$/.test(clean) ||
    INGREDIENTS_HERE.test(clean) ||
    ABOUT.test(clean) ||
    wordCount(clean) > LONG_LINE_WORDS
  )
    return false;
  return below.some(hasAmount) && (BAKE_NAME.test(clean) || !knownPlain(clean)) && /[\p{L}]/u.test(clean);
}

/**
 * Says of each non-blank line what it is. A list without a single amount is a list of names to guard; with amounts, the
 * first line without one is the title. Words like "Method" switch over; else the first sentence that begins with a
 * kitchen verb does.
 */
export function sortLines(sources: readonly string[], knownPlain: (words: string) => boolean): LineSort[] {
  const clean = sources.map((source) => cleanLine(source.slice(0, MAX_LINE + 1)));
  const state: State = { mode: 'list', amounts: clean.some(hasAmount) };
  return clean.map((line, at) => {
    if (at === 0 && isTitle(line, clean.slice(1, 8), knownPlain)) return 'title';
    return sortOne(line, at === clean.length - 1, state);
  });
}
