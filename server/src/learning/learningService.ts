import type { LearningAnswer } from '@omniarton/contracts';
import { EMPTY_KITCHEN, type KitchenDocument } from '@omniarton/core/kitchen';
import { layOut } from '@omniarton/core/larder';
import { learn, loggedBake } from '@omniarton/core/next';
import type { Scope } from '../http/scope';
import type { LearningStore } from './learningStore';

interface Kitchens {
  find(scope: Scope): Promise<{ readonly doc: KitchenDocument } | undefined>;
}

/** What a household's bakes teach, worked out anew at each question: a thousand of them take a tenth of a second. */
export const learningService = (store: LearningStore, kitchens: Kitchens) => ({
  async learnt(scope: Scope): Promise<LearningAnswer> {
    const [bakes, kept] = await Promise.all([store.bakes(scope), kitchens.find(scope)]);
    const doc = kept?.doc ?? EMPTY_KITCHEN;
    const { kitchen } = layOut({ ...doc, recipes: [] }, {}, 'learning', []);
    const logged = bakes.map((one) => loggedBake(one, kitchen));
    const { learnt } = learn(logged, doc.learning);
    return {
      learnt,
      bakes: logged.map(({ id, recipe, title, notes }) => ({ id, recipe, title, on: notes.bakedOn })),
    };
  },
});
