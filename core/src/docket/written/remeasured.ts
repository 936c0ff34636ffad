import { plainId, type Catalogue } from '../../catalogue';
import { lineFactor } from '../../formula';
import { gramsPerUnit, mlPerUnit, sayFraction } from '../../quantity';
import { readAmount, sourceOf, type Item } from '../../read';
import { amountBefore, sayRounded } from './amounts';
import type { Facts } from './facts';
import { mentionsIn } from './foodsNamed';
import type { SpanEdit } from './spans';

/** A line of the list that is as much more or less than its author wrote. */
export interface Remeasured {
  readonly ingredient: string;
  readonly item: Item;
  /** What of it there is now for one as written. */
  readonly factor: number;
  /** As written: before the batch was made larger. */
  readonly scale: number;
  /** There is as much of it as there was. */
  readonly same: boolean;
}

/** A change smaller than this leaves the words as they are. */
const SAME = 0.03;

/** Lines whose food stays, with what became of their amount. */
export function remeasuredIn({ recipe, parts, request }: Facts): Remeasured[] {
  const written = new Map(recipe.parts.flatMap((part) => part.lines).map((one) => [one.id, one]));
  return parts.flatMap(({ lines }) =>
    lines.flatMap((line): Remeasured[] => {
      const { line: id, at } = sourceOf(line.id);
      const item = written.get(id)?.items[at];
      if (!item?.grams || !line.grams || line.ingredient !== item.ingredient || item.ingredient === null)
        return [];
      const scale = lineFactor(request.scale, id);
      const factor = (scale * line.grams.central) / item.grams.central;
      return [{ ingredient: item.ingredient, item, factor, scale, same: Math.abs(factor - 1) <= SAME }];
    }),
  );
}

/** An amount within a step as it is now: none where it is all of the line, since the list has it; else as much more or less. */
function amountNow(said: string, { item, factor, scale }: Remeasured): string | null {
  const { quantity, unit } = readAmount(said.replace(/^\s*(?:the|about)\s+/i, ''));
  if (!quantity) return null;
  const written = item.quantity ? item.quantity.central / scale : null;
  const near = (value: number | null) => value !== null && Math.abs(quantity.central - value) <= 0.02 * value;
  const inGrams = unit === null ? null : (gramsPerUnit(unit) ?? null);
  if (
    (unit === item.unit && near(written)) ||
    (inGrams !== null && near(item.grams!.central / scale / inGrams))
  )
    return '';
  const now = quantity.central * factor;
  const measured = unit !== null && (inGrams !== null || (mlPerUnit(unit, 'US') ?? Infinity) <= 1.5);
  const number = measured ? sayRounded(now) : sayFraction(now);
  // The author's own word for the unit stays.
  return NUMBER.test(said) ? said.replace(NUMBER, number) : null;
}
const NUMBER =
  /\d+(?:[.,/⁄]\d+)?(?:\s+\d[/⁄]\d)?(?:\s*[½¼¾⅓⅔⅛])?|[½¼¾⅓⅔⅛]|\b(?:an?|one|two|three|four|five|six|half a)\b/i;

/** "300 ml cold strong tea": what stands between an amount and its food. */
const ITS_LOOKS =
  /(?:\b(?:cold|hot|warm|boiling|lukewarm|tepid|iced|chilled|strong|black|fresh|freshly|brewed|squeezed|melted|softened|soft|cooled|extra)[ ,]+)+$/i;

/** Amounts that a step says of what the list now has more or less of. */
export function remeasureEdits(
  source: string,
  catalogue: Catalogue,
  remeasured: readonly Remeasured[],
): SpanEdit[] {
  if (remeasured.every(({ same }) => same)) return [];
  return mentionsIn(source, catalogue).flatMap((mention): SpanEdit[] => {
    const named = mention.from - (ITS_LOOKS.exec(source.slice(0, mention.from))?.[0].length ?? 0);
    const from = amountBefore(source, named);
    const alike = remeasured.filter(({ ingredient }) => plainId(ingredient) === plainId(mention.ingredient));
    if (alike.length === 0 || from === named) return [];
    // Of several lines of one food the one that is used whole here is meant, else the first that is more or less now.
    const nows = alike.map((one) => ({ one, now: amountNow(source.slice(from, named), one) }));
    const { one, now = null } =
      nows.find((said) => said.now === '') ?? nows.find((said) => !said.one.same) ?? {};
    if (now === null || one?.same) return [];
    const begins = /^\s*$|[.!?:]\s*$/.test(source.slice(0, from));
    const article = begins ? 'The ' : 'the ';
    return [
      {
        from,
        to: named,
        text: now === '' ? article : now,
        because: 'the list has more or less of it now',
      },
    ];
  });
}
