import type { ConversionRequest, RecipeDocument } from './documents';
import type { BlendTrial, PlannedTrial, TrialFactor, TrialRun } from './planned';

/** A flour of a blend with its share of it. */
export interface FlourShare {
  readonly ingredient: string;
  readonly share: number;
}

/** The whole blend of a run: what is tried as the run has it, the rest as it is; shares that come to one. */
export function blendOfRun(
  { flours, held }: Pick<BlendTrial, 'flours' | 'held'>,
  { at }: Pick<TrialRun, 'at'>,
): readonly FlourShare[] {
  const rest = held.reduce((sum, { share }) => sum + share, 0);
  const own = [...flours.map((ingredient, of) => ({ ingredient, share: at[of]! * (1 - rest) })), ...held];
  const all = own.reduce((sum, { share }) => sum + share, 0);
  return own.map(({ ingredient, share }) => ({ ingredient, share: share / all }));
}

/** A factor's setting at a level from −1 to 1. */
export const settingAt = ({ low, high }: Pick<TrialFactor, 'low' | 'high'>, level: number): number =>
  low + ((level + 1) / 2) * (high - low);

const HALF = 0.5;

/** What is asked for a run: a half batch where no other size is asked for, and the one thing that it differs in. */
export function requestOfRun(
  trial: PlannedTrial,
  run: Pick<TrialRun, 'at'>,
  request: ConversionRequest,
): ConversionRequest {
  const half = { ...request, scale: request.scale ?? { factor: HALF, lines: [] } };
  if (trial.kind === 'blend')
    return { ...half, pins: blendOfRun(trial, run).map((one) => ({ ...one, held: true })) };
  return trial.factors.reduce((asked, factor, at): ConversionRequest => {
    const setting = settingAt(factor, run.at[at]!);
    if (factor.id === 'rest') return { ...asked, rest: Math.round(setting) };
    const tilted = Number(setting.toFixed(3));
    return { ...asked, tilt: { ...asked.tilt, [factor.id === 'binder' ? 'binder' : 'drink']: tilted } };
  }, half);
}

/** A recipe as one run of its trial is baked; as it is where the trial or that run is gone. */
export function docOfRun(doc: RecipeDocument, code: string): RecipeDocument {
  const run = doc.trial?.runs.find((one) => one.code === code);
  return run ? { ...doc, request: requestOfRun(doc.trial!, run, doc.request) } : doc;
}

/** By what name a run's bake stands in the log. */
export const runName = (code: string): string => `trial ${code}`;
