import { bySentence, shows, type Action } from '../../process';
import type { Renamed } from './renamed';
import { EGG } from './data/madeFirst';
import type { SpanEdit } from './spans';
import { without } from './without';

const BECAUSE = 'what stands in for the eggs can’t be whipped: all of it goes in with the yolks';
/** "Whisk the whites stiff", "fold in the whites"; what names the yolks too is done with all of it. */
const isOfWhites = ({ text }: Action): boolean => shows('names whites', text) && !shows('names yolks', text);

/** Where separated eggs are one thing that can't be whipped now, what is done with the whites alone goes. */
export function whitesEdits(
  actions: readonly Action[],
  all: readonly Action[],
  renamed: readonly Renamed[],
): SpanEdit[] {
  const eggs = renamed.find(({ was, halves }) => was === EGG.whole && halves === null);
  const apart = all.some(({ text }) => shows('names yolks', text));
  if (!eggs || !apart || !all.some(isOfWhites)) return [];
  return bySentence(actions).flatMap((sentence) => {
    const goes = new Set(sentence.filter(isOfWhites));
    return goes.size === 0 ? [] : without(sentence, goes, BECAUSE);
  });
}
