import { ovenWords } from './ovenWords';
import { docketLineWords } from './listWords';
import type { Docket } from './types';

/** For whom a docket was guarded, by their names; nothing where nobody is named. */
export const forWhomWords = ({ forWhom }: Docket['guard']): string => {
  const names = forWhom.filter((name) => name !== '');
  return names.length > 0 ? `, for ${names.join('; ')}` : '';
};

/** ISO 8601 duration of whole minutes. */
const duration = (minutes: number): string => `PT${Math.max(1, Math.round(minutes))}M`;

/** A schema.org Recipe. Plain JSON: any reader of structured data takes it. */
export interface RecipeLinkedData {
  readonly '@context': 'https://schema.org';
  readonly '@type': 'Recipe';
  readonly name: string;
  readonly description: string;
  readonly recipeIngredient: string[];
  readonly recipeInstructions: { readonly '@type': 'HowToStep'; readonly text: string }[];
  readonly cookTime?: string;
  readonly prepTime?: string;
}

/**
 * A docket as schema.org JSON-LD. It says what it was converted for and how its guard stands; it does not set
 * `suitableForDiet`, since no program can promise that.
 */
export function toJsonLd(docket: Docket): RecipeLinkedData {
  const { guard, bake, rest } = docket;
  const out = guard.without.length > 0 ? `, without ${guard.without.join(', ')}` : '';
  const checked = guard.checkedOn === null ? '' : `, last answered on ${guard.checkedOn}`;
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: docket.title,
    description: `Converted to ${guard.diet}${out}. Guard: ${guard.state}${forWhomWords(guard)}${checked}. ${ovenWords(docket)}. Read every label.`,
    recipeIngredient: docket.parts.flatMap(({ lines }) => lines.map(docketLineWords)),
    recipeInstructions: docket.method.map(({ text }) => ({ '@type': 'HowToStep', text })),
    prepTime: duration(rest.minutes[0]),
    ...(bake.minutes ? { cookTime: duration(bake.minutes.central) } : {}),
  };
}
