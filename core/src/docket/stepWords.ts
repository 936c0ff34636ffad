import { BULLETS, PICTURES } from '../vocabulary';
import { heatsIn, type MeasureSystem } from './system';

/** What a number in front of it counts: "3 Tbsp batter each" isn't the third step. */
const COUNTED = '(?:T(?:b?sps?|ablespoons?|easpoons?)|Cups?|Eggs?|M(?:in|inute)s?|H(?:ou)?rs?)\\b';
/** A little picture, a bullet, or a number without its dot: "👉 Heat the oven", "1 Heat the oven". */
const MARK = new RegExp(
  `^\\s*(?:${PICTURES}(?:\\s+${PICTURES})*\\s*(?=[\\p{L}\\d])|${BULLETS}\\s+|\\d{1,2}\\s+(?!${COUNTED})(?=\\p{Lu}\\p{Ll}+[ ,-]|\\d{3}\\s?(?:°|/|[CF]\\b|fan)))`,
  'u',
);

/** "Method: Beat the butter": the docket has its own heading. */
const SIGNPOST =
  /^\W*(?:method|directions|instructions|preparation|procedure)\s*(?::|\s[-–—](?=\s))\s*(?=[\p{L}\d])/iu;

/** A step without the number that it was written with: lists give it their own. */
const unnumbered = (step: string): string =>
  step
    .replace(/\*\*|__/g, '')
    .replace(SIGNPOST, '')
    .replace(MARK, '')
    .replace(
      /^\s*(?:\d{1,2}\s*[.)|]|\d{1,2}\s+[–—-]\s+(?=[\p{L}\d])|\d{1,2}\/\s+(?=\p{L}|\d{3})|\d\uFE0F?\u20E3|step \d{1,2}(?:\s+[–—-](?=\s)|\s*[:.)-]?(?=\s))|[a-j][.)]\s(?=\s*[\p{L}\d]))\s*/iu,
      '',
    );

/** A step as it is read: without its number, and with its heats in the measures that are asked for, else in those of its page. */
export const stepWords = (step: string, system?: MeasureSystem): string =>
  system === undefined ? unnumbered(step) : heatsIn(unnumbered(step), system);
