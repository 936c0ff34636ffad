import { durationsIn } from '../../read';
import { bySentence, shows, type Action, type Process } from '../../process';
import { sayMinutes } from '../sayMinutes';
import { lastMixing } from './places';
import { keptRises, risesOf } from './rises';
import { capitalised, editIn, timeIn, type SpanEdit } from './spans';
import { without } from './without';

const VERB = /\bknead(ed|ing)?\b/gi;
/** A soft dough without gluten sticks to its bowl. */
const LEAVES_THE_BOWL =
  '(?:(?:comes?|coming|pulls?) away from (?:(?:the )?(?:sides? of )?(?:the |its )?bowl|the sides)|(?:leaves|cleans) (?:the )?(?:sides? of )?the bowl(?: clean(?:ly)?)?)';
const CUE = new RegExp(
  String.raw`\b(?:smooth,? (?:and|&|\+) (?:very )?(?:elastic|stretchy|springy)|elastic (?:and|&) smooth|smooth, elastic(?= and)|elastic|stretchy|springy|(?:it |the dough )?passes (?:the|a) window ?pane(?: test)?|(?<=\b(?:until|till) )(?:it |the dough )?${LEAVES_THE_BOWL})\b`,
  'gi',
);
/** Nothing here stretches to a film: what is asked beside another look goes, what is asked alone is asked otherwise. */
const FILM = new RegExp(
  String.raw`(?:\s*\buntil (?:it makes )?a? ?window ?pane\b)|(?:,?\s*\band\s+(?:it |the dough )?)pass(?:es|ing)? (?:the|a) window ?pane(?: test)?\b|,?\s*\b(?:which|that|and(?: it)?) ${LEAVES_THE_BOWL}\b`,
  'gi',
);
const ON_THE_BOARD =
  /\s*\bon(?:to)? (?:an? |the |your )?(?:(?:lightly|well|generously)[- ])?(?:floured|oiled) (?:work ?)?(?:surface|board|bench|counter|work ?top|table)\b/gi;
const BY_HAND = /\s*\bby hand\b/gi;
const BEAT = { ed: 'beaten', ing: 'beating' } as const;
const BECAUSE = 'there is no gluten to develop: it is beaten, and stays soft and sticky';
const BEAT_FOR = '3 to 5 minutes';
/** Mixed for so long until it is elastic it is kneaded, whatever it is called, minutes. */
const LONG_MIX = 6;

/** A dough that rises isn't kneaded: there is nothing in it to stretch. It is beaten smooth. */
export function kneadEdits(actions: readonly Action[]): SpanEdit[] {
  return [...onTheBoardEdits(actions), ...actions.flatMap(kneadEditsOf)];
}

/** "Tip on to a lightly floured surface and": what is beaten stays in its bowl. */
const ONTO_THE_BOARD =
  /^\W*(?:(?:and|then) )?(?:tip|turn|place|put|scrape)(?: (?:it|the dough))?(?: out)? on ?(?:to)? (?:an? |the |your )?(?:(?:lightly|well|generously)[- ])?(?:floured |oiled )?(?:work ?)?(?:surface|board|bench|counter|work ?top|table)\W*$/i;
const THEN_KNEAD = /^[\s,;–—-]*(?:(?:and|then) )*knead\b/i;
const onTheBoardEdits = (actions: readonly Action[]): SpanEdit[] =>
  actions.flatMap(({ text, from, step, first }, at) => {
    const next = actions[at + 1];
    const knead = next?.step === step ? THEN_KNEAD.exec(next.text) : null;
    if (!knead || !ONTO_THE_BOARD.test(text)) return [];
    const beat = first ? (from === 0 ? 'Beat' : ' Beat') : ' and beat';
    return [{ from, to: next!.from + knead[0].length, text: beat, because: BECAUSE }];
  });

function kneadEditsOf(action: Action): SpanEdit[] {
  const { text } = action;
  const verbs = [...text.matchAll(VERB)];
  if (verbs.length === 0 && !(text.match(CUE) && durationsIn(text).some(({ high }) => high >= LONG_MIX)))
    return [];
  const at = ({ 0: said, index }: RegExpExecArray, words: string) =>
    editIn(action, { from: index, to: index + said.length }, words, BECAUSE);
  return [
    ...verbs.map((one) => {
      const word = BEAT[(one[1]?.toLowerCase() ?? '') as keyof typeof BEAT] ?? 'beat';
      return at(one, one[0].startsWith('K') ? capitalised(word) : word);
    }),
    ...durationsIn(text).map((one) => timeIn(action, one, BEAT_FOR, BECAUSE)),
    ...[...text.matchAll(FILM)].map((one) => at(one, '')),
    ...[...text.matchAll(CUE)].map((one) => at(one, 'smooth')),
    ...[...text.matchAll(ON_THE_BOARD)].map((one) => at(one, ' in its bowl')),
    ...[...text.matchAll(BY_HAND)].map((one) => at(one, ' with a spoon or a paddle')),
  ];
}

const STRETCHES =
  /\b(?:stretch|pull|draw)(?:ing)? (?:it|(?:the )?dough|(?:it )?(?:out )?over (?:the backs? of )?your (?:hands|knuckles|fists))\b[^.;]*/i;
const ROLLED = 'between two sheets of paper, as thin as it will go';
const ROLLS = /\broll(?:ed)?\b(?! up)/i;
const THE_CLOTH = /(?<=\bthe )(?:tea ?)?(?:cloth|towel)\b/i;
const TEARS = 'without gluten it tears when it is stretched';
const A_MINUTE = 'a minute';
const FOR = /\b(?:for (?:about )?|at least )$/i;
/** Kneaded for longer than this, minutes, it was to be made stretchy. */
const BRIEFLY = 3;

/** A dough that isn't raised is brought together and not kneaded; what would be drawn out thin is rolled. */
export function stretchEdits(actions: readonly Action[], all: readonly Action[]): SpanEdit[] {
  const first = all.findIndex(({ text }) => STRETCHES.test(text));
  const before = first < 0 ? [] : all.slice(0, first + 1).map(({ text }) => text.split(STRETCHES)[0]!);
  const rolls = before.some((text) => ROLLS.test(text)) ? 'roll it on' : 'roll it';
  const onCloth = first >= 0 && /\b(?:cloth|towel)\b/i.test(STRETCHES.exec(all[first]!.text)![0]);
  return actions.flatMap((action) => {
    const stretch = STRETCHES.exec(action.text);
    const cloth = onCloth && all.indexOf(action) > first ? THE_CLOTH.exec(action.text) : null;
    const long = action.class === 'knead' && action.minutes !== null && action.minutes.high > BRIEFLY;
    return [
      ...(stretch
        ? [
            editIn(
              action,
              { from: stretch.index, to: stretch.index + stretch[0].length },
              `${/^\p{Lu}/u.test(stretch[0]) ? capitalised(rolls) : rolls} ${ROLLED}`,
              TEARS,
            ),
          ]
        : []),
      ...(cloth
        ? [editIn(action, { from: cloth.index, to: cloth.index + cloth[0].length }, 'paper', TEARS)]
        : []),
      ...(long
        ? durationsIn(action.text).map((one) =>
            timeIn(
              action,
              one,
              FOR.test(action.text.slice(0, one.from)) ? A_MINUTE : `for ${A_MINUTE}`,
              TEARS,
            ),
          )
        : []),
    ];
  });
}

const ADDS_WATER =
  /\b(?:add|mix in|stir in|pour in|work in|sprinkle (?:in|over)|bind with)\b[^.;,]*?\b(?:(?:iced?|cold|chilled)[- ]?)*water\b(?! (?:and|or) (?:the )?(?:egg|yolk|milk|vinegar))/i;
const BY_AND_BY =
  /\b(?:enough|spoon|tbsp|tablespoon|little|gradual|drop|splash|at a time|as needed|until|till)/i;
const AS_IT_TAKES = 'what these flours take differs from bag to bag, and a wet dough can’t be rolled';

/** Water goes into a pastry by the spoonful: without gluten a spoon too much sticks, and one too little crumbles. Common practice. */
export function pastryWaterEdits(
  actions: readonly Action[],
  process: Process,
  flours: ReadonlySet<string>,
): SpanEdit[] {
  // The water of an icing is stirred in when the dough is long made.
  const mixed = lastMixing(process, flours) ?? Infinity;
  return actions.flatMap((action, at) => {
    const said = ADDS_WATER.exec(action.text);
    const goesOnWith = actions.slice(at).map(({ text }) => text);
    if (!said || process.actions.indexOf(action) > mixed || BY_AND_BY.test(goesOnWith.join(' '))) return [];
    const end = said.index + said[0].length;
    const goesOn = /^\s+\p{L}/u.test(action.text.slice(end));
    const text = ` by the spoonful, only as much as it takes${goesOn ? ',' : ''}`;
    return [editIn(action, { from: end, to: end }, text, AS_IT_TAKES)];
  });
}

const COVERS =
  /^[\s,;]*(?:(?:and|then)\s+)*cover(?: (?:it|them|the (?:dough|bowl)))?(?: loosely)?(?: with [\p{L} ]+)?[\s;.]*$/iu;
const IN_A_BOWL =
  /^[\s,;]*(?:(?:and|then)\s+)*(?:put|place|transfer|return|turn|tip) (?:it |them |the dough )?(?:back )?(?:in|into|to|onto) (?:an?|the|its|your) (?:[\p{L}-]+ ){0,3}bowl\s*$/iu;
const BECAUSE_ONCE = 'without gluten it rises once';

/** A dough that rises once needs no longer than this for it, minutes; in the cold it may take a night. */
const ENOUGH = 60;
/** Less only freshens what has risen before, minutes. */
const FRESHENS = 30;
const MORE = /\s+(?:more|longer|again)\b/i;

/** The one rise that is kept is as long as the longest that was to be: a second one after shaping was only to freshen it. */
function onlyRise(actions: readonly Action[], rises: readonly Action[]): SpanEdit[] {
  const last = rises.at(-1)!;
  const longest = Math.min(ENOUGH, Math.max(...rises.map(({ minutes }) => minutes?.high ?? 0)));
  if (last.minutes === null || last.minutes.high >= Math.min(FRESHENS, longest) || last.class === 'chill')
    return [];
  return actions
    .filter(({ id }) => id === last.id)
    .flatMap((one) => {
      const more = MORE.exec(one.text);
      return [
        ...durationsIn(one.text)
          .slice(0, 1)
          .map((time) => timeIn(one, time, sayMinutes(longest), BECAUSE_ONCE)),
        ...(more
          ? [editIn(one, { from: more.index, to: more.index + more[0].length }, '', BECAUSE_ONCE)]
          : []),
      ];
    });
}

/** Where the rise that goes stood a dough still drinks, before it is rolled or shaped: straight from the bowl it sticks. Minutes. Common practice. */
export const A_DRINK = 20;
const drinks = (covered: boolean): string =>
  `. ${covered ? 'Leave it' : 'Cover it and leave it'} for ${A_DRINK} minutes: the flours drink. `;

/** The pause in the place of the first rise, where what comes before the kept one shapes the dough. */
function pauseAfter(
  sentence: readonly Action[],
  all: readonly Action[],
  rises: readonly Action[],
): SpanEdit[] {
  const [first] = rises;
  const between = all.slice(all.indexOf(first!), all.indexOf(rises.at(-1)!));
  const here = sentence.some(({ id }) => id === first!.id) && first!.class !== 'chill';
  const shaped = between.findIndex(({ class: kind }) => kind === 'shape');
  // What waits in the cold before it is shaped drinks there.
  const chills = between
    .slice(0, shaped)
    .some(({ class: kind, minutes }) => kind === 'chill' && (minutes?.high ?? 0) >= A_DRINK);
  if (!here || shaped < 0 || chills) return [];
  const end = sentence.at(-1)!.to;
  const before = all[all.indexOf(sentence[0]!) - 1];
  const covered = before?.step === sentence[0]!.step && COVERS.test(before.text);
  return [{ from: end, to: end, text: drinks(covered), because: BECAUSE_ONCE }];
}

/** "The next day", "take the dough out of the fridge". */
const NEXT_DAY =
  /^\W*(?:and |then )?(?:(?:on )?the (?:next|following) (?:day|morning)|next (?:day|morning)|in the morning)\W*$|^\W*(?:and |then )?(?:take|remove|bring) (?:the dough|it|them) (?:out|from)(?: of)?(?: the fridge| the refrigerator)?\W*$/i;
/** Of several rises the last is kept: without gluten a dough that is knocked back doesn't rise again as well. What covers it for a rise goes with that. */
export function proofEdits(actions: readonly Action[], all: readonly Action[]): SpanEdit[] {
  const rises = risesOf(all);
  if (rises.length < 2) return [];
  // Where a night in the cold goes, what is done on the day after it is done at once.
  const kept = keptRises(rises);
  const night = rises.findLast((one) => one.class === 'chill' && !kept.includes(one));
  const nextDay = (one: Action) =>
    night !== undefined && all.indexOf(one) > all.indexOf(night) && NEXT_DAY.test(one.text);
  const drops = (one: Action) =>
    (rises.includes(one) && !kept.includes(one) && one.class !== 'shape') ||
    shows('knocks back', one.text) ||
    nextDay(one);
  const risen = actions.flatMap((one) =>
    [...one.text.matchAll(/\brisen (?=dough\b)/gi)].map(({ 0: said, index }) =>
      editIn(one, { from: index, to: index + said.length }, '', BECAUSE_ONCE),
    ),
  );
  const gone = bySentence(actions).flatMap((sentence) => {
    // What is only done for a rise goes with it: it is put in a bowl, and covered.
    const goes = sentence.reduceRight<Set<Action>>((gone, one, at) => {
      const next = sentence[at + 1];
      const forIt = COVERS.test(one.text) || IN_A_BOWL.test(one.text);
      return drops(one) || (forIt && next !== undefined && gone.has(next)) ? gone.add(one) : gone;
    }, new Set());
    if (goes.size === 0) return [];
    return [...without(sentence, goes, BECAUSE_ONCE), ...pauseAfter(sentence, all, rises)];
  });
  return [...gone, ...risen, ...onlyRise(actions, rises)];
}
