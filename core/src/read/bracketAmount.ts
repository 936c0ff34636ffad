import { readAmount, type Amount } from './amount';
import type { Segments } from './segments';

/** What is bought whole, whose contents are weighed. */
export const PACK_WORDS =
  /\b(?:cans?|tins?|packets?|packages?|pkg|jars?|box(?:es)?|bags?|containers?|blocks?|bars?|tubs?|cartons?|sachets?)\b/i;

/** What is bought, of which less is used; and what is left of it. */
const AS_BOUGHT =
  /\b(?:raw|whole|unpeeled|gross|in (?:the|its|their) (?:shells?|skins?)|with (?:the )?(?:stones|skins?)|before|as bought|cartons?)\b/i;
const LEFT = '\\b(?:peeled|shelled|drained|net|prepared|stoned|pitted|flesh|trimmed|cored)';
const USED_AMOUNT = new RegExp(`${LEFT}\\D{0,9}?\\s(\\d[\\d.,]*\\s?(?:kg|g|oz|lb|ml)\\b)`, 'i');
const AS_USED = new RegExp(`${LEFT}\\b`, 'i');

/** "Milk to mix (about 1/2 pt)": said nowhere else. */
const BY_VOLUME = new Set(['pint', 'quart', 'cup']);

/** "8 slices of bread, buttered (50 g butter)": of something else. */
const OTHER_FOOD =
  /^(?:of )?(?:soft |melted )?(?:butter|sugar|milk|oil|water|jam|cream|flour|cocoa|honey|syrup)\b/i;

/** A weight, or failing that a volume, in the brackets beats what stands outside, unless that is a weight already. */
export function bracketAmount(
  { brackets }: Segments,
  outside: Amount | undefined,
): { amount: Amount; pack: boolean; used: boolean } | undefined {
  const weighed = outside?.unit && /^(?:gram|kilogram|ounce|pound)$/.test(outside.unit);
  for (const bracket of brackets) {
    if (/^(?:not|no|from|see|optional)\b/i.test(bracket) || AS_BOUGHT.test(bracket)) continue;
    if (weighed && !AS_USED.test(bracket)) continue;
    const amount = readAmount(
      (USED_AMOUNT.exec(bracket)?.[1] ?? bracket)
        .split(/\s*[/;,]\s*(?=\d)/)[0]!
        .replace(/^(?:(?:about|approx\.?|approximately|roughly|around|or|each|=|ca\.?)\s+|~\s*)+/i, '')
        .replace(/(\d)-(?=[a-z])/gi, '$1 '),
    );
    const measured =
      amount.unit !== null &&
      (/^(?:gram|kilogram|ounce|pound|milliliter|liter|deciliter|centiliter)$/.test(amount.unit) ||
        amount.unit === 'fluid ounce' ||
        ((outside?.quantity ?? null) === null && BY_VOLUME.has(amount.unit)));
    const [other] = OTHER_FOOD.exec(amount.words) ?? [];
    if (amount.quantity && measured && (other === undefined || (outside?.words ?? '').includes(other)))
      return {
        amount,
        used: AS_USED.test(bracket),
        pack:
          !weighed &&
          (/\beach\b/i.test(bracket) ||
            PACK_WORDS.test(outside?.words ?? '') ||
            (outside?.unit !== null && PACK_WORDS.test(outside?.unit ?? ''))),
      };
  }
  return undefined;
}
