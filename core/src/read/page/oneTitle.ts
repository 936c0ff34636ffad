import type { KindOfLine } from './kinds';

/** A page has one title: of several the surest is one, and the others are what they are else. */
export function withOneTitle(read: readonly KindOfLine[]): readonly KindOfLine[] {
  const titles = read.filter(({ kind }) => kind === 'title');
  if (titles.length < 2) return read;
  const best = titles.reduce((a, b) => (b.sure > a.sure ? b : a));
  return read.map((one) =>
    one.kind !== 'title' || one === best ? one : { ...one, kind: one.or === 'title' ? 'note' : one.or },
  );
}
