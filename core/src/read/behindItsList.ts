/** "200 g butter / 200 g sugar / 4 eggs - all in mixer 2 min": behind a list by strokes, what is done with it. */
const BEHIND_STROKES = /^(?:[^/]{3,40} \/ ){2,}[^/]{3,40}?\s+[-–—]\s+(?=\p{L})(.+)$/su;

/** What a line tells behind its list, its dashes as stops; the whole line where it has none. */
export const behindItsList = (source: string): string =>
  BEHIND_STROKES.exec(source)?.[1]?.replace(/\s+[-–—]\s+(?=[\p{L}\d])/gu, '. ') ?? source;
