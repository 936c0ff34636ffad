import type { LearningAnswer } from '@omniarton/contracts';
import { EMPTY_KITCHEN, type KitchenDocument } from '@omniarton/core/kitchen';
import { learntAtHome } from '@omniarton/core/next';
import type { Scope } from '../http/scope';
import type { LearningStore } from './learningStore';

interface Kitchens {
  find(scope: Scope): Promise<{ readonly doc: KitchenDocument } | undefined>;
}

/** What a household's bakes teach, worked out anew at each question: a thousand of them take a tenth of a second. */
export const learningService = (store: LearningStore, kitchens: Kitchens) => ({
  async learnt(scope: Scope): Promise<LearningAnswer> {
    // One after the other: the demo asks within a transaction.
    const bakes = await store.bakes(scope);
    const tastings = await store.justRight(scope);
    const kept = await kitchens.find(scope);
    const { learnt, logged } = learntAtHome(bakes, tastings, kept?.doc ?? EMPTY_KITCHEN);
    return {
      learnt,
      bakes: logged.map(({ id, recipe, title, notes }) => ({ id, recipe, title, on: notes.bakedOn })),
    };
  },
});
