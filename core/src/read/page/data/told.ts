/** What a line tells of itself to its neighbours. */
export const TOLD: readonly string[] = [
  ...[
    'verb first',
    'amount first',
    'unit first',
    'several sentences',
    'numbered',
    'bulleted',
    'ends in colon',
  ],
  ...[
    'food whole',
    'ingredients word',
    'method word',
    'notes word',
    'ends in stop',
    'junk words',
    'ends in comma',
  ],
  ...['part name', 'bold', 'marked heading', 'capitals only', 'open bracket', 'yield label', 'time label'],
  ...[
    'row of both',
    'short',
    'no digit',
    'open end',
    'serves first',
    'step word',
    'lettered',
    'is said',
    'bake name',
  ],
];

/** What weighs otherwise in another place of the page. */
export const PLACED: ReadonlySet<string> = new Set([
  ...['verb first', 'verb within', 'amount first', 'unit first', 'unit within', 'food whole', 'food alone'],
  ...['food none', 'ends in colon', 'ends in stop', 'numbered', 'bulleted', 'several sentences', 'no digit'],
  ...['bake name', 'small first', 'capitals only', 'title case', 'method cue', 'time', 'serves', 'part name'],
  ...['first person', 'comma within', 'has colon', 'many amounts', 'pieces', 'brackets whole', 'junk words'],
  ...[
    'notes word',
    'kitchen thing',
    'keeping words',
    'is said',
    'short',
    'one word',
    'tool',
    'and',
    'after dash',
    'temperature',
  ],
]);
