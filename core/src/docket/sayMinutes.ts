/** Minutes as a person says them: whole ones, and from two hours on half hours. */
export function sayMinutes(minutes: number): string {
  if (minutes < 120) return `${Math.round(minutes)} minutes`;
  const hours = Math.round(minutes / 30) / 2;
  return `${hours} hours`;
}

/** A short time in the unit that a person counts it in: from two minutes on half minutes. Example: 495 → 8.5 minutes. */
export const shortTime = (
  seconds: number,
): { readonly amount: number; readonly unit: 'seconds' | 'minutes' } =>
  seconds < 120
    ? { amount: Math.round(seconds), unit: 'seconds' }
    : { amount: Math.round(seconds / 30) / 2, unit: 'minutes' };

/** Seconds as a person says them. Example: 495 → "8.5 minutes". */
export function saySeconds(seconds: number): string {
  const { amount, unit } = shortTime(seconds);
  return `${amount} ${unit}`;
}
