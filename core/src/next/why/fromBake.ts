import { catalogueOf, type BakeNotes, type Kitchen } from '../../kitchen';
import { getIngredient } from '../../catalogue';
import type { Docket, DocketPart } from '../../docket';
import { CHEMISTRY } from '../../formula';
import type { Baked } from '../../log';
import type { BalanceId, FamilyId } from '../../vocabulary';
import { NOTHING_KNOWN, type Changed, type Facts, type Level } from './facts';

/** What a docket doesn't say and a log doesn't ask for. */
export interface AskedBeside {
  /** Days until it was judged. */
  readonly days: number | null;
  /** What was changed since a bake that was good; null: nothing is known of another. */
  readonly changes: readonly Changed[] | null;
}

export const NOTHING_ASKED: AskedBeside = { days: null, changes: null };

/** The part with the blend that a bake is known by: of its own kind, else the first that has one. */
export const blendedPart = <Part extends Pick<DocketPart, 'blend' | 'family'>>(
  parts: readonly Part[],
  family: FamilyId,
): Part | undefined =>
  parts.find((part) => part.blend.length > 0 && part.family === family) ??
  parts.find(({ blend }) => blend.length > 0);

/** The part that the bake is known by. */
export const mainPart = ({ parts, family }: Docket): DocketPart | undefined =>
  blendedPart(parts, family.id) ?? parts[0];

/** Where a balance stands beside its band. */
function levelOf(part: DocketPart, id: BalanceId): Level | null {
  const balance = part.balances.find((one) => one.id === id);
  if (!balance) return null;
  const [low, high] = balance.band;
  return balance.converted < low ? -1 : balance.converted > high ? 1 : 0;
}

/** What whoever stirred it saw says more than what was computed. */
function drinkOf(part: DocketPart, { batter }: BakeNotes): Level | null {
  const look = batter.rested ?? batter.mixed;
  if (look === 'too thin') return 1;
  if (look === 'too thick') return batter.spoonfuls !== null && batter.spoonfuls > 0 ? 0 : -1;
  return levelOf(part, 'drinkThirst');
}

function sharesOf(part: DocketPart, kitchen: Kitchen): Facts['shares'] {
  const catalogue = catalogueOf(kitchen);
  const share = (of: (id: string, flourClass: string | undefined) => boolean) =>
    part.blend.reduce((sum, { ingredient, share: own }) => {
      const known = catalogue.byId.has(ingredient) ? getIngredient(catalogue, ingredient) : null;
      return sum + (of(ingredient, known?.flour?.traits?.class) ? own : 0);
    }, 0);
  return {
    nut: share(
      (id) => /almond|nut(?!meg)|pecan|hazel|pistachio|cashew|chestnut/.test(id) && !/coconut/.test(id),
    ),
    coconut: share((id) => /coconut/.test(id)),
    seed: share((id) => /seed|sunflower|flax|chia|hemp/.test(id)),
    bean: share((id) => /chickpea|bean|lentil|pea-|soy|lupin/.test(id)),
    starch: share((id) => /-starch$|arrowroot/.test(id)),
    sweetRice: share((id) => /sweet-rice/.test(id)),
    coarse: share((id) => /brown-rice|sorghum|cornmeal|millet|buckwheat|teff/.test(id)),
  };
}

/** The amounts of a part in g per 100 g of flour, now and in the recipe that it was made from. */
function per100(part: DocketPart, of: 'egg' | 'fat' | 'sugars' | 'binder, as xanthan') {
  const account = (name: string) => part.accounts.find((one) => one.name === name);
  const flour = account('flour and starch');
  const own = account(of);
  const share = (amount: number | undefined, base: number | undefined) =>
    base !== undefined && base > 0 ? (100 * (amount ?? 0)) / base : null;
  return {
    now: share(own?.converted, flour?.converted),
    usual: share(own?.original, flour?.original),
  };
}

/** Soda that no acid meets, g per 100 g of flour. */
function sodaOf(part: DocketPart): number | null {
  const flour = part.accounts.find(({ name }) => name === 'flour and starch');
  const over = part.accounts.find(({ name }) => name === 'soda left over');
  if (!flour || flour.converted <= 0) return null;
  return ((over?.converted ?? 0) * CHEMISTRY.sodaMolar * 0.1) / flour.converted;
}

/** What docket and log of a bake say, in the terms of the diagnosis. */
export function factsOf(
  { docket, notes }: Baked,
  kitchen: Kitchen,
  asked: AskedBeside = NOTHING_ASKED,
): Facts {
  const base: Facts = { ...NOTHING_KNOWN, family: docket.family.id, ...asked };
  const part = mainPart(docket);
  const { trueCelsius, probeCelsius } = notes.measured;
  const dial = notes.ovenCelsius ?? docket.bake.ovenCelsius;
  const foretold = docket.bake.minutes?.central ?? null;
  const log: Facts = {
    ...base,
    cutWarm: notes.cut === null ? null : notes.cut === 'warm',
    restMinutes: docket.rest.minutes[0],
    chillHours: docket.rest.cold ? docket.rest.minutes[0] / 60 : 0,
    ovenOff: trueCelsius === null || dial === null ? null : trueCelsius - dial,
    timed: notes.minutes === null || !foretold ? null : notes.minutes / foretold,
    inner: probeCelsius,
  };
  // The page as it has it was baked, with its own flour: what the docket has of blend and doses wasn't in it.
  if (!part || notes.asWritten) return log;
  const [egg, fat, sugar] = [per100(part, 'egg'), per100(part, 'fat'), per100(part, 'sugars')];
  return {
    ...log,
    shares: sharesOf(part, kitchen),
    gum: per100(part, 'binder, as xanthan').now,
    egg: egg.now,
    fat: fat.now,
    sugar: sugar.now,
    usual: {
      ...(egg.usual === null ? {} : { egg: egg.usual }),
      ...(fat.usual === null ? {} : { fat: fat.usual }),
      ...(sugar.usual === null ? {} : { sugar: sugar.usual }),
    },
    drink: drinkOf(part, notes),
    lift: levelOf(part, 'lift'),
    soda: sodaOf(part),
  };
}
