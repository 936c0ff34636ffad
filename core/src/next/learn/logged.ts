import { getIngredient } from '../../catalogue';
import type { Docket } from '../../docket';
import { catalogueOf, tinKind, type BakeNotes, type Kitchen } from '../../kitchen';
import { blendedPart } from '../why';
import { FOUR_OF_FIVE } from './data/priors';
import type { LoggedBake, ThirstShare } from './types';

/** As much of a docket as a bake of it teaches by. */
export type LearntFrom = Pick<Docket, 'title' | 'kept'> & {
  readonly family: Pick<Docket['family'], 'id'>;
  readonly bake: Pick<Docket['bake'], 'minutes' | 'ovenCelsius' | 'doneCelsius' | 'pan' | 'learnt'> & {
    readonly stretch: number | null;
    readonly oven: Pick<NonNullable<Docket['bake']['oven']>, 'name'> | null;
  };
  readonly parts: readonly Pick<Docket['parts'][number], 'family' | 'blend' | 'accounts'>[];
};

/** A bake as it is kept, with its docket. */
export interface KeptBake {
  readonly id: string;
  readonly recipe: string;
  readonly docket: LearntFrom;
  readonly notes: BakeNotes;
  readonly imported: boolean;
}

/** Shares of a blend's thirst, each with what its table leaves open. */
function thirstShares(blend: LearntFrom['parts'][number]['blend'], kitchen: Kitchen): readonly ThirstShare[] {
  const catalogue = catalogueOf(kitchen);
  const rows = blend.flatMap(({ ingredient, name, grams }) => {
    const thirst = catalogue.byId.has(ingredient) ? getIngredient(catalogue, ingredient).thirst : null;
    if (!thirst || thirst[0] <= 0) return [];
    const [central, low, high] = thirst;
    const sd = low > 0 && high > low ? Math.log(high / low) / (2 * FOUR_OF_FIVE) : 0.1;
    return [{ ingredient, name, water: grams * central, sd }];
  });
  const all = rows.reduce((sum, { water }) => sum + water, 0);
  return rows.map(({ ingredient, name, water, sd }) => ({ ingredient, name, share: water / all, sd }));
}

/** A kept bake as it teaches. */
export function loggedBake(
  { id, recipe, docket, notes, imported }: KeptBake,
  justRight: LoggedBake['justRight'],
  kitchen: Kitchen,
): LoggedBake {
  const { title, family, bake, parts } = docket;
  const part = blendedPart(parts, family.id);
  const account = (name: string) => part?.accounts.find((one) => one.name === name)?.converted ?? null;
  const flour = account('flour and starch');
  const binder = account('binder, as xanthan');
  return {
    id,
    recipe,
    title,
    notes,
    foretold: { minutes: bake.minutes, ovenCelsius: bake.ovenCelsius, stretch: bake.stretch ?? 1 },
    learntFactor: bake.learnt?.factor ?? 1,
    family: family.id,
    oven: bake.oven?.name ?? null,
    tin: tinKind(bake.pan),
    doneCelsius: bake.doneCelsius,
    thirstGrams: account('thirst: water the flours hold'),
    flours: part ? thirstShares(part.blend, kitchen) : [],
    binder: flour !== null && flour > 0 && binder !== null ? (100 * binder) / flour : null,
    imported,
    kept: docket.kept ?? [],
    justRight,
  };
}
