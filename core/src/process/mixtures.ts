import type { Part } from '../read';
import type { Told } from './told';
import type { Taken } from './takes';
import type { Action, Mixture, PartFamily, Take } from './types';

/** What goes on or into a bake when that is done. */
const LAYER =
  /\b(?:glaze|icing|frosting|drizzle|syrup|top|serve|finish|fill(?:ing)?|dust|sauce|cream|coat(?:ing)?|dip|brush|roll|decorat\w+)\b/i;

const together = (takes: readonly Take[]): Take[] => {
  const shares = new Map<string, number>();
  for (const { line, share } of takes) shares.set(line, (shares.get(line) ?? 0) + share);
  return [...shares].map(([line, share]) => ({ line, share }));
};

/** What comes of each part, with what the actions take of its lines; a line that no action names is in it whole. */
export function mixturesOf(
  parts: readonly Part[],
  families: ReadonlyMap<string, PartFamily>,
  title: string,
  actions: readonly Told[],
  taken: readonly Taken[],
  main: Part | undefined,
): Mixture[] {
  const all = taken.flatMap(({ takes }) => takes);
  const idOf = (part: string) => `m${parts.findIndex(({ id }) => id === part) + 1}`;
  return parts.map((part): Mixture => {
    const lines = part.lines.filter(({ kind }) => kind === 'ingredient').map(({ id }) => id);
    const family = families.get(part.id)!;
    const bakes = actions.some(({ class: kind }, at) => kind === 'bake' && taken[at]!.part === part.id);
    const layers = part !== main && (family.id === 'no-flour' || family.id === 'thickened-filling');
    const over = layers && !bakes && LAYER.test(part.name ?? '');
    return {
      id: idOf(part.id),
      name: part.name ?? (part === main ? title : ''),
      part: part.id,
      lines: together([
        ...all.filter(({ line }) => lines.includes(line)),
        ...lines.filter((line) => !all.some((one) => one.line === line)).map((line) => ({ line, share: 1 })),
      ]),
      family,
      baked: part === main || bakes,
      layeredOn: over && main ? idOf(main.id) : null,
      goesInto: null,
    };
  });
}

/** Whether what comes of one ends in the other. */
function endsIn(from: string, end: string, into: ReadonlyMap<string, string>): boolean {
  const next = into.get(from);
  return from === end || (next !== undefined && endsIn(next, end, into));
}

/** Mixtures with where each goes first, as the actions say. */
export function flowing(mixtures: readonly Mixture[], actions: readonly Action[]): Mixture[] {
  const into = new Map<string, string>();
  for (const { mixtures: given, makes } of actions)
    for (const one of given)
      if (makes !== null && !into.has(one) && !endsIn(makes, one, into)) into.set(one, makes);
  return mixtures.map((one) => ({ ...one, goesInto: one.layeredOn ? null : (into.get(one.id) ?? null) }));
}
