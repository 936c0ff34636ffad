/** Minutes as a person says them: whole ones, and from two hours on half hours. */
export function sayMinutes(minutes: number): string {
  if (minutes < 120) return `${Math.round(minutes)} minutes`;
  const hours = Math.round(minutes / 30) / 2;
  return `${hours} hours`;
}
