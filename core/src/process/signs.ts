import { SIGNS, type Sign } from './data/signs';

/** True where the words of an action, a step or a title show a sign: whoever wants to know more than an action's class asks here. */
export const shows = (sign: Sign, text: string): boolean => SIGNS[sign].test(text);
