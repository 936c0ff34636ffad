import type { Medium, Minutes, Mixture, PartFamily } from '@omniarton/core/process';

/** How something is heated, or cooled, as it stands before a figure. */
export const MEDIUM_WORDS: Readonly<Record<Medium, string>> = {
  oven: 'oven',
  fried: 'hot fat',
  griddle: 'griddle or pan',
  steamed: 'steam',
  boiled: 'boiled',
  microwave: 'microwave',
  chilled: 'in the cold',
};

/** What it was told by. */
export const PART_BECAUSE: Readonly<Record<PartFamily['because'], string>> = {
  said: 'by hand',
  main: 'it has the most flour: the bake itself',
  'no-flour': 'it has no flour',
  'little-flour': 'its flour only thickens',
  name: 'by its name',
  formula: 'by what is in it',
};

/** What a mixture is called. */
export const mixtureName = ({ name }: Pick<Mixture, 'name'>): string => name || 'The bake';

/** A share of a line, where it isn't all of it. */
export const shareWords = (share: number): string =>
  share > 0.995 ? '' : `${Math.round(share * 100)} % of `;

const figure = (minutes: number) =>
  minutes < 1
    ? `${Math.round(minutes * 60)} s`
    : minutes >= 180
      ? `${Number((minutes / 60).toFixed(1))} h`
      : `${Number(minutes.toFixed(1))} min`;

/** "25 min", "25 to 30 min", "8 to 12 h". */
export function minutesWords({ low, high }: Minutes): string {
  const [from, to] = [figure(low), figure(high)];
  if (from === to) return to;
  const [number, unit] = from.split(' ');
  return to.endsWith(` ${unit}`) ? `${number} to ${to}` : `${from} to ${to}`;
}
