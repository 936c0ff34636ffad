import { say, type Said } from './say';

const isSaid = (value: unknown): value is Said =>
  typeof value === 'object' &&
  value !== null &&
  Object.keys(value).length === 2 &&
  'code' in value &&
  'values' in value;

/**
 * A document for others to read: where it holds a code with its values it holds the words, and beside them, under the field's
 * name and `Said`, the code. Example: `{ to: { code: 'nothing', values: {} } }` → `{ to: 'nothing', toSaid: { code: 'nothing', … } }`.
 */
export function spoken(value: unknown): unknown {
  if (isSaid(value)) return say(value);
  if (Array.isArray(value)) return value.map(spoken);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).flatMap(([name, held]) => {
      const said = isSaid(held) || (Array.isArray(held) && held.length > 0 && held.every(isSaid));
      return said
        ? [
            [name, spoken(held)],
            [`${name}Said`, held],
          ]
        : [[name, spoken(held)]];
    }),
  );
}
