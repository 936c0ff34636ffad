import type { PhotoAnswer, PhotoOf } from '@omniarton/contracts';
import { MOST_PHOTOS } from '@omniarton/contracts';
import { InvalidError, NotFoundError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { Photo, PhotoStore } from './photoStore';
import { seenPhoto } from './seenPhoto';

export const photoService = (store: PhotoStore) => ({
  list: (scope: Scope, bake: string): Promise<PhotoAnswer[]> => store.list(scope, bake),

  async get(scope: Scope, bake: string, id: string): Promise<Photo> {
    const photo = await store.find(scope, bake, id);
    if (!photo) throw new NotFoundError('There is no such picture.');
    return photo;
  },

  /** Keeps a picture. The same one again, after a lost answer, changes nothing. */
  async keep(scope: Scope, bake: string, id: string, of: PhotoOf, bytes: Buffer): Promise<PhotoAnswer> {
    const seen = seenPhoto(bytes);
    const known = await store.list(scope, bake);
    const before = known.find((one) => one.id === id);
    if (before) return before;
    if (known.length >= MOST_PHOTOS) throw new InvalidError(`A bake has at most ${MOST_PHOTOS} pictures.`);
    if (!(await store.create(scope, bake, { id, of, ...seen, bytes })))
      throw new NotFoundError('That bake is no longer here.');
    return { id, of, ...seen };
  },

  async remove(scope: Scope, bake: string, id: string): Promise<void> {
    if (!(await store.remove(scope, bake, id))) throw new NotFoundError('There is no such picture.');
  },
});
