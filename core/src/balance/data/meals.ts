/** Meals of wheat: their coarse grains are what a syrup cake or a shortbread is made with them for. */
export const MEALS: readonly string[] = ['semolina', 'farina'];

/** What has such grains without gluten, the first that is allowed. Common practice. */
export const MEAL_STAND_INS: readonly string[] = ['ground-rice', 'cornmeal'];

/** So much of the meal stays a meal: alone it would be sandy, and the flours around it hold it. Common practice. */
export const MEAL_SHARE = 0.6;

/** Of fewer grams nobody feels the grains. */
export const LEAST_MEAL = 40;
