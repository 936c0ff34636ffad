import { celsiusOf } from '../../quantity';
import { cleanLine, makeDoubt, type Finding, type Step } from '../../read';

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
