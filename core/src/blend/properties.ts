import { getIngredient, INGREDIENTS, thirstOf, unfold, type Catalogue, type FlourTraits } from '../catalogue';
import { MissingRowError } from '../vocabulary';
import { type Shares } from './data/routes';
import { mixVectors, type PropertyVector } from './vector';

const ownTraits = (id: string, catalogue: Catalogue): FlourTraits | undefined =>
  catalogue.byId.get(id)?.flour?.traits ?? undefined;

/** Every flour of the product's own that can be in a blend. */
export const FLOUR_IDS: readonly string[] = INGREDIENTS.filter(
  ({ flour }) => flour?.traits && flour.traits.class !== 'wheat',
).map(({ id }) => id);

/** A composite (a jar, a self-raising flour) counts as a flour when at least so much of it has traits. */
const MOSTLY = 0.5;

const isPureStarch = (traits: FlourTraits): boolean => traits.class === 'starch';

/** Traits as a blend asks for them. `pureStarch`: it is nothing but starch. */
export interface BlendTraits extends FlourTraits {
  readonly pureStarch: boolean;
}

interface TraitedPart {
  readonly traits: FlourTraits;
  readonly share: number;
}

/** What of a composite is flour with a row of its own; shares sum to 1. Empty where that is too little of it. */
function traitedParts(id: string, catalogue: Catalogue): TraitedPart[] {
  if (!catalogue.byId.has(id)) return [];
  const parts = unfold(catalogue, id).flatMap(({ ingredient, share }) => {
    const traits = ownTraits(ingredient, catalogue);
    return traits ? [{ traits, share }] : [];
  });
  const total = parts.reduce((sum, { share }) => sum + share, 0);
  return total < MOSTLY ? [] : parts.map(({ traits, share }) => ({ traits, share: share / total }));
}

export const hasTraits = (id: string, catalogue: Catalogue): boolean =>
  ownTraits(id, catalogue) !== undefined || traitedParts(id, catalogue).length > 0;

/**
 * The traits of a flour, or of a composite as the weighted mean of its flours: its class is that of the largest, and it may
 * be the whole of a blend. Throws for what is no flour.
 */
export function traitsOf(id: string, catalogue: Catalogue): BlendTraits {
  const own = ownTraits(id, catalogue);
  if (own) return { ...own, pureStarch: isPureStarch(own) };
  const parts = traitedParts(id, catalogue);
  const largest = [...parts].sort((a, b) => b.share - a.share)[0];
  if (!largest) throw new MissingRowError('flour traits', id);
  const mean = (of: (traits: FlourTraits) => number) =>
    parts.reduce((sum, { traits, share }) => sum + share * of(traits), 0);
  const score = (at: 0 | 1 | 2 | 3 | 4) => mean(({ scores }) => scores[at]);
  return {
    ...largest.traits,
    scores: [score(0), score(1), score(2), score(3), score(4)],
    flavour: mean(({ flavour }) => flavour),
    colour: mean(({ colour }) => colour),
    grit: mean(({ grit }) => grit),
    tau: mean(({ tau }) => tau),
    pureStarch: parts.every(({ traits }) => isPureStarch(traits)),
    cap: 1,
  };
}

/** The share of pure starch in a flour or composite. */
const starchShare = (id: string, catalogue: Catalogue): number =>
  traitedParts(id, catalogue).reduce((sum, { traits, share }) => sum + (isPureStarch(traits) ? share : 0), 0);

/** The properties of a flour, in the units of the table; starch is 1 for a pure starch; fat in g per 100 g. */
export function propertiesOf(id: string, catalogue: Catalogue): PropertyVector {
  const { scores, flavour, colour, grit } = traitsOf(id, catalogue);
  const [hold, chew, snap, soft, body] = scores;
  const { fat } = getIngredient(catalogue, id).composition;
  return {
    starch: starchShare(id, catalogue),
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
export const mix = (shares: Shares, catalogue: Catalogue): PropertyVector =>
  mixVectors(Object.entries(shares).map(([id, share]) => ({ share, vector: propertiesOf(id, catalogue) })));
