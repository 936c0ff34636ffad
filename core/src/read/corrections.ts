import type { LineCorrection } from '../kitchen';
import { range } from '../quantity';
import { weigh, type Scales } from './grams';
import { unplaced } from './line';
import type { Item, Line } from './types';

/** What it is: the ingredient that a person named, and the job they say it does. */
function identified(item: Item, { ingredient, role }: LineCorrection, { catalogue }: Scales): Item {
  const known = ingredient === undefined ? undefined : catalogue.byId.get(ingredient);
  const named: Item = known
    ? { ...item, ingredient: known.id, name: known.name, role: known.role, match: 'exact' }
    : item;
  return role === undefined ? named : { ...named, role };
}

/** What it weighs: the weight by hand, else the quantity and unit by hand, else as it was read. */
function measured(item: Item, correction: LineCorrection, reader: Scales): Item {
  const { grams } = correction;
  const quantity = correction.quantity === undefined ? item.quantity : range(correction.quantity);
  const unit =
    correction.unit === undefined ? item.unit : correction.unit === 'piece' ? null : correction.unit;
  const counted = { ...item, quantity, unit };
  if (grams !== undefined) return { ...counted, grams: range(grams) };
  if (item.ingredient === null || !quantity) return counted;
  const weighed = weigh(quantity, unit, item.ingredient, item.words, reader);
  return { ...counted, grams: weighed?.grams ?? null };
}

/** Lays a person's corrections over a line that was read; they win. An id that the catalogue has lost is passed over. */
export function correctLine(line: Line, correction: LineCorrection | undefined, reader: Scales): Line {
  if (!correction) return line;
  const [first = unplaced(line.source), ...others] = line.items;
  const now = identified(first, correction, reader);
  const anew =
    correction.grams !== undefined ||
    correction.quantity !== undefined ||
    correction.unit !== undefined ||
    now.ingredient !== first.ingredient;
  return {
    ...line,
    kind: 'ingredient',
    items: [anew ? measured(now, correction, reader) : now, ...others],
    measuredBy: correction.grams === undefined ? line.measuredBy : 'hand',
  };
}
