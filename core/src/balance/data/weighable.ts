/** Of less flour than this a kitchen weighs one kind alone, and of any kind no less than this, g. Common practice. */
export const A_SPOONFUL = 25;
export const LEAST_WEIGHED = 3;
