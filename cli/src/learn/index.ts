import { upcastDocket } from '@omniarton/core/docket';
import {
  EMPTY_KITCHEN,
  emptyNotes,
  NOTHING_LEARNT,
  upcastBake,
  upcastKitchen,
  type BakeNotes,
  type KitchenDocument,
} from '@omniarton/core/kitchen';
import { learn, learntAtHome, type KeptBake, type Learnt, type LoggedBake } from '@omniarton/core/next';
import { upcastTasting, type TastingDocument } from '@omniarton/core/taste';
import { FAMILIES, type FamilyId } from '@omniarton/core/vocabulary';
import { UsageError } from '../usageError';

type Raw = Readonly<Record<string, unknown>>;

const objects = (value: unknown): readonly Raw[] =>
  Array.isArray(value) ? value.filter((one): one is Raw => typeof one === 'object' && one !== null) : [];
const numberOf = (value: unknown): number | null =>
  typeof value === 'number' && Number.isFinite(value) ? value : null;
const textOf = (value: unknown): string | null => (typeof value === 'string' ? value : null);

/** A household's file of everything: its bakes with the dockets that they were baked from, its tastings, its own kitchen. */
function fromEverything(file: Raw): readonly Learnt[] {
  const kitchen: KitchenDocument = file['kitchen'] ? upcastKitchen(file['kitchen'] as object) : EMPTY_KITCHEN;
  const dockets = new Map(objects(file['dockets']).map((one) => [one['id'], one]));
  const bakes = objects(file['bakes']).flatMap((one): KeptBake[] => {
    const {
      docket: docketId,
      notes,
      imported,
    } = upcastBake<{
      docket: string;
      notes: BakeNotes;
      imported: boolean;
    }>(one['doc'] as object);
    const kept = dockets.get(docketId)?.['doc'] as { docket: object } | undefined;
    if (!kept) return [];
    const docket = upcastDocket(kept.docket);
    return [{ id: String(one['id']), recipe: String(one['recipe']), docket, notes, imported }];
  });
  const tastings = objects(file['tastings']).map((one) =>
    upcastTasting<TastingDocument>(one['doc'] as object),
  );
  return learntAtHome(bakes, tastings, kitchen).learnt;
}

/** A bake in one row: what was foretold, and what was written down. */
function fromRow(row: Raw, at: number): LoggedBake {
  const family = FAMILIES.find((one): one is FamilyId => one === row['family']);
  if (!family)
    throw new UsageError(`learn: bake ${at + 1} names no family; there are ${FAMILIES.join(', ')}`);
  const central = numberOf(row['foretold']);
  const empty = emptyNotes(textOf(row['on']) ?? '1970-01-01');
  return {
    id: textOf(row['id']) ?? `bake-${at + 1}`,
    recipe: textOf(row['recipe']) ?? '',
    title: textOf(row['title']) ?? '',
    notes: {
      ...empty,
      minutes: numberOf(row['minutes']),
      ovenCelsius: numberOf(row['dial']),
      measured: {
        ...empty.measured,
        trueCelsius: numberOf(row['true']),
        probeCelsius: numberOf(row['probe']),
      },
    },
    foretold: {
      minutes: central === null ? null : { low: central, central, high: central },
      ovenCelsius: numberOf(row['dial']),
      stretch: 1,
    },
    learntFactor: 1,
    kept: [],
    justRight: {},
    family,
    oven: textOf(row['oven']),
    tin: textOf(row['tin']) ?? 'pieces',
    doneCelsius: null,
    thirstGrams: null,
    flours: [],
    binder: null,
    imported: row['imported'] === true,
  };
}

/**
 * What a household's bakes teach: its file of everything, or a list of bakes in rows. Throws UsageError where the file is neither.
 */
export function learnShape(file: string, text: string): object {
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    throw new UsageError(`${file}: is no JSON`);
  }
  if (typeof parsed !== 'object' || parsed === null) throw new UsageError(`${file}: holds no bakes`);
  const whole = parsed as Raw;
  if (Array.isArray(whole['dockets'])) return { learnt: fromEverything(whole) };
  const rows = Array.isArray(parsed) ? objects(parsed) : objects(whole['bakes']);
  if (rows.length === 0) throw new UsageError(`${file}: holds no bakes`);
  return { learnt: learn(rows.map(fromRow), NOTHING_LEARNT).learnt };
}
