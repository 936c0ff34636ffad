import { cleanLine, makeDoubt, type Finding, type Line, type Step } from '../../read';

const PAPER = /\b(line|lined|lining|cover|sheet of|square of)\b([^.;]{0,40}?)\bbaking (powder)\b/i;
/** Things that are bought for a bake and don't come out of the tap. "Butter the tin" is a deed. */
const NAMED =
  /\b(?:the|in|add|beat|beaten|remaining|sifted|melted)\s+(?:\w+\s+){0,2}?(eggs?|milk|yeast|cocoa|cream|yogh?urt|honey)\b/gi;

/** Paper is meant where powder would line the tin. */
export function powderForPaper(step: Step): Finding[] {
  const match = PAPER.exec(step.source);
  if (!match) return [];
  const to = step.source.replace(PAPER, (whole) => whole.replace(/powder/i, 'paper'));
  return [
    makeDoubt('powder-for-paper', step, {
      asks: 'Powder can’t line a tin: is it baking paper?',
      guess: 'baking paper',
      to,
    }),
  ];
}

/** What the method works with and no line brings. */
export function notOnTheList(steps: readonly Step[], lines: readonly Line[]): Finding[] {
  const listed = lines.map(({ source }) => source.toLowerCase()).join(' ');
  if (listed.trim() === '') return [];
  const asked = new Set<string>();
  return steps.flatMap((step) =>
    [...cleanLine(step.source).matchAll(NAMED)].flatMap((match) => {
      const name = match[1]!.toLowerCase().replace(/s$/, '');
      const stem = name.replace('yoghurt', 'yog').replace('yogurt', 'yog');
      const like = name === 'egg' ? /\begg|yolk|white/ : name === 'milk' ? /milk|cream/ : new RegExp(stem);
      if (asked.has(name) || like.test(listed)) return [];
      asked.add(name);
      return [
        makeDoubt('not-on-the-list', step, {
          asks: `The method uses ${match[1]!}, which no line of the list brings: it is neither weighed nor guarded.`,
        }),
      ];
    }),
  );
}
