import type { PanShape } from '../../vocabulary';

/** A tin as it is where nobody measured it, cm: what a recipe means by the word. */
export interface TinRow {
  readonly name: string;
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly count: number;
  /** Its floor is a circle: one measure is enough. */
  readonly round: boolean;
}

export const TINS: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<PanShape, TinRow>> } = {
  source: 'usual household tins, measured at the rim', confidence: 'common-practice',
  rows: {
    'round':        { name: 'round tin', lengthCm: 20.3, widthCm: 20.3, count: 1, round: true },
    'springform':   { name: 'springform tin', lengthCm: 23, widthCm: 23, count: 1, round: true },
    'square':       { name: 'square tin', lengthCm: 20.3, widthCm: 20.3, count: 1, round: false },
    'rect':         { name: 'oblong tin', lengthCm: 33, widthCm: 23, count: 1, round: false },
    'loaf':         { name: 'loaf tin', lengthCm: 23, widthCm: 13, count: 1, round: false },
    'ring':         { name: 'ring tin', lengthCm: 25, widthCm: 25, count: 1, round: true },
    'muffin':       { name: 'muffin cups', lengthCm: 6.5, widthCm: 6.5, count: 12, round: true },
    'muffin-mini':  { name: 'mini muffin cups', lengthCm: 4.5, widthCm: 4.5, count: 24, round: true },
    'muffin-jumbo': { name: 'jumbo muffin cups', lengthCm: 8.5, widthCm: 8.5, count: 6, round: true },
    'ramekin':      { name: 'ramekins', lengthCm: 8.5, widthCm: 8.5, count: 4, round: true },
    'mug':          { name: 'mugs', lengthCm: 8, widthCm: 8, count: 1, round: true },
    'skillet':      { name: 'skillet', lengthCm: 26, widthCm: 26, count: 1, round: true },
    'tray':         { name: 'pieces on a tray', lengthCm: 40, widthCm: 30, count: 1, round: false },
  },
};
