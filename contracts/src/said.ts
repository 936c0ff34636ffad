import { IsDefined, IsISO8601, Matches, ValidateIf } from 'class-validator';

interface Field {
  readonly of: new () => object;
  readonly name: string;
}

const nullable: Field[] = [];
/** Every field of a contract that may be null, for the test that none of them may be left out. */
export const NULLABLE: readonly Field[] = nullable;

const both =
  (...decorators: readonly PropertyDecorator[]): PropertyDecorator =>
  (target, property) => {
    for (const one of decorators) one(target, property);
  };

/** A field that may be null and must be said: leaving it out is refused, since nothing downstream reads absence as null. */
export const OrNull = (): PropertyDecorator => (target, property) => {
  nullable.push({ of: target.constructor as Field['of'], name: String(property) });
  both(
    ValidateIf((_, value: unknown) => value !== null),
    IsDefined({ message: '$property must be there; null says that there is none' }),
  )(target, property);
};

/** A field that may be left out; null is no way to say so. */
export const IfSaid = (): PropertyDecorator => ValidateIf((_, value: unknown) => value !== undefined);

/** A day of the calendar that exists, `YYYY-MM-DD`. */
export const IsDay = (): PropertyDecorator =>
  both(
    Matches(/^\d{4}-\d{2}-\d{2}$/),
    IsISO8601({ strict: true }, { message: '$property must be a day of the calendar' }),
  );

/** A moment on somebody's clock, `YYYY-MM-DDTHH:mm`, on a day that exists. */
export const IsClockTime = (): PropertyDecorator =>
  both(
    Matches(/^\d{4}-\d{2}-\d{2}T(?:[01]\d|2[0-3]):[0-5]\d$/),
    IsISO8601({ strict: true }, { message: '$property must be on a day of the calendar' }),
  );
