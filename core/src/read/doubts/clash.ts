import { celsiusOf } from '../../quantity';
import { cleanLine } from '../clean';
import type { Line, Step } from '../types';
import { makeDoubt, type Finding } from './doubt';

/** Two weights for one thing may differ by so much: cups are rounded, and tables differ. */
const SAME_WEIGHT = 0.3;
/** What stands beside is then another thing: a part kept back, what it was before it was shelled, the box it came in. */
const ANOTHER_MEASURE =
  /\b(?:keep|kept|back|reserved?|of this|of which|for the|the rest|shell|raw|unpeeled|peeled|carton|pack|box|tub|in all|drained|stoned|each)\b/i;
/** °F and °C are rounded to the nearest five or ten. */
const SAME_CELSIUS = 6;
/** A fan's figure stands lower on purpose. */
const FAN_LOWER = 28;
const BOTH =
  /(\d{3})\s*°?\s*F\b[^.\d]{0,14}(\d{2,3})\s*°?\s*C\b([^.]{0,12})|(\d{2,3})\s*°?\s*C\b([^.\d]{0,14}?)(\d{3})\s*°?\s*F\b/i;
const COUNTS: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3, four: 4 };
const TINS =
  /\b(one|two|three|four|[1-4])\b(?:[^.,;]|\.\d){0,30}?\b(?:cake |sandwich |round |springform |baking )?(?:tins|pans)\b/i;
const LAYERS = /\b(two|three|four|[2-4])\b[^.,;]{0,12}?\blayers\b/i;
const count = (word: string) => COUNTS[word.toLowerCase()] ?? Number(word);

/** A weight in brackets that the volume before it can't have. The weight is taken, and the difference shown. */
export function weightsClash(line: Line): Finding[] {
  return line.items.flatMap(({ grams, beside, name }) => {
    if (!grams || !beside || line.measuredBy === 'hand' || ANOTHER_MEASURE.test(line.source)) return [];
    const low = beside.low * (1 - SAME_WEIGHT);
    const high = beside.high * (1 + SAME_WEIGHT);
    if (grams.central >= low && grams.central <= high) return [];
    return [
      makeDoubt('weights-clash', line, {
        asks: `It says ${Math.round(grams.central)} g, but that much ${name} by the other measure weighs about ${Math.round(beside.central)} g. The ${Math.round(grams.central)} g are taken.`,
        guess: `${Math.round(beside.central)} g`,
        grams: beside.central,
      }),
    ];
  });
}

/** °F and °C side by side that aren't the same heat. */
export function temperaturesClash(step: Step): Finding[] {
  const text = cleanLine(step.source);
  const match = BOTH.exec(text);
  if (!match) return [];
  const f = Number(match[1] ?? match[6]);
  const c = Number(match[2] ?? match[4]);
  const fan = /\bfan\b|convection/i.test(text);
  const meant = celsiusOf(f);
  const off = c - meant;
  if (Math.abs(off) <= SAME_CELSIUS || (fan && off < 0 && off >= -FAN_LOWER)) return [];
  const rounded = 5 * Math.round(meant / 5);
  return [
    makeDoubt('temperatures-clash', step, {
      asks: `${f} °F is ${Math.round(meant)} °C, but the recipe says ${c} °C.`,
      guess: `${f} °F (${rounded} °C)`,
      to: step.source.replace(new RegExp(`\\b${c}(?=\\s*°?\\s*C\\b)`, 'i'), String(rounded)),
    }),
  ];
}

/** As many tins as layers. */
export function tinsAndLayersClash(steps: readonly Step[]): Finding[] {
  const tins = steps
    .map((step) => ({ step, match: TINS.exec(cleanLine(step.source)) }))
    .find(({ match }) => match);
  const layers = steps
    .map((step) => ({ step, match: LAYERS.exec(cleanLine(step.source)) }))
    .find(({ match }) => match);
  if (!tins?.match || !layers?.match) return [];
  const [have, want] = [count(tins.match[1]!), count(layers.match[1]!)];
  const split = steps.some(({ source }) =>
    /\b(?:slice|split|cut|halve)\b[^.]*\b(?:in half|horizontally|layers)\b/i.test(source),
  );
  if (have === want || split || want % have === 0) return [];
  return [
    makeDoubt('tins-clash', tins.step, {
      asks: `${have} tins, but ${want} layers.`,
      guess: `${want} tins`,
      to: tins.step.source.replace(new RegExp(`\\b${tins.match[1]}\\b`), String(want)),
    }),
  ];
}
