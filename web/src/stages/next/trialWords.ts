import { settingAt, type PlannedTrial, type TrialFactorId } from '@omniarton/core/kitchen';
import type { Effect, Foreseen } from '@omniarton/core/next';
import { sayPercent } from '../../words/say';

export const FACTOR_WORDS: Readonly<Record<TrialFactorId, string>> = {
  binder: 'Binder',
  liquid: 'Liquid',
  rest: 'Rest',
};

const nameOfFlour = (names: ReadonlyMap<string, string>, id: string): string =>
  names.get(id) ?? id.replaceAll('-', ' ');

/** What a trial's half batches differ in. `flours`: the names of the blend's. */
export const columnsOf = (trial: PlannedTrial, flours: ReadonlyMap<string, string>): readonly string[] =>
  trial.kind === 'blend'
    ? trial.flours.map((id) => nameOfFlour(flours, id))
    : trial.factors.map(({ id }) => FACTOR_WORDS[id]);

/** A tilt beside the one in the middle. */
function tiltWords(setting: number, middle: number): string {
  const by = Math.round(100 * (setting / middle - 1));
  return by === 0 ? 'as now' : `${by > 0 ? '+' : '−'}${Math.abs(by)} %`;
}

/** What a point of a trial has in one of its columns; of a blend as a share of all flours, or of those that are tried. */
export function cellWords(
  trial: PlannedTrial,
  at: readonly number[],
  column: number,
  of: 'all' | 'tried' = 'all',
): string {
  if (trial.kind === 'blend') {
    const rest = trial.held.reduce((sum, { share }) => sum + share, 0);
    return `${sayPercent(at[column]! * (of === 'all' ? 1 - rest : 1))} %`;
  }
  const factor = trial.factors[column]!;
  const setting = settingAt(factor, at[column]!);
  return factor.id === 'rest' ? `${Math.round(setting)} min` : tiltWords(setting, settingAt(factor, 0));
}

const span = ([low, high]: readonly [number, number]): string => `${low.toFixed(1)} to ${high.toFixed(1)}`;

/** A point with what is believed of its mark: "Rice 40 %, sorghum 60 %: 7.1 (6.2 to 8.0)". */
export const foreseenWords = (
  trial: PlannedTrial,
  columns: readonly string[],
  { at, value, interval }: Foreseen,
): string =>
  `${columns.map((name, one) => `${one === 0 ? name : name.toLowerCase()} ${cellWords(trial, at, one, 'tried')}`).join(', ')}: ${value.toFixed(1)}${interval ? ` (${span(interval)})` : ''}`;

const signed = (value: number): string => `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(1)}`;

/** What a factor does from its low to its high setting. */
export function effectWords(name: string, { value, interval }: Effect): string {
  const sure = interval !== null && interval[0] * interval[1] > 0;
  const doubt = interval
    ? ` (${signed(interval[0])} to ${signed(interval[1])}${sure ? '' : ': may be nothing'})`
    : '';
  return `${name}, from the least to the most: ${signed(value)}${doubt}`;
}

export const MODEL_WORDS: Readonly<Record<string, string>> = {
  linear: 'A plane',
  quadratic: 'A curved surface',
  'special cubic': 'A curved surface',
  'main effects': 'A plane',
  interactions: 'A twisted plane',
};
