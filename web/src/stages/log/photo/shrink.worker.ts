import * as Comlink from 'comlink';
import { PHOTO_PIXELS } from '@omniarton/contracts/photo';

const QUALITY = 0.85;

const shrinker = {
  /**
   * A picture as it is kept: upright, of two megapixels at most, and without anything that a camera wrote beside it. Throws where the
   * browser can't read the file as a picture.
   */
  async shrink(file: Blob): Promise<Blob> {
    // As the camera was held, by what it wrote; after that only pixels are left.
    const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const scale = Math.min(1, Math.sqrt(PHOTO_PIXELS / (bitmap.width * bitmap.height)));
    const [width, height] = [Math.floor(bitmap.width * scale), Math.floor(bitmap.height * scale)];
    const canvas = new OffscreenCanvas(width, height);
    canvas.getContext('2d')!.drawImage(bitmap, 0, 0, width, height);
    bitmap.close();
    return canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
  },
};

export type Shrinker = typeof shrinker;
Comlink.expose(shrinker);
