import type { WarningRule } from '../../types';

/** Chlorogenic acid of the seed turns green in alkali. */
const SEED: ReadonlySet<string> = new Set(['sunflower-flour', 'sunflower-butter']);
const ALKALI: ReadonlySet<string> = new Set(['baking-soda', 'baking-powder', 'baking-powder-grain-free']);

export const turnsGreen: WarningRule = {
  id: 'turns-green',
  balance: null,
  reason: 'Harmless, and taken for mould by whoever hasn’t been told.',
  source: 'common practice',
  confidence: 'common-practice',
  warn({ lines }) {
    const has = (ids: ReadonlySet<string>) => lines.some(({ ingredient }) => ids.has(ingredient));
    if (!has(SEED) || !has(ALKALI)) return [];
    return ['Sunflower seed with soda turns green as it cools: harmless, or add a little lemon juice.'];
  },
};
