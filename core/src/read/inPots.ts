import { NUMBERS_IN_WORDS } from './numberWords';

/** "1 pot plain yoghurt (125 g)": its empty pot is the measure of the others. */
const THE_POT =
  /\b(?:1|one|an?) (?:small |little |large )?(?:pot|tub|carton)\b(?: of)? [\p{L} -]*yogh?urt\b[^\d]{0,12}(\d{2,3}) ?(?:g|ml)\b|\b(?:1|one|an?) (\d{2,3}) ?(?:g|ml) (?:pot|tub|carton)\b(?: of)? [\p{L} -]*yogh?urt|\b(?:1|un) pot de yaourt[\p{L} -]*[^\d]{0,12}(\d{2,3}) ?(?:g|ml)\b/iu;
const COUNTS: Readonly<Record<string, number>> = {
  ...NUMBERS_IN_WORDS,
  a: 1,
  an: 1,
  half: 0.5,
  '½': 0.5,
  '1/2': 0.5,
};
const IN_POTS =
  /^(\W*)(\d+(?:\/\d)?|an?|one|two|three|four|half|½)(?: ?(½|1\/2|and a half))?(?: an?| of a)?(?: \p{L}+)? (?:pots?|tubs?|cartons?)(?: of| de| d['’])? ?(?=\p{L})/iu;

/** Lines that are measured with a yogurt's empty pot, in its millilitres: "3 pots flour" → "375 ml flour". A pot holds its grams. */
export function inPots(lines: readonly (string | null)[]): (string | null)[] {
  const said = lines
    .map((line) => (line === null ? null : THE_POT.exec(line)))
    .find((found) => found !== null);
  const holds = Number(said?.[1] ?? said?.[2] ?? said?.[3] ?? NaN);
  if (Number.isNaN(holds)) return [...lines];
  return lines.map((line) => {
    const pots = line === null || THE_POT.test(line) ? null : IN_POTS.exec(line);
    if (!line || !pots) return line;
    const [all, marks = '', count = '', more] = pots;
    const pot = (COUNTS[count.toLowerCase()] ?? Number(count)) + (more ? 0.5 : 0);
    return `${marks}${Math.round(pot * holds)} ml ${line.slice(all.length)}`;
  });
}
