import type { Process } from '../../process';
import { durationsIn } from '../../read';
import { sayMinutes } from '../sayMinutes';
import { bakeAction } from './places';
import type { Facts } from './facts';

const LONG = 24 * 60;
const daysOr = (minutes: number) =>
  minutes >= LONG ? `${Math.round(minutes / LONG)} days` : sayMinutes(minutes);

const WAITS = /\b(?:chill|refrigerat\w*|fridge|freezer?|cold|rest|stand|overnight)\b/i;
const LONG_ENOUGH = 15;

/** Air that would go while it waits. */
const FOLDED_WHITES = /\bfold\w*\b[^.;]*\b(?:egg )?(?:whites?|foam|meringue)\b|\bwhites?\b[^.;]*\bfold/i;

/** A wait that the recipe has before the bake, in whatever words: another one beside it is one too many. */
const waitsAlready = (process: Process): boolean =>
  process.actions
    .slice(0, bakeAction(process) ?? process.actions.length)
    .some(
      ({ text, class: kind }) =>
        WAITS.test(text) &&
        (kind === 'chill' || kind === 'rest' || kind === null) &&
        (durationsIn(text).some(({ high }) => high >= LONG_ENOUGH) || /\bovernight\b/i.test(text)),
    );

/** The wait that the flours need and the recipe hasn't; null: none, or its own will do. */
export function restSentence(
  { rest, profile }: Facts,
  process: Process,
): { readonly text: string; readonly because: string } | null {
  const [low, high] = rest.minutes;
  if (process.actions.some(({ text }) => FOLDED_WHITES.test(text))) return null;
  if (high === 0 || rest.own || (rest.cold && waitsAlready(process))) return null;
  const span = low === high ? sayMinutes(low) : `${low} to ${sayMinutes(high)}`;
  return {
    text: rest.cold
      ? `Cover the dough and chill it for ${sayMinutes(low)}${high > low ? `, or up to ${daysOr(high)}` : ''}.`
      : profile.yeast
        ? `Cover it and let it rise somewhere warm for ${span}, until it is puffy.`
        : `Let the ${profile.texture} stand for ${span}: it thickens as the flours drink.`,
    because: rest.cold
      ? 'cold dough spreads less, and its flours go on drinking'
      : 'the flours go on drinking',
  };
}
