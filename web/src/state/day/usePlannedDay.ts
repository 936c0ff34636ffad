import { proxy } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import {
  OVEN_HABITS,
  paceOf,
  type DayOven,
  type DaySetup,
  type Pace,
  type TimedWork,
} from '@omniarton/core/clock';
import type { KitchenDocument, RecipeDocument } from '@omniarton/core/kitchen';
import { fetchRecipe } from '../../api/api';
import type { DayQuestion, DayReply } from '../engine/dayDesk';
import { askDay } from '../engine/engine';
import { useKitchenAnswer } from '../engine/useKitchenAnswer';
import { useAppSelector } from '../state';

/** Plans look at the clock so often, ms: what begins now begins a little later. */
const LOOK_MS = 5 * 60_000;
const lookedAt = (now: number) => Math.ceil(now / LOOK_MS) * LOOK_MS;

/** The ovens that a day is baked in: those of the kitchen, or one that nothing is known of. */
export function ovensOfDay({ ovens }: KitchenDocument, chosen: DaySetup['ovens']): DayOven[] {
  const own = ovens
    .filter(({ id }) => chosen === null || chosen.includes(id))
    .map(({ id, name, racks, preheatMinutes }) => ({
      id,
      name,
      racks,
      preheatMinutes: preheatMinutes ?? OVEN_HABITS.preheat,
    }));
  if (ovens.length > 0) return own;
  return [{ id: 'oven', name: 'the oven', racks: OVEN_HABITS.racks, preheatMinutes: OVEN_HABITS.preheat }];
}

/** The recipes of a day as they are: open ones as they are on the bench, others as the server has them. */
function useRecipes(
  household: string,
  ids: readonly string[],
): Readonly<Record<string, RecipeDocument | null>> {
  const drafts = useAppSelector((state) => state.drafts);
  const [fetched, setFetched] = useState<Readonly<Record<string, RecipeDocument | null>>>({});
  const wanted = ids.filter((id) => !drafts[id] && fetched[id] === undefined).join();
  useEffect(() => {
    let gone = false;
    for (const recipe of wanted === '' ? [] : wanted.split(','))
      void fetchRecipe({ household, recipe }).then((reply) =>
        gone ? undefined : setFetched((known) => ({ ...known, [recipe]: reply.ok ? reply.data.doc : null })),
      );
    return () => void (gone = true);
  }, [household, wanted]);
  const all = ids.join();
  return useMemo(() => {
    const known = all === '' ? [] : all.split(',').map((id) => [id, drafts[id]?.doc ?? fetched[id]] as const);
    return Object.fromEntries(known.flatMap(([id, doc]) => (doc === undefined ? [] : [[id, doc]])));
  }, [all, drafts, fetched]);
}

/** How these hands work, as far as it was timed. */
export const usePace = (timed: readonly TimedWork[]): Pace => useMemo(() => paceOf(timed), [timed]);

/** What is asked of a day's planning; null while a recipe of it is still on its way. */
export function useDayQuestion(
  household: string,
  day: DaySetup,
  kitchen: KitchenDocument,
  pace: Pace,
  now: number,
): DayQuestion | null {
  const docs = useRecipes(household, [...new Set(day.bakes.map(({ recipe }) => recipe))]);
  const looked = lookedAt(now);
  return useMemo(() => {
    if (day.bakes.some(({ recipe }) => docs[recipe] === undefined)) return null;
    return {
      recipes: day.bakes.flatMap((bake) => {
        const doc = docs[bake.recipe];
        return doc ? [{ ...bake, doc }] : [];
      }),
      zone: day.zone,
      ovens: ovensOfDay(kitchen, day.ovens),
      hands: day.hands,
      mixers: day.mixers,
      fridge: day.fridge,
      tins: kitchen.pans,
      pace,
      asleep: day.asleep,
      now: looked,
      pins: day.pins,
    };
  }, [
    day.bakes,
    day.zone,
    day.ovens,
    day.hands,
    day.mixers,
    day.fridge,
    day.asleep,
    day.pins,
    docs,
    kitchen,
    pace,
    looked,
  ]);
}

/** Questions in the order in which they came up: an engine may hear them in another. */
const orders = new WeakMap<DayQuestion, number>();
let asked = 0;
function orderOf(question: DayQuestion): number {
  const known = orders.get(question) ?? (asked += 1);
  orders.set(question, known);
  return known;
}

/** A day planned, ever better while it is looked for; the last plan stays while a newer question is under way. */
export function usePlannedDay(household: string, question: DayQuestion | null) {
  const asked = useMemo(() => JSON.stringify(question), [question]);
  const [better, setBetter] = useState<{ readonly reply: DayReply; readonly to: string } | null>(null);
  const { data, stale, failed } = useKitchenAnswer<DayReply>(
    household,
    [asked],
    (door, key) =>
      question === null || question.recipes.length === 0
        ? Promise.resolve({ plan: null, bakes: [], none: [] })
        : door.planDay(
            key,
            question,
            orderOf(question),
            proxy((reply: DayReply) => setBetter({ reply, to: asked })),
          ),
    askDay,
  );
  const partial = stale && better?.to === asked ? better.reply : null;
  return {
    reply: partial ?? data,
    looking: stale || question === null,
    old: stale && partial === null,
    failed,
  };
}
