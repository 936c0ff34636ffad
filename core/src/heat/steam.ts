const KELVIN = 273.15;
const R_VAPOUR = 461.5;
export const STANDARD_PRESSURE = 101_325;

/** Saturation pressure of water, Pa, 0–200 °C. Antoine's equation in two ranges (NIST Chemistry WebBook coefficients, from memory). */
export function saturationPressure(celsius: number): number {
  const [a, b, c] = celsius < 100 ? [8.07131, 1730.63, 233.426] : [8.14019, 1810.94, 244.485];
  return 133.322 * 10 ** (a - b / (c + celsius));
}

/** d p_sat / dT, Pa/K, from Clausius and Clapeyron: p·L / (R_v·T²). */
const saturationSlope = (celsius: number): number =>
  (saturationPressure(celsius) * latentHeat(celsius)) / (R_VAPOUR * (celsius + KELVIN) ** 2);

/** Heat of evaporation of water, J/kg: 2.501 − 0.00236·T MJ/kg (0–150 °C, handbook line). */
export const latentHeat = (celsius: number): number => 2.501e6 - 2360 * celsius;

/** Density of saturated vapour, kg/m³. */
export const saturatedVapour = (celsius: number): number =>
  saturationPressure(celsius) / (R_VAPOUR * (celsius + KELVIN));

/** °C at which water of activity a_w boils under a pressure (Pa): a_w·p_sat = P, by bisection to 0.01 K. */
export function boilingPoint(activity: number, pressure = STANDARD_PRESSURE): number {
  let low = 0;
  let high = 200;
  while (high - low > 0.01) {
    const middle = (low + high) / 2;
    if (activity * saturationPressure(middle) < pressure) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Air pressure at a height, Pa: the barometric formula of the International Standard Atmosphere (ISO 2533), 0–11 km. */
export const pressureAt = (metres: number): number =>
  STANDARD_PRESSURE * (1 - 2.25577e-5 * metres) ** 5.25588;

/** Heat that diffuses with vapour through pores, W/(m·K) (Krischer; de Vries), with Stefan's factor. */
export function vapourConductivity(celsius: number, activity: number, pressure: number): number {
  const kelvin = celsius + KELVIN;
  const diffusivity = 2.2e-5 * (kelvin / KELVIN) ** 1.81 * (STANDARD_PRESSURE / pressure);
  const stefan = pressure / (pressure - activity * saturationPressure(celsius));
  return (
    (diffusivity * latentHeat(celsius) * activity * saturationSlope(celsius) * stefan) / (R_VAPOUR * kelvin)
  );
}
