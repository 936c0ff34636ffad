import type { Catalogue } from '../../catalogue';
import { PAGE_KINDS } from '../../vocabulary';
import { WEIGHTS } from './data/weights';
import { featuresOf } from './features';
import type { KindOfLine } from './kinds';
import { pageText } from './pageText';

/** A feature of a line, and how much more it speaks for what the line was taken for than for what it would be else (log-odds). */
export interface Spoke {
  readonly feature: string;
  readonly by: number;
}

const MOST = 6;

/** What spoke for the kind of one line of a text (its place among those that aren't blank), the strongest first. */
export function whyKind(
  text: string,
  at: number,
  { kind, or }: Pick<KindOfLine, 'kind' | 'or'>,
  catalogue: Catalogue,
): Spoke[] {
  const { sources, gaps } = pageText(text);
  const [taken, else_] = [PAGE_KINDS.indexOf(kind), PAGE_KINDS.indexOf(or)];
  return (featuresOf(sources, gaps, catalogue)[at] ?? [])
    .map((feature): Spoke => {
      const row = WEIGHTS.features[feature];
      return { feature, by: row ? (row[taken]! - row[else_]!) * WEIGHTS.unit : 0 };
    })
    .filter(({ by }) => by > 0)
    .sort((a, b) => b.by - a.by)
    .slice(0, MOST);
}
