import type { Property } from '@omniarton/core/blend';

/** What each property is called, and what it is like. */
export const PROPERTY_WORDS: Readonly<Record<Property, readonly [name: string, about: string]>> = {
  hold: ['hold', 'binds when cold'],
  chew: ['chew', 'pulls between the teeth'],
  snap: ['snap', 'breaks crisp'],
  soft: ['soft', 'tender crumb'],
  body: ['body', 'bulk and bite'],
  thirst: ['thirst', 'water it takes, g per g'],
  flavour: ['flavour', 'tastes of itself'],
  grit: ['grit', 'felt on the tongue'],
  colour: ['colour', 'darkens the crumb'],
  starch: ['pure starch', 'share of the blend'],
  fat: ['fat', 'g in 100 g'],
};

export const sayProperty = (property: Property, value: number): string =>
  property === 'starch'
    ? `${Math.round(100 * value)} %`
    : property === 'fat'
      ? value.toFixed(0)
      : value.toFixed(property === 'thirst' ? 2 : 1);

/** Money without a currency: the household's own. */
export const sayMoney = (amount: number): string => amount.toFixed(2);
