import * as Comlink from 'comlink';
import { createListenerMiddleware, isAnyOf, type PayloadAction } from '@reduxjs/toolkit';
import type { Conversion } from '@omniarton/core/docket';
import type { ConversionRequest, RecipeDocument } from '@omniarton/core/kitchen';
import type { Recipe } from '@omniarton/core/read';
import type { AppDispatch, RootState } from '../state';
import { quiet } from '../../base/timing';
import {
  bagsFound,
  houseRecipesFound,
  kitchenChanged,
  kitchenFound,
  kitchenLaid,
} from '../kitchen/kitchenSlice';
import { isChange } from '../draft/draftSlice';
import { askQuick, askSlow } from './engine';
import { asked, askedAnew, deeperWent, engineFailed, wasAnswered, wasConverted } from './engineSlice';
import { failureOf } from './failure';
import { askInKitchen, parcelOf } from './kitchens';
import { newestWins } from './newestWins';

/** Edits that follow each other this fast are one question for the slow engine. */
const PAUSE_MS = 120;

interface Question {
  readonly draft: string;
  readonly getState: () => RootState;
  readonly dispatch: AppDispatch;
}

interface SlowQuestion extends Question {
  readonly recipe: Recipe;
  readonly request: ConversionRequest;
  readonly revision: number;
}

export const engineListening = createListenerMiddleware();

const failed = ({ draft, dispatch, getState }: Question, error: unknown) =>
  dispatch(engineFailed({ draft, failure: failureOf(error, getState().drafts[draft]?.doc.text ?? '') }));

/** Sets of so many flours are gone through at once; larger ones afterwards, while the best of these is shown. */
const MOST_AT_ONCE = 4;
const PROGRESS_STEP = 0.02;

function convertOnce(
  { draft, dispatch, getState, recipe }: SlowQuestion,
  request: ConversionRequest,
  deep: boolean,
): Promise<Conversion | 'overtaken'> {
  let shown = 0;
  const onProgress = Comlink.proxy((done: number) => {
    if (done - shown < PROGRESS_STEP) return;
    shown = done;
    dispatch(deeperWent({ draft, deeper: done }));
  });
  return askInKitchen<Conversion | 'overtaken'>(
    askSlow,
    parcelOf(getState(), getState().drafts[draft]!.household),
    async (engine, key) =>
      deep
        ? await engine.convert(key, draft, recipe, request, onProgress)
        : await engine.convert(key, draft, recipe, request),
    () => undefined,
  );
}

const slowly = newestWins(async (question: SlowQuestion) => {
  const { draft, dispatch, getState, request, revision } = question;
  if (!getState().drafts[draft]) return;
  const deep = request.blend.most > MOST_AT_ONCE && request.blend.jar === null;
  try {
    const first = deep ? { ...request, blend: { ...request.blend, most: MOST_AT_ONCE } } : request;
    const conversion = await convertOnce(question, first, false);
    if (conversion === 'overtaken') return;
    dispatch(wasConverted({ draft, revision, conversion }));
    if (!deep || !getState().drafts[draft]) return;
    dispatch(deeperWent({ draft, deeper: 0 }));
    const whole = await convertOnce(question, request, true);
    dispatch(deeperWent({ draft, deeper: null }));
    if (whole !== 'overtaken') dispatch(wasConverted({ draft, revision, conversion: whole }));
  } catch (error) {
    failed(question, error);
  }
});

/** Stops the search among larger sets: what has been found stays. */
export const stopDeeper = (draft: string): void => void askSlow((engine) => engine.stop(draft));

const afterPause = quiet(PAUSE_MS);

const quickly = newestWins(async (question: Question) => {
  const { draft, getState, dispatch } = question;
  const open = getState().drafts[draft];
  if (!open) return;
  const { revision, doc, household } = open;
  const earlier = getState().engine[draft]?.slowAnswers ?? null;
  try {
    const answer = await askInKitchen(
      askQuick,
      parcelOf(getState(), household),
      (engine, key) => engine.quick(key, doc, earlier),
      (troubles) => dispatch(kitchenLaid({ household, troubles })),
    );
    dispatch(wasAnswered({ draft, revision, answer }));
    afterPause(draft, () => {
      if ((getState().engine[draft]?.deeper ?? null) !== null) stopDeeper(draft);
      slowly({ ...question, recipe: answer.recipe, request: doc.request, revision });
    });
  } catch (error) {
    failed(question, error);
  }
});

/** Notes of a bake or a serving time change nothing that the engine is asked. */
const sameQuestion = (a: RecipeDocument, b: RecipeDocument): boolean =>
  a.text === b.text && a.locale === b.locale && a.corrections === b.corrections && a.request === b.request;

/** Each change asks the quick engine at once and the slow one after a pause. */
engineListening.startListening({
  matcher: isChange,
  effect: ({ payload: { id } }, { getState, getOriginalState, dispatch }) => {
    const draft = (getState() as RootState).drafts[id];
    const before = (getOriginalState() as RootState).drafts[id];
    if (!draft || (before && sameQuestion(before.doc, draft.doc))) return;
    dispatch(asked({ draft: id, revision: draft.revision }));
    quickly({ draft: id, getState: getState as () => RootState, dispatch: dispatch as AppDispatch });
  },
});

/** Another kitchen is another question, for every recipe of its household that is open. */
engineListening.startListening({
  matcher: isAnyOf(kitchenFound, kitchenChanged, houseRecipesFound, bagsFound),
  effect: (action, { getState, dispatch }) => {
    const { household } = (action as PayloadAction<{ household: string }>).payload;
    for (const { id, household: at } of Object.values((getState() as RootState).drafts)) {
      if (at !== household) continue;
      dispatch(askedAnew({ draft: id }));
      quickly({ draft: id, getState: getState as () => RootState, dispatch: dispatch as AppDispatch });
    }
  },
});
