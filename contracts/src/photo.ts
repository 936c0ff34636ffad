/** What a picture shows. */
export const PHOTO_OF = ['whole', 'crumb'] as const;
export type PhotoOf = (typeof PHOTO_OF)[number];
/** Pixels and bytes of a picture as it is kept, and pictures of one bake. */
export const PHOTO_PIXELS = 2_100_000;
export const PHOTO_BYTES = 1_500_000;
export const MOST_PHOTOS = 12;

/** A picture of a bake; its bytes are fetched by its id. */
export interface PhotoAnswer {
  readonly id: string;
  readonly of: PhotoOf;
  readonly type: string;
  readonly width: number;
  readonly height: number;
}
