import { EMPTY_RECIPE, type RecipeDocument } from '@omniarton/core/kitchen';
import { fetchRecipe, type RecipeAt } from '../../api/api';
import type { Failure } from '../../api/http';
import type { Thunk } from '../state';
import { loadKitchen } from '../kitchen/kitchens';
import { isUnsent, opened } from './draftSlice';
import type { UnsentCopy } from './mirror';
import { dropCopy } from './mirror';
import { copySettled } from './mirrorSlice';
import type { TabNews } from './tabs';

/** What a new recipe begins with: its words, and what came along with them. */
interface Words {
  readonly text: string;
  readonly foreign: string | null;
}

/** A sheet with nothing on it, or with a text that was brought along. */
export const newDocument = ({ text, foreign }: Words = { text: '', foreign: null }): RecipeDocument => ({
  ...EMPTY_RECIPE,
  text,
  foreign,
});

/** Opens a recipe on the bench; what is open already, unsent edits among it, stays as it is. */
export const openRecipe =
  (place: RecipeAt): Thunk<Promise<Failure | null>> =>
  async (dispatch, getState) => {
    if (getState().drafts[place.recipe]) return null;
    // The kitchen first: without it the recipe would be read once for nobody and then again.
    const [reply] = await Promise.all([fetchRecipe(place), dispatch(loadKitchen(place.household))]);
    if (!reply.ok) return reply.failure;
    const { version, doc } = reply.data;
    const { historyOf } = await import('./histories');
    const history = await historyOf(place.recipe, version);
    if (!getState().drafts[place.recipe])
      dispatch(opened({ id: place.recipe, household: place.household, base: version, doc, ...history }));
    return null;
  };

/** A new recipe: it exists on this page alone until its first edit has been saved. */
export const openNew =
  ({ household, recipe }: RecipeAt, doc = newDocument()): Thunk<void> =>
  (dispatch) =>
    void dispatch(opened({ id: recipe, household, base: 0, doc, unsent: doc.text !== '' }));

/** Takes up what an earlier page could not send. */
export const takeUp =
  ({ id, household, base, doc, past, future }: UnsentCopy): Thunk<void> =>
  (dispatch) => {
    dispatch(opened({ id, household, base, doc, past, future, unsent: true }));
    dispatch(copySettled(id));
  };

export const letGo =
  ({ id }: UnsentCopy): Thunk<void> =>
  (dispatch) => {
    dispatch(copySettled(id));
    void dropCopy(id);
  };

/** Another tab has saved a recipe that is open here: without edits of its own this tab follows. */
export const followTab =
  ({ saved, version }: TabNews): Thunk<Promise<void>> =>
  async (dispatch, getState) => {
    const clean = () => {
      const draft = getState().drafts[saved];
      return draft && !isUnsent(draft) && draft.base < version ? draft : undefined;
    };
    const draft = clean();
    if (!draft) return;
    const reply = await fetchRecipe({ household: draft.household, recipe: saved });
    if (reply.ok && clean())
      dispatch(
        opened({ id: saved, household: draft.household, base: reply.data.version, doc: reply.data.doc }),
      );
  };
