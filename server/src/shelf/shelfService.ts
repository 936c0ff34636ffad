import type { Expectation } from '../http/conditional';
import { ConflictError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { Shelved, ShelfStore } from './shelfStore';

/** A household's document of one kind; `usual` until one is stored. */
export const shelfService = <D extends { readonly schema: number }>(
  store: ShelfStore<D>,
  usual: D,
  name: string,
) => ({
  async get(scope: Scope): Promise<Shelved<D>> {
    return (await store.find(scope)) ?? { version: 0, doc: usual };
  },
  async save(scope: Scope, expected: Expectation, doc: D): Promise<Shelved<D>> {
    const saved = await store.write(scope, expected.kind === 'new' ? 0 : expected.version, doc);
    if (!saved)
      throw new ConflictError(`The ${name} was changed elsewhere.`, { stored: await this.get(scope) });
    return saved;
  },
});

export type ShelfService<D extends { readonly schema: number }> = ReturnType<typeof shelfService<D>>;
