import { FAMILY_NAMES } from '../vocabulary';
import { bandsOf } from '../family';
import { ovenWords } from './ovenWords';
import type { Docket } from './types';

/** One thing in which two dockets differ, in words of the kitchen. */
export interface Difference {
  readonly what: string;
  readonly from: string;
  readonly to: string;
}

const percent = (share: number) => `${Math.round(100 * share)} %`;
const grams = (value: number) => `${value < 10 ? Number(value.toFixed(1)) : Math.round(value)} g`;
/** Weights that differ by less are the same to a cook. */
const SAME = 0.02;

function linesOf(docket: Docket): Map<string, { name: string; grams: number }> {
  const sum = new Map<string, { name: string; grams: number }>();
  for (const line of docket.parts.flatMap((part) => part.lines)) {
    if (!line.grams || line.ingredient === null) continue;
    const known = sum.get(line.ingredient);
    sum.set(line.ingredient, { name: line.name, grams: line.grams.central + (known?.grams ?? 0) });
  }
  return sum;
}

const restWords = ({ rest }: Docket) =>
  `${rest.minutes[0] === rest.minutes[1] ? rest.minutes[0] : rest.minutes.join('–')} min${rest.cold ? ' cold' : ''}`;
const blendWords = ({ parts }: Docket) =>
  (parts.find(({ blend }) => blend.length > 0)?.blend ?? [])
    .map(({ name, share }) => `${name} ${percent(share)}`)
    .join(', ');
const bandWords = ({ family, route }: Docket) => {
  const { drinkThirst } = bandsOf(family.id, route);
  return drinkThirst.join('–');
};

/** What is otherwise on one docket than on another: blend, weights, rest, oven and time. Empty when a cook would see none. */
export function differencesOf(a: Docket, b: Docket): Difference[] {
  const facts: Difference[] = [
    { what: 'kind of bake', from: FAMILY_NAMES[a.family.id], to: FAMILY_NAMES[b.family.id] },
    { what: 'blend', from: blendWords(a), to: blendWords(b) },
    { what: 'drink per thirst, band', from: bandWords(a), to: bandWords(b) },
    { what: 'rest', from: restWords(a), to: restWords(b) },
    { what: 'oven', from: ovenWords(a), to: ovenWords(b) },
    {
      what: 'time in it',
      from: a.bake.minutes ? `${Math.round(a.bake.minutes.central)} min` : '–',
      to: b.bake.minutes ? `${Math.round(b.bake.minutes.central)} min` : '–',
    },
    { what: 'done when', from: a.bake.doneSigns, to: b.bake.doneSigns },
  ];
  const [before, after] = [linesOf(a), linesOf(b)];
  const weights = [...new Set([...before.keys(), ...after.keys()])].flatMap((id): Difference[] => {
    const [from, to] = [before.get(id), after.get(id)];
    if (from && to && Math.abs(from.grams - to.grams) <= SAME * from.grams) return [];
    return [
      {
        what: (to ?? from)!.name,
        from: from ? grams(from.grams) : 'none',
        to: to ? grams(to.grams) : 'none',
      },
    ];
  });
  return [...facts.filter(({ from, to }) => from !== to), ...weights];
}
