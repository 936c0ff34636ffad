/**
 * Less of it on 100 g of flour is found in some bake or other whatever its kind (a custardy crêpe, a meringue-topped tart, a
 * fudgy square), and is no reason to ask. Common practice.
 */
export const FOUND_SOMEWHERE = { water: 280, fat: 160, sugars: 280, egg: 320 } as const;

/** How far a ratio to the flour may be from its family's usual one before it is asked about, as a factor. */
export const FAR_FROM_FAMILY = 4;
