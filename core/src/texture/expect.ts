import { TERMS, TEXTURES, type Texture } from './data/terms';
import type { Features } from './features';
import type { Estimated, Pull } from './says';

/** How a texture is likely to stand against the original: an estimate with its reasons, never a fact. */
export interface TextureEstimate {
  readonly texture: Texture;
  /** Signed sum; 1 is what a taster clearly notices. */
  readonly change: number;
  readonly says: Estimated;
  /** What pulls most, strongest first. */
  readonly because: readonly Pull[];
}

const NOTICED = 0.3;
const CLEAR = 0.9;
/** Pulls this strong that cancel out leave nobody the wiser. */
const STRONG = 0.8;
const REASONS = 2;

function codeOf(change: number, up: number, down: number): Estimated['code'] {
  if (Math.abs(change) < NOTICED) return up > STRONG && down > STRONG ? 'unknown' : 'same';
  const size = Math.abs(change) < CLEAR ? 'little' : 'clearly';
  return `${size}-${change > 0 ? 'more' : 'less'}`;
}

/**
 * The expected texture of one batter against another: for each texture the signed sum of the terms, Σ by · (after − before).
 * Where strong pulls cancel out it says that it has no idea. Example: brown sugar for white → clearly chewier, less crisp.
 */
export function expectTexture(before: Features, after: Features): TextureEstimate[] {
  return TEXTURES.map((texture) => {
    const pulls = TERMS.rows
      .filter((term) => term.texture === texture)
      .map(({ feature, by }) => {
        const more = after[feature] - before[feature];
        const because: Pull = { code: 'pulls', values: { texture, feature, less: more < 0 } };
        return { pull: by * more, because };
      })
      .sort((a, b) => Math.abs(b.pull) - Math.abs(a.pull));
    const sum = (sign: 1 | -1) => pulls.reduce((total, { pull }) => total + Math.max(0, sign * pull), 0);
    const change = sum(1) - sum(-1);
    return {
      texture,
      change,
      says: { code: codeOf(change, sum(1), sum(-1)), values: {} },
      because: (Math.abs(change) < NOTICED ? [] : pulls)
        .filter(({ pull }) => Math.abs(pull) > NOTICED / 2 && pull * change > 0)
        .slice(0, REASONS)
        .map(({ because }) => because),
    };
  });
}
