import { TRAINING, type TastingDocument, type Tray } from '@omniarton/core/taste';

/** What is put behind a taster's name where they taste more than once. */
export const roundWords = ({ rounds }: TastingDocument, { round }: Pick<Tray, 'round'>): string =>
  round === TRAINING ? ', training' : rounds > 1 ? `, time ${round}` : '';
