import { PAGE_KINDS } from '../../core/src/vocabulary';
import {
  hash,
  numberOf,
  type LabelledLine,
  type LabelledRows,
} from '../../core/src/read/page/cases/labelled';
import { chances } from './chance';
import { BANK } from './variants';

/** Small pages mustn't outweigh whole ones. */
const KEPT = 0.4;

const kindOf = ({ kind }: LabelledLine) => PAGE_KINDS[kind]!;

/** People also paste a list alone, a few lines of it, or one line: pages made of parts of a page. Deterministic. */
export function partsOf({ id, rows }: LabelledRows): LabelledRows[] {
  const chance = chances(hash(`${id}/parts`));
  const from = <T>(list: readonly T[]) => list[Math.floor(chance() * list.length)];
  const list = rows.filter(
    (row) => ['ingredient', 'heading'].includes(kindOf(row)) && !/method|direction|instruct/i.test(row.line),
  );
  const foods = list.filter(
    (row) => kindOf(row) === 'ingredient' && /\d/.test(row.line) && /^\s*\S/.test(row.line),
  );
  const title = rows.find((row) => kindOf(row) === 'title');
  const some = foods.slice(0, 2 + Math.floor(chance() * 3));
  const [one, other] = [from(foods), from(foods)];
  const heading = from(list.filter((row) => kindOf(row) === 'heading' && row.line.trim().length > 5));
  const another = (name: string, kind: string, gap = false): LabelledLine => ({
    line: from(BANK.get(name)!)!,
    kind: numberOf(kind),
    also: [],
    gap,
  });
  const called = another(chance() < 0.5 ? 'title plain' : 'title', 'title');
  const steps = rows.filter((row) => kindOf(row) === 'step').slice(-1 - Math.floor(chance() * 2));
  const signposts = chance() < 0.5;
  return [
    {
      id: `${id}/small`,
      rows: [
        title && chance() < 0.6 ? title : called,
        ...(signposts ? [another('heading ingredients', 'heading', chance() < 0.5)] : []),
        ...some.slice(0, 3),
        ...(signposts ? [another('heading method', 'heading', chance() < 0.5)] : []),
        ...steps,
      ],
    },
    { id: `${id}/called`, rows: [called, ...some, ...(chance() < 0.15 ? [another('tools', 'note')] : [])] },
    { id: `${id}/note`, rows: chance() < 0.2 ? [another('note lone', 'note')] : [] },
    { id: `${id}/list`, rows: list },
    { id: `${id}/some`, rows: some },
    { id: `${id}/titled`, rows: [...(title ? [title] : []), ...some] },
    { id: `${id}/one`, rows: one ? [one] : [] },
    { id: `${id}/heading`, rows: heading ? [heading] : [] },
    { id: `${id}/other`, rows: other ? [other] : [] },
  ].filter((page) => page.rows.length > 0 && chance() < KEPT);
}
