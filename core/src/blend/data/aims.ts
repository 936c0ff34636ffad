import type { Aim } from '../../vocabulary';
import type { Property } from '../vector';

/** What a wish does to a family's target. `add` shifts it; `atMost` brings a one-sided property down. */
export interface AimShift {
  readonly name: string;
  readonly add: Readonly<Partial<Record<Property, number>>>;
  readonly atMost: Readonly<Partial<Record<Property, number>>>;
  /** These may go so far up. */
  readonly upTo: Readonly<Partial<Record<Property, number>>>;
}

/**
 * Common practice, starting values that trials are to correct. What is crisp holds less cold, as what is chewy holds more:
 * without that a crisp blend would lean on tapioca.
 * `cheap` shifts nothing: it lets the price count.
 */
export const AIM_SHIFTS: Readonly<Record<Aim, AimShift>> = {
  chew: { name: 'chewy', add: { chew: 1.5, hold: 0.8 }, atMost: {}, upTo: {} },
  crisp: { name: 'crisp', add: { snap: 1.5, chew: -1, hold: -0.8, starch: 0.1 }, atMost: {}, upTo: {} },
  tender: { name: 'tender', add: { soft: 1 }, atMost: {}, upTo: {} },
  fluffy: { name: 'fluffy', add: { soft: 0.8, body: -0.5, starch: 0.08 }, atMost: {}, upTo: {} },
  neutral: { name: 'neutral taste', add: {}, atMost: { flavour: 1.2 }, upTo: {} },
  hearty: { name: 'hearty', add: { body: 1.5 }, atMost: {}, upTo: { flavour: 4 } },
  smooth: { name: 'smooth', add: {}, atMost: { grit: 1.2 }, upTo: {} },
  pale: { name: 'pale', add: {}, atMost: { colour: 0.8 }, upTo: {} },
  cheap: { name: 'cheap', add: {}, atMost: {}, upTo: {} },
};
