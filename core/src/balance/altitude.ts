import { ALTITUDE, type AltitudeRow } from './data/altitude';

/**
 * What is changed in a batter and its oven at a height above the sea, by straight lines between the table's rows; above the last row it stays.
 * Example: 1,600 m → powder a fifth less, sugar 7 % less, liquid a fifth more.
 */
export function altitudeAt(metres: number): Omit<AltitudeRow, 'metres'> {
  const { rows } = ALTITUDE;
  const above = rows.findIndex((row) => row.metres > metres);
  if (above === 0) return rows[0]!;
  const high = rows[above];
  const low = above < 0 ? rows.at(-1)! : rows[above - 1]!;
  if (!high) return low;
  const t = (metres - low.metres) / (high.metres - low.metres);
  const between = (of: (row: AltitudeRow) => number) => of(low) + t * (of(high) - of(low));
  return {
    powder: between(({ powder }) => powder),
    sugar: between(({ sugar }) => sugar),
    liquid: between(({ liquid }) => liquid),
    oven: between(({ oven }) => oven),
  };
}
