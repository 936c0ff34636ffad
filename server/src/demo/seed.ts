import type { Knex } from 'knex';
import { v7 as newId } from 'uuid';
import { EMPTY_DAY, upcastDay, type DayDocument } from '@omniarton/core/clock';
import { upcastKitchen, type KitchenDocument, type LearntTime, type RecipeDocument } from '@omniarton/core/kitchen';
import { bakeStore } from '../bakes/bakeStore';
import { flourUseStore } from '../bakes/flourUses';
import { docketStore } from '../dockets/docketStore';
import type { Scope } from '../http/scope';
import { photoStore } from '../photos/photoStore';
import { seenPhoto } from '../photos/seenPhoto';
import { recipeStore } from '../recipes/recipeStore';
import { shelfStore } from '../shelf/shelfStore';
import { servicesOn } from '../services';
import { tastingStore } from '../tastings/tastingStore';
import { demoBags } from './cupboard';
import { demoBakes, demoTasting } from './log';
import { demoKitchen } from './people';
import { demoDocuments } from './recipes';

const DEMO_NAME = 'Quillhaven boat club (demo)';

/** The local person with a kitchen of their own, and the demo in a household beside it: each once, and recorded. */
export async function seed(db: Knex, { demo }: { demo: boolean }): Promise<void> {
  await db.transaction(async (inside) => {
    await inside.raw('LOCK TABLE seeds IN EXCLUSIVE MODE');
    await once(inside, 'home', async () => {
      const personId = newId();
      await inside('people').insert({ id: personId, name: 'You' });
      await household(inside, personId, 'My kitchen', false);
    });
    if (!demo) return;
    await once(inside, 'demo-1', async () => {
      const { id: personId } = (await inside('people').orderBy('created_at').first('id')) as { id: string };
      const householdId = await household(inside, personId, DEMO_NAME, true);
      for (const doc of demoDocuments()) await recipeStore(inside).create({ householdId, personId }, newId(), doc);
    });
    // A demo that was seeded before its guests, its bags or its ovens were known gets them now, if it is still there.
    const kitchens = shelfStore<KitchenDocument>(inside, 'kitchens', upcastKitchen);
    await onceInDemo(inside, 'demo-2', async (scope) => void (await kitchens.write(scope, 0, demoKitchen())));
    await onceInDemo(inside, 'demo-3', async (scope) => {
      const { cupboard } = servicesOn(inside);
      for (const one of demoBags(new Date())) await cupboard.add(scope, newId(), one);
    });
    await onceInDemo(inside, 'demo-4', async (scope) => {
      const kept = await kitchens.find(scope);
      const { ovens, pans } = demoKitchen();
      if (kept && kept.doc.ovens.length === 0) await kitchens.write(scope, kept.version, { ...kept.doc, ovens, pans });
    });
    await onceInDemo(inside, 'demo-5', async (scope) => {
      const days = shelfStore<DayDocument>(inside, 'days', upcastDay);
      const { items } = await servicesOn(inside).finding.find(scope, { limit: 100 });
      await days.write(scope, 0, teaOf(items.map(({ id }) => id)));
    });
    await onceInDemo(inside, 'demo-6', (scope) => seedLog(inside, scope));
    await onceInDemo(inside, 'demo-7', async (scope) => {
      const kept = await kitchens.find(scope);
      const { learnt } = await servicesOn(inside).learning.learnt(scope);
      const times = learnt.flatMap(({ time, moved, posterior, taught }): LearntTime[] =>
        time && moved && taught.length >= TAUGHT_ENOUGH
          ? [{ ...time, factor: Number(posterior.middle.toFixed(3)), bakes: taught.length, on: LEARNT_ON }]
          : [],
      );
      if (kept && kept.doc.learning.times.length === 0)
        await kitchens.write(scope, kept.version, { ...kept.doc, learning: { ...kept.doc.learning, times } });
    });
  });
}

/** When the club said that its oven is to be counted with as it was learnt. */
const LEARNT_ON = '2027-06-06';
/** Of fewer bakes a club takes nothing over. */
const TAUGHT_ENOUGH = 3;

/** What the club baked and tasted before the tea. */
async function seedLog(db: Knex, scope: Scope): Promise<void> {
  const recipes = recipeStore(db);
  const { items } = await servicesOn(db).finding.find(scope, { limit: 100 });
  const docs = [];
  for (const { id } of items) docs.push(await recipes.find(scope, id));
  const bakes = demoBakes(docs.flatMap((one) => (one ? [{ id: one.id, doc: one.doc as RecipeDocument }] : [])));
  const stores = { dockets: docketStore(db), bakes: bakeStore(db), uses: flourUseStore(db), photos: photoStore(db) };
  for (const { recipe, docket, bake, photos } of bakes) {
    await stores.dockets.create(scope, recipe, docket.id, docket.doc);
    await stores.bakes.create(scope, recipe, bake.id, bake.doc);
    await stores.uses.write(scope, bake.id);
    for (const { id, of, bytes } of photos)
      await stores.photos.create(scope, bake.id, { id, of, ...seenPhoto(bytes), bytes });
  }
  const tasting = demoTasting(bakes);
  if (tasting) await tastingStore(db).create(scope, tasting.recipe, newId(), tasting.doc);
}

/** When the midsummer tea is served. */
const TEA_TIME = { at: '2027-06-19T15:30', zone: 'Europe/Berlin' };

/** The club's tea: Orla and one helper, both ovens of the hall. */
const teaOf = (recipes: readonly string[]): DayDocument => ({
  ...EMPTY_DAY,
  zone: TEA_TIME.zone,
  bakes: recipes.map((recipe) => ({ id: newId(), recipe, at: TEA_TIME.at })),
  hands: 2,
});

/** Brings the demo kitchen back as it was at first; nothing where it still is. */
export async function seedAgain(db: Knex): Promise<void> {
  const there = (await db('households').where({ demo: true }).first('id')) as object | undefined;
  if (!there) await db('seeds').where('name', 'like', 'demo-%').delete();
  await seed(db, { demo: true });
}

/** Something for the demo's household, once; nothing where the demo has gone. */
async function onceInDemo(db: Knex, name: string, work: (scope: Scope) => Promise<void>): Promise<void> {
  await once(db, name, async () => {
    const found = (await db('households').where({ demo: true }).first('id', 'created_by')) as
      { id: string; created_by: string } | undefined;
    if (found) await work({ householdId: found.id, personId: found.created_by });
  });
}

async function once(db: Knex, name: string, work: () => Promise<void>): Promise<void> {
  const [row] = (await db('seeds').insert({ name }).onConflict('name').ignore().returning('name')) as unknown[];
  if (row) await work();
}

async function household(db: Knex, personId: string, name: string, demo: boolean): Promise<string> {
  const id = newId();
  await db('households').insert({ id, created_by: personId, name, demo });
  await db('members').insert({ household_id: id, person_id: personId });
  return id;
}
