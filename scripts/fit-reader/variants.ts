import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PAGE_KINDS, type PageKind } from '../../core/src/vocabulary';
import {
  hash,
  numberOf,
  type LabelledLine,
  type LabelledPage,
  type LabelledRows,
} from '../../core/src/read/page/cases/labelled';
import { chances } from './chance';

/** Lone lines by kind and place, to be exchanged for those of a page. */
export const BANK: ReadonlyMap<string, readonly string[]> = new Map(
  readFileSync(join(import.meta.dirname, '../../core/src/read/page/cases/lines.txt'), 'utf8')
    .split(/^## /m)
    .slice(1)
    .map((section) => {
      const [name = '', ...lines] = section.replace(/\n+$/, '').split('\n');
      return [name, lines] as const;
    }),
);
/** So many hands a page; the given ones are of the kind that is pasted, ours of the kinds that are hard. */
const EACH = { given: 5, own: 2 };
const SIGNPOSTS: readonly (readonly [RegExp, string])[] = [
  [/ingredient|need|shopping|grocer|goes in|stuff|^\W*what\W*$/i, 'heading ingredients'],
  [/method|direction|instruct|prepar|proced|steps|how|to do|make|making/i, 'heading method'],
  [/note|tip|keep|stor|variation|faq|nutrition|equipment/i, 'heading notes'],
];
const kindOf = (row: LabelledLine): PageKind => PAGE_KINDS[row.kind]!;
const isWork = (row: LabelledLine) => kindOf(row) === 'step' || kindOf(row) === 'prose';

/** The dice of one variant. */
class Dice {
  private readonly next: () => number;
  constructor(seed: string) {
    this.next = chances(hash(seed));
  }
  happens(share: number): boolean {
    return this.next() < share;
  }
  line(name: string): string {
    const lines = BANK.get(name)!;
    return lines[Math.floor(this.next() * lines.length)]!;
  }
  one(name: string, kind: PageKind, gap = false): LabelledLine {
    return { line: this.line(name), kind: numberOf(kind), also: [], gap };
  }
  /** A line, or another of its kind. */
  same(row: LabelledLine, name: string, share: number): LabelledLine {
    return this.happens(share) ? { ...row, line: this.line(name), also: [] } : row;
  }
}

const signpostOf = (line: string) => SIGNPOSTS.find(([says]) => says.test(line))?.[1] ?? 'heading part';

/** Headings, yields, times, notes, junk and short lines exchanged for others of their kind. */
function exchanged(rows: readonly LabelledLine[], dice: Dice): LabelledLine[] {
  const firstFood = Math.max(
    1,
    rows.findIndex((row) => kindOf(row) === 'ingredient'),
  );
  const bare = dice.happens(0.15);
  return rows.flatMap((row, at): LabelledLine[] => {
    const words = row.line.trim().split(/\s+/).length;
    switch (kindOf(row)) {
      case 'title':
        return [dice.same(row, 'title', 0.35)];
      case 'yield':
        return [dice.same(row, 'yield', 0.6)];
      case 'time':
        return [dice.same(row, 'time', 0.6)];
      case 'note':
        return [dice.same(row, 'note', 0.5)];
      case 'junk':
        return [dice.same(row, at < firstFood ? 'junk top' : 'junk bottom', 0.6)];
      case 'heading': {
        const name = signpostOf(row.line);
        return bare && /ingredients|method/.test(name) ? [] : [dice.same(row, name, 0.5)];
      }
      case 'step':
        return [words <= 6 ? dice.same(row, 'step', 0.4) : row];
      case 'ingredient':
        return [
          dice.same(row, 'ingredient', words < 3 ? 0.2 : 0.08),
          ...(dice.happens(0.02) ? [dice.one('tools', 'note')] : []),
        ];
      case 'prose':
        return [row];
    }
  });
}

/** Lines added where pages have them. */
function added(rows: readonly LabelledLine[], dice: Dice): LabelledLine[] {
  const title = rows.findIndex((row) => kindOf(row) === 'title');
  const end = rows.findLastIndex(isWork);
  const firstFood = rows.findIndex((row) => kindOf(row) === 'ingredient');
  return rows.flatMap((row, at): LabelledLine[] => {
    const out = [row];
    if (at === 0 && dice.happens(0.3)) {
      out.unshift(dice.one('junk top', 'junk'));
      while (dice.happens(0.5)) out.unshift(dice.one('junk top', 'junk'));
    }
    if (at === title && title < firstFood) {
      if (dice.happens(0.2)) out.push(dice.one('yield', 'yield'));
      if (dice.happens(0.15)) out.push(dice.one('time', 'time'));
      if (dice.happens(0.1)) out.push(dice.one('note', 'note'));
    }
    if (at === end && end > firstFood) {
      if (dice.happens(0.12)) out.push(dice.one('yield', 'yield', dice.happens(0.4)));
      if (dice.happens(0.12)) out.push(dice.one('heading notes', 'heading', true));
      while (dice.happens(0.3)) out.push(dice.one('note', 'note', dice.happens(0.3)));
      while (dice.happens(0.15)) out.push(dice.one('junk bottom', 'junk', dice.happens(0.3)));
    }
    return out;
  });
}

/** Another hand: capitals, bullets, numbers, full stops and blank lines otherwise. */
function restyled(rows: readonly LabelledLine[], dice: Dice): LabelledLine[] {
  const [shout, quiet, numbers, bullets, dense, bare, stopless] = [
    0.12, 0.12, 0.15, 0.15, 0.2, 0.15, 0.15,
  ].map((share) => dice.happens(share));
  let step = 0;
  return rows.map((row): LabelledLine => {
    const kind = kindOf(row);
    let { line } = row;
    if (bare || numbers || bullets) line = line.replace(/^\s*(?:[-*•▢]|\d{1,2}[.)]|\[\d\])\s+(?=\D)/, '');
    if (kind === 'step' && numbers) line = `${(step += 1)}. ${line}`;
    if (kind === 'step' && stopless) line = line.replace(/[.]$/, '');
    if (kind === 'ingredient' && bullets) line = `- ${line}`;
    if (quiet) line = line.toLowerCase();
    if (shout && (kind === 'title' || kind === 'heading')) line = line.toUpperCase();
    return { ...row, line, gap: dense ? false : row.gap };
  });
}

/** The same page as others might have written it. Deterministic. */
export const variantsOf = ({ id, rows, given }: LabelledPage): LabelledRows[] =>
  Array.from({ length: given ? EACH.given : EACH.own }, (_, turn) => {
    const dice = new Dice(`${id}/${turn}`);
    const varied = restyled(added(exchanged(rows, dice), dice), dice);
    return { id: `${id}/${turn}`, rows: varied.filter(({ line }) => line.trim() !== '') };
  });
