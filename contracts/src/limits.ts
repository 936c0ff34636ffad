import { registerDecorator } from 'class-validator';
import { LIMITS } from './paths';

/** Longest name of anything of a household. */
export const NAME_CHARS = 80;

/** How an ingredient, a jar or a recipe that stands as one is named. */
export const INGREDIENT_ID = /^[a-z0-9-]{1,64}$/;

/** A rule of our own: what holds of a value, and what is said where it doesn't. */
const holds =
  (
    name: string,
    validate: (value: unknown, of: Readonly<Record<string, unknown>>) => boolean,
    says: string,
  ): PropertyDecorator =>
  (target, property) =>
    registerDecorator({
      name,
      target: target.constructor,
      propertyName: property as string,
      validator: {
        validate: (value, said) => validate(value, (said?.object ?? {}) as Readonly<Record<string, unknown>>),
        defaultMessage: () => says,
      },
    });

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;

/** A text of at most LIMITS.lines lines. */
export const MaxLines = (): PropertyDecorator =>
  holds(
    'maxLines',
    (value) => typeof value === 'string' && value.split('\n').length <= LIMITS.lines,
    `$property has more than ${LIMITS.lines} lines`,
  );

const MOST_NAMES = 500;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** Names with a calendar day each. */
export const DaysByName = (): PropertyDecorator =>
  holds(
    'daysByName',
    (value) =>
      isObject(value) &&
      Object.entries(value).length <= MOST_NAMES &&
      Object.entries(value).every(([name, day]) => name.length <= 200 && DAY.test(String(day))),
    '$property holds a day for each name',
  );

/** A figure that dockets count with: a factor that leaves an ingredient in the bake, or degrees beside the usual ones. */
export const CanBeKept = (): PropertyDecorator =>
  holds(
    'canBeKept',
    (value, { topic }) =>
      typeof value === 'number' && (topic === 'done' ? Math.abs(value) <= 10 : value >= 0.4 && value <= 2.5),
    '$property is a factor from 0.4 to 2.5, or of done up to 10 °C either way',
  );

/** An object whose keys are of a list and whose values are yes or no. */
export const SaysOf = (keys: readonly string[]): PropertyDecorator =>
  holds(
    'saysOf',
    (value) =>
      isObject(value) &&
      Object.entries(value).every(([key, says]) => keys.includes(key) && typeof says === 'boolean'),
    `$property may say yes or no to ${keys.join(', ')}`,
  );
