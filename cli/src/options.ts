import { parseArgs } from 'node:util';
import { SWEETENERS } from '@omniarton/core/balance';
import type { TrialAsk } from '@omniarton/core/docket';
import { vesselOf } from '@omniarton/core/heat';
import type { ConversionRequest } from '@omniarton/core/kitchen';
import { EMPTY_REQUEST, NO_WISHES } from '@omniarton/core/kitchen';
import {
  AIMS,
  AVOIDANCES,
  BINDER_SCHOOLS,
  DIETS,
  FAMILIES,
  HIGHEST_METRES,
  LONGEST_CHILL,
  ROUTES,
  STRICTNESSES,
  type Avoidance,
} from '@omniarton/core/vocabulary';
import { dayOptions, type DayOptions } from './dayOptions';
import { UsageError } from './usageError';
import { HANDOUTS, OPTIONS, VERBS, type Handout, type Verb } from './usage';

export interface Options {
  readonly verb: Verb;
  readonly files: readonly string[];
  readonly request: ConversionRequest;
  /** A file with a household's kitchen; null: none. */
  readonly kitchen: string | null;
  /** Of `docket`: what it is handed out as. */
  readonly as: Handout;
  /** Of `heat`: what the bake is tried in. */
  readonly trial: TrialAsk | null;
  /** Of `plan`: the day. */
  readonly day: DayOptions | null;
  /** Of `why`: what was seen, and of which bake; or cases in the file. */
  readonly why: WhyOptions | null;
}

export interface WhyOptions {
  /** A file with what was written down; null: nothing was. */
  readonly bake: string | null;
  readonly seen: readonly string[];
  readonly cases: boolean;
}

/** What people call what they avoid. */
const CALLED: Readonly<Record<string, readonly Avoidance[]>> = {
  nuts: ['tree nuts'],
  nut: ['tree nuts'],
  'tree-nuts': ['tree nuts'],
  treenuts: ['tree nuts'],
  dairy: ['milk'],
  eggs: ['egg'],
  soy: ['soybeans'],
  soya: ['soybeans'],
  soybean: ['soybeans'],
  peanut: ['peanuts'],
  sulphites: ['sulphite'],
  sulfites: ['sulphite'],
  shellfish: ['crustaceans', 'molluscs'],
  maize: ['corn'],
};

function avoidances(text: string): Avoidance[] {
  return text
    .split(',')
    .map((word) => word.trim().toLowerCase())
    .filter(Boolean)
    .flatMap((word) => {
      const known = AVOIDANCES.find((one) => one === word);
      const called = known ? [known] : CALLED[word];
      if (!called)
        throw new UsageError(`--without: "${word}" is not one of ${AVOIDANCES.join(', ')}, nuts, dairy, soy`);
      return called;
    });
}

function oneOf<T extends string>(
  option: string,
  value: string | undefined,
  choices: readonly T[],
): T | undefined {
  if (value === undefined) return undefined;
  const known = choices.find((one) => one === value);
  if (!known) throw new UsageError(`--${option}: "${value}" is not one of ${choices.join(', ')}`);
  return known;
}

function parse(args: readonly string[]) {
  try {
    return parseArgs({ args: [...args], allowPositionals: true, options: OPTIONS });
  } catch (error) {
    throw new UsageError((error as Error).message.split('\n')[0]);
  }
}

/** A small whole number within its limits. */
function count(option: string, value: string | undefined, least: number, most: number): number | undefined {
  if (value === undefined) return undefined;
  const number = Number(value);
  if (!Number.isInteger(number) || number < least || number > most)
    throw new UsageError(`--${option}: "${value}" is no whole number from ${least} to ${most}`);
  return number;
}

/** What a bake is tried in. Without an oven, the recipe's own. */
function trialAsk(values: ReturnType<typeof parse>['values']): TrialAsk {
  if (values.pan === undefined)
    throw new UsageError('heat: --pan is wanted, as in --pan round:20.3 or --pan cupcake');
  const celsius = values.oven === undefined ? null : Number(values.oven);
  if (celsius !== null && !Number.isFinite(celsius))
    throw new UsageError(`--oven: "${values.oven}" is no temperature in Celsius`);
  return {
    vessel: vesselOf(values.pan),
    count: count('count', values.count, 1, MOST_TINS) ?? null,
    ovenCelsius: celsius,
    fan: values.fan ?? (celsius === null ? null : false),
  };
}

const MOST_TINS = 200;
const MOST_OVENS = 6;
const MOST_HANDS = 6;
const MOST_DISHES = 60;
const MOST_FLOURS = 5;
const MOST_BAGS = 20;

/** What is asked of the command itself: its help, of a verb or of all, or its version. */
export type Asked = { readonly help: Verb | null } | 'version' | Options;

/** What a person asked for, out of the words behind the command. */
export function readAsked(args: readonly string[]): Asked {
  const { values, positionals } = parse(args);
  if (values.version) return 'version';
  if (values.help) return { help: VERBS.find((one) => one === positionals[0]) ?? null };
  return readOptions(values, positionals);
}

function readOptions(values: ReturnType<typeof parse>['values'], positionals: readonly string[]): Options {
  const [verb, ...files] = positionals;
  const known = VERBS.find((one) => one === verb);
  if (!known)
    throw new UsageError(
      `usage: omniarton ${VERBS.join('|')} FILE… [options] (${verb === undefined ? 'which verb?' : `"${verb}" is none of them`}; --help shows all)`,
    );
  if (files.length === 0) throw new UsageError(`${known}: which file? (- reads standard input)`);
  const request: ConversionRequest = {
    ...EMPTY_REQUEST,
    diet: oneOf('diet', values.diet, DIETS) ?? EMPTY_REQUEST.diet,
    without: values.without === undefined ? [] : [...new Set(values.without.flatMap(avoidances))],
    family: oneOf('family', values.family, FAMILIES) ?? null,
    seats: (values.people?.split(',') ?? []).map((one) => ({
      id: one.trim(),
      gluten: null,
      grainFree: null,
      avoids: [],
    })),
    gluten: oneOf('gluten', values.gluten, STRICTNESSES) ?? EMPTY_REQUEST.gluten,
    school: oneOf('school', values.school, BINDER_SCHOOLS) ?? EMPTY_REQUEST.school,
    sweetener: oneOf('sweetener', values.sweetener, Object.keys(SWEETENERS.rows)) ?? null,
    altitudeMetres: count('altitude', values.altitude, 0, HIGHEST_METRES) ?? 0,
    rest: count('chill', values.chill, 0, LONGEST_CHILL) ?? null,
    blend: {
      ...NO_WISHES,
      route: oneOf('route', values.route, ROUTES) ?? null,
      aims: (values.wish?.split(',') ?? []).map((wish) => oneOf('wish', wish.trim(), AIMS)!),
      most: count('flours', values.flours, 1, MOST_FLOURS) ?? NO_WISHES.most,
      buy: count('buy', values.buy, 0, MOST_BAGS) ?? null,
    },
  };
  const trial = known === 'heat' ? trialAsk(values) : null;
  const day =
    known === 'plan'
      ? dayOptions(values, {
          ovens: count('ovens', values.ovens, 0, MOST_OVENS) ?? null,
          hands: count('hands', values.hands, 1, MOST_HANDS) ?? 1,
          fridge: count('fridge', values.fridge, 1, MOST_DISHES) ?? null,
        })
      : null;
  const as = oneOf('as', values.as, HANDOUTS) ?? 'text';
  const why =
    known === 'why'
      ? {
          bake: values.bake ?? null,
          seen: (values.seen?.split(',') ?? []).map((one) => one.trim()).filter(Boolean),
          cases: values.case ?? false,
        }
      : null;
  return { verb: known, files, request, kitchen: values.kitchen ?? null, as, trial, day, why };
}
