import type { Catalogue } from '../../catalogue';
import { cleanLine } from '../clean';
import { namedIn } from '../named';
import { UNIT } from './alone';
import type { PageKind } from '../../vocabulary';
import type { KindOfLine } from './kinds';

const NUMBER = '(?:\\d|\\b(?:an?|half an?|one|two|three|four|five|six) )';
const MEASURED = new RegExp(
  `${NUMBER}\\s*(?:heaped |level |good |big |large |medium |small )?(?:${UNIT}(?![\\p{L}])|eggs?\\b|yolks?\\b)`,
  'iu',
);

const ALL_MEASURED = new RegExp(MEASURED, 'giu');
/** So many things that are measured in a step and stand on no list are a list of their own. */
const LEFT_OUT = 2;

/** Foods that a step measures and no line of the list names: "soak 300 g dried fruit and 150 g sugar in 250 ml tea" above a list. */
function leftOut(line: string, list: readonly string[], catalogue: Catalogue): boolean {
  if ((line.match(ALL_MEASURED) ?? []).length < LEFT_OUT) return false;
  const foodsIn = (text: string) => namedIn(cleanLine(text), catalogue).map(({ ingredient }) => ingredient);
  const listed = new Set(list.flatMap(foodsIn));
  return foodsIn(line).filter((food) => !listed.has(food)).length >= LEFT_OUT;
}

/** "Swirl: 1/2 c. brown sugar, 4 Tbsp butter - melt together": a part's own list, and what is done with it. */
const LED_BY_ITS_PART = new RegExp(
  `^\\W*(?:(?:for )?the )?(\\p{L}[\\p{L} ]{2,24}?)\\s*:\\s+(?=${NUMBER})`,
  'iu',
);

function isListedPart(line: string, list: readonly string[]): boolean {
  const [head = '', name = ''] = LED_BY_ITS_PART.exec(line) ?? [];
  if (name === '' || (line.slice(head.length).match(ALL_MEASURED) ?? []).length < LEFT_OUT) return false;
  // What a list measures for it is told again.
  return !list.some((one) => one.toLowerCase().includes(name.toLowerCase()) || /\bdivided\b/i.test(one));
}

const UNTOLD: ReadonlySet<PageKind> = new Set<PageKind>(['note', 'junk']);

/** A step that measures foods is read for them too: on a page without a list each is, else what stands above the list and isn't on it. */
export function withFoodsInSentences(
  lines: readonly string[],
  kinds: readonly KindOfLine[],
  catalogue: Catalogue,
): readonly KindOfLine[] {
  const list = lines.filter((_, at) => ['ingredient', 'heading'].includes(kinds[at]!.kind));
  const begins = kinds.findIndex(({ kind }) => kind === 'ingredient');
  return kinds.map((one, at): KindOfLine => {
    if (begins >= 0 && one.kind !== 'step') return one;
    const line = cleanLine(lines[at]!);
    if (begins >= 0 && at > begins)
      return isListedPart(line, list) ? { ...one, kind: 'prose', or: 'step' } : one;
    // Somebody who tells it aloud: nothing else on the page is measured.
    if (UNTOLD.has(one.kind) && (line.match(ALL_MEASURED) ?? []).length > LEFT_OUT)
      return { ...one, kind: 'prose', or: one.kind };
    if (one.kind !== 'step') return one;
    const brings =
      begins < 0
        ? MEASURED.test(line) && namedIn(line, catalogue).length > 0
        : leftOut(line, list, catalogue);
    return brings ? { ...one, kind: 'prose', or: 'step' } : one;
  });
}
