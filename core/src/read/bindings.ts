import type { LineCorrection } from '../kitchen';
import type { Bindings, Line, Part } from './types';

/** What a person's corrections say of how a recipe comes together. */
export function bindingsOf(corrections: readonly LineCorrection[]): Bindings {
  const bake = corrections.find((one) => one.bake !== undefined);
  return {
    families: Object.fromEntries(
      corrections.flatMap(({ line, family }) => (family === undefined ? [] : [[line, family] as const])),
    ),
    takes: Object.fromEntries(
      corrections.flatMap(({ line, takes = [] }) => (takes.length === 0 ? [] : [[line, takes] as const])),
    ),
    bake: bake ? { step: bake.line, heat: bake.bake! } : null,
  };
}

/** Parts with the lines in them that a person put there, each at the end; a part that is no more keeps its lines where they were. */
export function regrouped(parts: readonly Part[], corrections: readonly LineCorrection[]): readonly Part[] {
  const there = new Set(parts.map(({ id }) => id));
  const moves = new Map(
    corrections.flatMap(({ line, part }) => (part !== undefined && there.has(part) ? [[line, part]] : [])),
  );
  if (moves.size === 0) return parts;
  const home = ({ id }: Line, part: Part) => moves.get(id) ?? part.id;
  return parts.map((part) => ({
    ...part,
    lines: [
      ...part.lines.filter((line) => home(line, part) === part.id),
      ...parts
        .filter(({ id }) => id !== part.id)
        .flatMap((other) => other.lines.filter((line) => moves.get(line.id) === part.id)),
    ],
  }));
}
