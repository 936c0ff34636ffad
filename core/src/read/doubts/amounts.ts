import { cleanLine } from '../clean';
import { USUAL_MOST } from '../data/usual';
import type { Weighed } from '../mainPart';
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

/** Below this share of what is weighed, flour only thickens: nothing is measured by it. */
const FLOUR_LEADS = 0.08;

/** Baker's percentages beyond what anybody uses: salt, leavening, gum, spice. */
export function unusualAmounts(part: Part, { flour, starch, all }: Weighed): Finding[] {
  const flourGrams = flour + starch;
  if (flourGrams <= FLOUR_LEADS * all) return [];
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
