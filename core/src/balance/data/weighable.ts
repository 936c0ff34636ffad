/** Of less flour than this a kitchen weighs one kind alone, and of any kind no less than this, g. Common practice. */
export const A_SPOONFUL = 25;
/** Of less flour than this it weighs two kinds at most, g. Common practice. */
export const A_HANDFUL = 50;
export const LEAST_WEIGHED = 3;
