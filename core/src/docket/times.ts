import type { FamilyRecord } from '../family';
import { heats, WAITS, type Process } from '../process';
import { settle } from '../quantity';
import type { RecipeTimes } from '../read';
import type { Docket, DocketBake, DocketStage, DocketTimes } from './types';
import { A_DRINK } from './written/dough';

/** "They can go in the fridge overnight at this point": nobody has to. */
const MAY_WAIT =
  /^\D*\bovernight\b\D*\b(?:better|best|nicer|if you can)\b|^\D*\b(?:better|best|nicer) overnight\b|\b(?:can|may|could) (?:now )?(?:go|be|sit|wait|stay|stand|keep|rest)\b/i;

/** Minutes that what is baked waits before its heat, by the recipe's own steps. */
function waitsOf({ actions, stages, main, mixtures }: Process, gone: ReadonlySet<string>): number {
  const bake = main === null ? -1 : actions.findIndex(({ id }) => id === stages[main]?.action);
  const own = mixtures.find(({ family }) => family.because === 'main')?.id ?? null;
  return actions
    .slice(0, bake < 0 ? actions.length : bake)
    .filter(
      ({ id, class: kind, makes, text }) =>
        WAITS.has(kind) &&
        !gone.has(id) &&
        !MAY_WAIT.test(text) &&
        (makes === own || makes === null || kind === 'prove'),
    )
    .reduce((sum, { minutes }) => sum + (minutes?.low ?? 0), 0);
}

/** Minutes that the longest of what is made beside the bake waits: a cream is chilled while the shells bake. */
function waitsBeside({ actions, mixtures, stages, main }: Process): number {
  const own = main === null ? null : stages[main]?.mixture;
  const waits = mixtures
    .filter(({ id, family }) => id !== own && family.because !== 'main')
    .map(({ id }) =>
      actions
        .filter(({ class: kind, makes, text }) => makes === id && WAITS.has(kind) && !MAY_WAIT.test(text))
        .reduce((sum, { minutes }) => sum + (minutes?.low ?? 0), 0),
    );
  return Math.max(0, ...waits);
}

/** A night and a day; what is said beyond that is how it keeps, minutes. */
const SETS_AT_MOST = 36 * 60;
/** The action of its last heat; -1: none is known. */
function lastHeat({ actions, stages }: Pick<Process, 'actions' | 'stages'>): number {
  const last = stages.findLast(heats);
  return actions.findIndex(({ id }) => id === last?.action);
}

/** Minutes that it sets in the cold, or soaks, when its last heat is done. */
function setsFor({ actions, stages }: Process): number {
  const end = lastHeat({ actions, stages });
  return actions
    .slice(end + 1)
    .filter(
      ({ class: kind, text }) =>
        end >= 0 && (kind === 'chill' || kind === 'rest' || kind === 'cool') && !MAY_WAIT.test(text),
    )
    .map(({ minutes }) => minutes?.low ?? 0)
    .reduce((sum, low) => (low <= SETS_AT_MOST ? sum + low : sum), 0);
}

/** "Serve at once": it isn't waited for until it is cold. */
const EATEN_HOT = /\b(?:serve|eat)\b[^.;]*\b(?:at once|immediately|straight ?away|right away|hot|piping)\b/i;
function isEatenHot({ actions, stages }: Process): boolean {
  const end = lastHeat({ actions, stages });
  return end >= 0 && actions.slice(end).some(({ text }) => EATEN_HOT.test(text));
}

/**
 * How long a docket takes: the page's own total, longer by the rest that is added and by what the oven takes more; where the page
 * has none, work, waits, heat and cooling one after the other; what sets in the cold cools there, and what is made beside it waits
 * meanwhile.
 */
export function timesOf(
  process: Process,
  stated: RecipeTimes,
  { mixMinutes }: Pick<FamilyRecord, 'mixMinutes'>,
  {
    rest,
    bake,
    stages,
    gone,
  }: {
    readonly rest: Docket['rest'];
    readonly bake: DocketBake;
    readonly stages: readonly DocketStage[];
    /** Rises that the recipe had and the docket hasn't. */
    readonly gone: ReadonlySet<string>;
  },
): DocketTimes {
  const handsOn = stated.prep ?? mixMinutes;
  const waits = waitsOf(process, gone);
  const added = rest.own || waits >= rest.minutes[0] ? 0 : rest.minutes[0] - waits;
  // A page that gives its total counted a rise that isn't there now; where that stood the dough drinks.
  const risen = process.actions
    .filter(({ id }) => gone.has(id))
    .reduce((sum, { minutes }) => sum + (minutes ? (minutes.low + minutes.high) / 2 : 0), 0);
  const drinks = gone.size > 0 ? A_DRINK : 0;
  const hot =
    stages.filter(heats).reduce((sum, { minutes }) => sum + (minutes?.central ?? 0), 0) ||
    (bake.minutes?.central ?? 0);
  const theirs = process.stages
    .filter(heats)
    .reduce((sum, { minutes }) => sum + (minutes ? (minutes.low + minutes.high) / 2 : 0), 0);
  const total =
    stated.total === null
      ? handsOn +
        Math.max(
          waits +
            drinks +
            added +
            hot +
            Math.max(setsFor(process), hot > 0 && !isEatenHot(process) ? bake.coolMinutes : 0),
          waitsBeside(process),
        )
      : stated.total - Math.max(0, risen - drinks) + added + Math.max(0, hot - theirs);
  return { handsOn: settle(Math.min(handsOn, total)), total: settle(total) };
}
