import { cleanLine } from './clean';
import { namesColumns } from './page';
import type { Line, Part } from './types';

const MADE =
  '(?:custard|syrup|icing|frosting|sauce|glaze|dip|topping|filling|coating|crumbs?|streusel|caramel|cream|ganache|compote|pastry|dough|sponge|middle|top|drizzle|punch|wash)';
/** "Syrup: juice of 2 oranges", "For the dip: 80 g chocolate", "custard - 2 tbsp": a line that says what it is for. */
const LABELLED = new RegExp(
  `^\\W*((?:for (?:the )?|the |to )?(?:\\p{L}+ )?(?:${MADE}|serve|finish|dust|brush|fill|decorate)(?=(?:\\s*\\([^)]*\\))?\\s*(?::|\\s[-–—])\\s)|for (?:\\p{L}+ ){0,2}\\p{L}+(?=:\\s))`,
  'iu',
);
/** A list behind a name of its own: "chashni - 1½ cups sugar, ¾ cup water". What names a stage of the work is none. */
const LISTED =
  /^\W*(?!(?:dry|wet|day|step|method|ingredients?|you need|then|next|first|also|into|in|put|take|add)\b)(\p{L}[\p{L} ]{2,24}?)\s*(?::|\s[-–—])\s+(?=\d)/iu;
/** "CROSS: 75 g plain flour": in capitals it is a part of one thing too. */
const SHOUTED = /^\W*\p{Lu}{3,}(?: \p{Lu}{2,})*:\s/u;
/** A sentence that begins another thing: "The custard is …", "While they are in, make the syrup: …". */
const BEGINS = new RegExp(
  `^\\W*(?:the|for the|for a) (${MADE})\\b|^[^.]{0,60}\\b(?:make|start[^.]{0,20} with) (?:a|the) (${MADE})\\b`,
  'iu',
);
/** A heading that says what to do with what stands under it names a stage of the work and no part. */
const DEED =
  /^\W*(?:melt|soak(?!\W*$)|whisk|sift|stir|fold|mix|beat|combine|add|rub|then|next|dry|wet|day|step)\b|^\W*cream(?= (?:the|and|your|butter|fat|margarine|sugar|together|until|first)\b)/i;
const AT_THE_TABLE = /,\s*(to (?:serve|finish))\b/i;
/** The part that a line begins by saying what it is for; null: it goes on with the one before. */
const partOf = (line: Line): string | null => {
  const source = cleanLine(line.source);
  if (line.kind !== 'ingredient') return null;
  const listed = line.items.length > 1 || SHOUTED.test(source) ? LISTED.exec(source)?.[1] : undefined;
  // "Butter: 150 g, and a knob of it for the moulds" is butter.
  const isFood = line.items.some(({ words }) => words.toLowerCase() === listed?.toLowerCase());
  const label = LABELLED.exec(source)?.[1] ?? (isFood ? undefined : listed);
  if (label && !DEED.test(label)) return partName(label);
  const said = BEGINS.exec(source);
  return source.length > SENTENCE ? (said?.[1] ?? said?.[2] ?? null) : null;
};
const hasFlour = ({ items }: Line): boolean => items.some(({ role }) => role === 'wheat-flour');

/** A shorter line is no sentence, characters. */
const SENTENCE = 60;

const isSame = (one: string, other: string | null): boolean => one.toLowerCase() === other?.toLowerCase();

function parted({ id, name, lines }: Part): Part[] {
  const out: { id: string; name: string | null; lines: Line[] }[] = [{ id, name, lines: [] }];
  let told = false;
  // Where each list has its name the first is named too: "Base: 150 g biscuits, …", "Filling: 600 g cream cheese, …".
  const named = lines.map(partOf);
  const allNamed =
    name === null && lines.every(({ kind }, at) => kind !== 'ingredient' || named[at] !== null);
  for (const [at, line] of lines.entries()) {
    const own = named[at] ?? null;
    if (allNamed && own !== null && out[0]!.name === null) out[0]!.name = own;
    const prose = line.source.length > SENTENCE && line.items.length > 1;
    const open = out.at(-1)!;
    const last = AT_THE_TABLE.exec(cleanLine(line.source));
    if (
      own !== null &&
      !isSame(own, open.name) &&
      (open.lines.some(({ kind }) => kind === 'ingredient') || prose)
    )
      out.push({ id: line.id, name: own, lines: [line] });
    // A paragraph with flour of its own, after one that told of a custard with some, goes on with the bake.
    else if (own === null && prose && open.name !== null && hasFlour(line) && open.lines.some(hasFlour))
      out.push({ id: line.id, name: null, lines: [line] });
    else if (last) out.push({ id: line.id, name: last[1]!.toLowerCase(), lines: [line] });
    else (told && !prose && own === null ? out[0]! : open).lines.push(line);
    told = own !== null && !prose;
  }
  // What stands above the first food of a part belongs to it.
  const [first, next, ...others] = out;
  if (!next || first!.lines.some(({ kind }) => kind === 'ingredient')) return out;
  return [{ ...next, lines: [...first!.lines, ...next.lines] }, ...others];
}

/** "For the crumb:" is the crumb; in a table it stands in a row of its own, "| For the crumb | |". */
const partName = (source: string) =>
  cleanLine(source)
    .replace(/^(?:\s*\|)+\s*|\s*(?:\|\s*)+$/g, '')
    .replace(/^[–—-]+\s+|\s*[:–—-]+$/g, '')
    .replace(/^(?:step|part|stage) \d{1,2}\W+/i, '')
    .replace(/^for (?:the|a|your) |^the /i, '')
    .replace(/\s*\(or [^)]*\)/i, '')
    .trim();

/** "For a 26 cm dish:" says what it is baked in. */
const OF_A_DISH =
  /^(?:an? |one |two )?\d[\d.,x× ]*(?:cm|in|inch|"|litre|l)?[- ]*(?:(?:round|square|oblong|loaf|deep|springform) )*(?:dish|tin|pan|mould|tray)(?:es|s)?$/i;
/** What a heading calls the part below it; the names of a table's columns call nothing. */
function headingOf({ source }: Line): string | null {
  const name = partName(source);
  return namesColumns(source) || OF_A_DISH.test(name) ? null : name;
}

/** Under each heading, from the first food on, a part begins. */
function underHeadings(lines: readonly Line[]): Part[] {
  const parts: { id: string; name: string | null; lines: Line[] }[] = [];
  for (const line of lines) {
    const open = parts.at(-1);
    if (line.kind === 'heading' && open?.lines.some((one) => one.kind === 'ingredient'))
      parts.push({ id: line.id, name: headingOf(line), lines: [line] });
    else if (!open)
      parts.push({
        id: line.id,
        name: line.kind === 'heading' ? headingOf(line) : null,
        lines: [line],
      });
    else {
      if (line.kind === 'heading') open.name = headingOf(line);
      open.lines.push(line);
    }
  }
  return parts;
}

/**
 * The parts of a recipe: those of its headings, less those that only say what to do, more those that a line or a sentence names.
 */
export function toParts(lines: readonly Line[]): Part[] {
  const joined = underHeadings(lines).reduce<Part[]>((all, part) => {
    const before = all.at(-1);
    const deed = part.name !== null && DEED.test(part.name);
    if (!deed || !before || (before.name !== null && !DEED.test(before.name))) return [...all, part];
    return [...all.slice(0, -1), { ...before, lines: [...before.lines, ...part.lines] }];
  }, []);
  const called = joined.map((part) =>
    part.name !== null && DEED.test(part.name) ? { ...part, name: null } : part,
  );
  return called.flatMap(parted);
}
