import type {
  AskedBake,
  DayAsk,
  DayDockets,
  DayPlan,
  DayRun,
  NoDay,
  Replanned,
  RunBake,
} from '@omniarton/core/clock';
import { docOfRun, runName, type Kitchen, type RecipeDocument } from '@omniarton/core/kitchen';
import { say } from '@omniarton/core/words';
import type { InKitchen, Read } from './desk';

/** A recipe that is baked on the day. */
export interface DayRecipe {
  readonly id: string;
  readonly recipe: string;
  /** On the table, on the day's clocks. */
  readonly at: string;
  readonly doc: RecipeDocument;
  readonly trial?: string;
}

/** The day that is asked for: its recipes, and what they are baked with. */
export interface DayQuestion extends Omit<DayAsk, 'bakes' | 'work'> {
  readonly recipes: readonly DayRecipe[];
  readonly zone: string;
}

export interface DayReply {
  /** Null: none of it has a docket. */
  readonly plan: DayPlan | NoDay | null;
  readonly bakes: readonly RunBake[];
  /** What has no docket, and why, in words. */
  readonly none: readonly { readonly id: string; readonly title: string; readonly why: string }[];
}

const clock = () => import('@omniarton/core/clock');

/** The dockets that were made last: a task that is moved asks for none of them anew. */
let made: { readonly key: string; readonly day: DayDockets } | null = null;

/** The newest question so far, by the number that the page gave it: they may arrive in another order, and an older one stops. */
let newest = 0;
const breath = () => new Promise<void>((done) => setTimeout(done));

/** The dockets of a day; null: they are no longer wanted. */
async function docketsFor(
  { recipes, zone }: DayQuestion,
  key: string,
  kitchen: Kitchen,
  read: Read,
  isOld: () => boolean,
): Promise<DayDockets | null> {
  const about = JSON.stringify([key, zone, recipes]);
  if (made?.key === about) return made.day;
  const { docketsOfDaySteps } = await clock();
  const asked = recipes.map(({ id, at, doc: plain, trial }): AskedBake => {
    const doc = trial === undefined ? plain : docOfRun(plain, trial);
    const { recipe } = read(doc, kitchen);
    return {
      id,
      recipe: trial === undefined ? recipe : { ...recipe, title: `${recipe.title}, ${runName(trial)}` },
      request: doc.request,
      serving: { at, zone },
    };
  });
  const steps = docketsOfDaySteps(asked, kitchen);
  for (let step = steps.next(); ; step = steps.next()) {
    if (step.done) {
      made = { key: about, day: step.value };
      return step.value;
    }
    await breath();
    if (isOld()) return null;
  }
}

/** Plans a day; tells of each better plan on the way. Without a plan where a newer question was asked meanwhile. */
async function planFor(
  question: DayQuestion,
  key: string,
  kitchen: Kitchen,
  read: Read,
  order: number,
  told: (reply: DayReply) => void,
): Promise<DayReply> {
  newest = Math.max(newest, order);
  const isOld = () => order < newest;
  const { planDaySteps, runBake, USUAL_WORK } = await clock();
  const dockets = await docketsFor(question, key, kitchen, read, isOld);
  if (!dockets) return { plan: null, bakes: [], none: [] };
  const { bakes, none } = dockets;
  const { recipes, zone: _zone, ...rest } = question;
  const shown = {
    bakes: bakes.map(({ id, docket }) => runBake(id, recipes.find((one) => one.id === id)!.recipe, docket)),
    none: none.map(({ id, none: { reasons } }) => {
      const { doc } = recipes.find((one) => one.id === id)!;
      return { id, title: doc.asRead.title, why: reasons.map(say).join(' ') };
    }),
  };
  if (bakes.length === 0) return { ...shown, plan: null };
  const steps = planDaySteps({ ...rest, bakes, work: USUAL_WORK });
  for (let step = steps.next(); ; step = steps.next()) {
    if (step.done) return { ...shown, plan: step.value };
    if (step.value) told({ ...shown, plan: step.value });
    await breath();
    if (isOld()) return { ...shown, plan: null };
  }
}

/** Plans the rest of a run again. */
async function replanFor(
  run: DayRun,
  question: DayQuestion,
  key: string,
  kitchen: Kitchen,
  read: Read,
  now: number,
): Promise<{ readonly replanned: Replanned | null }> {
  const { replan, USUAL_WORK } = await clock();
  const dockets = await docketsFor(question, key, kitchen, read, () => false);
  if (!dockets) return { replanned: null };
  const { bakes } = dockets;
  const { recipes: _recipes, zone: _zone, ...rest } = question;
  return { replanned: replan(run, { ...rest, bakes, work: USUAL_WORK }, now) };
}

/** What the page may ask of bake days. */
export const dayDesk = (inKitchen: InKitchen, read: Read) => ({
  /** A bake day for a calendar (iCalendar). */
  calendar: async (
    plan: DayPlan,
    titles: Readonly<Record<string, string>>,
    id: string,
    now: number,
  ): Promise<string> => (await clock()).toCalendar(plan, titles, id, now),
  /** Plans a bake day; tells of each better plan on the way. `order`: a question with a greater one is newer. */
  planDay: async (
    key: string,
    question: DayQuestion,
    order: number,
    told: (reply: DayReply) => void,
  ): Promise<DayReply | null> =>
    inKitchen(key, (kitchen) => planFor(question, key, kitchen, read, order, told)),
  /** Plans the rest of a run again from now on. */
  replanDay: async (
    key: string,
    run: DayRun,
    question: DayQuestion,
    now: number,
  ): Promise<{ readonly replanned: Replanned | null } | null> =>
    inKitchen(key, (kitchen) => replanFor(run, question, key, kitchen, read, now)),
});
