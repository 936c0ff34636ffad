interface Remembered<T> {
  readonly of: (text: string) => T;
  /** Computes for many texts at once what isn't known of them yet. */
  readonly learn: (texts: readonly string[]) => void;
}

/**
 * A pure function of texts that remembers what it found: while a recipe is edited, all lines but one are the same each time.
 * Forgets everything once it holds `most` texts, so that it never grows without end.
 */
export function rememberedTogether<T>(
  compute: (texts: readonly string[]) => readonly T[],
  most: number,
): Remembered<T> {
  const known = new Map<string, T>();
  const learn = (texts: readonly string[]) => {
    const fresh = [...new Set(texts)].filter((text) => !known.has(text));
    if (known.size + fresh.length > most) known.clear();
    compute(fresh).forEach((made, at) => known.set(fresh[at]!, made));
  };
  return {
    learn,
    of: (text) => {
      const found = known.get(text);
      if (found !== undefined) return found;
      learn([text]);
      return known.get(text)!;
    },
  };
}

/** The same for a function of one text. */
export function remembered<T>(compute: (text: string) => T, most: number): (text: string) => T {
  const known = new Map<string, T>();
  return (text) => {
    const found = known.get(text);
    if (found !== undefined) return found;
    const made = compute(text);
    if (known.size >= most) known.clear();
    known.set(text, made);
    return made;
  };
}
