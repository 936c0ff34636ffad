import type { Ingredient } from '../../catalogue';

/** Runnier than this it is an extract, a spirit or a vinegar, and no powder: g of water in 100 g. */
const RUNNY = 20;
const PEEL = /zest|peel|rind/;

/** Goes in with the wet things, where a powder goes through the flour. */
export const isRunny = ({ composition }: Ingredient): boolean => composition.water > RUNNY;

/** Grated peel is folded in as a fruit is. */
export const isPeel = ({ id }: Ingredient): boolean => PEEL.test(id);
