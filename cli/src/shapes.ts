import { guardRecipe } from '@omniarton/core/guard';
import { convert, trialOf, waysFor, type TrialAsk } from '@omniarton/core/docket';
import { reasonWords, say, spoken } from '@omniarton/core/words';
import { HeatRangeError } from '@omniarton/core/heat';
import type { ConversionRequest, Kitchen } from '@omniarton/core/kitchen';
import { broughtIn, readProcess, type Mixture, type Process } from '@omniarton/core/process';
import { pageLines, type Item, type Line, type Recipe } from '@omniarton/core/read';
import { addRanges, settle, toEnd, type Range } from '@omniarton/core/quantity';

const settled = (range: Range | null): Range | null =>
  range && { central: settle(range.central), low: settle(range.low), high: settle(range.high) };

const named = ({ ingredient, name }: Item) => (ingredient === null ? null : { id: ingredient, name });

function gramsOf(line: Line): Range | null {
  const weights = line.items
    .filter(({ alternative }) => !alternative)
    .flatMap(({ grams }) => (grams ? [grams] : []));
  return weights.length === 0 ? null : settled(weights.reduce(addRanges));
}

/** Where lines, parts and steps stand: by their number, from 0; a line's among those that aren't blank. */
function placesOf(recipe: Recipe) {
  const lines = pageLines(recipe).map(({ line }) => line);
  return {
    places: (id: string) => lines.indexOf(id),
    partAt: (id: string) => recipe.parts.findIndex((part) => part.id === id),
    stepAt: (id: string) => recipe.method.findIndex((step) => step.id === id),
  };
}

const familyShape = (mixture: Mixture | undefined) =>
  mixture ? { id: mixture.family.id, confidence: settle(mixture.family.confidence) } : null;

/** What is done, and the heat that it sees. */
function processShape(process: Process, recipe: Recipe): object {
  const { places, partAt, stepAt } = placesOf(recipe);
  return {
    process: {
      actions: process.actions.map(({ step, from, to, takes, mixtures, first: _, text: __, ...action }) => ({
        ...action,
        step: stepAt(step),
        span: [from, to],
        takes: [
          ...takes.map(({ line, share }) => ({ line: places(line), share: settle(share) })),
          ...mixtures.map((mixture) => ({ mixture, share: 1 })),
        ],
      })),
      mixtures: process.mixtures.map((mixture) => ({
        ...mixture,
        part: partAt(mixture.part),
        lines: mixture.lines.map(({ line, share }) => ({ line: places(line), share: settle(share) })),
        family: familyShape(mixture),
      })),
    },
    stages: process.stages.map(({ medium, ovenCelsius, oilCelsius, fan, minutes, what, mixture, pan }) => ({
      medium,
      ovenCelsius,
      oilCelsius,
      fan,
      minutes,
      what,
      mixture,
      pan,
    })),
  };
}

/** The shapes of docs/cli.md: kept stable, whatever the core's own types become. */
export function readShape(recipe: Recipe, request: ConversionRequest, kitchen: Kitchen): object {
  const { lines } = guardRecipe(recipe, request, kitchen);
  const process = readProcess(recipe, kitchen);
  const { stepAt } = placesOf(recipe);
  const glutenOf = (id: string) => lines.find((one) => one.line === id)?.gluten ?? 'unknown';
  return {
    title: recipe.title,
    locale: recipe.locale,
    family: { id: process.family.id, confidence: settle(process.family.confidence) },
    kinds: pageLines(recipe).map(({ source, kind, sure }) => ({ source, kind, sure: settle(sure) })),
    parts: recipe.parts.map((part) => ({
      name: part.name,
      family: familyShape(process.mixtures.find((mixture) => mixture.part === part.id)),
      lines: part.lines.map((line) => ({
        source: line.source,
        kind: line.kind,
        ingredient: line.items[0] ? named(line.items[0]) : null,
        role: line.items[0]?.role ?? 'none',
        items: line.items.map((item) => ({
          ingredient: named(item),
          role: item.role,
          grams: settled(item.grams),
          match: item.match,
          alternative: item.alternative,
          aside: item.aside,
        })),
        grams: gramsOf(line),
        gluten: line.kind === 'ingredient' ? glutenOf(line.id) : 'free',
      })),
    })),
    method: recipe.method.map(({ source }) => ({ source })),
    ...processShape(process, recipe),
    methodFlour: broughtIn(recipe)
      .filter(({ food }) => food === 'flour' || food === 'flour besides')
      .map(({ step, words }) => ({ step: stepAt(step), words })),
    bake: process.bake,
    yields: recipe.yields,
    doubts: [...recipe.doubts, ...process.doubts].map(({ source, asks, guess }) => ({ source, asks, guess })),
  };
}

export function guardShape(recipe: Recipe, request: ConversionRequest, kitchen: Kitchen): object {
  const report = guardRecipe(recipe, request, kitchen);
  return {
    lines: report.lines.map(({ source, gluten, grain, allergens, possible, reason }) => ({
      source,
      gluten,
      grain,
      allergens,
      possible,
      reason: reasonWords(reason),
      ...(reason === null ? {} : { reasonSaid: reason }),
    })),
    open: report.open.map(({ source, kind, ask }) => ({ source, kind, ask: say(ask), askSaid: ask })),
    state: report.state,
    method: report.method.map(({ source, words, reason, instead }) => ({ source, words, reason, instead })),
    notForEating: report.notForEating.map(({ words, reason }) => ({ words, reason })),
    cautions: report.cautions.map(({ text }) => text),
  };
}

export function convertShape(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
  engine: string,
): object {
  const result = convert(recipe, request, kitchen);
  if (result.outcome !== 'docket')
    return {
      outcome: result.outcome,
      ...(spoken({ reasons: result.reasons, relax: result.relax }) as object),
      guard: { state: result.guard.state, open: spoken(result.guard.open) },
    };
  return { outcome: 'docket' as const, ...(spoken(result.docket) as object), engine };
}

/** Whole ways to convert a recipe, each with its docket. */
export const waysShape = (recipe: Recipe, request: ConversionRequest, kitchen: Kitchen): object => ({
  ways: toEnd(waysFor(recipe, request, kitchen)).map(({ name, ask, worse, cost, toBuy, docket }) => ({
    name,
    route: ask.route,
    school: ask.school,
    oven: ask.oven,
    chill: ask.chill,
    worse,
    cost: cost === null ? null : settle(cost),
    toBuy,
    docket: spoken(docket),
  })),
});

/** A bake tried in some vessel, or why it can't be simulated. */
export function heatShape(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
  ask: TrialAsk,
): object {
  try {
    const found = trialOf(recipe, request, kitchen, ask);
    const { minutes, firstCheck, centre, crust, doneBy, count, depthCm, risenCm, lost, warnings } = found;
    const curve = (points: typeof centre) => points.map((point) => point.map(settle));
    return {
      minutes: settled(minutes),
      firstCheck: firstCheck === null ? null : settle(firstCheck),
      centre: curve(centre),
      crust: curve(crust),
      doneBy,
      count,
      depthCm: depthCm === null ? null : settle(depthCm),
      risenCm: risenCm === null ? null : settle(risenCm),
      waterLost: settle(lost),
      ...(spoken({ warnings }) as object),
    };
  } catch (error) {
    if (!(error instanceof HeatRangeError)) throw error;
    return { outcome: 'out-of-range', reasons: [error.message], relax: [] };
  }
}
