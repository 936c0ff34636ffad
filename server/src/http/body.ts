import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validate, type ValidationError } from 'class-validator';
import { InvalidError } from './errors';

interface Fault {
  readonly where: string;
  readonly what: readonly string[];
}

function faults(errors: readonly ValidationError[], above = ''): Fault[] {
  return errors.flatMap((error) => {
    const where = above ? `${above}.${error.property}` : error.property;
    const own = error.constraints ? [{ where, what: Object.values(error.constraints) }] : [];
    return [...own, ...faults(error.children ?? [], where)];
  });
}

/** Checks a plain value against a request class; anything that isn't named there is refused. */
export async function checked<T extends object>(type: ClassConstructor<T>, plain: unknown): Promise<T> {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain))
    throw new InvalidError('A JSON object is wanted.');
  const instance = plainToInstance(type, plain);
  const errors = await validate(instance, {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
  });
  const [first, ...rest] = faults(errors);
  if (first) {
    const more = rest.length > 0 ? ` (and ${rest.length} more)` : '';
    throw new InvalidError(`${first.where}: ${first.what.join('; ')}${more}`, {
      faults: [first, ...rest].slice(0, 20),
    });
  }
  return instance;
}
