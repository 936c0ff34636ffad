import type { PageKind } from '../../vocabulary';
import { cleanLine } from '../clean';
import type { KindOfLine } from './kinds';

/** "2x 20cm 175° 25-30": tins, heat and time, and nothing else. */
const HEAT = /\b\d{3} ?(?:°|º|[CF]\b|degrees\b|(?:non[- ]?)?fan\b)/i;
/** "220 / 15." */
const HEAT_AND_TIME = /^\d{3} ?[/,] ?\d{1,2}(?: ?[-–] ?\d{1,2})?\.?$/;
const TIN_HEAT_TIME =
  /^(?:[\d\s.,:;/x×@–-]|°|º|[CF]\b|cm\b|in(?:ch)?\b|"|tins?\b|pans?\b|degrees\b|(?:non[- ]?)?fan\b|gas\b|mark\b|oven\b|mins?\b|minutes\b|about\b|ca\b)+$/i;
const TIME_LAST = /\d ?(?:[-–] ?\d+)? ?(?:mins?|minutes)?\.?$/i;
/** "Butter a dish, the oval one (about 2 pints)": a deed, though it begins as butter does. */
const DRESSES =
  /^(?:butter|grease|oil|line|flour) (?:and (?:flour|line|sugar) )?(?:an?|the|your|two|\d) (?:[\p{L}-]+ ){0,3}(?:dish|tins?|pans?|trays?|moulds?|ramekins?|basin)\b/iu;
const AMOUNT_FIRST = /^\d/;
const DRESSABLE: ReadonlySet<PageKind> = new Set(['ingredient', 'note']);

/** What a list was taken to go on with, or a head to give, and what only a method says: how a dish is made ready, and how a bake goes in among its steps. */
export const withBakeLines = (
  lines: readonly string[],
  kinds: readonly KindOfLine[],
): readonly KindOfLine[] =>
  kinds.map((one, at): KindOfLine => {
    if (one.kind === 'step' || one.kind === 'title') return one;
    const line = cleanLine(lines[at]!).trim();
    const told = kinds.slice(0, at).some(({ kind }) => kind === 'step');
    const baked =
      told &&
      (HEAT_AND_TIME.test(line) || (HEAT.test(line) && TIN_HEAT_TIME.test(line) && TIME_LAST.test(line)));
    const dressed = DRESSABLE.has(one.kind) && !AMOUNT_FIRST.test(line) && DRESSES.test(line);
    return baked || dressed ? { ...one, kind: 'step', or: one.kind } : one;
  });
