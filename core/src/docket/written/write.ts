import { stepWords } from '../stepWords';
import { editsFor } from '../../method';
import { readProcess, shows } from '../../process';
import type { Recipe, Step } from '../../read';
import type { DocketStep, StepKind } from '../types';
import type { Facts } from './facts';
import { heatLater } from './heatLater';
import { leftOutOf, NOTHING } from './leftOut';
import { keptOf, ownStep } from './ownStep';
import { firstHeat } from './places';
import { preparing } from './prepare';
import { remeasuredIn } from './remeasured';
import { renamedIn } from './renamed';
import { sentencesOf, type Sentence } from './sentences';
import { TECHNIQUE_WORDS } from './techniqueWords';
import { usualMixing } from './usualMixing';

/** Done before the bake. */
const AHEAD: ReadonlySet<StepKind> = new Set<StepKind>(['mix', 'rest', 'prepare']);

/** A step that the recipe hasn't. */
const fresh = (
  id: string,
  text: string,
  because: string,
  kind: StepKind,
  uses: readonly string[] = [],
): DocketStep => ({
  id: `new:${id}`,
  source: null,
  text,
  changed: true,
  bound: true,
  because: [because],
  kind,
  uses,
  stage: null,
});

const asStep = ({ id, text, because, kind, uses }: Sentence) => fresh(id, text, because, kind, uses);

/** A rest whose place nobody knows says itself when it is. */
const beforeBaking = (one: Sentence): DocketStep =>
  asStep(
    one.kind === 'rest'
      ? { ...one, text: `Before it is baked, ${one.text.slice(0, 1).toLowerCase()}${one.text.slice(1)}` }
      : one,
  );

/** Our own sentences that no step has room for: by the step that they follow, and what no place is known for. */
function ownSteps(said: readonly Sentence[], { recipe, kitchen }: Facts) {
  const process = readProcess(recipe, kitchen);
  const loose = said.filter(({ inside }) => inside === null);
  const unplaced = loose.filter(({ at }) => at === null);
  const bakes = firstHeat(process);
  return {
    behind: (step: string) =>
      loose.filter(({ at }) => at !== null && process.actions[at]!.step === step).map(asStep),
    resting: unplaced.filter(({ kind }) => AHEAD.has(kind)),
    last: unplaced.filter(({ kind }) => !AHEAD.has(kind)).map(asStep),
    bakeStep: bakes === null ? null : process.actions[bakes]!.step,
  };
}

const whipsCream = ({ method }: Recipe) => method.some(({ source }) => shows('whips cream', source));

/** The method written for what is in the bowl now. */
export function writeMethod(facts: Facts): DocketStep[] {
  const { recipe, catalogue, parts, bowl, steps } = facts;
  const renamed = renamedIn(recipe, parts, catalogue);
  const usual = usualMixing(facts, renamed);
  const forgotten = usual === null ? leftOutOf(facts) : NOTHING;
  const said = sentencesOf(facts, renamed, forgotten);
  const all = { renamed, kept: keptOf(recipe, renamed), remeasured: remeasuredIn(facts), said };
  const { behind, resting, last, bakeStep } = ownSteps(said, facts);
  // What swells in its own water as an egg's stand-in needn't be soaked again.
  const swells = bowl.which('gels when soaked');
  const gelled = renamed.some(({ made }) => made?.lines.some(({ ingredient }) => ingredient === swells));
  const edits = editsFor(steps, bowl).filter(({ technique }) => !(technique.id === 'soak' && gelled));
  const techniques = (at: string | null) =>
    edits
      .filter(({ step }) => step === at)
      .map(({ technique: { id, reason } }) => fresh(id, TECHNIQUE_WORDS[id](facts), reason, 'prepare'));
  const later = heatLater(readProcess(recipe, facts.kitchen), said, facts);
  const toldOf = (step: Step): DocketStep[] => {
    const written = ownStep(step, facts, all);
    return [...techniques(step.id), ...(stepWords(written.text).trim() === '' ? [] : [written])];
  };
  const { texture } = facts.profile;
  const first = preparing(parts, renamed, texture, whipsCream(recipe), forgotten.dry, catalogue);
  const unsaid = 'the page doesn’t say it';
  const ours =
    usual === null
      ? []
      : [
          fresh('mix', usual.mix, unsaid, 'mix', usual.uses),
          ...resting.map(asStep),
          ...(usual.shape === null ? [] : [fresh('shape', usual.shape, unsaid, 'shape')]),
        ];
  const ahead = usual === null ? resting.map(beforeBaking) : [];
  return [
    ...techniques(null),
    ...first.map(({ id, text, because, uses }) => fresh(id, text, because, 'prepare', uses)),
    ...ours,
    ...recipe.method
      .filter(({ id }) => !later?.steps.includes(id))
      .flatMap((step) => [
        ...(step.id === bakeStep ? ahead : []),
        ...toldOf(step),
        ...behind(step.id),
        ...(step.id === later?.behind
          ? recipe.method.filter(({ id }) => later.steps.includes(id)).flatMap(toldOf)
          : []),
      ]),
    ...(bakeStep === null ? ahead : []),
    ...last,
  ];
}
