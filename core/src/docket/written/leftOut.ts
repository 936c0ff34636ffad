import { doesIt, getIngredient, type Catalogue } from '../../catalogue';
import { readProcess } from '../../process';
import { isOfBlend, sourceOf, tokensOf, type Recipe } from '../../read';
import type { DocketLine, DocketPart } from '../types';
import type { Facts } from './facts';
import { isPeel, isRunny } from './seasonings';
import { usesOf } from './uses';

/** Seasonings that the list has and no step names, by how they go in. */
export interface LeftOut {
  /** Salt, spices, powders: through the flour. */
  readonly dry: ReadonlySet<string>;
  /** Extracts and spirits: into the batter. */
  readonly wet: ReadonlySet<string>;
}

export const NOTHING: LeftOut = { dry: new Set(), wet: new Set() };

const SEASONS = new Set(['salt', 'leavener', 'flavour', 'acid']);

function seasons({ id, ingredient, source, for: use }: DocketLine, catalogue: Catalogue): boolean {
  if (ingredient === null || source === null || use !== 'batter' || isOfBlend(id)) return false;
  const one = getIngredient(catalogue, ingredient);
  return SEASONS.has(one.role) && !doesIt(one, 'yeast') && !isPeel(one);
}

/** "The coffee" is the instant coffee, and the espresso powder. */
const COFFEE = /coffee|espresso/;
const saysCoffee = ({ method }: Recipe): boolean => method.some(({ source }) => /\bcoffee\b/i.test(source));

/** "Sugar + cinn." is cinnamon: so many letters of a name are short for it. */
const SHORT = 3;
const OF_ANY = /^(?:extract|essence|ground|powder|dried|fresh|baking|soda)$/;
const saysShort = ({ method }: Recipe, name: string): boolean =>
  method.some(({ source }) =>
    tokensOf(source).some(
      (word) =>
        word.length >= SHORT && tokensOf(name).some((own) => !OF_ANY.test(own) && own.startsWith(word)),
    ),
  );

/**
 * What a page lists and its method forgets, as a baker would put it in all the same: a pinch of salt goes through the flour, vanilla
 * into the batter. Of what is built with flour, and of a method that has steps.
 */
export function leftOutOf({ recipe, kitchen, parts, catalogue, bowl }: Facts): LeftOut {
  const { actions } = readProcess(recipe, kitchen);
  const used = new Set(
    recipe.method.flatMap(({ id, source }) => {
      const own = actions.filter(({ step }) => step === id);
      const taken = new Set(own.flatMap(({ takes }) => takes.map(({ line }) => line)));
      return usesOf(source, taken, recipe, parts, catalogue);
    }),
  );
  const floured = ({ lines, blend }: DocketPart) =>
    blend.length > 0 || lines.some(({ id }) => bowl.flourLines.has(sourceOf(id).line));
  const forgotten = parts
    .filter(floured)
    .flatMap(({ lines }) => lines)
    .filter((line) => !used.has(line.id) && seasons(line, catalogue))
    .filter(({ ingredient }) => !(COFFEE.test(ingredient!) && saysCoffee(recipe)))
    .filter(({ name }) => !saysShort(recipe, name));
  const runny = ({ ingredient }: DocketLine) => isRunny(getIngredient(catalogue, ingredient!));
  return {
    dry: new Set(forgotten.filter((one) => !runny(one)).map(({ id }) => id)),
    wet: new Set(forgotten.filter(runny).map(({ id }) => id)),
  };
}
