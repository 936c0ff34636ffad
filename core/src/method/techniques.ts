import { shows } from '../process';
import type { Confidence } from '../vocabulary';
import type { BoundStep } from './bind';
import type { Bowl } from './bowl';
import type { Deed } from './data/deeds';

/** What is done otherwise at the bowl, as data; `docket/` turns it into words. */
export type TechniqueId = 'scald' | 'soak' | 'cook-starch' | 'split-foam' | 'divide';

/** A rule of technique: before which step it stands, and why. */
export interface Technique {
  readonly id: TechniqueId;
  readonly reason: string;
  readonly source: string;
  readonly confidence: Confidence;
  /** The steps that it is about; `null`: a step of its own before a method that has none for it. */
  readonly at: (steps: readonly BoundStep[], bowl: Bowl) => readonly (string | null)[];
}

const does = (step: BoundStep, ...deeds: readonly Deed[]) => deeds.some((deed) => step.deeds.includes(deed));
const firstOf = (steps: readonly BoundStep[]) => steps.slice(0, 1).map(({ id }) => id);
/** The first that there is; where a method has none, a step of its own. */
const firstOrLoose = (...choices: readonly (readonly BoundStep[])[]): (string | null)[] => {
  const [step] = choices.flat();
  return [step?.id ?? null];
};

const common = (id: TechniqueId, reason: string, at: Technique['at']): Technique => ({
  id,
  reason,
  source: 'common practice',
  confidence: 'common-practice',
  at,
});

const bakes = (steps: readonly BoundStep[]) => steps.filter((step) => does(step, 'bake'));
const flourSteps = (steps: readonly BoundStep[], { flourLines }: Bowl) =>
  steps.filter((step) => !does(step, 'dust', 'grease') && step.lines.some((line) => flourLines.has(line)));

/** All techniques, in the order in which they are said. Adding one touches this list and its words. */
export const TECHNIQUES: readonly Technique[] = [
  common('scald', 'Coarse meal drinks slowly: hot milk sets it and takes its grit.', (steps, bowl) =>
    bowl.scalds !== null ? firstOrLoose(flourSteps(steps, bowl), steps) : [],
  ),
  common('soak', 'Husk and seed swell: dry in the bowl they clump.', (steps, bowl) =>
    bowl.soaked ? firstOrLoose(flourSteps(steps, bowl), steps) : [],
  ),
  common('cook-starch', 'Starch binds once it has swollen in hot liquid.', (steps, bowl) =>
    bowl.cooked === null ? [] : firstOrLoose(flourSteps(steps, bowl), steps),
  ),
  common('split-foam', 'Chickpea brine falls unless the sugar comes in by the spoon.', (steps, bowl) =>
    // Who whips the whites by themselves is told how by the recipe.
    steps.some(({ source }) => shows('whips whites', source))
      ? []
      : firstOf(
          steps.filter(
            (step) => does(step, 'whisk') && step.lines.some((line) => bowl.whippedLines.has(line)),
          ),
        ),
  ),
  common('divide', 'What is folded in later is in no other tin.', (steps, { tinsDiffer }) =>
    tinsDiffer ? firstOrLoose(bakes(steps)) : [],
  ),
];
