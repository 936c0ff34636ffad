import { registerDecorator } from 'class-validator';
import { LIMITS } from './paths';

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
