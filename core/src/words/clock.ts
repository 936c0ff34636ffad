import { dialOf } from '../quantity';
import type { Bare, WordsFor } from '../vocabulary';

/** What is said of a bake day. Moments come as a clock shows them, `HH:mm`. */
export interface ClockSays {
  /** A stretch of work by its deeds, in order. */
  readonly 'weigh-and-mix': { readonly texture: 'dough' | 'batter' };
  readonly deeds: { readonly deeds: readonly string[] };
  readonly 'bake-it': Bare;
  readonly 'out-of-cold': Bare;
  readonly 'cools-warm': Bare;
  readonly 'cools-cold': Bare;
  readonly 'clean-down': { readonly title: string };
  readonly 'heat-oven': { readonly oven: string; readonly celsius: number };
  readonly 'turn-oven': { readonly oven: string; readonly celsius: number };
  readonly 'into-oven': { readonly title: string; readonly oven: string };
  readonly 'out-of-oven': { readonly title: string; readonly oven: string };
  readonly 'on-the-table': { readonly title: string };
  /** What binds a plan, or makes it impossible. */
  readonly 'binds-oven': { readonly oven: string; readonly from: string; readonly to: string };
  readonly 'binds-hands': { readonly hands: number; readonly from: string; readonly to: string };
  readonly 'binds-tin': { readonly tin: string; readonly from: string; readonly to: string };
  readonly 'binds-fridge': { readonly from: string; readonly to: string };
  readonly 'binds-bake': { readonly title: string; readonly minutes: number };
  readonly 'too-late-for': { readonly title: string; readonly soonest: string };
  readonly 'too-much-at-once': { readonly bakes: number };
  readonly 'no-oven': Bare;
  readonly 'table-is-past': { readonly title: string };
  readonly 'not-found': Bare;
  /** What could be given. */
  readonly 'give-later': { readonly minutes: number };
  readonly 'give-up-earlier': { readonly minutes: number };
  readonly 'give-hands': { readonly hands: number };
  readonly 'give-oven': { readonly ovens: number };
  readonly 'give-tin': { readonly tin: string };
  readonly 'give-fridge': { readonly dishes: number };
  readonly 'give-without': { readonly title: string };
}

/** Longer than this nobody reads at a glance. */
const GLANCE = 64;

/** A text that is too long without its reason, or cut at a word. */
function cut(text: string): string {
  const [bare = text] = text.length <= GLANCE ? [text] : text.split(/: /);
  return bare.length <= GLANCE ? bare : `${bare.slice(0, bare.lastIndexOf(' ', GLANCE))} …`;
}

/** As many deeds as are read at a glance; the first at least. */
function shortly(deeds: readonly string[]): string {
  let said = deeds[0] ?? '';
  for (const [at, deed] of deeds.slice(1).entries()) {
    const next = `${said}; ${deed.charAt(0).toLowerCase()}${deed.slice(1)}`;
    if (next.length > GLANCE) return at + 1 < deeds.length ? `${cut(said).replace(/ …$/, '')} …` : cut(said);
    said = next;
  }
  return cut(said);
}

const time = (minutes: number): string => {
  const [hours, rest] = [Math.floor(minutes / 60), Math.round(minutes % 60)];
  return [hours > 0 ? `${hours} h` : '', rest > 0 ? `${rest} min` : ''].filter((one) => one !== '').join(' ');
};

/** Whatever dial it has. */
function dialed(of: number): string {
  const { celsius, fahrenheit } = dialOf(of);
  return `${celsius} °C (${fahrenheit} °F)`;
}

export const CLOCK_WORDS: WordsFor<ClockSays> = {
  'weigh-and-mix': ({ texture }) => `Weigh everything out and make the ${texture}`,
  deeds: ({ deeds }) => shortly(deeds),
  'bake-it': () => 'Bake it',
  'out-of-cold': () => 'Butter and eggs out of the fridge',
  'cools-warm': () => 'Let it cool a little: it is served warm',
  'cools-cold': () => 'Let it cool until it can be cut',
  'clean-down': ({ title }) => `Wash down bench, boards and tools after ${title}`,
  'heat-oven': ({ oven, celsius }) => `Heat ${oven} to ${dialed(celsius)}`,
  'turn-oven': ({ oven, celsius }) => `Turn ${oven} to ${dialed(celsius)}`,
  'into-oven': ({ title, oven }) => `${title} into ${oven}`,
  'out-of-oven': ({ title, oven }) => `${title} out of ${oven}`,
  'on-the-table': ({ title }) => `${title} on the table`,
  'binds-oven': ({ oven, from, to }) => `${oven} is full from ${from} to ${to}`,
  'binds-hands': ({ hands, from, to }) =>
    hands === 1
      ? `one pair of hands is busy from ${from} to ${to}`
      : `${hands === 2 ? 'both' : `all ${hands}`} pairs of hands are busy from ${from} to ${to}`,
  'binds-tin': ({ tin, from, to }) => `${tin} is in use from ${from} to ${to}`,
  'binds-fridge': ({ from, to }) => `the fridge is full from ${from} to ${to}`,
  'binds-bake': ({ title, minutes }) =>
    `${title} takes ${time(minutes)} from the first touch until it is fit to serve`,
  'too-late-for': ({ title, soonest }) => `${title} can be ready at ${soonest} at the soonest`,
  'too-much-at-once': ({ bakes }) =>
    bakes === 1
      ? 'there is no room for it in the time there is'
      : `each of the ${bakes} bakes could be ready by itself, but not all of them`,
  'no-oven': () => 'there is no oven to bake in',
  'table-is-past': ({ title }) => `the time for ${title} is past`,
  'not-found': () => 'no plan was found in the search that is allowed; there may be one',
  'give-later': ({ minutes }) => `serve ${time(minutes)} later`,
  'give-up-earlier': ({ minutes }) => `get up ${time(minutes)} earlier`,
  'give-hands': ({ hands }) => `${hands} pairs of hands`,
  'give-oven': ({ ovens }) => `${ovens} ovens`,
  'give-tin': ({ tin }) => `one more such as ${tin}`,
  'give-fridge': ({ dishes }) => `room for ${dishes} dishes in the fridge`,
  'give-without': ({ title }) => `leave ${title} for another day`,
};
