import type { Shift, Weight } from '../balance';
import type { Locale } from '../vocabulary';
import { LOCAL_NAMES } from './data/localNames';

/** What a thing is called where the page comes from; its own name where it has no other there. */
export const localName = (
  { ingredient, name }: { readonly ingredient: string | null; readonly name: string },
  locale: Locale,
): string => (ingredient !== null && LOCAL_NAMES[locale][ingredient]) || name;

const local = (one: Weight, locale: Locale): Weight => ({ ...one, name: localName(one, locale) });

function localEnd(end: Shift['from'], locale: Locale): Shift['from'] {
  if (end.code === 'weights')
    return { ...end, values: { ...end.values, of: end.values.of.map((one) => local(one, locale)) } };
  if (end.code === 'blended')
    return { ...end, values: { ...end.values, of: end.values.of.map((one) => local(one, locale)) } };
  if (end.code === 'cooked') {
    const { starch, liquid } = end.values;
    return { ...end, values: { starch: local(starch, locale), liquid: local(liquid, locale) } };
  }
  return end;
}

/** What became of what, in the names that the list has: a British page has cornflour in both. */
export const localShift = (shift: Shift, locale: Locale): Shift => ({
  ...shift,
  from: localEnd(shift.from, locale),
  to: localEnd(shift.to, locale),
});
