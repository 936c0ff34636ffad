import type { Reason } from './says';
import type { Catalogue } from '../catalogue';
import { matchIngredient } from '../read';
import { AVOIDANCES, GLUTEN_CLASSES, type Avoidance, type GlutenClass } from '../vocabulary';
import { LABEL_WORDS } from './data/labelWords';
import { CLAIMED_FREE } from './data/markers';
import { judgeWords } from './judgeLine';

/** One thing on a label; what stands in its brackets is one deeper. */
export interface LabelEntry {
  readonly words: string;
  readonly depth: number;
  readonly gluten: GlutenClass;
  readonly allergens: readonly Avoidance[];
  readonly reason: Reason | null;
}

export interface LabelReport {
  readonly gluten: GlutenClass;
  readonly entries: readonly LabelEntry[];
  /** What it holds, by its list and by what it says it contains. */
  readonly allergens: readonly Avoidance[];
  /** What it may hold by its own warning, gluten apart. */
  readonly mayContain: readonly Avoidance[];
  /** Its warning names gluten, wheat or another cereal with it. */
  readonly glutenWarning: boolean;
  /** It claims to be gluten-free. */
  readonly claimsFree: boolean;
  /** It ends in the middle: a bracket stays open, or a list breaks off. */
  readonly cut: boolean;
}

/** Longer statements are not read to their end, and count as cut. */
const MOST_CHARS = 6000;
const DEEPEST = 8;
const OPENS = '([{';
const CLOSES = ')]}';
const ADVISORY =
  /\b(?:may (?:also )?contain|may be present|traces? of|(?:made|produced|packed|processed|manufactured)(?: \w+){0,4} (?:facility|factory|equipment|line|site|bakery)|not suitable for|shared (?:equipment|facility)|cannot (?:be )?guarantee)/i;
const CONTAINS = /^\s*(?:allerg\w+(?: advice| information)?\s*:?\s*)?contains\s*:?/i;
const LEAD = /^\s*(?:ingredients?(?: list| statement)?|made (?:from|with)|allergy advice)\s*:?\s*/i;
const CLAIM_ENDS = /(?:\ballerg\w+ (?:advice|information)\s*:?\s*)?\bfor allergens,? (?:including|see)[^.]*/i;
/** Words before a thing that say how it got there. */
const HOW =
  /^(?:processed with|fortified with|with added|with|from|including|contains? (?:less than )?\d+ ?% (?:or less )?of|and)\s+/i;
/** "emulsifier: soya lecithin" and "raising agents (E450)" are a job and then a thing. */
const JOB =
  /^(?:\w+ ){0,2}(?:agents?|emulsifiers?|stabili[sz]ers?|preservatives?|antioxidants?|colou?rs?|colou?rings?|acidity regulators?|thickeners?|sweeteners?|flavou?rings?|humectants?|raising agents?|leavening|improvers?)\s*:\s*(?=\S)/i;
const E_NUMBER = /^E ?\d{3,4}[a-z]?(?:\([iv]+\))?$/i;
const PERCENT = /\(?\s*(?:minimum |min\.? )?\d+(?:[.,]\d+)?\s*%\s*\)?/gi;

interface Piece {
  readonly words: string;
  readonly depth: number;
}

/** Splits a list at its commas, each bracket's content one deeper. Says too whether a bracket stayed open. */
function pieces(text: string): { readonly pieces: readonly Piece[]; readonly open: boolean } {
  const found: Piece[] = [];
  let words = '';
  let depth = 0;
  const flush = () => {
    const plain = words
      .replace(PERCENT, ' ')
      .replace(/[*†‡^•]|\.\s*$/g, ' ')
      .replace(/\s+/g, ' ')
      .trim();
    if (/\p{L}/u.test(plain) && plain.replace(CLAIMED_FREE, '').trim() !== '')
      found.push({ words: plain.replace(JOB, '').replace(HOW, ''), depth: Math.min(depth, DEEPEST) });
    words = '';
  };
  for (const char of text) {
    if (OPENS.includes(char)) {
      flush();
      depth += 1;
    } else if (CLOSES.includes(char)) {
      flush();
      depth = Math.max(0, depth - 1);
    } else if (/[,;\n•]/.test(char)) flush();
    else words += char;
  }
  flush();
  return { pieces: found, open: depth > 0 };
}

const namedIn = (text: string): Avoidance[] => AVOIDANCES.filter((one) => LABEL_WORDS[one].finds.test(text));

const worst = (classes: readonly GlutenClass[]): GlutenClass =>
  classes.reduce<GlutenClass>(
    (sum, one) => (GLUTEN_CLASSES.indexOf(one) > GLUTEN_CLASSES.indexOf(sum) ? one : sum),
    'free',
  );

function judged({ words, depth }: Piece, heads: boolean, catalogue: Catalogue): LabelEntry {
  if (E_NUMBER.test(words)) return { words, depth, gluten: 'free', allergens: namedIn(words), reason: null };
  const match = matchIngredient(words, catalogue);
  const { gluten, avoid, reason } = judgeWords(words, match, catalogue);
  // What the catalogue holds to the letter it knows better than any single word of it.
  const named = match?.match === 'exact' ? [] : namedIn(words);
  // What stands in brackets after it says what an unplaced name is made of; and "(soya)" is a source and no thing of its own.
  const told = heads || (named.length > 0 && words.split(' ').length <= 2);
  const known = (told && gluten === 'unknown') || (heads && gluten === 'check-label') ? 'free' : gluten;
  return {
    words,
    depth,
    gluten: known,
    allergens: [...new Set([...avoid, ...named])],
    reason: known === 'free' ? null : reason,
  };
}

/**
 * Reads the ingredient statement of a packet: nested brackets, what it says it contains, and its warnings. A name that
 * can't be placed is unknown, a statement that breaks off is said to be cut, and neither is ever free.
 * Example: "sugar, enriched flour (wheat flour, niacin), may contain nuts" → contains gluten, wheat; may contain tree nuts.
 */
export function judgeLabel(statement: string, catalogue: Catalogue): LabelReport {
  const text = statement.toWellFormed().slice(0, MOST_CHARS).replace(LEAD, '').replace(CLAIM_ENDS, ' ');
  const start = ADVISORY.exec(text)?.index ?? text.length;
  const before = text.slice(0, start);
  const warning = text.slice(start);
  const sentences = before.split(/(?<=[^\d])\.\s+(?=\p{Lu})|\n+(?=contains)/iu);
  const declared = sentences.filter((one) => CONTAINS.test(one)).join(' ');
  const claimsFree = CLAIMED_FREE.test(text);
  const list = sentences.filter((one) => !CONTAINS.test(one)).join(', ');
  const split = pieces(list.replace(/\bgluten[- ]free\b(?=\s*(?:[.,;]|$))/gi, ' '));
  const entries = split.pieces.map((piece, at) =>
    judged(piece, (split.pieces[at + 1]?.depth ?? 0) > piece.depth, catalogue),
  );
  const cereal = /\b(?:wheat|barley|rye|oats?|spelt|malt|gluten)\b/i;
  const declaresGluten = /\b(?:wheat|barley|rye|spelt|malt|gluten)\b/i.test(
    declared.replace(CLAIMED_FREE, ' '),
  );
  const cut =
    statement.length > MOST_CHARS ||
    split.open ||
    /[,;:([]\s*$|\b(?:and|or|with|of)\s*$|\b\p{L}+-\s*$/iu.test(text.trim());
  const classes: GlutenClass[] = [
    ...entries.map(({ gluten }) => gluten),
    ...(declaresGluten ? (['contains'] as const) : []),
    ...(cut || entries.length === 0 ? (['unknown'] as const) : []),
    ...(cereal.test(warning) ? (['check-label'] as const) : []),
  ];
  const holds = new Set([...entries.flatMap(({ allergens }) => allergens), ...namedIn(declared)]);
  return {
    gluten: worst(classes),
    entries,
    allergens: AVOIDANCES.filter((one) => holds.has(one)),
    mayContain: AVOIDANCES.filter((one) => !holds.has(one) && LABEL_WORDS[one].finds.test(warning)),
    glutenWarning: cereal.test(warning),
    claimsFree,
    cut,
  };
}
