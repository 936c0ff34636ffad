import type { Recipe, Step } from '../read';
import type { Profile } from '../family';
import { HOUSE_PREFIX } from '../guard';
import type { Rest } from '../heat';
import type { DocketBake, DocketPart, DocketStep } from './types';

/** An edit of the method as data; only this file turns it into words. `refs` name the docket's numbers that it shows. */
export interface MethodEdit {
  /** The step it is about; null for a new one. */
  readonly step: string | null;
  readonly edit: 'stir-blend' | 'rest' | 'bake-time' | 'cool' | 'dust' | 'mixing' | 'soak';
  readonly refs: readonly string[];
}

const FLOUR_STEP = /\b(?:flour|dry ingredients|sift)\b/i;
const DUSTS = /\b(?:dust|flour(?:ed)? (?:the|your|a)|floured|sprinkle[^.]*flour)\b/i;
const BAKES = /\b(?:bake(?! ?(?:way|ware))|fry|steam|microwave|griddle|cook (?:until|for|on|over))\b/i;
const OVERMIX = /\b(?:do not|don't|don’t|without|avoid|never) over-?(?:mix|beat|work)/i;
const SOAKED = new Set(['psyllium-husk', 'flax-meal', 'chia-seed']);

/** Binds edits to steps by their words. A step that no rule knows stays as it was written. */
export function editsFor(
  steps: readonly Step[],
  parts: readonly DocketPart[],
  profile: Profile,
): MethodEdit[] {
  const edits: MethodEdit[] = [];
  const first = steps.find(({ source }) => FLOUR_STEP.test(source) && !DUSTS.test(source)) ?? steps[0];
  edits.push({ step: first?.id ?? null, edit: 'stir-blend', refs: ['parts.blend'] });
  if (
    parts.some(({ lines }) => lines.some(({ ingredient }) => ingredient !== null && SOAKED.has(ingredient)))
  )
    edits.push({ step: first?.id ?? null, edit: 'soak', refs: [] });
  for (const step of steps) {
    if (DUSTS.test(step.source)) edits.push({ step: step.id, edit: 'dust', refs: [] });
    if (OVERMIX.test(step.source) && profile.texture === 'batter')
      edits.push({ step: step.id, edit: 'mixing', refs: [] });
  }
  const bake = steps.find(({ source }) => BAKES.test(source));
  edits.push({ step: bake?.id ?? null, edit: 'rest', refs: ['rest.minutes'] });
  edits.push({ step: bake?.id ?? null, edit: 'bake-time', refs: ['bake.minutes', 'bake.firstCheck'] });
  edits.push({ step: bake?.id ?? null, edit: 'cool', refs: ['bake.coolMinutes'] });
  return edits;
}

/** Minutes as a person says them: to 1 below twenty, to 5 above two hours as hours. */
export function sayMinutes(minutes: number): string {
  if (minutes < 120) return `${Math.round(minutes)} minutes`;
  const hours = Math.round(minutes / 30) / 2;
  return `${hours} hours`;
}

/** A step without the number that it was written with: lists give it their own. */
export const unnumbered = (step: string): string => step.replace(/^\s*\d{1,2}\s*[.)]\s*/, '');

export interface Facts {
  readonly parts: readonly DocketPart[];
  readonly rest: Rest;
  readonly bake: DocketBake;
  readonly profile: Profile;
}

function restWords({ rest, profile }: Facts): string {
  const [low, high] = rest.minutes;
  if (rest.cold)
    return `Portion the dough, then rest it in the cold for at least ${sayMinutes(low)} (up to ${sayMinutes(high)}): the flours go on drinking, and it spreads less.`;
  const span = low === high ? sayMinutes(low) : `${low} to ${sayMinutes(high)}`;
  return `Let the ${profile.texture} rest for ${span} before you judge it: it looks thin at first and thickens as the flours drink.`;
}

function bakeWords({ bake }: Facts): string {
  if (bake.ovenCelsius === null) return `As long as written, and by its look. Done: ${bake.doneSigns}.`;
  if (!bake.minutes || bake.firstCheck === null)
    return 'This bake is never done in the simulation: check pan and oven.';
  return `Here: about ${Math.round(bake.minutes.central)} minutes (${Math.round(bake.minutes.low)}–${Math.round(bake.minutes.high)}), first look at ${Math.round(bake.firstCheck)}. Done: ${bake.doneSigns}; about ${Math.round(bake.doneCelsius)} °C in the middle.`;
}

const coolWords = ({ bake, profile }: Facts) =>
  `Leave it ${bake.pan?.shape === 'tray' || profile.texture === 'dough' ? 'on the tray' : 'in the tin'} for ${bake.coolMinutes} minutes: without gluten it is tender until it has cooled.`;

const blendWords = ({ parts }: Facts) => {
  const binder = parts.flatMap(({ lines }) => lines).find(({ ingredient }) => ingredient === 'xanthan-gum');
  const jar = parts
    .flatMap(({ blend }) => blend)
    .find(({ ingredient }) => ingredient.startsWith(HOUSE_PREFIX));
  if (jar)
    return `Stir ${jar.name} in its jar before you measure it: flours part.${binder ? ` Stir the ${binder.name} into what you weighed.` : ''}`;
  return `Stir the flours of the blend together${binder ? `, the ${binder.name} with them,` : ''} before anything else: they part in the jar.`;
};

function newStep(id: string, text: string): DocketStep {
  return { id: `new:${id}`, source: null, text, changed: true };
}

/** The method of the docket: the recipe's steps as written, with what is said to some of them, and the new steps between. */
export function writeMethod(recipe: Recipe, edits: readonly MethodEdit[], facts: Facts): DocketStep[] {
  const before = (edit: MethodEdit['edit'], step: string | null) =>
    edits.some((one) => one.edit === edit && one.step === step);
  const leading = (step: string | null): DocketStep[] => [
    ...(before('stir-blend', step) ? [newStep('blend', blendWords(facts))] : []),
    ...(before('soak', step)
      ? [
          newStep(
            'soak',
            'Stir husk or seed into the liquid and leave it to gel for 10 minutes; never dry by the spoon.',
          ),
        ]
      : []),
    ...(before('rest', step) ? [newStep('rest', restWords(facts))] : []),
  ];
  const trailing = (step: string | null): DocketStep[] =>
    before('cool', step) ? [newStep('cool', coolWords(facts))] : [];
  const notes = (step: string): string[] => [
    ...(before('dust', step) ? ['Dust with a flour or starch without gluten, never with wheat.'] : []),
    ...(before('mixing', step) ? ['There is no gluten to toughen: beat until smooth.'] : []),
    ...(before('bake-time', step) ? [bakeWords(facts)] : []),
  ];
  const steps = recipe.method.flatMap(({ id, source }): DocketStep[] => {
    const said = notes(id);
    return [
      ...leading(id),
      { id, source, text: [source, ...said].join(' — '), changed: said.length > 0 },
      ...trailing(id),
    ];
  });
  const loose = [
    ...leading(null),
    ...(before('bake-time', null) ? [newStep('bake', bakeWords(facts))] : []),
    ...trailing(null),
  ];
  return [...steps, ...loose];
}
