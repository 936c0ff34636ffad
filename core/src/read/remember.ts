/**
 * A pure function of a text that remembers what it found: while a recipe is edited, all lines but one are the same each time.
 * Forgets everything once it holds `most` texts, so that it never grows without end.
 */
export function remembered<T>(compute: (text: string) => T, most: number): (text: string) => T {
  const known = new Map<string, T>();
  return (text) => {
    const found = known.get(text);
    if (found !== undefined) return found;
    if (known.size >= most) known.clear();
    const made = compute(text);
    known.set(text, made);
    return made;
  };
}
