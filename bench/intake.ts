import { takeIn } from '@omniarton/core/exchange';
import { HOSTILE } from '../core/src/exchange/cases/hostile';

/** The file that takes the intake longest among those that nobody means well with, each read once after a warm-up. */
export function intakeFigures(): { readonly what: string; readonly ms: number } {
  const timed = HOSTILE.map(([what, name, make]) => {
    const text = make();
    const began = performance.now();
    takeIn(name, text);
    return { what, ms: performance.now() - began };
  });
  return timed.sort((a, b) => b.ms - a.ms)[0]!;
}
