import type {
  Clash,
  DifferenceResult,
  JustRightResult,
  PairedResult,
  RankedResult,
  Reach,
  Refusal,
  TasteTest,
  TastingDocument,
  TastingResult,
} from '@omniarton/core/taste';
import { avoidanceWords } from './guard';
import { sayPercent } from './say';

export const TEST_WORDS: Readonly<Record<TasteTest, { readonly name: string; readonly asks: string }>> = {
  triangle: { name: 'Odd one out', asks: 'Can they be told apart? Of three cups two are the same.' },
  'duo-trio': {
    name: 'Like the first',
    asks: 'Can they be told apart? Which of two is the one tasted before?',
  },
  paired: { name: 'Which has more', asks: 'Which of two has more of one thing, or is preferred?' },
  'just-right': { name: 'Just about right', asks: 'Is there too little or too much of one thing?' },
  liking: { name: 'Liking', asks: 'How much is each liked, from 1 to 9?' },
  ranking: { name: 'Ranking', asks: 'In which order are they liked, or have more of one thing?' },
};

export const REFUSAL_WORDS: Readonly<Record<Refusal, string>> = {
  closed: 'The tasting is closed: this ballot is too late.',
  'not set up': 'The tasting has not begun.',
  twice: 'This taster has handed in a ballot already.',
  nobody: 'This taster is no longer part of the tasting.',
  'other codes': 'These codes are not those of this taster.',
  'out of range': 'A mark is outside its scale.',
};

const percent = (share: number): string => `${sayPercent(share)} %`;
/** "p = 0.037", never 0. */
export const pWords = (p: number): string => (p < 0.001 ? 'p < 0.001' : `p = ${p.toFixed(3)}`);
const people = (n: number): string => (n === 1 ? 'one person' : `${n} people`);

/** Why somebody may not taste something. */
export function clashWords({ taster, sample, what, certain }: Clash): string {
  const who = taster.name === '' ? 'Somebody without a name' : taster.name;
  const of = what === 'gluten' || what === 'grain' ? what : avoidanceWords(what);
  return certain
    ? `${who} avoids ${of}, and “${sample.name}” holds it.`
    : `${who} avoids ${of}: ask whether “${sample.name}” holds it, by its labels.`;
}

/** What is in all samples together: told to everybody. */
export function holdsWords({ samples }: Pick<TastingDocument, 'samples'>): string {
  const holds = (of: 'allergens' | 'possible') => [...new Set(samples.flatMap((one) => one.holds[of]))];
  const certain = holds('allergens');
  const maybe = holds('possible').filter((one) => !certain.includes(one));
  const gluten = samples.some((one) => one.holds.gluten !== 'free');
  const list = [...(gluten ? ['gluten, or a label to read'] : []), ...certain.map(avoidanceWords)];
  return [
    list.length > 0
      ? `In what is tasted: ${list.join(', ')}.`
      : 'None of the usual allergens is known to be in it.',
    maybe.length > 0 ? `By maker perhaps: ${maybe.map(avoidanceWords).join(', ')}.` : '',
    'Ask before you taste if you avoid anything.',
  ]
    .filter((one) => one !== '')
    .join(' ');
}

/** What a panel can show, before anybody has tasted. */
export function reachWords({ leastP, power, needed }: Reach, answers: number): string {
  if (answers === 0) return 'Nobody tastes yet.';
  if (leastP === null) return '';
  if (leastP > 0.05)
    return `${answers === 1 ? 'One answer' : `${answers} answers`} can’t show this, whatever is said (at best ${pWords(leastP)}): they can agree.`;
  if (power === null) return `If all agree, that shows it (${pWords(leastP)}).`;
  return `${needed} of ${answers} must ${needed === answers ? 'all ' : ''}be right; where half of people can tell, this panel finds it in ${percent(power)} of tastings.`;
}

function differenceSaid({ right, answers, p, needed, power, enough, repeated }: DifferenceResult): string[] {
  const shown = p <= 0.05;
  return [
    shown
      ? `${right} of ${answers} were right: this panel can tell them apart (${pWords(p)}).`
      : `${right} of ${answers} were right: that guessing alone could bring (${pWords(p)}).`,
    shown
      ? ''
      : needed === null
        ? `So few answers can’t show a difference, whatever they are; ${enough ?? 'many more'} would, where half of people can tell.`
        : `It doesn’t show that they are the same: where half of people can tell, such a panel finds it in ${percent(power)} of tastings; ${enough ?? 'many more'} answers would find it in eight of ten.`,
    repeated
      ? 'The same people answered more than once: this says what this panel can tell, not what people can.'
      : '',
  ];
}

function pairedSaid(
  { first, second, undecided, p, secondMore: more, wrongIfLooked, power, enough }: PairedResult,
  names: readonly string[],
): string[] {
  const n = first + second;
  if (n === 0) return ['Nobody could tell.'];
  const [ahead, behind] = second >= first ? [1, 0] : [0, 1];
  const [most, least] = [Math.max(first, second), Math.min(first, second)];
  const belief = ahead === 1 ? more : 1 - more;
  const odds =
    belief >= 0.995 ? 'more than 200 to 1' : `${(belief / (1 - belief)).toFixed(belief < 0.8 ? 1 : 0)} to 1`;
  return [
    most === least
      ? `${most} for each.`
      : `${most} of ${n} chose “${names[ahead]}” before “${names[behind]}” (${pWords(p)}${p <= 0.05 ? '' : ': that chance alone could bring'}).`,
    undecided > 0
      ? `${people(undecided)} couldn’t tell, and ${undecided === 1 ? 'counts' : 'count'} for neither.`
      : '',
    most === least
      ? ''
      : `As things stand it is ${odds} that “${names[ahead]}” is chosen more often. Looked at after every taster such odds come too easily: who stops at 19 to 1 is wrong in ${percent(wrongIfLooked)} of such panels where there is nothing to tell. Decide beforehand how many taste.`,
    p <= 0.05
      ? ''
      : `Where three of four would choose the same, ${n} answers show it in ${percent(power)} of tastings; ${enough ?? 'many more'} would in eight of ten.`,
  ];
}

/** Whoever gave everything one mark has told nothing apart; nothing where nobody did. */
function flatSaid({ table }: RankedResult): string {
  const flat = table.filter((row) => new Set(row).size === 1).length;
  if (flat === 0) return '';
  const who = people(flat);
  return `${who.charAt(0).toUpperCase()}${who.slice(1)} gave all of them the same: that tells nothing apart, and moves no order.`;
}

/** How many it would take. */
const enoughSaid = (enough: number | null): string =>
  enough === null
    ? 'No panel of a kitchen’s size would show what was seen here.'
    : `What was seen here would be shown by some ${enough} tasters who say the like.`;

function rankedSaid(result: RankedResult, names: readonly string[]): string[] {
  const { kind, tasters, p, counted, agreement, apart, means, pairs, finds, enough } = result;
  const chance = `${pWords(p)}, ${counted ? 'exact' : 'by Iman and Davenport’s approximation'}`;
  const order = means.map((mean, at) => ({ mean, name: names[at]! })).sort((a, b) => b.mean - a.mean);
  const listed = order.map(({ mean, name }) => `“${name}” ${mean.toFixed(1)}`).join(', ');
  const first = `${kind === 'liking' ? 'Liked most' : 'Ranked highest'} first: ${listed}.`;
  const both = pairs.length === 1 && kind === 'liking' ? pairs[0]! : null;
  if (both) {
    const { interval } = both.mean;
    const said = both.mean.mean.toFixed(1);
    return [
      first,
      interval
        ? `“${names[both.b]}” is liked ${said} more than “${names[both.a]}” (${interval[0].toFixed(1)} to ${interval[1].toFixed(1)}, 95 %); by signed ranks ${pWords(both.wilcoxonP)}.`
        : `All differ by ${said}: how much people vary can’t be told from that. By signed ranks ${pWords(both.wilcoxonP)}.`,
      both.wilcoxonP > 0.05 ? `${people(tasters)} can’t show this; they can agree.` : '',
      finds === null || (interval && interval[0] * interval[1] > 0)
        ? ''
        : `Such a panel finds a difference of ${finds.toFixed(1)} or more. ${enoughSaid(enough)}`,
      flatSaid(result),
    ];
  }
  return [
    p <= 0.05
      ? `${first} The panel tells them apart (${chance}).`
      : `They can’t be told apart by this (${chance}): ${listed}.`,
    agreement === null ? '' : `Agreement among tasters: ${agreement.toFixed(2)} of 1.`,
    apart.length > 0
      ? `Apart from each other: ${apart.map(([a, b]) => `“${names[a]}” and “${names[b]}”`).join('; ')}.`
      : `No two of them are apart by themselves: for that their sums of ranks would have to differ by more than ${finds!.toFixed(1)}. ${enoughSaid(enough)}`,
    flatSaid(result),
  ];
}

function justRightSaid({ samples }: JustRightResult, names: readonly string[], about: string): string[] {
  return samples.flatMap(({ sample, penalty }) => {
    const { n, little, much, right } = penalty;
    const thing = about === '' ? 'of it' : about;
    const lost = (drop: number | null) =>
      drop === null || Math.abs(drop) < 0.05
        ? ''
        : `, who like it ${Math.abs(drop).toFixed(1)} ${drop > 0 ? 'less' : 'more'}`;
    return [
      `“${names[sample]}”: for ${right.count} of ${n} just about right; too little ${thing} for ${little.count}${lost(little.drop)}; too much for ${much.count}${lost(much.drop)}.`,
      little.frequent && little.penalty > much.penalty && little.penalty > 0
        ? `More ${thing} would be liked.`
        : '',
      much.frequent && much.penalty > little.penalty && much.penalty > 0
        ? `Less ${thing} would be liked.`
        : '',
    ];
  });
}

/** What a tasting came to, in sentences, the most important first. */
export function resultWords(result: TastingResult, { samples, about }: TastingDocument): string[] {
  const names = samples.map(({ name }) => name);
  const said = (): string[] => {
    switch (result.kind) {
      case 'none':
        return ['Nobody has handed in a ballot.'];
      case 'difference':
        return differenceSaid(result);
      case 'paired':
        return pairedSaid(result, names);
      case 'ranking':
      case 'liking':
        return rankedSaid(result, names);
      case 'just-right':
        return justRightSaid(result, names, about);
    }
  };
  return said().filter((one) => one !== '');
}
