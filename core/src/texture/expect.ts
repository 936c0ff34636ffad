import { TERMS, TEXTURES, type Texture } from './data/terms';
import type { Features } from './features';

/** How a texture is likely to stand against the original: an estimate with its reasons, never a fact. */
export interface TextureEstimate {
  readonly texture: Texture;
  /** Signed sum; 1 is what a taster clearly notices. */
  readonly change: number;
  readonly says:
    'clearly less' | 'a little less' | 'much the same' | 'a little more' | 'clearly more' | 'no idea';
  /** What pulls most, strongest first. */
  readonly because: readonly string[];
}

const NOTICED = 0.3;
const CLEAR = 0.9;
/** Pulls this strong that cancel out leave nobody the wiser. */
const STRONG = 0.8;
const REASONS = 2;

function wordsFor(change: number, up: number, down: number): TextureEstimate['says'] {
  if (Math.abs(change) < NOTICED) return up > STRONG && down > STRONG ? 'no idea' : 'much the same';
  const size = Math.abs(change) < CLEAR ? 'a little' : 'clearly';
  return `${size} ${change > 0 ? 'more' : 'less'}`;
}

/**
 * The expected texture of one batter against another: for each texture the signed sum of the terms, Σ by · (after − before).
 * Where strong pulls cancel out it says that it has no idea. Example: brown sugar for white → clearly chewier, less crisp.
 */
export function expectTexture(before: Features, after: Features): TextureEstimate[] {
  return TEXTURES.map((texture) => {
    const pulls = TERMS.rows
      .filter((term) => term.texture === texture)
      .map(({ feature, by, because }) => {
        const more = after[feature] - before[feature];
        return { pull: by * more, because: more < 0 ? `less of it: ${because}` : because };
      })
      .sort((a, b) => Math.abs(b.pull) - Math.abs(a.pull));
    const sum = (sign: 1 | -1) => pulls.reduce((total, { pull }) => total + Math.max(0, sign * pull), 0);
    const change = sum(1) - sum(-1);
    return {
      texture,
      change,
      says: wordsFor(change, sum(1), sum(-1)),
      because: (Math.abs(change) < NOTICED ? [] : pulls)
        .filter(({ pull }) => Math.abs(pull) > NOTICED / 2 && pull * change > 0)
        .slice(0, REASONS)
        .map(({ because }) => because),
    };
  });
}
