import type { MarkScale } from '../../vocabulary';

/** A scale from 1 to 9: what it is of, and what its two ends are. Common practice. */
export interface ScaleRow {
  readonly name: string;
  readonly low: string;
  readonly high: string;
}

/** What bakes are judged by. */
export const SCALE_ROWS: Readonly<Record<MarkScale, ScaleRow>> = {
  rise: { name: 'Rise', low: 'flat', high: 'high' },
  spread: { name: 'Spread', low: 'stood still', high: 'ran' },
  colour: { name: 'Colour', low: 'pale', high: 'dark' },
  crispEdge: { name: 'Edge', low: 'soft', high: 'crisp' },
  chew: { name: 'Chew', low: 'short', high: 'chewy' },
  crumb: { name: 'Crumb', low: 'close', high: 'open' },
  moistness: { name: 'Moistness', low: 'dry', high: 'wet' },
  grit: { name: 'Grit', low: 'smooth', high: 'sandy' },
  sweetness: { name: 'Sweetness', low: 'plain', high: 'very sweet' },
  aftertaste: { name: 'Aftertaste', low: 'none', high: 'lingers' },
  overall: { name: 'Overall', low: 'not again', high: 'as good as it gets' },
};
