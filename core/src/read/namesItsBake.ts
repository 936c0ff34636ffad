import { NAMES_A_BAKE } from './page';
import { tellsADeed } from './tellsADeed';

/** True for words that are what a bake is called, and do nothing with what they name: "Malt loaf for the tin", and not "Crush the biscuits". */
export const namesItsBake = (words: string): boolean => NAMES_A_BAKE.test(words) && !tellsADeed(words);
