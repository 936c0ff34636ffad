import type { Confidence } from '../vocabulary';
import type { BoundStep } from './bind';
import type { Bowl } from './bowl';
import type { Deed } from './data/deeds';

/** What is done otherwise at the bowl, as data; `docket/` turns it into words. */
export type TechniqueId =
  | 'stir-blend'
  | 'scald'
  | 'soak'
  | 'cook-starch'
  | 'sift-soda'
  | 'beat-longer'
  | 'overmix-dropped'
  | 'overmix-kept'
  | 'look'
  | 'citrus-last'
  | 'temper'
  | 'dust'
  | 'no-knead'
  | 'one-proof'
  | 'between-sheets'
  | 'split-foam'
  | 'divide'
  | 'rest'
  | 'bake-time'
  | 'cool'
  | 'slice-cold';

/** A rule of technique: where it has something to say, why, and whether it stands before, in or after the step. */
export interface Technique {
  readonly id: TechniqueId;
  readonly place: 'before' | 'note' | 'after';
  readonly reason: string;
  readonly source: string;
  readonly confidence: Confidence;
  /** The steps that it is about; `null`: a step of its own at the end of a method that has none for it. */
  readonly at: (steps: readonly BoundStep[], bowl: Bowl) => readonly (string | null)[];
}

const OVERMIX =
  /\b(?:do not|don't|don’t|without|avoid|never|careful not to) over-?(?:mix|beat|work)|\buntil (?:only )?just (?:combined|mixed|incorporated)/i;
const does = (step: BoundStep, ...deeds: readonly Deed[]) => deeds.some((deed) => step.deeds.includes(deed));
const idsOf = (steps: readonly BoundStep[]) => steps.map(({ id }) => id);
const firstOf = (steps: readonly BoundStep[]) => steps.slice(0, 1).map(({ id }) => id);
/** The first that there is; where a method has none, a step of its own. */
const firstOrLoose = (...choices: readonly (readonly BoundStep[])[]): (string | null)[] => {
  const [step] = choices.flat();
  return [step?.id ?? null];
};

const common = (
  id: TechniqueId,
  place: Technique['place'],
  reason: string,
  at: Technique['at'],
): Technique => ({ id, place, reason, source: 'common practice', confidence: 'common-practice', at });

const bakes = (steps: readonly BoundStep[]) => steps.filter((step) => does(step, 'bake'));
const flourSteps = (steps: readonly BoundStep[], { flourLines }: Bowl) =>
  steps.filter((step) => !does(step, 'dust', 'grease') && step.lines.some((line) => flourLines.has(line)));
/** Where flour meets the wet things: mixing there can be overdone, or not. */
const mixSteps = (steps: readonly BoundStep[], bowl: Bowl) =>
  flourSteps(steps, bowl).filter((step) => does(step, 'mix', 'whisk', 'fold'));

/** All techniques, in the order in which they are said. Adding one touches this list and its words. */
export const TECHNIQUES: readonly Technique[] = [
  common('stir-blend', 'before', 'Flours part in the jar: they differ in density.', (steps, bowl) =>
    firstOrLoose(flourSteps(steps, bowl), steps),
  ),
  common(
    'scald',
    'before',
    'Coarse meal drinks slowly: hot milk sets it and takes its grit.',
    (steps, bowl) =>
      bowl.has('wants scalding') && bowl.hasRole('liquid')
        ? firstOrLoose(flourSteps(steps, bowl), steps)
        : [],
  ),
  common('soak', 'before', 'Husk and seed swell: dry in the bowl they clump.', (steps, bowl) =>
    bowl.soaked ? firstOrLoose(flourSteps(steps, bowl), steps) : [],
  ),
  common('cook-starch', 'before', 'Starch binds once it has swollen in hot liquid.', (steps, bowl) =>
    bowl.cooked === null ? [] : firstOrLoose(flourSteps(steps, bowl), steps),
  ),
  common('sift-soda', 'note', 'A lump of soda can be tasted.', (steps, bowl) =>
    bowl.has('soda') ? firstOf(flourSteps(steps, bowl).filter((step) => !does(step, 'sift'))) : [],
  ),
  common(
    'split-foam',
    'note',
    'Chickpea brine falls unless the sugar comes in by the spoon.',
    (steps, bowl) => (bowl.has('is whipped') ? firstOf(steps.filter((step) => does(step, 'whisk'))) : []),
  ),
  common('overmix-dropped', 'note', 'There is no gluten to toughen.', (steps, { delicate }) =>
    delicate === null ? idsOf(steps.filter(({ source }) => OVERMIX.test(source))) : [],
  ),
  common('overmix-kept', 'note', 'What overmixing harms here isn’t gluten.', (steps, { delicate }) =>
    delicate === null ? [] : idsOf(steps.filter(({ source }) => OVERMIX.test(source))),
  ),
  common(
    'beat-longer',
    'note',
    'Beating hydrates the flours and brings in air, and toughens nothing.',
    (steps, bowl) =>
      bowl.delicate === null && bowl.profile.texture === 'batter'
        ? mixSteps(steps, bowl)
            .filter(({ source }) => !OVERMIX.test(source))
            .slice(-1)
            .map(({ id }) => id)
        : [],
  ),
  common('look', 'note', 'It looks otherwise than a wheat one does.', (steps, bowl) =>
    mixSteps(steps, bowl)
      .slice(-1)
      .map(({ id }) => id),
  ),
  common('citrus-last', 'note', 'Acid straight into milk curdles it.', (steps, bowl) =>
    idsOf(
      steps.filter(
        (step) =>
          step.lines.some((line) => bowl.does(line, 'curdles milk')) &&
          step.lines.some((line) => bowl.isMilk(line)),
      ),
    ),
  ),
  common('temper', 'note', 'Egg sets in what is hot, and cold egg sets what is melted.', (steps, bowl) =>
    idsOf(
      steps.filter(
        (step) =>
          step.lines.some((line) => bowl.isEgg(line)) && does(step, 'boil', 'melt') && !does(step, 'bake'),
      ),
    ),
  ),
  common('dust', 'note', 'Flour on the tin is wheat in the bake.', (steps) =>
    idsOf(steps.filter((step) => does(step, 'dust'))),
  ),
  common('no-knead', 'note', 'There is no gluten to develop.', (steps) =>
    idsOf(steps.filter((step) => does(step, 'knead'))),
  ),
  common(
    'one-proof',
    'note',
    'Without gluten a dough that is knocked back doesn’t rise again as well.',
    (steps, bowl) =>
      bowl.profile.yeast
        ? firstOf(
            steps.filter((step) => does(step, 'prove')).length > 1
              ? steps.filter((step) => does(step, 'prove'))
              : [],
          )
        : [],
  ),
  common(
    'between-sheets',
    'note',
    'The dough tears where it sticks, and flour on the bench dries it.',
    (steps) => idsOf(steps.filter((step) => does(step, 'roll') && !does(step, 'bake'))),
  ),
  common(
    'rest',
    'before',
    'The flours go on drinking: a batter thickens, a dough spreads less.',
    (steps, bowl) => (bowl.profile.rest[1] > 0 ? firstOrLoose(bakes(steps)) : []),
  ),
  common('divide', 'before', 'What is folded in later is in no other tin.', (steps, { tinsDiffer }) =>
    tinsDiffer ? firstOrLoose(bakes(steps)) : [],
  ),
  common('bake-time', 'note', 'Other flours and more water take another time.', (steps) =>
    firstOrLoose(bakes(steps)),
  ),
  common('cool', 'after', 'Without gluten it is tender until its starch has set.', (steps) =>
    firstOrLoose(bakes(steps)),
  ),
  common('slice-cold', 'note', 'The crumb goes on setting: cut warm it gums and tears.', (steps) =>
    idsOf(steps.filter((step) => does(step, 'slice'))),
  ),
];
