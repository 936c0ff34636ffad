import type { Catalogue } from '../../catalogue';
import { PAGE_KINDS } from '../../vocabulary';
import { WEIGHTS } from './data/weights';
import { featuresOf } from './features';
import type { KindOfLine } from './kinds';
import { pageText } from './pageText';
import { withoutFurniture } from './setAside';

/** A feature of a line, and how much more it speaks for what the line was taken for than for what it would be else (log-odds). */
export interface Spoke {
  readonly feature: string;
  readonly by: number;
}

const MOST = 6;
/** What is said of a line in which a page speaks of itself: that alone decides. */
export const FURNITURE_FEATURE = 'page furniture';

/** What spoke for the kind of one line of a text (its place among those that aren't blank), the strongest first. */
export function whyKind(
  text: string,
  at: number,
  { kind, or }: Pick<KindOfLine, 'kind' | 'or'>,
  catalogue: Catalogue,
): Spoke[] {
  const { sources, gaps } = pageText(text);
  const [taken, else_] = [PAGE_KINDS.indexOf(kind), PAGE_KINDS.indexOf(or)];
  const left = withoutFurniture(sources, gaps);
  const place = left.places.indexOf(at);
  if (place < 0) return [{ feature: FURNITURE_FEATURE, by: 1 }];
  const lines = left.places.map((one) => sources[one]!);
  return featuresOf(lines, left.gaps, catalogue)
    [place]!.map((feature): Spoke => {
      const row = WEIGHTS.features[feature];
      return { feature, by: row ? (row[taken]! - row[else_]!) * WEIGHTS.unit : 0 };
    })
    .filter(({ by }) => by > 0)
    .sort((a, b) => b.by - a.by)
    .slice(0, MOST);
}
