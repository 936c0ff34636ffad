import { say, spoken } from '@omniarton/core/words';
import {
  convert,
  judge,
  toCsvList,
  toHtml,
  toJsonLd,
  toMarkdown,
  toPlainText,
  type Docket,
} from '@omniarton/core/docket';
import { VesselError } from '@omniarton/core/heat';
import { emptyNotes, type Kitchen } from '@omniarton/core/kitchen';
import { readRecipe, type Recipe } from '@omniarton/core/read';
import { dayShape } from './day';
import type { DayOptions } from './dayOptions';
import { homeOf, kitchenOf, textOf, textsOf } from './files';
import { readAsked, type Options } from './options';
import { UsageError } from './usageError';
import { statisticsShape } from './statistics';
import { convertShape, guardShape, heatShape, readShape, waysShape } from './shapes';
import { learnShape } from './learn';
import { helpOf, type Handout } from './usage';
import { whyCases } from './why';
import { notesIn, whyShape, type WhyAsk } from './why/shape';

export interface Surroundings {
  readonly out: (text: string) => void;
  readonly err: (text: string) => void;
  /** Told before each of several files; nobody need listen. */
  readonly progress?: (done: number, of: number, file: string) => void;
  /** Files resolve against the caller's folder. */
  readonly folder: string;
  /** The engine's version. */
  readonly engine: string;
}

const HANDED_OUT: Readonly<Record<Handout, (docket: Docket) => string>> = {
  text: toPlainText,
  markdown: toMarkdown,
  html: toHtml,
  jsonld: (docket) => `${JSON.stringify(toJsonLd(docket), null, 2)}\n`,
  csv: toCsvList,
};

function recipeIn(text: string, kitchen: Kitchen): Recipe {
  let count = 0;
  return readRecipe(text, { kitchen, newId: () => `l${(count += 1)}` }).recipe;
}

function answer(
  { verb, request, as, trial }: Options,
  kitchen: Kitchen,
  engine: string,
  text: string,
  ask: WhyAsk | null,
): unknown {
  const recipe = recipeIn(text, kitchen);
  switch (verb) {
    case 'read':
      return readShape(recipe, request, kitchen);
    case 'guard':
      return guardShape(recipe, request, kitchen);
    case 'diagnose':
      return spoken(judge(recipe, request, kitchen)) as object;
    case 'ways':
      return waysShape(recipe, request, kitchen);
    case 'heat':
      return heatShape(recipe, request, kitchen, trial!);
    case 'docket': {
      const made = convert(recipe, request, kitchen);
      return made.outcome === 'docket'
        ? HANDED_OUT[as](made.docket)
        : `${made.reasons.map(say).join('\n')}\n`;
    }
    case 'why':
      return whyShape(recipe, request, kitchen, ask!);
    case 'learn':
      throw new UsageError('learn: a file of bakes holds no recipe');
    case 'statistics':
      throw new UsageError('statistics: a file of cases holds no recipe');
    case 'plan':
      throw new UsageError('plan: a day is planned from all files together');
    case 'convert':
      return convertShape(recipe, request, kitchen, engine);
  }
}

/** A file of several that can't be used: what stands in its place, while the others are answered. */
interface Failed {
  readonly file: string;
  readonly error: string;
}

function checkSeats({ seats }: Options['request'], kitchen: Kitchen): void {
  for (const { id } of seats)
    if (!kitchen.people.some((one) => one.id === id))
      throw new UsageError(`--people: nobody in the kitchen is "${id}"`);
}

interface Answered {
  readonly answers: readonly unknown[];
  readonly failed: readonly Failed[];
}

function answered(options: Options, { folder, engine, progress }: Surroundings): Answered {
  const kitchen = kitchenOf(options.kitchen, folder);
  checkSeats(options.request, kitchen);
  const { files, why } = options;
  const ask = why && {
    seen: why.seen,
    notes: why.bake === null ? emptyNotes('1970-01-01') : notesIn(why.bake, textOf(why.bake, folder)),
  };
  const failed: Failed[] = [];
  const answers = files.flatMap((file, at): unknown[] => {
    if (files.length > 1) progress?.(at, files.length, file);
    try {
      return textsOf(file, folder).map((text) => answer(options, kitchen, engine, text, ask));
    } catch (error) {
      if (!(error instanceof UsageError) && files.length === 1) throw error;
      failed.push({ file, error: (error as Error).message });
      return files.length > 1 ? failed.slice(-1) : [];
    }
  });
  return { answers, failed };
}

/** One day of all files together: one that can't be used is no day. */
function planned(
  { files, request, kitchen: file }: Options,
  day: DayOptions,
  { folder }: Surroundings,
): object {
  const home = homeOf(file, folder);
  const { kitchen } = home;
  checkSeats(request, kitchen);
  const recipes = files.flatMap((one) =>
    textsOf(one, folder).map((text) => ({ file: one, recipe: recipeIn(text, kitchen) })),
  );
  if (recipes.length > MOST_BAKES)
    throw new UsageError(`plan: ${recipes.length} recipes are more than a day has (${MOST_BAKES})`);
  return dayShape(recipes, request, home, day);
}

const MOST_BAKES = 40;

const workedOut = ({ files }: Options, { folder }: Surroundings): object[] =>
  files.flatMap((one) => statisticsShape(one, textOf(one, folder)));

/** What each file's bakes teach; of one file by itself. */
function taughtIn({ files }: Options, { folder }: Surroundings): unknown {
  const all = files.map((one) => learnShape(one, textOf(one, folder)));
  return all.length === 1 ? all[0] : all;
}

const casesOf = ({ files }: Options, { folder }: Surroundings): object[] =>
  files.flatMap((one) => whyCases(one, textOf(one, folder)));

/**
 * Runs one command. One JSON document on standard output and 0; a line on standard error and 2 where an option or a file can't be
 * used, and the other files' answers nevertheless.
 */
export function run(args: readonly string[], surroundings: Surroundings): number {
  const { out, err, engine } = surroundings;
  try {
    const asked = readAsked(args);
    if (asked === 'version') return (out(engine), 0);
    if ('help' in asked) return (out(helpOf(asked.help)), 0);
    if (asked.day) return (out(JSON.stringify(planned(asked, asked.day, surroundings), null, 2)), 0);
    if (asked.verb === 'statistics') return (out(JSON.stringify(workedOut(asked, surroundings), null, 2)), 0);
    if (asked.verb === 'learn') return (out(JSON.stringify(taughtIn(asked, surroundings), null, 2)), 0);
    if (asked.why?.cases) return (out(JSON.stringify(casesOf(asked, surroundings), null, 2)), 0);
    const { answers, failed } = answered(asked, surroundings);
    for (const { error } of failed) err(error);
    const words = answers.filter((one) => typeof one === 'string');
    if (words.length > 0) out(words.join('\n').trimEnd());
    else if (answers.length > 0) out(JSON.stringify(answers.length === 1 ? answers[0] : answers, null, 2));
    return failed.length > 0 ? 2 : 0;
  } catch (error) {
    if (!(error instanceof UsageError || error instanceof VesselError)) throw error;
    err(error.message);
    return 2;
  }
}
