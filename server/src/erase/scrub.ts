/** A thing as JSON has it. */
type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json };

const isObject = (value: Json | undefined): value is { readonly [key: string]: Json } =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * A stored document without a person's id and name: what they avoided stays, as somebody's. It goes through the whole document,
 * of whatever version: an object that is the person (`id` or `person` is theirs) loses id and name, and their id goes
 * from every list of ids.
 */
export function scrubbed<T>(document: T, person: string): T {
  const scrub = (value: Json): Json => {
    if (Array.isArray(value)) {
      const list = value as readonly Json[];
      return list.filter((one) => one !== person).map(scrub);
    }
    if (!isObject(value)) return value === person ? null : value;
    const theirs = value['id'] === person || value['person'] === person;
    return Object.fromEntries(
      Object.entries(value).map(([key, one]) => [
        key,
        theirs && key === 'name' ? '' : one === person ? null : scrub(one),
      ]),
    );
  };
  return scrub(document as Json) as T;
}

interface KeptDocket {
  readonly kitchen?: { readonly people?: readonly { readonly id: string; readonly name?: string }[] };
  readonly docket?: { readonly guard?: { readonly forWhom?: readonly string[] } };
}

/** The same of a kept docket, whose guard also names people in a list of names alone: by the name of then, or of now. */
export function scrubbedDocket<T extends KeptDocket>(kept: T, person: string, name: string): T {
  const then = kept.kitchen?.people?.find(({ id }) => id === person)?.name;
  const { docket, kitchen, ...rest } = scrubbed(kept, person) as KeptDocket & object;
  const forWhom = docket?.guard?.forWhom;
  const people = (kitchen?.people ?? []).filter((one): boolean => one.id !== null);
  return {
    ...rest,
    ...(kitchen ? { kitchen: { ...kitchen, people } } : {}),
    ...(docket
      ? {
          docket: {
            ...docket,
            guard: {
              ...docket.guard,
              ...(forWhom
                ? { forWhom: forWhom.map((one) => (one === name || one === then ? '' : one)) }
                : {}),
            },
          },
        }
      : {}),
  } as Partial<T> as T;
}
