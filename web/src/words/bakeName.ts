import type { BakeAnswer } from '@omniarton/contracts';

/** What somebody calls a bake: its change, else its day. */
export const bakeName = ({ doc }: BakeAnswer): string => doc.notes.variant?.name ?? doc.notes.bakedOn;

/** The same with its day before it. */
export const datedBakeName = ({ doc }: BakeAnswer): string =>
  doc.notes.variant ? `${doc.notes.bakedOn}, ${doc.notes.variant.name}` : doc.notes.bakedOn;
