import balance from '../../../docs/screenshots/balance.png';
import blend from '../../../docs/screenshots/blend.png';
import clock from '../../../docs/screenshots/clock.png';
import guard from '../../../docs/screenshots/guard.png';
import heat from '../../../docs/screenshots/heat.png';
import log from '../../../docs/screenshots/log.png';
import next from '../../../docs/screenshots/next.png';
import read from '../../../docs/screenshots/read.png';
import taste from '../../../docs/screenshots/taste.png';

/** A stage of the work: what it is for, what one does there, and how it looks in the demo. */
export interface HowStage {
  readonly name: string;
  readonly asks: string;
  readonly says: readonly string[];
  readonly picture: string;
}

export const HOW_STAGES: readonly HowStage[] = [
  {
    name: 'Read',
    asks: 'What does the recipe say?',
    says: [
      'Paste any page, card or message. Each line becomes a weight; cups and spoons are turned into grams, with how sure that is.',
      'What was taken for the wrong thing (a title, a step, a note) is put right with one press or key. Weigh a cup once and its weight is known from then on.',
    ],
    picture: read,
  },
  {
    name: 'Guard',
    asks: 'Who must be kept safe, and from what?',
    says: [
      'Say who sits at the table. Every line and step is held against what they avoid; hidden gluten is named with its reason.',
      'A question stays open until somebody has read the label. Nothing here is ever called safe: labels, certification and the clinician decide.',
    ],
    picture: guard,
  },
  {
    name: 'Blend',
    asks: 'Which flours and starches, in what shares?',
    says: [
      'The blend does the job that the wheat did in this bake, out of your cupboard if you wish. Drag a share, leave a flour out, ask for chewier or paler.',
    ],
    picture: blend,
  },
  {
    name: 'Balance',
    asks: 'How much binder, water, fat, sugar, egg and lift?',
    says: [
      'All are solved together within what works for this kind of bake. Every shift has its because; any number can be set by hand and the rest follows.',
    ],
    picture: balance,
  },
  {
    name: 'Heat',
    asks: 'Which tin, how hot, how long?',
    says: [
      'The time is computed for your tin, your oven and the batter’s rest, with when to look first. Measure your oven once and it is counted with.',
    ],
    picture: heat,
  },
  {
    name: 'Clock',
    asks: 'When do I begin?',
    says: [
      'The bake is planned back from when it is served; several bakes share ovens, hands and tins on one bake day, with timers and a calendar file.',
    ],
    picture: clock,
  },
  {
    name: 'Log',
    asks: 'What really happened?',
    says: [
      'Times, temperatures, weights, pictures and marks, in under a minute; what differed from the plan is told apart from what was meant.',
    ],
    picture: log,
  },
  {
    name: 'Taste',
    asks: 'Is it better, and can we tell?',
    says: [
      'Blind tastings with codes, serving orders and ballots, and honest statistics for a small panel: also what it could never have found.',
    ],
    picture: taste,
  },
  {
    name: 'Next',
    asks: 'Why did it do that, and what do I change?',
    says: [
      'Say what you saw; causes are ranked with the evidence. One change is computed for the next bake, and what your kitchen teaches is kept.',
    ],
    picture: next,
  },
];
