import type { ConversionRequest } from '../kitchen';

/** A name without the marks that its page had around it. */
export const plainHeading = (name: string): string =>
  name.replace(/\*\*|__|^#+\s*|^[*_](?=.*[*_]$)|(?<=^[*_].*)[*_]$/g, '').trim();

const EGG_WASH = /\begg[- ]?wash\b/i;

/** What a part is called: a wash without egg isn't an egg wash. */
export function partHeading(name: string, { without }: ConversionRequest): string {
  const plain = plainHeading(name);
  return without.includes('egg')
    ? plain.replace(EGG_WASH, (said) => (said.startsWith('E') ? 'Glaze' : 'glaze'))
    : plain;
}
