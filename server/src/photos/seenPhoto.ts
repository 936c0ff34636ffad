import { imageSize } from 'image-size';
import { PHOTO_PIXELS } from '@omniarton/contracts';
import { InvalidError } from '../http/errors';

const TYPES: Readonly<Record<string, string>> = { jpg: 'image/jpeg', webp: 'image/webp' };
/** Where a camera writes who, when and where. */
const CAMERA_NOTES = [Buffer.from('Exif\0\0'), Buffer.from('EXIF'), Buffer.from('http://ns.adobe.com/xap/')];
/** Only a head holds them: pixels may spell anything. */
const HEAD = 4096;

/** What picture some bytes are. Throws InvalidError where they are none, are too large, or still hold what a camera wrote beside it. */
export function seenPhoto(bytes: Buffer): {
  readonly type: string;
  readonly width: number;
  readonly height: number;
} {
  let found: { readonly type?: string; readonly width: number; readonly height: number };
  try {
    found = imageSize(bytes);
  } catch {
    throw new InvalidError('That is no picture that can be read: JPEG and WebP are taken.');
  }
  const type = TYPES[found.type ?? ''];
  if (type === undefined) throw new InvalidError('JPEG and WebP are taken, nothing else.');
  if (found.width * found.height > PHOTO_PIXELS)
    throw new InvalidError('That picture is larger than two megapixels.');
  if (CAMERA_NOTES.some((mark) => bytes.subarray(0, HEAD).includes(mark)))
    throw new InvalidError('That picture still says where and when it was taken: it is kept without that.');
  return { type, width: found.width, height: found.height };
}
