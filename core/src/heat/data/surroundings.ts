/** What surrounds the bake. Set once for all bakes on common-practice times, never for a recipe. */
export const OVEN: { readonly source: string; readonly confidence: 'common-practice' } & Readonly<Record<'convective' | 'radiative' | 'wall' | 'glass' | 'fanFactor' | 'crustKgPerM2' | 'doorDrop' | 'recoverySeconds' | 'sharedDrop' | 'sharedRecovery' | 'vapourKgPerM3', number>> = {
  source: 'usual film coefficients of domestic ovens; set on the bakes of common practice', confidence: 'common-practice',
  /** W/(m²·K). */
  convective: 4, radiative: 14.5, wall: 16,
  /** Ceramic and thick glass, 8–12. */
  glass: 10,
  fanFactor: 1.5,
  /** Water dried away at which the crust lets 1/e as much through, kg/m². */
  crustKgPerM2: 0.65,
  /** K that the oven falls by when it is opened, and its e-folding time back. */
  doorDrop: 25, recoverySeconds: 300,
  /** By what both grow when another dish shares the oven. */
  sharedDrop: 1.5, sharedRecovery: 2.5,
  /** Water vapour in the oven's air. */
  vapourKgPerM3: 0.05,
};
