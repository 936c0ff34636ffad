import { registerDecorator } from 'class-validator';

type Fields = Readonly<Record<string, 'string' | 'number' | 'list' | 'object'>>;
const DOCKET: Fields = {
  schema: 'number',
  title: 'string',
  family: 'object',
  route: 'string',
  school: 'string',
  parts: 'list',
  shifts: 'list',
  method: 'list',
  guard: 'object',
  rest: 'object',
  bake: 'object',
  warnings: 'list',
};
const PART: Fields = { id: 'string', blend: 'list', lines: 'list', balances: 'list' };
const GUARD: Fields = {
  state: 'string',
  lines: 'list',
  open: 'list',
  answered: 'list',
  cautions: 'list',
  people: 'list',
  crossContact: 'list',
  without: 'list',
  forWhom: 'list',
};
const KITCHEN: Fields = { version: 'string', ingredients: 'list', people: 'list' };

const is = (value: unknown, kind: Fields[string]): boolean =>
  kind === 'list'
    ? Array.isArray(value)
    : kind === 'object'
      ? typeof value === 'object' && value !== null && !Array.isArray(value)
      : typeof value === kind;

/** The first field of a thing that isn't what it is to be; undefined where all are. */
function wrongIn(value: unknown, fields: Fields, where: string): string | undefined {
  if (!is(value, 'object')) return where;
  const held = value as Readonly<Record<string, unknown>>;
  const field = Object.entries(fields).find(([name, kind]) => !is(held[name], kind))?.[0];
  return field && `${where}.${field}`;
}

function wrongInDocket(value: unknown): string | undefined {
  const own = wrongIn(value, DOCKET, 'docket');
  if (own) return own;
  const { parts, guard } = value as { parts: readonly unknown[]; guard: unknown };
  const part = parts.map((one, at) => wrongIn(one, PART, `docket.parts.${at}`)).find(Boolean);
  return part ?? wrongIn(guard, GUARD, 'docket.guard');
}

const shaped =
  (name: string, wrong: (value: unknown) => string | undefined) =>
  (): PropertyDecorator =>
  (target, property) =>
    registerDecorator({
      name,
      target: target.constructor,
      propertyName: property as string,
      validator: {
        validate: (value: unknown) => wrong(value) === undefined,
        defaultMessage: (asked) =>
          `$property isn’t whole: ${wrong(asked?.value) ?? ''} is missing or of another kind`,
      },
    });

/** A docket in its outlines: every list and every group that a page walks through is there. */
export const IsDocket = shaped('isDocket', wrongInDocket);
/** A kitchen as a docket was made with it. */
export const IsKitchen = shaped('isKitchen', (value) => wrongIn(value, KITCHEN, 'kitchen'));
