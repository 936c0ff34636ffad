import type { BlendDiffers, Property } from '@omniarton/core/blend';

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

const counted = (n: number, one: string, many: string) => (n === 1 ? `one ${one}` : `${n} ${many}`);
/** Less money is no reason. */
const LEAST_MONEY = 0.05;
const LEAST_POINTS = 5;

/** What another blend has over the first, the weightiest first; nothing where it has nothing over it. */
export function sayDiffers({ fewerFlours, fewerBags, cheaper, usesUp }: BlendDiffers): string {
  const said = [
    usesUp >= LEAST_POINTS ? 'uses up more of what you want gone' : '',
    fewerBags > 0 ? `${counted(fewerBags, 'bag', 'bags')} less to buy` : '',
    fewerFlours > 0 ? `${counted(fewerFlours, 'flour', 'flours')} fewer to weigh` : '',
    cheaper !== null && cheaper >= LEAST_MONEY ? `${sayMoney(cheaper)} cheaper` : '',
  ].filter((one) => one !== '');
  const words = said.join(', ');
  return words === '' ? '' : words[0]!.toUpperCase() + words.slice(1);
}
