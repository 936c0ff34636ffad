import { getIngredient, type Catalogue } from '../catalogue';
import type { ConversionRequest } from '../kitchen';
import type { Line } from '../read';
import type { Avoidance, Diet, GrainClass } from '../vocabulary';
import type { JudgedLine } from './judge';
import type { Question } from './types';

const MILLED = new Set(['gf-flour', 'starch', 'binder']);

/** True for a grain class that the diet shuts out. Pseudocereals count as grain: schools differ, and this is the careful one. */
export const grainForbidden = (diet: Diet, grain: GrainClass): boolean =>
  diet === 'grain-free' && (grain === 'grain' || grain === 'pseudocereal');

const list = (words: readonly string[]) => words.join(', ');

/**
 * What a person must still settle about one line, for these demands. Lines that hold gluten aren't questions: the
 * conversion replaces them or says that it can't.
 */
export function questionsOf(
  line: Line,
  judged: JudgedLine,
  request: ConversionRequest,
  catalogue: Catalogue,
): Question[] {
  const ask = (kind: Question['kind'], text: string): Question => ({
    line: line.id,
    kind,
    source: line.source,
    ask: text,
  });
  const questions: Question[] = [];
  if (line.items.some((item) => item.match === 'none'))
    questions.push(
      ask('unknown', 'What is this? It can’t be placed, so nothing can be said of gluten or allergens.'),
    );
  for (const item of line.items) {
    if (item.match === 'near') questions.push(ask('near', `Read as ${item.name}. Is that right?`));
  }
  if (judged.gluten === 'check-label')
    questions.push(
      ask('label', `Does the label name a cereal with gluten?${judged.reason ? ` (${judged.reason})` : ''}`),
    );
  else if (request.coeliac && judged.gluten === 'free' && milled(line, catalogue))
    questions.push(ask('certified', 'Is the bag certified? Milled goods pick up gluten in field and mill.'));
  if (request.diet === 'grain-free' && judged.grain === 'contains-grain-derivative')
    questions.push(ask('label', 'It may come from a grain: does the label name a grain-free source?'));
  const maybe = judged.maybe.filter((one: Avoidance) => request.without.includes(one));
  if (maybe.length > 0)
    questions.push(ask('possible', `Some makers bring in ${list(maybe)}: what does the label say?`));
  return questions;
}

const milled = (line: Line, catalogue: Catalogue) =>
  line.items.some(
    (item) => item.ingredient !== null && MILLED.has(getIngredient(catalogue, item.ingredient).role),
  );
