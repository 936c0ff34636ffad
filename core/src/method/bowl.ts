import { isOfBlend, sourceOf } from '../read';
import { wheatLines, type ConvertedPart } from '../balance';
import type { Catalogue } from '../catalogue';
import { familyOf, type FamilyRecord } from '../family';
import { anyThat, linesLeading, linesThat } from '../formula';
import type { FamilyId, Habit } from '../vocabulary';

/** What a technique may look at: the converted lines, and what they were. */
export interface Bowl {
  readonly family: FamilyId;
  readonly profile: FamilyRecord;
  /** Lines of the recipe that were wheat flour. */
  readonly flourLines: ReadonlySet<string>;
  /** Lines of the recipe that are something now which is whipped with sugar. */
  readonly whippedLines: ReadonlySet<string>;
  /** What overmixing still harms: the foam, the rubbed-in fat, an oily nut butter; null: nothing. */
  readonly delicate: 'foam' | 'rubbed fat' | 'nut butter' | null;
  readonly soaked: boolean;
  /** The liquid that a coarse meal of the blend is scalded in; null: there is no such meal, or nothing to scald it in. */
  readonly scalds: string | null;
  /** Which starch is cooked in which liquid; null: none. */
  readonly cooked: ConvertedPart['cooked'];
  /** Something is folded into some of the tins only. */
  readonly tinsDiffer: boolean;
  readonly has: (habit: Habit) => boolean;
  /** The ingredient that has it; undefined where none is there. */
  readonly which: (habit: Habit) => string | undefined;
}

/** g; less of it is what another thing is stirred into. */
const ENOUGH_TO_SCALD = 60;

/** The bowl of a conversion. */
export function bowlOf(
  parts: readonly ConvertedPart[],
  family: FamilyId,
  tinsDiffer: boolean,
  catalogue: Catalogue,
): Bowl {
  const profile = familyOf(family);
  const before = parts.flatMap(({ original }) => original);
  const now = parts.flatMap(({ lines }) => lines);
  const wheat = wheatLines(before, catalogue);
  // Crumbs that are stirred into a syrup build nothing where flour does.
  const flours = wheat.filter(({ ingredient }) => !/crumbs?$/.test(ingredient));
  const built = flours.length > 0 ? flours : wheat;
  const has = (habit: Habit) => anyThat(habit, now, catalogue);
  return {
    family,
    profile,
    flourLines: new Set(built.map(({ line }) => sourceOf(line).line)),
    whippedLines: new Set(linesThat('is whipped', now, catalogue).map(({ line }) => sourceOf(line).line)),
    delicate: profile.foam
      ? 'foam'
      : profile.rubbedIn
        ? 'rubbed fat'
        : linesLeading('nut-butter-led', now, catalogue).some(({ grams }) => grams > 0)
          ? 'nut butter'
          : null,
    soaked: has('gels when soaked'),
    scalds: linesThat('wants scalding', now, catalogue).some(({ line }) => isOfBlend(line))
      ? (now.find(({ role, grams }) => role === 'liquid' && grams >= ENOUGH_TO_SCALD)?.name ?? null)
      : null,
    cooked: parts.find(({ cooked }) => cooked !== null)?.cooked ?? null,
    tinsDiffer,
    has,
    which: (habit) => linesThat(habit, now, catalogue)[0]?.ingredient,
  };
}
