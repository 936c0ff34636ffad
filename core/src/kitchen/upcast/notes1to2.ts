import type { Stored } from './chain';

/** What an older scale was called since: its marks are those of the cooled bake. */
const NAMES: Readonly<Record<string, string>> = {
  rise: 'rise',
  crumb: 'crumb',
  moist: 'moistness',
  taste: 'overall',
};

/** A bake's notes had four scores, and nothing that was measured but minutes and dial. */
export function notes1to2(notes: Stored): Stored {
  const { scores, ...kept } = notes as { readonly scores?: Readonly<Record<string, number>> } & Stored;
  const marks = Object.fromEntries(
    Object.entries(scores ?? {}).map(([name, mark]) => [NAMES[name] ?? name, mark]),
  );
  return {
    ...kept,
    rack: null,
    asWritten: false,
    moments: [],
    variant: null,
    measured: {
      trueCelsius: null,
      roomCelsius: null,
      doughCelsius: null,
      probeCelsius: null,
      filledGrams: null,
      bakedGrams: null,
      heightMm: null,
      spreadMm: null,
      pieces: null,
    },
    batter: { mixed: null, rested: null, spoonfuls: null },
    tins: '',
    bags: [],
    looks: Object.keys(marks).length === 0 ? [] : [{ when: 'cooled', marks }],
    frozen: null,
  };
}
