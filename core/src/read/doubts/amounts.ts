import type { Catalogue } from '../../catalogue';
import type { FamilyId, Role } from '../../vocabulary';
import { cleanLine } from '../clean';
import { FAR_FROM_FAMILY, FOUND_SOMEWHERE, USUAL_MOST } from '../data/usual';
import { compareRatios } from '../family';
import type { FamilyRatios } from '../ratios';
import type { Line, Part } from '../types';
import { makeDoubt, type Finding } from './doubt';

/** Decimals that nobody measures by the spoon, and the fraction whose stroke may have slipped. */
const SLIPPED: Readonly<Record<string, string>> = {
  '1.2': '1/2',
  '1.3': '1/3',
  '1.4': '1/4',
  '1.8': '1/8',
  '2.3': '2/3',
  '3.4': '3/4',
};
const BY_THE_SPOON = /^([1-3]\.[2348])(?=\s*(?:tsp|teaspoon|tbsp|tablespoon|cup|c\b))/i;
const REFERS =
  /\b(?:same (?:amount|weight|quantity)|equal (?:amount|weight|quantity)|as much .+ as|twice (?:as much|the)|half (?:as much|the (?:amount|weight)) (?:of|as)|(?:as|see) above|their weight in|the weight of the)\b/i;

/** "1.4 tsp salt": ¼ tsp? */
export function slippedFraction(line: Line): Finding[] {
  const said = BY_THE_SPOON.exec(cleanLine(line.source))?.[1];
  const meant = said && SLIPPED[said];
  if (!meant) return [];
  return [
    makeDoubt('slipped-fraction', line, {
      asks: `Nobody measures ${said} of a spoon or cup: is it ${meant}?`,
      guess: line.source.replace(said, meant).trim(),
      to: line.source.replace(said, meant),
    }),
  ];
}

/** A quantity that is given by another one can't be weighed by itself; two that name each other never. */
export function refersToAnother(line: Line): Finding[] {
  if (!REFERS.test(line.source) || line.items.some(({ grams }) => grams)) return [];
  return [
    makeDoubt('refers', line, {
      asks: 'The amount hangs on another line. Say what it weighs; it is in no sum until then.',
    }),
  ];
}

/** Baker's percentages beyond what anybody uses: salt, leavening, gum, spice. */
export function unusualAmounts(part: Part, flourGrams: number): Finding[] {
  if (flourGrams <= 0) return [];
  return part.lines.flatMap((line) =>
    line.items.flatMap(({ ingredient, grams, name, alternative }) => {
      const most = ingredient === null ? undefined : USUAL_MOST.rows[ingredient];
      if (most === undefined || !grams || alternative || line.measuredBy === 'hand') return [];
      const percent = (100 * grams.low) / flourGrams;
      if (percent <= most) return [];
      const spoon = line.source.replace(/\b(?:tbsps?|tbs|tablespoons?|T)\b\.?/, 'tsp');
      const fits = spoon !== line.source && percent / 3 <= most;
      return [
        makeDoubt('unusual-amount', line, {
          asks: `${name} would be ${Math.round((100 * grams.central) / flourGrams)} % of the flour; more than ${most} % is unheard of.`,
          ...(fits ? { guess: spoon.trim(), to: spoon } : {}),
        }),
      ];
    }),
  );
}

const NAMES: Readonly<Record<keyof FamilyRatios, string>> = {
  water: 'water',
  fat: 'fat',
  sugars: 'sugar',
  egg: 'egg',
};
/** What brings each as its own: the cream that fills and the fruit on top are no slip of the pen. */
const BRINGS: Readonly<Record<keyof FamilyRatios, readonly Role[]>> = {
  water: ['liquid'],
  fat: ['fat'],
  sugars: ['sugar'],
  egg: ['egg'],
};
/** Most of it isn't there when it comes to the flour. */
const BOILED_DOWN = /\b(?:boil(?:ed)? down|reduced?)\b/i;
/** Of what there is of it so much comes with one line. */
const MOST_OF_IT = 0.5;

/**
 * Fat, sugar, water or egg that are far above what the family has, and above what any bake has: the line that brings most of it is
 * asked about. `lines`: of the part with the flour.
 */
export function farFromFamily(
  lines: readonly Line[],
  family: FamilyId,
  ratios: FamilyRatios | null,
  catalogue: Catalogue,
): Finding[] {
  // Where flour only dusts or binds, a ratio to it says nothing.
  if (!ratios || family === 'flourless') return [];
  return compareRatios(lines, family, ratios, catalogue).flatMap(({ what, has, usual, line, share }) => {
    const most = Math.max(FAR_FROM_FAMILY * usual, FOUND_SOMEWHERE[what]);
    if (!line || has <= most || share < MOST_OF_IT || BOILED_DOWN.test(line.source)) return [];
    if (!line.items.some(({ role }) => BRINGS[what].includes(role))) return [];
    return [
      makeDoubt('far-from-family', line, {
        asks: `With it the ${NAMES[what]} is ${Math.round(has)} g on 100 g of flour; a bake of this kind has about ${Math.round(usual)}. Is the amount right?`,
      }),
    ];
  });
}
