import { closest, distance } from 'fastest-levenshtein';
import type { Catalogue, Ingredient } from '../catalogue';
import { BLEND_NAMES } from './data/flourNames';
import { FOOD_FORMS, type FoodForm } from './data/forms';
import { MODIFIERS, NAME_ENDS } from './data/modifiers';
import { namesBlend } from './flourNames';
import { indexOf, tokensOf, type Named, type NameIndex } from './names';
import { remembered } from './remember';
import type { MatchKind } from './types';

export interface Match extends Named {
  readonly match: Exclude<MatchKind, 'none'>;
}

interface Hit {
  readonly named: Named;
  readonly start: number;
  readonly length: number;
}

/** Shorter words are too like each other to be put right. */
const TYPO_MIN = 4;
const LONG_WORD = 8;
const SHORT_WORD = 6;

/** The longest name among the words; of two as long, the later one, since the noun stands last. */
function longestName(tokens: readonly string[], index: NameIndex): Hit | undefined {
  const most = tokens.map((token) => index.longest.get(token) ?? 0);
  for (let length = Math.min(tokens.length, Math.max(0, ...most)); length > 0; length -= 1) {
    for (let start = tokens.length - length; start >= 0; start -= 1) {
      if (most[start]! < length) continue;
      const named = index.names.get(tokens.slice(start, start + length).join(' '));
      if (named) return { named, start, length };
    }
  }
  return undefined;
}

/** Caches this large hold the words of thousands of recipes. */
const MOST_WORDS = 20_000;

/** The word of some names that a misspelt one is meant for; itself when none is near. */
function makeMender({ tokens }: NameIndex): (token: string) => string {
  const byLength = new Map<number, string[]>();
  for (const word of tokens)
    if (word.length >= TYPO_MIN) byLength.set(word.length, [...(byLength.get(word.length) ?? []), word]);
  return remembered((token) => {
    const far = token.length >= LONG_WORD ? 2 : 1;
    const lengths = Array.from({ length: 2 * far + 1 }, (_, at) => token.length - far + at);
    const near = lengths.flatMap((length) => byLength.get(length) ?? []);
    const best = near.length > 0 ? closest(token, near) : token;
    // A short word with another beginning is another word: "love" is no clove.
    const alike = token.length >= SHORT_WORD || best[0] === token[0];
    // Four letters with one exchanged are another word: "mawa" is no masa.
    const exchanged = token.length === TYPO_MIN && best.length === TYPO_MIN;
    return alike && !exchanged && distance(token, best) <= far ? best : token;
  }, MOST_WORDS);
}

const menders = new WeakMap<NameIndex, (token: string) => string>();

function withoutTypos(tokens: readonly string[], index: NameIndex): string[] | undefined {
  const mend = menders.get(index) ?? makeMender(index);
  menders.set(index, mend);
  let changed = false;
  const mended = tokens.map((token) => {
    if (token.length < TYPO_MIN || index.tokens.has(token) || MODIFIERS.has(token) || /\d/.test(token))
      return token;
    const near = mend(token);
    if (near !== token) changed = true;
    return near;
  });
  return changed ? mended : undefined;
}

/** The last word, where that names a thing with gluten: "dark chocolate digestives" are digestives. */
function headOf(
  tokens: readonly string[],
  { start, length }: Hit,
  index: NameIndex,
  holdsGluten: (named: Named) => boolean,
): Hit | undefined {
  const last = tokens.findLastIndex((token) => !MODIFIERS.has(token));
  const within = last < start + length;
  const named = last < 0 || within ? undefined : index.names.get(tokens[last]!);
  return named && holdsGluten(named) ? { named, start: last, length: 1 } : undefined;
}

function matchTokens(
  tokens: readonly string[],
  index: NameIndex,
  holdsGluten: (named: Named) => boolean,
): Match | undefined {
  const longest = longestName(tokens, index);
  if (!longest) return undefined;
  const hit = headOf(tokens, longest, index, holdsGluten) ?? longest;
  const rest = tokens.filter(
    (token, at) =>
      (at < hit.start || at >= hit.start + hit.length) &&
      // "Lemon lemon zest": the fruit is said again in a column of its own.
      tokens[at + 1] !== token &&
      !MODIFIERS.has(token) &&
      !/^\d/.test(token),
  );
  return { ...hit.named, match: rest.length === 0 ? 'exact' : 'near' };
}

/** Fruit and vegetables, and dry things, come in forms; a drink, a flavour or a flour named so has a row of its own. */
const FORMED_ROLES = new Set(['fruit-veg', 'inclusion']);

const hasForm = (form: FoodForm, food: Ingredient): boolean =>
  food.composition.water > (form.wetterThan ?? -1) && food.composition.water < (form.drierThan ?? 101);

/** What stands for a food in a form that makes another thing of it; undefined where the table has none that is as strict. */
function inForm(match: Match, tokens: readonly string[], catalogue: Catalogue): Match | undefined {
  const food = catalogue.byId.get(match.ingredient);
  const own = new Set(tokensOf(match.name));
  const form = FOOD_FORMS.find(
    ({ words, ...rest }) =>
      food && hasForm({ words, ...rest }, food) && tokens.some((one) => words.has(one) && !own.has(one)),
  );
  if (!food || !form || !FORMED_ROLES.has(food.role) || food.gluten === 'contains') return match;
  const kin = form.as
    .map((id) => catalogue.byId.get(id))
    .find((one) => one && food.allergens.every((allergen) => one.allergens.includes(allergen)));
  return kin && { ingredient: kin.id, name: kin.name, match: 'near' };
}

/** A drink or a juice of something that nobody here knows: water mostly, and a question. */
function unknownLiquid(tokens: readonly string[], catalogue: Catalogue): Match | undefined {
  const form = FOOD_FORMS.find(({ words, liquid }) => liquid && tokens.some((one) => words.has(one)));
  const stands = form && catalogue.byId.get(form.as[0]!);
  return stands && { ingredient: stands.id, name: stands.name, match: 'near' };
}

/** True when the words are an ingredient's name to the letter (but for case, number and hyphens). */
export const isName = (words: string, catalogue: Catalogue): boolean =>
  indexOf(catalogue).names.has(tokensOf(words).join(' '));

/**
 * Finds the ingredient that some words name. `exact`: every word is part of its name or a known description; `near`: words
 * are left over or a typo was put right, so it is a question; undefined: nothing in the catalogue fits.
 */
export function matchIngredient(words: string, catalogue: Catalogue): Match | undefined {
  const known = matchers.get(catalogue) ?? remembered((text) => match(text, catalogue), MOST_WORDS);
  matchers.set(catalogue, known);
  return known(words) ?? undefined;
}

/** True for words that are a food's name with nothing left over but what describes it. */
export const namesFood = (words: string, catalogue: Catalogue): boolean =>
  matchIngredient(words, catalogue)?.match === 'exact';

/** A flour that claims to be without gluten, however it is put. */
function blendNamed(words: string, catalogue: Catalogue): Match | undefined {
  const blend = namesBlend(words) ? catalogue.byId.get(BLEND_NAMES.ingredient) : undefined;
  return blend && { ingredient: blend.id, name: blend.name, match: 'exact' };
}

const matchers = new WeakMap<Catalogue, (words: string) => Match | null>();

function match(words: string, catalogue: Catalogue): Match | null {
  const index = indexOf(catalogue);
  const whole = tokensOf(words);
  const asWritten = index.names.get(whole.join(' '));
  if (asWritten) return { ...asWritten, match: 'exact' };
  const blend = blendNamed(words, catalogue);
  if (blend) return blend;
  const head = tokensOf(words.replace(NAME_ENDS, ''));
  const tokens = head.length > 0 ? head : whole;
  const holdsGluten = ({ ingredient }: Named) => catalogue.byId.get(ingredient)?.gluten === 'contains';
  const direct = matchTokens(tokens, index, holdsGluten);
  const formed = direct && inForm(direct, tokens, catalogue);
  if (formed !== direct) return formed ?? null;
  if (direct?.match === 'exact') return direct;
  const mended = withoutTypos(tokens, index);
  const repaired = mended && matchTokens(mended, index, holdsGluten);
  if (repaired) return { ...repaired, match: 'near' };
  return direct ?? unknownLiquid(tokens, catalogue) ?? null;
}
