import express, { type Express } from 'express';
import { PATHS, PHOTO_BYTES, PHOTO_OF, type PhotoOf } from '@omniarton/contracts';
import { giveScope } from '../http/enter';
import { InvalidError } from '../http/errors';
import { scopeOf } from '../http/scope';
import { idOf } from '../http/uuid';
import type { Services } from '../services';

const bytes = express.raw({ type: ['image/jpeg', 'image/webp'], limit: PHOTO_BYTES });
/** A picture never changes: it may stay in the browser for as long as that likes. */
const FOREVER = 'private, max-age=31536000, immutable';

export function photoRoutes(app: Express, services: Services): void {
  const { photos } = services;
  const scoped = giveScope(services);
  app.get(PATHS.photos, scoped, async (req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await photos.list(scopeOf(res), idOf(req, 'bake')));
  });
  app.get(PATHS.photo, scoped, async (req, res) => {
    const photo = await photos.get(scopeOf(res), idOf(req, 'bake'), idOf(req, 'photo'));
    res.setHeader('Cache-Control', FOREVER);
    res.type(photo.type).send(photo.bytes);
  });
  app.put(PATHS.photo, bytes, scoped, async (req, res) => {
    const of = PHOTO_OF.find((one) => one === req.query['of']);
    if (!of || !Buffer.isBuffer(req.body))
      throw new InvalidError('A picture is wanted, of the whole or of the crumb.');
    const { bake, photo } = { bake: idOf(req, 'bake'), photo: idOf(req, 'photo') };
    res.status(201).json(await photos.keep(scopeOf(res), bake, photo, of as PhotoOf, req.body));
  });
  app.delete(PATHS.photo, scoped, async (req, res) => {
    await photos.remove(scopeOf(res), idOf(req, 'bake'), idOf(req, 'photo'));
    res.status(204).end();
  });
}
