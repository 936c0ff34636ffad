import { guestsAt, type ConversionRequest, type Kitchen, type Needs } from '../kitchen';
import type { JudgedLine } from './judgeLine';
import type { PersonGuard, Standing } from './types';

function standingOf(person: Needs, line: JudgedLine): { standing: Standing; why: string[] } {
  const out: string[] = [];
  const ask: string[] = [];
  const unknown = line.gluten === 'unknown';
  if (person.gluten) {
    if (line.gluten === 'contains') out.push('gluten');
    else if (unknown || (line.gluten === 'check-label' && person.gluten !== 'preference')) ask.push('gluten');
  }
  if (person.grainFree) {
    const { pseudocereals, derived } = person.grainFree;
    if (line.grain === 'grain') out.push('grain');
    else if (line.grain === 'pseudocereal' && !pseudocereals) out.push('pseudocereal');
    else if (line.grain === 'contains-grain-derivative' && !derived) ask.push('what grain it may come from');
  }
  for (const { what, how } of person.avoids) {
    if (line.avoid.includes(what)) out.push(what);
    else if (how === 'label' && (unknown || line.maybe.includes(what))) ask.push(what);
  }
  return out.length > 0
    ? { standing: 'out', why: out }
    : ask.length > 0
      ? { standing: 'ask', why: ask }
      : { standing: 'nothing known', why: [] };
}

/** How each line stands for each person at the table. */
export const guardPeople = (
  lines: readonly JudgedLine[],
  request: ConversionRequest,
  kitchen: Kitchen,
): PersonGuard[] =>
  guestsAt(request, kitchen).map((person) => ({
    person: person.kept === 'gone' ? null : person.id,
    name: person.name,
    kept: person.kept,
    lines: lines.map((line) => ({ line: line.line, ...standingOf(person, line) })),
  }));
