import { getIngredient } from '../../catalogue';
import { cookedWords } from '../../words';
import type { TechniqueId } from '../../method';
import { spokenName } from './spoken';
import type { DocketTin } from '../types';
import type { Facts } from './facts';

/** Fruit that is rolled in something dry sinks less: common practice. */
function divideWords({ tins }: Facts): string {
  const all = tins.reduce((sum, { count }) => sum + count, 0);
  const [{ batter }] = tins as [DocketTin];
  const folded = tins.flatMap(({ count, folded: into, minutes }) =>
    into
      ? [
          `Roll ${Math.round(into.grams)} g ${into.name} in a spoonful of the blend and fold it into the batter of ${count === 1 ? 'one' : `each of ${count}`}${
            minutes
              ? `: about ${Math.round(minutes.low)}–${Math.round(minutes.high)} minutes in the oven`
              : ''
          }.`,
        ]
      : [],
  );
  return [`Divide the batter: ${Math.round(batter)} g into each of ${all} tins.`, ...folded].join(' ');
}

/** The liquid that there is most of; undefined where there is none. */
const mainLiquid = ({ parts, catalogue }: Facts) =>
  parts
    .flatMap(({ lines }) => lines)
    .filter(
      ({ ingredient, grams }) =>
        ingredient !== null && grams !== null && getIngredient(catalogue, ingredient).role === 'liquid',
    )
    .sort((a, b) => b.grams!.central - a.grams!.central)[0];

function soakWords(facts: Facts): string {
  const swells = facts.bowl.which('gels when soaked');
  const husk = facts.parts.flatMap(({ lines }) => lines).find(({ ingredient }) => ingredient === swells);
  const main = mainLiquid(facts);
  const liquid = main ? spokenName(main.name) : 'liquid';
  return `Stir the ${husk ? spokenName(husk.name) : 'husk'} into the ${liquid} and leave it for 10 minutes to gel; it goes in where the ${liquid} does.`;
}

/** What a technique says; the numbers in it are the docket's. */
export const TECHNIQUE_WORDS: Readonly<Record<TechniqueId, (facts: Facts) => string>> = {
  scald: ({ bowl: { scalds } }) =>
    `Heat the ${spokenName(scalds ?? 'liquid')}, stir the meal into it and leave it for 10 minutes: it softens and loses its grit.`,
  soak: soakWords,
  'cook-starch': ({ bowl: { cooked } }) =>
    `Cook the starch: ${cooked ? cookedWords(cooked) : ''}. Stir over a gentle heat until it thickens, then let it cool to lukewarm.`,
  'split-foam': () =>
    'In the next step whip the chickpea brine alone to soft peaks before the sugar goes in, by the spoon, until it is stiff and glossy.',
  divide: divideWords,
};
