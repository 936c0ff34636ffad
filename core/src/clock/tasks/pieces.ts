import type { Docket, DocketStage, DocketStep } from '../../docket';
import { actionsOf, heats, WAITS, type ActionClass, type Minutes, type Told } from '../../process';
import { UNTIMED, WATCHED } from '../data/hands';

/** One deed of the method as the day sees it: hands, a wait, or a stretch of heat. */
export type Piece = {
  readonly step: string;
  readonly text: string;
  /** Places of the docket's parts that it works with; null: it doesn't say, so all of them. */
  readonly parts: ReadonlySet<number> | null;
} & (
  | { readonly what: 'hands'; readonly class: ActionClass | null; readonly minutes: number | null }
  | {
      readonly what: 'wait';
      readonly kind: 'rest' | 'cool';
      readonly cold: boolean;
      readonly minutes: Minutes;
    }
  | { readonly what: 'heat'; readonly stage: DocketStage; readonly main: boolean }
);

const NUMBERED = /^\W*(?:\(?\d{1,2}[.):]\s+)/;
const JOINED = /^[\s,;:]*(?:(?:and then|then|and|but|&)\s+)?/i;

/** A clause as a sentence of its own. Example: " and bake for 30 minutes," → "Bake for 30 minutes". */
export function asDeed(text: string): string {
  const bare = text
    .replace(NUMBERED, '')
    .replace(JOINED, '')
    .replace(/[\s,;:.]+$/, '');
  return bare.charAt(0).toUpperCase() + bare.slice(1);
}

function partsOf(step: DocketStep, docket: Docket): ReadonlySet<number> | null {
  const places = (step.uses ?? []).flatMap((id) => {
    const at = docket.parts.findIndex(({ lines }) => lines.some((line) => line.id === id));
    return at < 0 ? [] : [at];
  });
  return places.length > 0 ? new Set(places) : null;
}

/** What is said of the table, or of the days after. */
const AT_TABLE = /^\W*(?:(?:to |and )?serve|enjoy|eat|store|keep|makes?)\b/i;
const OUT_OF_TIN = /\b(?:turn|lift|take|remove|unmould|unmold|transfer|slide|peel|tip)\b/i;
const COLD = /\b(?:chill|fridge|refrigerat|freez|cold)/i;

function waitOf(action: Told, step: DocketStep, docket: Docket): Minutes | null {
  if (action.minutes) return action.minutes;
  if (step.kind === 'rest' && step.source === null) {
    const [low, high] = docket.rest.minutes;
    return { low, high };
  }
  const stage = stageOf(step, docket);
  if (stage?.medium === 'chilled' && stage.minutes) return stage.minutes;
  const usual =
    action.class === null ? 0 : ((UNTIMED as Partial<Record<ActionClass, number>>)[action.class] ?? 0);
  return usual > 0 ? { low: usual, high: usual } : null;
}

const stageOf = (step: DocketStep, docket: Docket): DocketStage | null =>
  step.stage === null || step.stage === undefined ? null : (docket.stages?.[step.stage] ?? null);

const IN_OVEN: ReadonlySet<ActionClass | null> = new Set<ActionClass>(['bake', 'toast']);
const ELSEWHERE: ReadonlySet<ActionClass | null> = new Set<ActionClass>([
  'fry',
  'griddle',
  'steam',
  'boil',
  'microwave',
  'toast',
]);

/** Whether an action is the one that a step's stage tells of. */
function isHeat(action: Told, stage: DocketStage | null): stage is DocketStage {
  if (!stage || !heats(stage)) return false;
  return (stage.medium === 'oven' ? IN_OVEN : ELSEWHERE).has(action.class);
}

/** What one step does, in order. Its heat is told once, however many clauses speak of it. */
function piecesOfStep(step: DocketStep, docket: Docket): Piece[] {
  const parts = partsOf(step, docket);
  const stage = stageOf(step, docket);
  let heated = false;
  const actions = actionsOf([{ id: step.id, source: step.text }]);
  const pieces = actions.flatMap((action): Piece[] => {
    const base = { step: step.id, text: asDeed(action.text), parts };
    if (isHeat(action, stage)) {
      if (heated) return [];
      heated = true;
      return [{ ...base, what: 'heat', stage, main: step.stage === docket.mainStage }];
    }
    const waits =
      WAITS.has(action.class) ||
      (action.class === 'cool' && (action.minutes !== null || step.kind === 'cool'));
    const minutes = waits ? waitOf(action, step, docket) : null;
    if (waits && minutes)
      return [
        {
          ...base,
          what: 'wait',
          kind: action.class === 'cool' || step.kind === 'cool' ? 'cool' : 'rest',
          cold: COLD.test(action.text),
          minutes,
        },
      ];
    if (waits || action.class === 'set-oven' || action.class === null) return [];
    if (action.class === 'finish' && AT_TABLE.test(action.text)) return [];
    // "Cool completely before cutting": Heat says how long that is.
    if (action.class === 'cool' && !OUT_OF_TIN.test(action.text)) return [];
    return [{ ...base, what: 'hands', class: action.class, minutes: action.minutes?.high ?? null }];
  });
  // "15 minutes in the oven": a heat that no verb of the step is known for.
  const unsaid = stage && heats(stage) && !heated;
  return unsaid
    ? [
        ...pieces,
        {
          step: step.id,
          text: asDeed(step.text),
          parts,
          what: 'heat',
          stage,
          main: step.stage === docket.mainStage,
        },
      ]
    : pieces;
}

/** A docket's method as deeds, in its own order; where no step tells of its bake, that comes last. */
export function piecesOf(docket: Docket): Piece[] {
  const pieces = docket.method.flatMap((step) => piecesOfStep(step, docket));
  const main =
    docket.mainStage === null || docket.mainStage === undefined
      ? undefined
      : docket.stages?.[docket.mainStage];
  const told = pieces.some((one) => one.what === 'heat' && one.main);
  if (told || !main) return pieces;
  return [
    ...pieces,
    { step: docket.method.at(-1)?.id ?? '', text: '', parts: null, what: 'heat', stage: main, main: true },
  ];
}

/** On the hob for so long that nobody stands beside it. */
export const cooksAlone = ({ medium, minutes }: DocketStage): boolean =>
  (medium === 'steamed' || medium === 'boiled') && (minutes?.high ?? 0) > WATCHED;
