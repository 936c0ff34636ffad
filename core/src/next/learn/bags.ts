import { getIngredient, type Catalogue } from '../../catalogue';
import { FILLING, type WeighedCup } from '../../kitchen';
import { learnt as updated } from '../../statistics';
import { FOUR_OF_FIVE } from './data/priors';
import type { Believed, Learnt } from './types';

const shown = ({ mean, sd }: { readonly mean: number; readonly sd: number }): Believed => ({
  middle: Math.exp(mean),
  low: Math.exp(mean - FOUR_OF_FIVE * sd),
  high: Math.exp(mean + FOUR_OF_FIVE * sd),
});

/**
 * How much a cup of each weighed bag holds, g: the table's own for such a flour before, its weighings after (normal logarithms,
 * conjugate). `of`: flour and bag. Flours without a cup on the table teach nothing. `catalogue`: the product's own, without weighed cups.
 */
export function bagDensities(weighed: readonly WeighedCup[], catalogue: Catalogue): readonly Learnt[] {
  const bags = new Map<string, WeighedCup[]>();
  for (const cup of weighed) {
    const of = cup.bag === '' ? cup.ingredient : `${cup.ingredient} · ${cup.bag}`;
    bags.set(of, [...(bags.get(of) ?? []), cup]);
  }
  return [...bags].flatMap(([of, cups]): Learnt[] => {
    const { ingredient } = cups[0]!;
    const usual = catalogue.byId.has(ingredient)
      ? Object.values(getIngredient(catalogue, ingredient).cup)[0]
      : undefined;
    if (!usual) return [];
    const [central, low, high] = usual;
    const prior = {
      mean: Math.log(central),
      sd: Math.max(FILLING, Math.log(high / low) / (2 * FOUR_OF_FIVE)),
    };
    const posterior = cups.reduce(
      (known, { cupGrams }) => updated(known, Math.log(cupGrams), FILLING),
      prior,
    );
    return [
      {
        topic: 'density',
        of,
        time: null,
        prior: shown(prior),
        posterior: shown(posterior),
        taught: cups.map(({ id, on, cupGrams }) => ({ bake: id, on, value: cupGrams })),
        refused: [],
        moved: true,
        breakAt: null,
      },
    ];
  });
}
