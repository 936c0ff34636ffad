import { tidy } from './authorsLine';
import { PANS, standsFree, type PanSize } from '../kitchen';
import { heats, shows } from '../process';
import { say } from '../words';
import { HELPINGS, NEVER_ANSWERED } from '../vocabulary';
import { bakeTimeWords } from './heatWords';
import { learntWords } from './learnt';
import { ovenWords } from './ovenWords';
import { sayDuration, sayMinutes, saySeconds, saySpan } from './sayMinutes';
import { sayDial, sayHeat, sayTin, systemOf, type MeasureSystem } from './system';
import type { Docket, DocketStage, DocketTimes } from './types';

/** What stands above a docket's list, the same on the page, on paper and in every export. */
export interface DocketHead {
  /** "24 cookies"; null where the recipe doesn't say. */
  readonly makes: string | null;
  /** Each stage of heat in its order, one at least: where and how hot, and how long. */
  readonly heat: readonly { readonly place: string; readonly time: string }[];
  readonly tin: string | null;
  /** Null on dockets that are older than this. */
  readonly times: DocketTimes | null;
  /** Where learnt numbers entered: "64 → 70 minutes: your oven, 5 bakes". */
  readonly learnt: readonly string[];
}

const ARE_HELPINGS = new RegExp(`(?:^|\\s)${HELPINGS}$`, 'i');

/** Example: "24 cookies", "for 10 to 12". */
function makesWords({ makes }: Docket): string | null {
  if (!makes) return null;
  const { low, high, what } = makes;
  const rounded = (n: number) => String(Math.round(n * 10) / 10);
  const count = low === high ? rounded(low) : `${rounded(low)} to ${rounded(high)}`;
  if (what === '' || ARE_HELPINGS.test(what)) return `for ${count}`;
  // "Two 9-inch layers": one number beside another is a word.
  const said = /^\d/.test(what) ? (COUNT_WORDS[count] ?? `${count} ×`) : count;
  return `${said} ${what}`;
}
const COUNT_WORDS: Readonly<Record<string, string>> = {
  1: 'one',
  2: 'two',
  3: 'three',
  4: 'four',
  5: 'five',
  6: 'six',
};

const PLACES: Readonly<Record<DocketStage['medium'], string>> = {
  oven: 'Oven',
  fried: 'Hot fat',
  griddle: 'Griddle or pan',
  steamed: 'Steamed',
  boiled: 'Boiled',
  microwave: 'Microwave',
  chilled: 'Chilled',
};

/** It goes on in the oven when that is turned off. */
const isOff = ({
  medium,
  ovenCelsius,
  what,
}: Pick<DocketStage, 'medium' | 'ovenCelsius' | 'what'>): boolean =>
  medium === 'oven' && ovenCelsius === null && shows('is turned off', what);

const isGrilled = ({ medium, ovenCelsius, what }: DocketStage): boolean =>
  medium === 'oven' && ovenCelsius === null && shows('is grilled', what);

function placeOf(stage: DocketStage, system: MeasureSystem): string {
  const { medium, ovenCelsius, oilCelsius, fan } = stage;
  if (medium === 'fried' && oilCelsius !== null) return `Fat at ${sayHeat(oilCelsius, system, 5)}`;
  if (isOff(stage)) return 'In the oven, turned off';
  if (isGrilled(stage)) return system === 'us' ? 'Under the broiler' : 'Under the grill';
  if (medium !== 'oven' || ovenCelsius === null) return PLACES[medium];
  return `${PLACES.oven} ${sayDial(ovenCelsius, fan, system)}`;
}

/** "12 to 14 minutes, look from 11". */
function timeWords({ minutes, firstCheck }: DocketStage): string {
  if (!minutes) return '';
  const span = saySpan(minutes.low, minutes.high);
  const first = firstCheck === null ? null : Math.round(firstCheck);
  if (first === null || first <= 0 || first >= Math.round(minutes.low)) return span;
  const from = sayMinutes(first);
  return span.includes(from.replace(/ .*/, '')) && from.endsWith('hours')
    ? span
    : `${span}, look from ${from.replace(/ minutes$/, '')}`;
}

/** Stages of heat that a baker sets something for. */
const seen = ({ stages = [] }: Docket): DocketStage[] => stages.filter(heats);

/** Deeds that say no more than where it goes. */
const SAYS_NOTHING =
  /^(?:bake|oven|put|place|pop|slide|(?:tea|table)?spoon|divide|fill|pour|return\b.*|leave|give|in(?: at)?|steam|boil|simmer(?:ing)?|line(?: with)?|cover|remove|transfer|take|turn|brush|prick|lower|reduce)$/;

/** What goes on in the same heat is one line: "15 minutes, then 5 minutes". */
const inOnePlace = (heat: DocketHead['heat']): DocketHead['heat'] =>
  heat.reduce<DocketHead['heat']>((lines, one) => {
    const last = lines.at(-1);
    const goesOn = last?.place === one.place && last.time !== '' && one.time !== '';
    return goesOn
      ? [...lines.slice(0, -1), { ...one, time: `${last.time}, then ${one.time}` }]
      : [...lines, one];
  }, []);

const WATTS = /(\d{3,4}) ?w/i;

function heatWords(docket: Docket, system: MeasureSystem): DocketHead['heat'] {
  const { bake, stages, mainStage } = docket;
  const bare = bake.watts === null && bake.ovenCelsius === null && seen(docket).length === 0;
  const chilled = (stages ?? [])
    .filter(({ medium }) => medium === 'chilled')
    .reduce<DocketStage | undefined>(
      (best, one) => (best && (best.minutes?.high ?? 0) >= (one.minutes?.high ?? 0) ? best : one),
      undefined,
    );
  if (bare && chilled) return [{ place: 'Not baked: it sets in the cold', time: timeWords(chilled) }];
  const boiled = (stages ?? []).find(({ medium, minutes }) => medium === 'boiled' && minutes !== null);
  if (bare && boiled) return [{ place: placeOf(boiled, system), time: timeWords(boiled) }];
  const own = stages?.[mainStage ?? -1];
  // What a page gives for its microwave is what its step says.
  if (bake.watts !== null && own?.medium === 'microwave' && own.minutes) {
    const { low, high } = own.minutes;
    const said = WATTS.exec(own.what)?.[1];
    return [
      {
        place: said === undefined ? ovenWords(docket, system) : `Microwave, ${said} W`,
        time: low === high && !Number.isInteger(2 * low) ? saySeconds(60 * low) : saySpan(low, high),
      },
    ];
  }
  if (bake.watts !== null || !stages || seen(docket).length === 0)
    return [{ place: ovenWords(docket, system), time: bakeTimeWords(bake) }];
  const several = seen(docket).length > 1;
  const heat = seen(docket).map((stage) => {
    const what =
      several && stage !== stages[mainStage ?? -1] && !isOff(stage) && !isGrilled(stage)
        ? stage.what.trim().toLowerCase()
        : '';
    const of = /^[\p{L} -]{3,20}$/u.test(what) && !SAYS_NOTHING.test(what) ? ` (${what})` : '';
    return { place: placeOf(stage, system), time: `${timeWords(stage)}${of}`.trim() };
  });
  return inOnePlace(heat);
}

/** A tin whose size nobody gave is called by its name alone; what is steamed stands in a basin. */
function tinWords(pan: PanSize, stage: DocketStage | undefined, system: MeasureSystem): string {
  if (stage?.sized ?? true) return sayTin(pan, system, stage?.vessel);
  const name = stage?.vessel ?? (stage?.medium === 'steamed' ? 'pudding basin' : PANS.rows[pan.shape].name);
  return pan.count > 1 ? `${pan.count} ${name}${name.endsWith('s') ? '' : 's'}` : name;
}

/** Head of a docket in the measures of its page, or in those that are asked for. */
export function headOf(docket: Docket, system = systemOf(docket.locale)): DocketHead {
  const { bake, stages = [], mainStage } = docket;
  const stage = stages[mainStage ?? -1];
  const pan = stage?.pan ?? bake.pan;
  return {
    makes: makesWords(docket),
    heat: heatWords(docket, system),
    tin: pan && bake.piece === null && !standsFree(pan) ? tinWords(pan, stage, system) : null,
    times: docket.times ?? null,
    learnt: learntWords(docket),
  };
}

/** What makes it another bake than the one asked for. */
const ANOTHER_BAKE: ReadonlySet<string> = new Set([
  'foam-without-egg',
  'meringue-without-egg',
  'shell-without-egg',
  'egg-led-without-egg',
  'laminated',
  'in-its-language',
]);
const atHead = ({ code }: Docket['warnings'][number]) => ANOTHER_BAKE.has(code);

/** What is to be known of it that doesn't stand at its head. */
export const noteWarnings = ({ warnings }: Docket): Docket['warnings'] =>
  warnings.filter((one) => !atHead(one));

/** Findings less likely than this stand on the page alone. */
const LIKELY = 0.7;
/** What is held against the flour says nothing of a bake that stands on none. */
const BY_FLOUR: ReadonlySet<string> = new Set(['too-wet', 'too-dry']);
const spoils = ({ judgement }: Docket) =>
  (judgement?.findings ?? []).filter(
    ({ id, likelihood }) => likelihood >= LIKELY && !(judgement!.family === 'flourless' && BY_FLOUR.has(id)),
  );

/**
 * What is to be known before anything else: that it is another bake, the one question, and what holds the guard open that no answer
 * settles.
 */
export function headWarnings(docket: Docket): string[] {
  const { ask, guard, warnings } = docket;
  return [
    ...new Set(warnings.filter(atHead).map(say)),
    ...(ask ? [say(ask.question)] : []),
    // Of a recipe that goes out as it is: what would spoil it.
    ...spoils(docket).map(({ because }) => `As it stands: ${say(because)}.`),
    ...guard.open.filter(({ kind }) => NEVER_ANSWERED.has(kind)).map((one) => say(one.ask)),
    ...(guard.notForEating.length === 0
      ? []
      : [`Not for eating: ${[...new Set(guard.notForEating.map(({ words }) => words))].join(', ')}.`]),
    ...(guard.newTo.length === 0
      ? []
      : [`New to this bake: ${guard.newTo.join(', ')}. Whoever eats it is to know.`]),
  ];
}

/** Example: "Oven 180 °C (350 °F, gas mark 4), 25 to 28 minutes, look from 23". */
export const heatLines = (heat: DocketHead['heat']): string[] =>
  heat.map(({ place, time }) => (time === '' ? place : `${place}, ${time}`));

/** What the head says of the making: what comes of it, the tin, the time, each heat. */
export const makingLines = ({ makes, heat, tin, times, learnt }: DocketHead): string[] => [
  ...(makes === null
    ? []
    : [makes.startsWith('for ') ? `Serves ${makes.slice('for '.length)}` : `Makes ${makes}`]),
  ...(tin === null ? [] : [`In: ${tin}`]),
  ...heatLines(heat),
  ...learnt,
  ...(times === null ? [] : [`${sayDuration(times.total)} in all, ${sayDuration(times.handsOn)} of it work`]),
];

const OPEN_WORDS: Readonly<Record<Docket['guard']['state'], string>> = {
  open: 'questions are open',
  answered: 'every question is answered',
  'nothing open': 'nothing is open',
};

/** For what and whom it was guarded, and how that stands, in full. */
export function headLines({ family, guard }: Docket): string[] {
  const names = guard.forWhom.filter((name) => name !== '');
  const checked = guard.checkedOn === null ? '' : `, last answered on ${guard.checkedOn}`;
  return [
    [
      family.name,
      guard.diet,
      ...(guard.gluten === 'certified' ? ['certified goods only'] : []),
      ...guard.without.map((one) => `no ${one}`),
    ].join(' · '),
    ...(names.length > 0 ? [`For ${names.join('; ')}`] : []),
    `Guard: ${OPEN_WORDS[guard.state]}${checked}. Read every label.`,
  ];
}

/** A whole sentence is told by its beginning. */
const LONGEST_SOURCE = 60;
const shortened = (source: string): string => {
  const words = source.trim().replace(/[.;,]+$/, '');
  return words.length <= LONGEST_SOURCE
    ? words
    : `${words.slice(0, LONGEST_SOURCE).replace(/\s+\S*$/, '')} …`;
};

/** Every question that is open, once, with all that it is asked of. Example: "tapioca starch, xanthan gum: Is the bag certified?". */
export function openQuestions({ guard }: Docket): string[] {
  const asked = new Map<string, Set<string>>();
  for (const { source, ask } of guard.open) {
    const question = say(ask);
    asked.set(question, (asked.get(question) ?? new Set()).add(shortened(tidy({ source, items: [] }))));
  }
  return [...asked].map(([question, sources]) => {
    const of = [...sources].filter((source) => source !== '').join(', ');
    return of === '' ? question : `${of}: ${question}`;
  });
}
