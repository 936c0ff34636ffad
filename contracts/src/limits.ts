import { registerDecorator } from 'class-validator';
import { LIMITS } from './paths';

/** Longest name of anything of a household. */
export const NAME_CHARS = 80;

/** How an ingredient, a jar or a recipe that stands as one is named. */
export const INGREDIENT_ID = /^[a-z0-9-]{1,64}$/;

/** A text of at most LIMITS.lines lines. */
export function MaxLines(): PropertyDecorator {
  return (target, property) =>
    registerDecorator({
      name: 'maxLines',
      target: target.constructor,
      propertyName: property as string,
      validator: {
        validate: (value: unknown) => typeof value === 'string' && value.split('\n').length <= LIMITS.lines,
        defaultMessage: () => `$property has more than ${LIMITS.lines} lines`,
      },
    });
}

/** An object whose keys are of a list and whose values are yes or no. */
/** Names with a calendar day each. */
export function DaysByName(): PropertyDecorator {
  return (target, property) =>
    registerDecorator({
      name: 'daysByName',
      target: target.constructor,
      propertyName: property as string,
      validator: {
        validate: (value: unknown) =>
          typeof value === 'object' &&
          value !== null &&
          Object.entries(value).length <= MOST_NAMES &&
          Object.entries(value).every(([name, day]) => name.length <= 200 && DAY.test(String(day))),
        defaultMessage: () => '$property holds a day for each name',
      },
    });
}
const MOST_NAMES = 500;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

export function SaysOf(keys: readonly string[]): PropertyDecorator {
  return (target, property) =>
    registerDecorator({
      name: 'saysOf',
      target: target.constructor,
      propertyName: property as string,
      validator: {
        validate: (value: unknown) =>
          typeof value === 'object' &&
          value !== null &&
          Object.entries(value).every(([key, says]) => keys.includes(key) && typeof says === 'boolean'),
        defaultMessage: () => `$property may say yes or no to ${keys.join(', ')}`,
      },
    });
}
