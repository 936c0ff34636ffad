import { familyOf } from '../family';
import type { Docket, DocketStep, StepKind } from './types';
import { headLines, headOf, headWarnings, heatLines } from './head';
import { docketLineWords } from './lineWords';
import { stepWords } from './stepWords';

/** ISO 8601 duration of whole minutes. */
const duration = (minutes: number): string => {
  const whole = Math.max(1, Math.round(minutes));
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  return `PT${hours > 0 ? `${hours}H` : ''}${rest > 0 || hours === 0 ? `${rest}M` : ''}`;
};

interface HowToStep {
  readonly '@type': 'HowToStep';
  readonly text: string;
}
interface HowToSection {
  readonly '@type': 'HowToSection';
  readonly name: string;
  readonly itemListElement: readonly HowToStep[];
}

/** A schema.org Recipe. Plain JSON: any reader of structured data takes it. */
export interface RecipeLinkedData {
  readonly '@context': 'https://schema.org';
  readonly '@type': 'Recipe';
  readonly name: string;
  readonly description: string;
  readonly recipeCategory: string;
  readonly recipeYield?: string;
  readonly recipeIngredient: string[];
  readonly recipeInstructions: readonly HowToSection[];
  readonly tool?: readonly { readonly '@type': 'HowToTool'; readonly name: string }[];
  readonly cookingMethod: string;
  readonly cookTime?: string;
  readonly prepTime?: string;
  readonly totalTime?: string;
}

const SECTION_OF: Readonly<Record<StepKind, string>> = {
  prepare: 'Prepare',
  mix: 'Mix',
  rest: 'Mix',
  shape: 'Shape and bake',
  heat: 'Shape and bake',
  cool: 'Finish',
  finish: 'Finish',
};

/** Steps in their order, in a section for each stretch of work. */
function sectionsOf(method: readonly DocketStep[]): HowToSection[] {
  return method.reduce<HowToSection[]>((sections, { text, kind = 'mix' }) => {
    const name = SECTION_OF[kind];
    const step: HowToStep = { '@type': 'HowToStep', text: stepWords(text) };
    const last = sections.at(-1);
    if (last?.name !== name) return [...sections, { '@type': 'HowToSection', name, itemListElement: [step] }];
    return [...sections.slice(0, -1), { ...last, itemListElement: [...last.itemListElement, step] }];
  }, []);
}

/**
 * A docket as schema.org JSON-LD. It says what it was converted for and how its guard stands; it does not set `suitableForDiet`,
 * since no state of the guard is a promise that a program could make.
 */
export function toJsonLd(docket: Docket): RecipeLinkedData {
  const { bake, family, parts, title } = docket;
  const { makes, tin, heat, times } = headOf(docket);
  const cook = docket.stages?.reduce(
    (sum, { medium, minutes }) => sum + (medium === 'chilled' ? 0 : (minutes?.central ?? 0)),
    0,
  );
  const minutes = cook || bake.minutes?.central;
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: title,
    description: [...headLines(docket), ...headWarnings(docket), `${heatLines(heat).join('; ')}.`].join(' '),
    recipeCategory: family.name,
    ...(makes === null ? {} : { recipeYield: makes.replace(/^for (.+)$/, '$1 servings') }),
    recipeIngredient: parts.flatMap(({ lines }) => lines.map(docketLineWords)),
    recipeInstructions: sectionsOf(docket.method),
    ...(tin === null ? {} : { tool: [{ '@type': 'HowToTool' as const, name: tin }] }),
    cookingMethod: COOKED[familyOf(family.id).cooked],
    ...(times ? { prepTime: duration(times.handsOn), totalTime: duration(times.total) } : {}),
    ...(minutes ? { cookTime: duration(minutes) } : {}),
  };
}

const COOKED = {
  oven: 'Baking',
  griddle: 'Griddling',
  fried: 'Frying',
  steamed: 'Steaming',
  microwave: 'Microwaving',
  cold: 'Chilling',
} as const;
