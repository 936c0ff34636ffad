import type { Reach } from '../grid';

/** What a creamed bake wants at room temperature, and the body that it is: m. */
export interface SofteningRow {
  readonly name: string;
  readonly ingredient: string;
  readonly depth: number;
  readonly reach: Reach;
}

export const SOFTENING: { readonly source: string; readonly confidence: 'from-memory'; readonly fridge: number; readonly soft: number; readonly rows: Readonly<Record<'block' | 'cubes' | 'eggs', SofteningRow>> } = {
  source: 'a block of 250 g as it is sold, cubes of 2 cm as balls of their volume, a large egg as a ball of its volume; creamed from 16 to 18 °C by common practice', confidence: 'from-memory',
  fridge: 5, soft: 16,
  rows: {
    block: { name: 'butter, in its block', ingredient: 'butter', depth: 0.04, reach: { kind: 'plate', from: 0, to: 0.028 } },
    cubes: { name: 'butter, in cubes', ingredient: 'butter', depth: 0.02, reach: { kind: 'sphere', from: 0, to: 0.0124 } },
    eggs:  { name: 'eggs', ingredient: 'egg', depth: 0.04, reach: { kind: 'sphere', from: 0, to: 0.0235 } },
  },
};
