import type { Kitchen } from '../../kitchen';
import { bySentence, readProcess, type Action } from '../../process';
import type { Recipe, Step } from '../../read';
import type { StepKind } from '../types';
import { kindOf } from './stepKind';

/** A paragraph of more sentences is more than one step, and of fewer where it is long: characters. */
const FEW = 3;
const LONG = 200;
const FEW_LONG = 2;
/** What belongs together stays together up to so many characters; what is done elsewhere begins a step of its own. */
const TOGETHER = 170;

/** What ends a step's sentence: no semicolon, no dash, and no number or letter before its first word. */
const ENDS = /\p{L}{2}.*(?:[.!?)]["'’”*]*\s*|\n\s*)$/su;

/** "Cool in the pan... it will sink a little." */
const TRAILS = /(?:\.{2,}|…)\s*$/;
const GOES_ON = /^\s*\p{Ll}/u;

interface Told {
  readonly from: number;
  readonly to: number;
  readonly kind: StepKind;
  /** No clause of it has a deed: "375 - 10-12 min." goes on with the bake before it. */
  readonly bare: boolean;
  /** It does nothing, it says goodbye. */
  readonly parting: boolean;
  /** "Day 2.": it heads what follows. */
  readonly heads: boolean;
  /** Characters of the number that it begins with: "1. Heat the oven. 2. Cream the butter." */
  readonly numbered: number;
}

const NUMBERED = /^\s*\d{1,2}(?:[.)]?\s+(?=\p{Lu})|\s+[–—-]\s+(?=[\p{L}\d]))/u;
/** One number is a date or an oven. */
const FEWEST_NUMBERS = 2;

const HEADS =
  /^\W*(?:the )?(?:day (?:\d|one|two|three)|(?:next|following) (?:day|morning)|(?:day|night|evening) before|on the day|(?:in the )?morning|then|part (?:\d|one|two))\W*$/i;

/** "Custard.", "Praline first.": what the rest of its paragraph makes. */
const LABELS = /^\W*(?:\d{1,2}[.)]\s*)?(?:\p{L}+ ?){1,3}[.:]\s*$/u;

/** "Enjoy!!", "x", "Good luck", "Makes abt 4 dz", "Comments (3)": no step. */
const PARTING =
  /^\W*(?:x{1,5}|enjoy\b[^,;]{0,24}|(?:love|hugs|cheers)\b[^.]{0,20}|good luck|bon app[ée]tit|happy baking|yum+y?|(?:makes|yields?|serves) [^.]{0,30}|comments? \(\d+\))\W*$/iu;

/** The sentences of a step, each with what it is for. */
function sentencesOf({ source }: Step, actions: readonly Action[], heated: ReadonlySet<string>): Told[] {
  const begins = ({ first, text }: Action, before: Action): boolean =>
    first && ENDS.test(before.text) && !(TRAILS.test(before.text) && GOES_ON.test(text));
  return bySentence(actions, begins).map((those) => {
    const [from, to] = [those[0]!.from, those.at(-1)!.to];
    const words = source.slice(from, to);
    return {
      from,
      to,
      kind: kindOf(those, heated),
      bare: those.every(({ verb }) => verb === null),
      numbered: NUMBERED.exec(words)?.[0].length ?? 0,
      parting: PARTING.test(words),
      heads:
        HEADS.test(words) || (from === 0 && LABELS.test(words) && those.every(({ verb }) => verb === null)),
    };
  });
}

/** Sentences that make one step: of one kind, and not too long; each heat is one. What has no deed of its own goes on with what stands
 * before it, and so does a goodbye; what is numbered begins anew, without its number. */
const grouped = (sentences: readonly Told[]): Told[] =>
  sentences.reduce<Told[]>((groups, one) => {
    const before = groups.at(-1);
    const looks = before?.kind === 'heat' && one.bare;
    const alike = looks || (before?.kind === one.kind && one.kind !== 'heat');
    if (before?.heads) return [...groups.slice(0, -1), { ...one, from: before.from }];
    const goesOn = one.parting || (one.numbered === 0 && alike && one.to - before.from <= TOGETHER);
    return goesOn && before ? [...groups.slice(0, -1), { ...before, to: one.to }] : [...groups, one];
  }, []);

/** "Step 5." within a paragraph: the steps have their own numbers. */
const ONLY_A_NUMBER = /^\W*step \d{1,2}\W*$/i;

function split(step: Step, actions: readonly Action[], heated: ReadonlySet<string>): Step[] {
  const told = sentencesOf(step, actions, heated).filter(
    ({ from, to }) => !ONLY_A_NUMBER.test(step.source.slice(from, to)),
  );
  const byNumber = told.filter(({ numbered }) => numbered > 0).length >= FEWEST_NUMBERS;
  if (!byNumber && told.length <= (step.source.length > LONG ? FEW_LONG : FEW)) return [step];
  const sentences = byNumber ? told : told.map((one) => ({ ...one, numbered: 0 }));
  return grouped(sentences).map(({ from, to, numbered }, at) => ({
    id: at === 0 ? step.id : `${step.id}/${at + 1}`,
    source: step.source.slice((at === 0 ? 0 : from) + numbered, to).trim(),
  }));
}

/** "Day one" is "Day one:" before what is done then. */
const ITS_NUMBER = /^\s*\d{1,2}[.)]\s+/;
const headed = (source: string): string => source.trim().replace(/(?<=[\p{L}\d])([*_]*)$/u, '$1:');
/** "Night before:" on a line of its own stands before what is done then. */
const underHeads = (method: readonly Step[]): Step[] =>
  method.reduceRight<Step[]>((later, one) => {
    const [next, ...others] = later;
    return next && HEADS.test(one.source)
      ? [{ ...next, source: `${headed(one.source)} ${next.source.replace(ITS_NUMBER, '')}` }, ...others]
      : [one, ...later];
  }, []);

const known = new WeakMap<Recipe, Recipe>();

/**
 * A recipe whose method says one thing a step: a paragraph is told sentence by sentence, what belongs together in one. What a person
 * said of a step holds for all that it became; a step that a person pointed at as the bake stays whole. Told once for each recipe, as
 * its process is: a docket, its other ways and every edit of the request ask again.
 */
export function stepByStep(recipe: Recipe, kitchen: Kitchen): Recipe {
  const there = known.get(recipe) ?? toldBySteps(recipe, kitchen);
  known.set(recipe, there);
  return there;
}

function toldBySteps(recipe: Recipe, kitchen: Kitchen): Recipe {
  const { actions, stages } = readProcess(recipe, kitchen);
  const heated = new Set(stages.map(({ action }) => action));
  const { takes, bake } = recipe.bindings;
  const steps = recipe.method.map((step) => ({
    step,
    into:
      step.id === bake?.step
        ? [step]
        : split(
            step,
            actions.filter((one) => one.step === step.id),
            heated,
          ),
  }));
  const heads = steps.some(({ into }) => into.some(({ source }) => HEADS.test(source)));
  if (!heads && steps.every(({ into }) => into.length === 1)) return recipe;
  const all = steps.flatMap(({ step, into }) =>
    takes[step.id] === undefined ? [] : into.map(({ id }) => [id, takes[step.id]!] as const),
  );
  return {
    ...recipe,
    method: underHeads(steps.flatMap(({ into }) => into)),
    bindings: { ...recipe.bindings, takes: { ...takes, ...Object.fromEntries(all) } },
  };
}
