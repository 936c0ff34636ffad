import { wheatLines, type ConvertedPart } from '../balance';
import { NUT_BUTTERS } from '../blend';
import { getIngredient, type Catalogue } from '../catalogue';
import { profileOf, type Profile } from '../family';
import type { FormulaLine } from '../formula';
import type { FamilyId } from '../vocabulary';

/** What a technique may look at: the converted lines, and what they were. */
export interface Bowl {
  readonly family: FamilyId;
  readonly profile: Profile;
  /** Lines of the recipe that were wheat flour. */
  readonly flourLines: ReadonlySet<string>;
  /** What overmixing still harms: the foam, the rubbed-in fat, an oily nut butter; null: nothing. */
  readonly delicate: 'foam' | 'rubbed fat' | 'nut butter' | null;
  readonly soaked: boolean;
  /** Which starch is cooked in which liquid, in words; null: none. */
  readonly cooked: string | null;
  /** Something is folded into some of the tins only. */
  readonly tinsDiffer: boolean;
  readonly has: (ingredient: string) => boolean;
  readonly hasRole: (role: string) => boolean;
  readonly ingredientOf: (line: string) => string | undefined;
  readonly isEgg: (line: string) => boolean;
  readonly isMilk: (line: string) => boolean;
}

const SOAKED = ['psyllium-husk', 'psyllium-powder', 'flax-meal', 'chia-seed'];
const RUBBED = new Set<FamilyId>(['pastry', 'scone', 'crumble', 'cut-out']);

/** The bowl of a conversion. */
export function bowlOf(
  parts: readonly ConvertedPart[],
  family: FamilyId,
  tinsDiffer: boolean,
  catalogue: Catalogue,
): Bowl {
  const before = parts.flatMap(({ original }) => original);
  const now = parts.flatMap(({ lines }) => lines);
  const has = (ingredient: string) => now.some((line) => line.ingredient === ingredient && line.grams > 0);
  const own = new Map<string, FormulaLine>(
    [...now, ...before].map((line) => [line.line.split(':')[0]!, line]),
  );
  const roleOf = (line: string) => own.get(line)?.role;
  return {
    family,
    profile: profileOf(family),
    flourLines: new Set(wheatLines(before, catalogue).map(({ line }) => line.split(':')[0]!)),
    delicate:
      family === 'foam'
        ? 'foam'
        : RUBBED.has(family)
          ? 'rubbed fat'
          : NUT_BUTTERS.some(has)
            ? 'nut butter'
            : null,
    soaked: SOAKED.some(has),
    cooked: parts.find(({ cooked }) => cooked !== null)?.cooked ?? null,
    tinsDiffer,
    has,
    hasRole: (role) => now.some((line) => line.role === role),
    ingredientOf: (line) => own.get(line)?.ingredient,
    isEgg: (line) => roleOf(line) === 'egg',
    isMilk: (line) => {
      const id = own.get(line)?.ingredient;
      return (
        roleOf(line) === 'liquid' &&
        id !== undefined &&
        getIngredient(catalogue, id).composition.protein > 0.5
      );
    },
  };
}
