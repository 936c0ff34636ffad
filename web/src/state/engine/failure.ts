import { EngineGoneError } from './gone';

/** Why the engine has no answer: what a person reads, and what happened, to be copied for whoever mends it. */
export interface EngineFailure {
  readonly words: string;
  readonly cause: string;
}

const GONE =
  'The engine has stopped twice on this recipe. What you typed is kept; change something to ask it again.';
const THROWN =
  'The engine can’t work this recipe out as it stands: something in it is wrong on our side. What you typed is kept; another change may get past it.';
/** Shorter words of a recipe stand in any sentence. */
const TELLING = 4;
const MOST_CAUSE = 2000;

/** A text without a recipe’s own words. */
function withoutRecipe(text: string, recipe: string): string {
  const own = recipe
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line.length >= TELLING)
    .sort((a, b) => b.length - a.length);
  return own.reduce((rest, line) => rest.replaceAll(line, '…'), text);
}

/** What went wrong with a question about a recipe, without the words of the recipe in it. */
export function failureOf(error: unknown, recipe: string): EngineFailure {
  const known = error instanceof Error ? error : new Error(String(error));
  const told = known.stack?.includes(known.message)
    ? known.stack
    : `${known.name}: ${known.message}\n${known.stack ?? ''}`;
  return {
    words: known instanceof EngineGoneError ? GONE : THROWN,
    cause: withoutRecipe(told, recipe).slice(0, MOST_CAUSE),
  };
}
