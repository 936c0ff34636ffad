import { wholeMethod, type Recipe } from '../read';
import { ENGLISH_WORDS, OTHER_WORDS } from './data/languages';

/** A step of fewer small words may be of any language. */
const LEAST = 3;

/** Whether a recipe's steps are in another language than ours: they stand as they were written. */
export function tellsInItsOwnLanguage({ method }: Pick<Recipe, 'method'>): boolean {
  const said = wholeMethod(method);
  const [english, other] = [ENGLISH_WORDS, OTHER_WORDS].map((words) => said.match(words)?.length ?? 0) as [
    number,
    number,
  ];
  return other >= LEAST && other > english;
}
