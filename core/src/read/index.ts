export { readAmount } from './amount';
export { weigh, type Scales } from './grams';
export { NUMBERS_IN_WORDS, numbersFromWords } from './numberWords';
export { measuredInEnglish } from './otherLanguages';
export { boughtDough } from './boughtDough';
export { blanked, CARD_PART, CHAT, cleanLine, TICK_BEHIND } from './clean';
export { rowsOf } from './tableRow';
export { durationsIn, type Duration } from './durations';
export { makeDoubt } from './doubts';
export { settingsIn, type Setting } from './temperatures';
export type { DoubtKind, Finding } from './doubts';
export { compareRatios, ratiosOf, usualRatios } from './familyRatios';
export { RATIOS, type FamilyRatios } from './ratios';
export { mainPart, weighLines } from './mainPart';
export { matchIngredient } from './match';
export { namedIn } from './named';
export { lastWordOf, tokensOf } from './names';
export { whyKind, type Spoke } from './page';
export { ingredientLines, pageLines, readRecipe, type PageLine, type ReadResult } from './recipe';
export type {
  Item,
  Line,
  LineKind,
  Pan,
  Part,
  Bindings,
  Recipe,
  RecipeTimes,
  Step,
  TakenFor,
  Yield,
} from './types';
export { writtenOut } from './phrasing';
export { readProse } from './prose';
export { tellsADeed } from './tellsADeed';
export { addedTo, isAdded, isOfBlend, ofBlend, ofItem, sourceOf, standsFor } from './lineIds';
export { remembered } from './remember';
export { underLists } from './underLists';
export { wholeMethod } from './wholeMethod';
