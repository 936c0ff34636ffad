/** "4 oz fat (half butter, half lard)", "200 g sugar (half white, half brown)". */
const HALVES =
  /^(\d+(?:\.\d+)?)\s*(\p{L}+\.?)\s+[^()]*\((?:half|50\/50)\s+([\p{L} ]+?)(?:\s*(?:,|\/|\band\b|\+|&)+\s*(?:and\s+)?|\s+)half\s+([\p{L} ]+)\)$/iu;

/** What is half of one thing and half of another is two things: each with half of the amount. Any other text is itself. */
export function halvesOf(text: string): string[] {
  const [, amount, unit, one, other] = HALVES.exec(text.trim()) ?? [];
  if (amount === undefined) return [text];
  const half = Number(amount) / 2;
  return [one, other].map((name) => `${half} ${unit} ${name}`);
}
