import type { Step } from '../read';
import type { Clause } from './types';

/** A full stop after one of these ends no sentence. */
const SHORTENED =
  /(?:\b(?:\p{L}\.\p{L}|mod|teasp|teasps|tablesp|tablesps|dessertsp|ingred|tsps|tbsps|temp|powd|pwd|pwdr|pdr|veg|unsw|choc|marg|gran|van|cinn|conf|evap|cond|approx|ca|reg|min|mins|hr|hrs|sec|secs|deg|tbsp|tsp|tbls?|tblsp|oz|lb|no|v|vs|c|t|w|fl|pkg|pt|qt|ea|br|refrig)|(?<=\d[ -]?)in|°[CF]?)$/iu;
/** "Serve w.", and not "at 800 w.". */
const WITH = /(?<!\d\s?)\bw$/i;
const ENDS = /[.;!?]+(?=\s|$)|[.;](?=\p{Lu})|\s[–—-]\s|\n/gu;
/** What may begin a clause of its own within a sentence. */
const JOINS = /,?\s+(?:and then|then|and|but|&)\s+|,\s+|:\s+/giu;
const DEED =
  /^(?:(?:gently|carefully|lightly|quickly|immediately|meanwhile|again)\s+)?(?:add|allow|bake|blind[- ]bake|beat|blend|boil|bring|brush|chill|coat|combine|continue|cook|cool|cover|cream(?!\s*(?:,|and\b|or\b))|cut|decorate|dip|divide|drain|drizzle|drop|dust|fill|flip|fold|freeze|fry|give|grease|heat|ice|keep (?:them |it )?(?:warm|hot)|knead|leave|let|lift|line|lower|make|melt|mix|pat|pipe|place|pour|press|prick|prove|put|reduce|refrigerate|remove|rest|return|rise|roll|rub|scatter|scrape|serve|set|shape|sift|(?:fridge|freezer)(?= (?:overnight|for|until|till|\d))|simmer|slice|spoon|spread|sprinkle|stand|steam|stir|take|tip|toss|transfer|turn|uncover|warm|whip|whisk|wrap|work|down to|without opening|another|a further|\d+ (?:more|without)|\d+ ?(?:h|hrs?|hours?|min) at [0-8] ?°|onto (?:the )?(?:crust|base)\b|(?:back )?(?:in|into) (?:the|a) (?:\w+ )?(?:oven|fridge|freezer|tin|pan))\b/i;

/** Deeds that a full stop begins, where it may be a short word's: "rise 1 hr. pinch off balls". */
const AFTER_A_STOP =
  /^(?:pinch off|punch (?:down|it)|knock (?:back|it)|deflate|stir down|scoop|stamp|twist|tie|split|arrange|scatter|assemble|dredge|dunk|cube|grate|grind|shape|twirl|eat|enjoy|invert|unmould|unmold|peel|trim)\b/i;

/** "3 min on the hob, then 10 min in the oven". */
const A_WHILE = /^(?:for )?\d[\d–-]*\s*(?:mins?|minutes?|hours?|hrs?)\b/i;

/** "Chill 20 min. 180C fan 15-18 min": the oven's heat begins a sentence. */
const A_HEAT = /^\d{2,3} ?(?:°|º|[CF]\b|fan\b|degrees\b)/i;

/** "25–30 min. 10 min in the tins": another time begins another sentence. */
const ENDS_IN_TIME = /\d ?mins?$/i;
const A_TIME = /^\d+(?: ?[-–] ?\d+)? ?(?:min(?:ute)?s?|h(?:ou)?rs?)\b/i;

/** Where a text is cut: after the end of a sentence (`true`), or before what joins another deed (`false`). */
function cutsIn(text: string): Map<number, boolean> {
  const cuts = new Map<number, boolean>();
  for (const match of text.matchAll(ENDS)) {
    const end = match.index + match[0].length;
    // "1 - whisk": a number and its step.
    if (/^\s[–—-]\s$/.test(match[0]) && /(?:^|[.;!?]\s+)\d{1,2}$/.test(text.slice(0, match.index))) continue;
    const [said, behind] = [text.slice(0, match.index), text.slice(end)];
    const next = behind.trimStart();
    // "(I know. Don’t skip it.)" is said in one breath.
    if (open(text.slice(0, end)) > 0 && behind.includes(')') && !match[0].includes('\n')) continue;
    const stop = match[0].startsWith('.');
    // "G.M. 3", "S.R. flour".
    if (stop && /(?<!\p{L})\p{Lu}$/u.test(said) && /^\p{Lu}\./u.test(behind)) continue;
    // What comes with it is a thing, though cream is a deed too: "serve w. cream".
    if (stop && WITH.test(said)) continue;
    const begins =
      /^\s+(?:(?:\d{1,2}[.)]?\s+)?\p{Lu}|\d{1,2} [–—-] \p{L})/u.test(behind) ||
      DEED.test(next) ||
      AFTER_A_STOP.test(next) ||
      A_HEAT.test(next) ||
      (ENDS_IN_TIME.test(said) && A_TIME.test(next));
    if (stop && SHORTENED.test(said) && !begins) continue;
    // "150 in your fan oven... no wait, 160... for an hour" is one thought.
    if (/^\.{2,}$/.test(match[0]) && /^\s*\p{Ll}/u.test(behind) && !DEED.test(next)) continue;
    if (/^\d/.test(behind) && /(?:[\d½¼¾⅓⅔⅛]|(?<!\p{L})(?:min(?:ute)?s?|h(?:ou)?rs?|h|m))$/iu.test(said))
      continue;
    cuts.set(end, true);
  }
  for (const match of text.matchAll(JOINS)) {
    const next = text.slice(match.index + match[0].length);
    const deed = DEED.test(next) || (/\bthen\b/i.test(match[0]) && A_WHILE.test(next));
    if (deed && open(text.slice(0, match.index)) === 0) cuts.set(match.index, false);
  }
  return cuts;
}
const open = (text: string) => Math.max(0, text.split('(').length - text.split(')').length);

/** The clauses of a step, in order; together they are the step, to the letter. */
export function clausesOf({ id, source }: Step): Clause[] {
  const cuts = [...cutsIn(source)].sort(([a], [b]) => a - b).filter(([at]) => at > 0 && at < source.length);
  const starts: readonly (readonly [number, boolean])[] = [[0, true], ...cuts];
  return starts
    .map(([from, first], n): Clause => {
      const to = starts[n + 1]?.[0] ?? source.length;
      return { step: id, from, to, text: source.slice(from, to), first };
    })
    .reduce<Clause[]>((kept, one) => {
      const before = kept.at(-1);
      // A stretch without a word belongs to what stands before it.
      if (!before || /[\p{L}\d]/u.test(one.text)) return [...kept, one];
      return [...kept.slice(0, -1), { ...before, to: one.to, text: before.text + one.text }];
    }, []);
}
