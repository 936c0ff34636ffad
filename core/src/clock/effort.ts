import type { DayProblem } from './problem';

/** Items of a day whose conflicts are counted as they are. */
const USUAL_ITEMS = 80;

/** A conflict of a large day takes longer, with the square of its items: fewer of them are the same work. */
export const effort = ({ items }: DayProblem, work: number): number =>
  Math.ceil(work / Math.max(1, (items.length / USUAL_ITEMS) ** 2));
