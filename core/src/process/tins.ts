import { PANS, type PanRecord } from '../kitchen';
import { blanked, NUMBERS_IN_WORDS, type Pan } from '../read';
import type { FamilyId, PanShape } from '../vocabulary';
import { ANY_VESSEL, FREE_FAMILIES, NO_VESSEL } from './data/vessels';
import { LEAST_TIN, NEAR_A_TIN, sizesIn, type Size } from './sizes';
import type { Stage } from './types';

/** A stretch of the page that may name what it is baked in. `worth`: how much it counts for standing where it does. */
export interface Said {
  readonly text: string;
  readonly worth: number;
}

const COUNT =
  /(?<![x×]\s?)\b(two|three|four|five|six|eight|ten|twelve|[2-6])\s+(?:x\s+)?(?:(?:and|&|well-greased|floured|greased|lined|large|big|small|baking|deep|shallow|loaf|sandwich|round|square|layer|cake|parchment-lined|buttered|\d\/\d-cup|[½¾⅓]-cup|\([^()]{1,24}\)|\d+ ?ml|\d[\d½¼¾ /.]*(?:cm|in|inch|"|-inch|-cm)?(?:\/\d[\d½¼¾ .]*(?:cm|in|inch|"))?|\w+["”″]?)[\s,-]+){0,8}?(?:tins|pans|trays|sheets|slides|moulds|ramekins|mugs|basins|springforms|layers|ones|loaves)\b(?! (?:of|in an?|filo|phyllo|pastry)\b)/i;
/** Small ones are as many as there are pieces: "8 (6-oz) ramekins". */
const SMALL_ONES =
  /(?<![\d/.-])\b([2-9]|1\d|2[0-4]|two|three|four|five|six|seven|eight|nine|ten|twelve)\s+(?:\([^)]*\)\s*|[\p{L}\d/-]+\s+){0,4}(?:pudding tins|ramekins|moulds|molds|cocottes|tea ?cups)\b/iu;
const HOLES =
  /(?<![\d./])\b(\d{1,2}|twelve|six)[- ](?:hole|cup|case|cavit)|(?<![\d./])\b(\d{1,2}|twelve|six) (?:paper |muffin )?(?:cases|cups|holes|cavities)\b/i;

interface Candidate {
  readonly shape: PanShape;
  readonly weak: boolean;
  readonly size: Size | null;
  readonly count: number | null;
  readonly words: string;
  readonly worth: number;
}

const countIn = (text: string, shape: PanShape): number | null => {
  const holes = shape.startsWith('muffin') ? HOLES.exec(text) : null;
  if (holes) {
    const times = Number(/(\d) ?[x×] ?$/.exec(text.slice(0, holes.index))?.[1] ?? 1);
    return (
      times *
      (NUMBERS_IN_WORDS[(holes[1] ?? holes[2])!.toLowerCase()] ?? (Number(holes[1] ?? holes[2]) || 12))
    );
  }
  const said = (COUNT.exec(text) ?? SMALL_ONES.exec(text))?.[1]?.toLowerCase();
  return said ? (NUMBERS_IN_WORDS[said] ?? Number(said)) : null;
};

/** "20 cm round / 18 cm square": the first of two that would do. */
const OR_ANOTHER =
  /(\d+(?:\.\d+)? ?-?(?:cm|in|inch|") ?-?(?:round|square)(?: (?:deep|cake|loose-bottomed|springform|tins?|pans?)){0,3})\s*(?:\/|or)\s*(?:an? )?\d+(?:\.\d+)? ?-?(?:cm|in|inch|") ?-?(?:round|square)/gi;

/** "Grease the tin" speaks of one that was named before. */
const SPOKEN_OF = /\bthe (?:prepared |lined |greased )?(?:tins?|pans?|dish(?:es)?)\b/i;

/** What is baked of pastry is a case itself: "pour into the cases". A tart case is a tin. */
const PASTRY_CASES = /\b(?:the|your|each|baked|cooled|cold)(?: (?:baked|cooled|cold|empty))? cases?\b/gi;

function candidateOf({ text: all, worth }: Said, family: FamilyId): Candidate[] {
  const text = all.replace(OR_ANOTHER, '$1');
  const bare = blanked(text, NO_VESSEL);
  const heard = family === 'pastry' ? blanked(bare, PASTRY_CASES) : bare;
  const named = (Object.keys(PANS.rows) as PanShape[]).find((shape) => PANS.rows[shape].words.test(heard));
  const weak = named === undefined;
  if (weak && !ANY_VESSEL.test(heard)) return [];
  const shape = named ?? 'round';
  const [size = null] = sizesIn(text, NEAR_A_TIN);
  return [
    {
      shape,
      weak,
      size,
      count: countIn(text, shape) ?? size?.count ?? null,
      words: text.trim(),
      worth:
        worth +
        (size ? 3 : 0) +
        (weak ? 0 : 2) +
        (shape === 'tray' ? -1.5 : 0) -
        (weak && (worth < 1 || SPOKEN_OF.test(heard)) ? 1.5 : 0),
    },
  ];
}

/** What stands free in this family stands on a tray, whatever else is named; what is poured doesn't. */
const suits = ({ shape }: Candidate, family: FamilyId): number => {
  const free = FREE_FAMILIES.has(family);
  if (shape === 'tray') return free ? 4 : -1;
  if (shape === 'mug') return family === 'mug-cake' ? 5 : -6;
  if (shape === 'skillet') return family === 'pancake' ? 3 : 0;
  if (shape.startsWith('muffin')) return family === 'muffin' ? 3 : free ? -2 : 1;
  if (shape === 'loaf') return family === 'loaf' ? 2 : 0;
  return free ? -3 : 0;
};

/** The small loaf tin, that of a pound of bread, and its size. Common practice. */
const POUND_LOAF = /\b(?:450 ?g|(?:1|one) ?-?(?:lb|pound))\b/i;
const POUND_CM = { lengthCm: 17, widthCm: 9 } as const;

const STANDS_FREE: ReadonlySet<FamilyId> = new Set<FamilyId>([...FREE_FAMILIES, 'yeast-dough']);
/** No longer and wider than this, cm. */
const LOAF_LENGTH = 26;
const LOAF_WIDTH = 14;
/** "Two 9-inch layers", "two 9-in rounds, greased": as many tins. */
const LAYERS =
  /\b(two|three|four|[2-4])\s+(?:\d[\d.½]*[- ]?(?:inch|in\.?|cm|"|″)[- ])?(?:layers(?! in one)|rounds,? (?:greased|lined|floured|buttered))\b/i;
/** "Sponges (x2, 20cm)". */
const TIMES_SO_MANY = /\b(?:sponges?|layers?|cakes?|tins?|pans?)\W{0,3}[x×] ?([2-4])\b/i;
const layersIn = (text: string): number | null => {
  const said = (LAYERS.exec(text) ?? TIMES_SO_MANY.exec(text))?.[1]?.toLowerCase();
  return said === undefined ? null : (NUMBERS_IN_WORDS[said] ?? Number(said));
};
/** Longer is what was rolled out to go into it, cm. */
const LONGEST_LOAF = 34;
/** Several of no size that is given are small ones. */
const MOULDS = /\b(?:moulds|molds)\b/i;

/** How long a side must be in twice for a floor to be no square. */
const ALIKE = 1.05;

/** What a vessel that isn't named further is. "Press it into a 20 cm tin": what usually stands free doesn't here. */
function unnamedShape({ shape, words }: Candidate, size: Size | null, family: FamilyId): PanShape {
  if (MOULDS.test(words) && size === null) return 'muffin-mini';
  if (family === 'pancake' && /\bpan\b/i.test(words) && !/\b(?:tin|dish)\b/i.test(words)) return 'skillet';
  // "Lemon loaf, 8\" tin".
  if (family === 'loaf' && /\bloaf\b/i.test(words)) return 'loaf';
  if (size !== null && /\b(?:tins?|pans?|dish(?:es)?)\b/i.test(words)) return shape;
  if (FREE_FAMILIES.has(family)) return dishIn(words) === null ? 'tray' : shape;
  return family === 'pancake' && !/\bdish\b/i.test(words) ? 'skillet' : shape;
}

const ON_A_SHEET_PAN = /\bon(?:to)? (?:an? |the |two |your )?(?:[\w-]+ ){0,2}sheet[- ]pans?\b/i;

function panFrom(best: Candidate, size: Size | null, family: FamilyId): Pan {
  const { words, count } = best;
  let { shape } = best;
  const free = FREE_FAMILIES.has(family);
  if (best.weak) shape = unnamedShape(best, size, family);
  const two = size?.widthCm ?? null;
  // What stands free stands on a sheet pan, or what is laid on it; what is poured is poured into it.
  const onSheetPan = STANDS_FREE.has(family) ? /\bsheet[- ]pan/i : ON_A_SHEET_PAN;
  const laidOn = two === null || (STANDS_FREE.has(family) && !/\b(?:press|spread)/i.test(words));
  if (shape === 'rect' && laidOn && onSheetPan.test(words)) shape = 'tray';
  // A tray of so much by so much that something is laid, pressed or poured in has a rim.
  if (shape === 'tray' && (!free || /\bpress/i.test(words)) && two !== null) shape = 'rect';
  if (
    two !== null &&
    size !== null &&
    (PANS.rows[shape].round || shape === 'square') &&
    size.lengthCm > two * ALIKE
  )
    shape = 'rect';
  else if (two !== null && size !== null && (shape === 'round' || size.lengthCm <= two * ALIKE))
    shape = 'square';
  // One size of a dish is across it.
  if (shape === 'rect' && size !== null && two === null && /\bdish\b/i.test(words)) shape = 'round';
  // Long, narrow and small is a loaf tin, whatever it is called.
  if (shape === 'rect' && two !== null && two <= LOAF_WIDTH && size!.lengthCm <= LOAF_LENGTH) shape = 'loaf';
  const row: PanRecord = PANS.rows[shape];
  const many = count ?? size?.count ?? row.count;
  if (shape === 'loaf' && size === null && POUND_LOAF.test(words))
    return { shape, ...POUND_CM, count: many, words };
  if (size === null || row.sizedByName)
    return { shape, lengthCm: row.lengthCm, widthCm: row.widthCm, count: many, words };
  if (two !== null) return { shape, lengthCm: size.lengthCm, widthCm: two, count: many, words };
  const width = row.even ? size.lengthCm : Math.min(size.lengthCm, row.widthCm);
  return { shape, lengthCm: size.lengthCm, widthCm: width, count: many, words };
}

/** What the bake stands in: the vessel that the page speaks of, with the size that it gives anywhere; null: it names none. */
export function tinOf(
  said: readonly Said[],
  family: FamilyId,
  stages: readonly Pick<Stage, 'medium'>[],
): Pan | null {
  const media = new Set(stages.map(({ medium }) => medium));
  if (media.has('fried') && !media.has('oven')) return null;
  const found = said.flatMap((one) => candidateOf(one, family));
  const [best] = [...found].sort((a, b) => b.worth + suits(b, family) - (a.worth + suits(a, family)));
  if (!best) return sizedOnly(said, family);
  const elsewhere = () =>
    said
      .flatMap(({ text }) =>
        sizesIn(text, null).map((size) => ({ ...size, count: size.count ?? countIn(text, best.shape) })),
      )
      .find(({ lengthCm }) => lengthCm >= LEAST_TIN && (best.shape !== 'loaf' || lengthCm <= LONGEST_LOAF)) ??
    null;
  const layers = best.count === null ? said.map(({ text }) => layersIn(text)).find((n) => n !== null) : null;
  const counted = layers ? { ...best, count: layers } : best;
  // What is pressed into its tin stands in it, wherever its measure is said.
  const laid = best.shape === 'tray' && !/\bpress/i.test(best.words);
  return panFrom(counted, best.size ?? (laid ? null : elsewhere()), family);
}

const DISH =
  /\b(?:moulds|molds)\b|\b(?:deep-dish |deep |glass )?pie plate\b|\b(?:\d[\d.,½¼¾]*[- ]?(?:litres?|liters?|l|pints?|quarts?|qts?)\s+)?(?:(?:large|small|shallow|deep|round|square|buttered|oven-?proof|oven|baking|casserole|pie|gratin|oval|glass|ceramic)\s+){1,3}dish\b|\b\d[\d.,½¼¾]*[- ]?(?:litres?|liters?|l|pints?|quarts?|qts?)\s+dish\b/i;

/** What an author calls the dish that it stands in: "2-litre ovenproof dish"; null: it is none. */
export const dishIn = (words: string): string | null => DISH.exec(words)?.[0].toLowerCase() ?? null;

const ON_THE_STOVE = /\b(?:frying|cr[eê]pe|pancake|omelette) ?pan\b/i;

/** "Pear Tart, 26 cm": a size without a vessel is the tin's. */
function sizedOnly(said: readonly Said[], family: FamilyId): Pan | null {
  if (FREE_FAMILIES.has(family)) return null;
  for (const { text } of said) {
    const [size] = sizesIn(text, null);
    if (!size) continue;
    const across: PanShape = ON_THE_STOVE.test(text) ? 'skillet' : 'round';
    const sides = (width: number): PanShape => (width * ALIKE >= size.lengthCm ? 'square' : 'rect');
    const shape = size.widthCm === null ? across : sides(size.widthCm);
    return panFrom(
      { shape, weak: false, size, count: size.count ?? layersIn(text), words: text.trim(), worth: 0 },
      size,
      family,
    );
  }
  return null;
}
