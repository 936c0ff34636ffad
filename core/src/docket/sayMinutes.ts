/** Minutes as a person says them: whole ones, and from two hours on half hours. */
export function sayMinutes(minutes: number): string {
  if (minutes < 120) return `${Math.round(minutes)} minutes`;
  const hours = Math.round(minutes / 30) / 2;
  return `${hours} hours`;
}

/** Seconds as a person says them: from two minutes on as half minutes. Example: 495 → "8.5 minutes". */
export function saySeconds(seconds: number): string {
  if (seconds < 120) return `${Math.round(seconds)} seconds`;
  return `${Math.round(seconds / 30) / 2} minutes`;
}
