import * as Comlink from 'comlink';
import type { Shrinker } from './shrink.worker';

/** Larger files are no pictures of a bake, bytes. */
const LARGEST = 60 * 1024 * 1024;

/** Why a file isn't taken, in words. */
export class NoPictureError extends Error {}

/** A file as a picture that may be kept. Throws NoPictureError. */
export async function shrunk(file: File): Promise<Blob> {
  if (file.size > LARGEST) throw new NoPictureError(`${file.name} is larger than 60 MB.`);
  if (/svg/i.test(file.type))
    throw new NoPictureError(`${file.name} is a drawing: JPEG, PNG and WebP are taken.`);
  const worker = new Worker(new URL('./shrink.worker.ts', import.meta.url), {
    type: 'module',
    name: 'pictures',
  });
  try {
    return await Comlink.wrap<Shrinker>(worker).shrink(file);
  } catch {
    const heic = /\.hei[cf]$/i.test(file.name) || /hei[cf]/.test(file.type);
    throw new NoPictureError(
      heic
        ? `This browser can’t read ${file.name}. Let the camera save JPEG (“most compatible”), or share it as JPEG.`
        : `${file.name} can’t be read as a picture.`,
    );
  } finally {
    worker.terminate();
  }
}
