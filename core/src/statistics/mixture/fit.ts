import { fitSurface, type SurfaceFit } from '../surface';
import { termsOf, termValues, type Model } from './polynomial';

/**
 * A Scheffé polynomial fitted by least squares, without an intercept. Null where the blends can't tell its coefficients apart. Example:
 * Cornell's yarn → 11.7, 9.4, 16.4, 19.0, 11.4, −9.6 and R² 0.951.
 */
export function fitMixture(
  blends: readonly (readonly number[])[],
  y: readonly number[],
  model: Model,
): SurfaceFit | null {
  const terms = termsOf(blends[0]?.length ?? 0, model);
  return fitSurface(blends, (blend) => termValues(blend, terms), y);
}
