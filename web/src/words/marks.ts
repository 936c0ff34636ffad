import type { Marks } from '@omniarton/core/kitchen';
import { SCALE_ROWS } from '@omniarton/core/log';
import { MARK_SCALES } from '@omniarton/core/vocabulary';

/** "rise 6", in the order of the scales. */
export const marksWords = (marks: Marks): string[] =>
  MARK_SCALES.flatMap((scale) => {
    const mark = marks[scale];
    return mark === undefined ? [] : [`${SCALE_ROWS[scale].name.toLowerCase()} ${mark}`];
  });
