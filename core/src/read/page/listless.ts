import type { Catalogue } from '../../catalogue';
import { cleanLine } from '../clean';
import { namedIn } from '../named';
import { UNIT } from './alone';
import type { KindOfLine } from './kinds';

const NUMBER = '(?:\\d|\\b(?:an?|half an?|one|two|three|four|five|six) )';
const MEASURED = new RegExp(
  `${NUMBER}\\s*(?:heaped |level |good |big |large |medium |small )?(?:${UNIT}(?![\\p{L}])|eggs?\\b|yolks?\\b)`,
  'iu',
);

/** A page without a list has its foods in its sentences: a step that measures some is read for them too. */
export function withFoodsInSentences(
  lines: readonly string[],
  kinds: readonly KindOfLine[],
  catalogue: Catalogue,
): readonly KindOfLine[] {
  if (kinds.some(({ kind }) => kind === 'ingredient')) return kinds;
  return kinds.map((one, at): KindOfLine => {
    const line = cleanLine(lines[at]!);
    return one.kind === 'step' && MEASURED.test(line) && namedIn(line, catalogue).length > 0
      ? { ...one, kind: 'prose', or: 'step' }
      : one;
  });
}
