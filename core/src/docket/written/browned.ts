import type { Action } from '../../process';
import { capitalised, editIn, type SpanEdit } from './spans';

const BROWNS = /\bbrown(?=(?:ing)? (?:the |your )?(?:[\p{L}-]+ ){0,2}butter\b)/iu;
/** What only browning butter looks and smells like. */
const BY_ITS_LOOK =
  /,?\s*\b(?:until|till)\b[^.;]*\b(?:nutty|brown\w*|amber|golden|toasty|hazelnut|foam\w*|specks?)\b[^.;]*/i;
const BECAUSE = 'without milk there is nothing in it to brown: it is only melted';

/** Where butter is out, what stands in for it is melted and not browned: it is the milk in butter that browns. Common practice. */
export const brownedEdits = (actions: readonly Action[]): SpanEdit[] =>
  actions.flatMap((action, at) => {
    const said = BROWNS.exec(action.text);
    if (!said) return [];
    const word = /^B/.test(said[0]) ? capitalised('melt') : 'melt';
    const goesOn = [action, ...actions.slice(at + 1, at + 2).filter(({ step }) => step === action.step)];
    return [
      editIn(action, { from: said.index, to: said.index + said[0].length }, word, BECAUSE),
      ...goesOn.flatMap((one) => {
        const look = BY_ITS_LOOK.exec(one.text);
        return look ? [editIn(one, { from: look.index, to: look.index + look[0].length }, '', BECAUSE)] : [];
      }),
    ];
  });
