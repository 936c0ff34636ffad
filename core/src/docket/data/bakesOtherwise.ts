import type { FamilyId } from '../../vocabulary';

/** A way to bake the same dough otherwise, what it does better being its name, and what it does worse. */
export interface BakeOtherwise {
  readonly id: 'low-and-slow' | 'long-chill';
  readonly families: readonly FamilyId[];
  readonly name: string;
  readonly worse: string;
  /** K that the oven is cooler, and minutes that the dough is chilled. */
  readonly cooler: number;
  readonly chill: number | null;
}

export const BAKES_OTHERWISE: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: readonly BakeOtherwise[] } = {
  source: 'common practice: crisp goods dry through at 15 to 20 °C less; cookie doughs are chilled for 12 to 48 hours', confidence: 'common-practice',
  rows: [
    { id: 'low-and-slow', families: ['cut-out', 'crisp-wafer', 'drop-cookie'], name: 'low and slow: crisp right through', worse: 'longer in the oven, paler, and no soft middle', cooler: 17, chill: null },
    { id: 'long-chill', families: ['drop-cookie', 'cut-out'], name: 'chilled for a day: thicker, browner, more chew', worse: 'a day’s wait, and dough that is hard to portion cold', cooler: 0, chill: 24 * 60 },
  ],
};
