import type { Facts, Level } from '../why';
import type { PracticeRound } from './round';

/** What a baker can ask about a practice bake; each costs points. */
export const PRACTICE_QUESTIONS = {
  list: 'What is on its list?',
  batter: 'How did the batter look?',
  flour: 'How does the flour feel?',
  oven: 'What did a thermometer in the oven say?',
  waits: 'How long did it rest, chill or rise?',
  tin: 'How full was the tin?',
  cut: 'When was it cut?',
} as const;
export type PracticeQuestion = keyof typeof PRACTICE_QUESTIONS;

const LEVELS: Readonly<Record<Level, string>> = {
  [-1]: 'less than such a bake has',
  0: 'as such a bake has it',
  1: 'more than such a bake has',
};

/** A measure beside the recipe's usual one, where there is one. */
function beside(name: string, value: number | null, usual: number | undefined): string[] {
  if (value === null) return [];
  return [`${name} ${value} g${usual === undefined ? '' : ` (such recipes: ${usual} g)`}`];
}

function listOf({ gum, fat, egg, sugar, soda, lift, usual }: Facts): string {
  const per = [
    ...(gum === null ? [] : [`binder ${gum} g`]),
    ...beside('fat', fat, usual.fat),
    ...beside('sugar', sugar, usual.sugar),
    ...beside('egg', egg, usual.egg),
    ...(soda ? [`soda left over ${soda} g`] : []),
  ];
  const rise = lift === null ? '' : `Lift: ${LEVELS[lift]}.`;
  return per.length === 0
    ? `Nothing on it is out of the usual. ${rise}`.trim()
    : `For 100 g of flour: ${per.join(', ')}. ${rise}`.trim();
}

const BATTERS: Readonly<Record<Level, string>> = {
  [-1]: 'Stiff: it stood in lumps.',
  0: 'As such a batter should.',
  1: 'Thin: it ran off the spoon.',
};

const hours = (value: number) => (value === 0 ? 'not at all' : value === 1 ? 'an hour' : `${value} hours`);

const ANSWERS: Readonly<Record<PracticeQuestion, (facts: Facts, ovenOff: number) => string>> = {
  list: listOf,
  batter: ({ drink }) => BATTERS[drink ?? 0],
  flour: ({ coarse }) => (coarse ? 'Sandy between the fingers.' : 'Fine.'),
  oven: (_, off) =>
    Math.abs(off) < 2
      ? 'What its dial says.'
      : `${Math.abs(off)} °C ${off > 0 ? 'above' : 'below'} its dial.`,
  waits: ({ restMinutes, chillHours, proofed }) =>
    [
      `Rested ${restMinutes === 0 ? 'not at all' : `${restMinutes} minutes`}.`,
      `Chilled ${hours(chillHours ?? 0)}.`,
      ...(proofed === null ? [] : [proofed ? 'Risen as it should.' : 'Put in before it had doubled.']),
    ].join(' '),
  tin: ({ fill }) => `To ${Math.round(100 * (fill ?? 0.6))} % of its depth.`,
  cut: ({ cutWarm }) => (cutWarm ? 'Warm, ten minutes after the oven.' : 'Cold.'),
};

/** What is known of a practice bake by a question, in a sentence. */
export const answerTo = ({ hidden }: PracticeRound, question: PracticeQuestion): string =>
  ANSWERS[question](hidden.facts, hidden.ovenOff);
