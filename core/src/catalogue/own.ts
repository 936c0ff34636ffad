import type { Avoidance, GlutenClass, GrainClass, Role } from '../vocabulary';
import { NO_BEHAVIOUR } from './behaviour';
import type { Composition, Ingredient } from './types';

/** The nutrition panel of a label, g per 100 g. */
export interface NutritionPanel {
  readonly fat: number;
  readonly carbohydrate: number;
  readonly sugars: number;
  readonly fibre: number;
  readonly protein: number;
  readonly salt: number;
  /** A US panel counts fibre among its carbohydrate; an EU one beside it (21 CFR 101.9; EU 1169/2011, Annex I). */
  readonly fibreInCarbohydrate: boolean;
}

/** An ingredient of the household's own, or its own word on one of the product's. */
export interface OwnIngredient {
  /** A new id, or that of the catalogue's entry that it corrects. */
  readonly id: string;
  readonly name: string;
  readonly also: readonly string[];
  readonly role: Role;
  readonly panel: NutritionPanel;
  /** Grams in a US cup; null where it isn't measured by volume. */
  readonly cupGrams: number | null;
  /** Grams of one piece; null where nobody counts them. */
  readonly eachGrams: number | null;
  readonly gluten: GlutenClass;
  readonly grain: GrainClass;
  readonly allergens: readonly Avoidance[];
  readonly possible: readonly Avoidance[];
  readonly note: string;
  /** Its label says that it is certified gluten-free. */
  readonly certified: boolean;
  /** When its label was read, and what it neither lists nor warns of; null: not for that. */
  readonly label: { readonly on: string; readonly without: readonly Avoidance[] } | null;
}

/** A panel whose constituents weigh more than this together is misread. Rounding on labels allows for a little. */
const MOST_GRAMS = 102;

/** Why a panel can't be right, in words; null when it can. */
export function panelTrouble(panel: NutritionPanel): string | null {
  const { fat, protein, salt, sugars, carbohydrate } = panel;
  const starch = starchOf(panel);
  if (sugars > carbohydrate) return `Of ${carbohydrate} g carbohydrate, ${sugars} g can’t be sugars.`;
  if (starch < -0.5) return 'Sugars and fibre together are more than the carbohydrate.';
  const sum = fat + protein + salt + sugars + Math.max(0, starch) + panel.fibre;
  return sum > MOST_GRAMS ? `The panel adds up to ${Math.round(sum)} g in 100 g.` : null;
}

const starchOf = ({ carbohydrate, sugars, fibre, fibreInCarbohydrate }: NutritionPanel): number =>
  carbohydrate - sugars - (fibreInCarbohydrate ? fibre : 0);

/**
 * Composition out of a nutrition panel: starch is what of the carbohydrate is neither sugar nor (on a US panel) fibre,
 * water what is left of 100 g. Salt stands for all minerals. Sums to 100.
 */
export function compositionOfPanel(panel: NutritionPanel): Composition {
  const { fat, protein, salt, sugars, fibre } = panel;
  const starch = Math.max(0, starchOf(panel));
  const solids = fat + protein + salt + sugars + fibre + starch;
  const scale = solids > 100 ? 100 / solids : 1;
  return {
    water: Math.max(0, 100 - solids),
    protein: protein * scale,
    fat: fat * scale,
    starch: starch * scale,
    sugars: sugars * scale,
    fibre: fibre * scale,
    ash: salt * scale,
    ethanol: 0,
  };
}

/** The panel that an entry of the catalogue would have: where copying it begins. */
export const panelOf = ({ composition: c }: Ingredient): NutritionPanel => ({
  fat: c.fat,
  carbohydrate: c.starch + c.sugars,
  sugars: c.sugars,
  fibre: c.fibre,
  protein: c.protein,
  salt: c.ash,
  fibreInCarbohydrate: false,
});

const around = (grams: number) => [grams, grams * 0.97, grams * 1.03] as const;

/**
 * An own ingredient as the catalogue has them. Laid over an entry of the product it keeps what a label doesn't say: the
 * acid, what it does in the bowl, and its names.
 */
export function ingredientOfOwn(own: OwnIngredient, corrected?: Ingredient): Ingredient {
  const { thirst, freeWater, binds, leads, does, flour } = corrected ?? NO_BEHAVIOUR;
  return {
    ...{ thirst, freeWater, binds, leads, does, flour },
    id: own.id,
    name: own.name,
    also: [...own.also, ...(corrected ? [corrected.name, ...corrected.also] : [])],
    kinds: corrected?.kinds ?? [],
    role: own.role,
    composition: compositionOfPanel(own.panel),
    acid: corrected?.acid ?? 0,
    cup: own.cupGrams === null ? {} : { level: around(own.cupGrams) },
    each: own.eachGrams === null ? undefined : around(own.eachGrams),
    gluten: own.gluten,
    grain: own.grain,
    allergens: own.allergens,
    possible: own.possible,
    note: own.note,
    madeOf: [],
    source: 'the household’s own, from a label',
    confidence: 'from-memory',
  };
}
