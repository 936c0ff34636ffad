import type { SpanEdit } from './spans';

const OVERMIX =
  /(?:[,;]\s*|\s+[-–—]\s+)?(?:\b(?:and|but)\s+)?\b(?:be careful not to|being careful not to|taking care not to|take care not to|try not to|do not|don['’]t|never|without|no)\s+over-?(?:mix|beat|work|stir)\w*(?: (?:it|them|the (?:batter|dough|mixture)|or it \w+(?: \w+)?))?(?=[.,;!)]|$)/gi;
const JUST =
  /\b(?:until|till) (?:only )?just (?:combined|mixed|incorporated|blended|(?:comes|come) together)\b/gi;

/** Its smoothness is named beside it. */
const AND_SMOOTH = /^,? and [^.;]{0,20}\bsmooth\b/i;
/** Whoever is told to leave lumps isn't told to beat them out. */
const LUMPS = /\blump/i;

/** A stretch with the brackets that hold nothing else. */
function bracketed(source: string, from: number, to: number): { readonly from: number; readonly to: number } {
  const opens = /\s*\(\s*$/.exec(source.slice(0, from))?.[0].length ?? 0;
  const closes = /^\s*\)/.exec(source.slice(to))?.[0].length ?? 0;
  return opens > 0 && closes > 0 ? { from: from - opens, to: to + closes } : { from, to };
}

/** Cautions against gluten that isn't there: dropped, or turned. Where air, rubbed fat or nut oil would suffer they stay. */
export const cautionEdits = (source: string, delicate: boolean): SpanEdit[] =>
  delicate || LUMPS.test(source)
    ? []
    : [
        ...[...source.matchAll(OVERMIX)].map(({ 0: words, index }) => ({
          ...bracketed(source, index, index + words.length),
          text: '',
          because: 'there is no gluten to toughen',
        })),
        ...[...source.matchAll(JUST)].map(({ 0: words, index }) => ({
          from: index,
          to: index + words.length,
          text: AND_SMOOTH.test(source.slice(index + words.length)) ? 'until well combined' : 'until smooth',
          because: 'there is no gluten to toughen: beaten smooth, the flours drink',
        })),
      ];
