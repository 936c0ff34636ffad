import { wholeGrainShare } from '../balance';
import type { Catalogue } from '../catalogue';
import type { FormulaPart } from '../formula';
import type { ConversionRequest } from '../kitchen';

/** From so much of it on, a bake tastes of the whole grain. */
const TASTES_OF_IT = 0.4;

/** A bake that is built on whole grain keeps its taste: the blend is to be hearty, where nobody wishes anything else of it. */
export function asWholeGrain(
  request: ConversionRequest,
  parts: readonly FormulaPart[],
  catalogue: Catalogue,
): ConversionRequest {
  const { blend, diet } = request;
  const lines = parts.flatMap((part) => part.lines);
  if (blend.aims.length > 0 || blend.jar !== null || diet !== 'gluten-free') return request;
  if (wholeGrainShare(lines, catalogue) < TASTES_OF_IT) return request;
  return { ...request, blend: { ...blend, aims: ['hearty'] } };
}
