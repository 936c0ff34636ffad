/** Coefficients a + b·T + c·T² (T in °C, −40 to 150) of the constituents' thermal properties. */
export interface Polynomials {
  /** W/(m·K). */
  readonly conductivity: readonly [number, number, number];
  /** kg/m³. */
  readonly density: readonly [number, number, number];
  /** kJ/(kg·K). */
  readonly heat: readonly [number, number, number];
}

export const CHOI_OKOS: { readonly source: string; readonly confidence: 'published'; readonly rows: Readonly<Record<'water' | 'ice' | 'protein' | 'fat' | 'carbohydrate' | 'fibre' | 'ash', Polynomials>> } = {
  source: 'Choi & Okos (1986); ASHRAE Handbook, Refrigeration, chapter 19, tables 1 and 2', confidence: 'published',
  rows: {
    water:        { conductivity: [5.7109e-1, 1.7625e-3, -6.7036e-6], density: [997.18, 3.1439e-3, -3.7574e-3], heat: [4.1762, -9.0864e-5, 5.4731e-6] },
    ice:          { conductivity: [2.2196, -6.2489e-3, 1.0154e-4],   density: [916.89, -1.3071e-1, 0],        heat: [2.0623, 6.0769e-3, 0] },
    protein:      { conductivity: [1.7881e-1, 1.1958e-3, -2.7178e-6], density: [1329.9, -5.184e-1, 0],          heat: [2.0082, 1.2089e-3, -1.3129e-6] },
    fat:          { conductivity: [1.8071e-1, -2.7604e-4, -1.7749e-7], density: [925.59, -4.1757e-1, 0],        heat: [1.9842, 1.4733e-3, -4.8008e-6] },
    carbohydrate: { conductivity: [2.0141e-1, 1.3874e-3, -4.3312e-6], density: [1599.1, -3.1046e-1, 0],         heat: [1.5488, 1.9625e-3, -5.9399e-6] },
    fibre:        { conductivity: [1.8331e-1, 1.2497e-3, -3.1683e-6], density: [1311.5, -3.6589e-1, 0],         heat: [1.8459, 1.8306e-3, -4.6509e-6] },
    ash:          { conductivity: [3.2962e-1, 1.4011e-3, -2.9069e-6], density: [2423.8, -2.8063e-1, 0],         heat: [1.0926, 1.8896e-3, -3.6817e-6] },
  },
};
