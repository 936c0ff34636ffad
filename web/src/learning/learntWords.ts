import type { Learnt, Topic } from '@omniarton/core/next';
import { FAMILY_NAMES, type FamilyId } from '@omniarton/core/vocabulary';

/** What a kitchen is learnt about, and what its bakes must have for that. */
export const TOPIC_WORDS: Readonly<Record<Topic, { readonly name: string; readonly wants: string }>> = {
  time: {
    name: 'How long it takes',
    wants: 'the minutes of a bake that was done when it came out',
  },
  offset: { name: 'Ovens beside their dials', wants: 'a thermometer in the oven' },
  thirst: {
    name: 'What your flours drink',
    wants: 'how the batter looked after its rest, and the spoonfuls that were added',
  },
  dose: { name: 'How much binder', wants: 'how a bake was judged, and whether it was tough or crumbly' },
  done: { name: 'When it is done', wants: 'a thermometer in the middle as it came out, and a judgement' },
  sweetness: {
    name: 'How sweet you like it',
    wants: 'a blind tasting that asks whether its sweetness is just right',
  },
  moistness: {
    name: 'How moist you like it',
    wants: 'a blind tasting that asks whether its moistness is just right',
  },
  density: { name: 'What a cup of your bags holds', wants: 'a cup of it weighed, on the page of flours' },
};

export const LEARNT_TOPICS = Object.keys(TOPIC_WORDS) as readonly Topic[];

const familyName = (id: string): string => FAMILY_NAMES[id as FamilyId] ?? id;
const plainName = (id: string): string => id.replaceAll('-', ' ');

const OF_A_KIND: ReadonlySet<Topic> = new Set<Topic>(['dose', 'done', 'sweetness', 'moistness']);

/** What it is of. */
export function ofWords({ topic, of, time }: Learnt): string {
  if (time) return `${familyName(time.family)}, ${plainName(time.tin)}, ${time.oven ?? 'the oven'}`;
  if (OF_A_KIND.has(topic)) return familyName(of);
  return plainName(of);
}

const percent = (factor: number): string => `${Math.round(Math.abs(factor - 1) * 100)} %`;

/** A figure of a topic. */
export function figureWords(topic: Topic, value: number): string {
  if (topic === 'density') return `${value.toFixed(0)} g`;
  return topic === 'offset' || topic === 'done'
    ? `${value > 0 ? '+' : value < 0 ? '−' : ''}${Math.abs(value).toFixed(topic === 'done' ? 1 : 0)} °C`
    : `${value.toFixed(2)} ×`;
}

const MORE: Readonly<Record<Exclude<Topic, 'density'>, readonly [more: string, less: string]>> = {
  time: ['takes % longer than such bakes do', 'takes % less time than such bakes do'],
  offset: ['runs % hotter than its dial', 'runs % cooler than its dial'],
  thirst: ['drinks % more than the table says', 'drinks % less than the table says'],
  dose: ['bears % more binder than is usual', 'wants % less binder than is usual'],
  done: ['is liked % further done', 'is liked % less done'],
  sweetness: ['is wished % sweeter', 'is wished % less sweet'],
  moistness: ['is wished with % more liquid', 'is wished with % less liquid'],
};

export const bakesWords = (bakes: number): string => (bakes === 1 ? 'one bake' : `${bakes} bakes`);

/** What is believed now, in a sentence without a full stop. */
export function believedWords(learnt: Learnt): string {
  const { topic, posterior, moved, taught } = learnt;
  if (taught.length === 0) return 'nothing has taught it yet';
  if (topic === 'density')
    return `a cup of it holds ${figureWords(topic, posterior.middle)}; the weighing itself counts while the bag is open`;
  if (!moved) return `${bakesWords(taught.length)}: too few to move it`;
  const celsius = topic === 'offset' || topic === 'done';
  const off = celsius ? posterior.middle : posterior.middle - 1;
  const by = celsius ? `${Math.abs(off).toFixed(topic === 'done' ? 1 : 0)} °C` : percent(posterior.middle);
  if (by === '0 %' || by === '0 °C' || by === '0.0 °C') return 'as such things are';
  return MORE[topic][off > 0 ? 0 : 1].replace('%', by);
}
