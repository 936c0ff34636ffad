import { getIngredient, thirstOf, type Catalogue } from '../catalogue';
import { MissingRowError } from '../vocabulary';
import { FLOUR_TRAITS, type FlourTraits } from './data/flourTraits';
import { SCALES, type Shares } from './data/routes';

/** Thrown for a flour that has no row of traits. */
export function traitsOf(id: string): FlourTraits {
  const traits = FLOUR_TRAITS.rows[id];
  if (!traits) throw new MissingRowError('flour traits', id);
  return traits;
}

/** Every flour that can be in a blend. */
export const FLOUR_IDS: readonly string[] = Object.keys(FLOUR_TRAITS.rows);

export const hasTraits = (id: string): boolean => id in FLOUR_TRAITS.rows;

export const PROPERTIES = [
  'starch',
  'hold',
  'chew',
  'snap',
  'soft',
  'body',
  'thirst',
  'flavour',
  'colour',
  'grit',
  'fat',
] as const;
export type Property = (typeof PROPERTIES)[number];
/** These count only above their target. */
export const ONE_SIDED: ReadonlySet<Property> = new Set(['flavour', 'colour', 'grit', 'fat']);

export const SCALE_OF: Readonly<Record<Property, number>> = {
  starch: SCALES.starch,
  hold: SCALES.score,
  chew: SCALES.score,
  snap: SCALES.score,
  soft: SCALES.score,
  body: SCALES.score,
  thirst: SCALES.thirst,
  flavour: SCALES.flavour,
  colour: SCALES.colour,
  grit: SCALES.grit,
  fat: SCALES.fat,
};

export type PropertyVector = Readonly<Record<Property, number>>;

/** The properties of a flour, in the units of the table; starch is 1 for a pure starch; fat in g per 100 g. */
export function propertiesOf(id: string, catalogue: Catalogue): PropertyVector {
  const { scores, flavour, colour, grit, pureStarch } = traitsOf(id);
  const [hold, chew, snap, soft, body] = scores;
  const { fat } = getIngredient(catalogue, id).composition;
  return {
    starch: pureStarch ? 1 : 0,
    hold,
    chew,
    snap,
    soft,
    body,
    thirst: thirstOf(catalogue, id)[0],
    flavour,
    colour,
    grit,
    fat,
  };
}

/** The properties of a blend: the shares' weighted mean. Shares in any unit; they are made to sum to 1. */
export function mix(shares: Shares, catalogue: Catalogue): PropertyVector {
  const total = Object.values(shares).reduce((sum, share) => sum + share, 0);
  const sum: Record<Property, number> = {
    starch: 0,
    hold: 0,
    chew: 0,
    snap: 0,
    soft: 0,
    body: 0,
    thirst: 0,
    flavour: 0,
    colour: 0,
    grit: 0,
    fat: 0,
  };
  for (const [id, share] of Object.entries(shares)) {
    const own = propertiesOf(id, catalogue);
    for (const property of PROPERTIES) sum[property] += (own[property] * share) / total;
  }
  return sum;
}
