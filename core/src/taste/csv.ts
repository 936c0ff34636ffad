import Papa from 'papaparse';
import { bareCell } from '../exchange';
import type { Answer, Ballot, TastingDocument } from './types';
import { countedBallots, isOf, traysOf } from './trays';

/** A file that holds no judgements of this tasting. */
export class TastingCsvError extends Error {
  override readonly name = 'TastingCsvError';
}

const COLUMNS = ['taster', 'round', 'place', 'code', 'sample', 'what', 'value', 'words'] as const;
type Row = Readonly<Record<(typeof COLUMNS)[number], string>>;

/** What one answer says of one code, as `what` and `value`. */
function valuesOf(answer: Answer, code: string): readonly (readonly [what: string, value: number])[] {
  switch (answer.kind) {
    case 'pick':
      return [['picked', answer.code === code ? 1 : 0]];
    case 'more':
      return [['more', answer.code === code ? 1 : 0]];
    case 'order':
      return [['place', answer.groups.findIndex((group) => group.includes(code)) + 1]];
    case 'liking':
      return [['liking', answer.marks[code] ?? 0]];
    case 'just-right':
      return [
        ['just-right', answer.marks[code] ?? 0],
        ['liking', answer.liking[code] ?? 0],
      ];
  }
}

/**
 * A row a judgement (RFC 4180): who, in which round and place, of which code and sample. A cell that a spreadsheet would run gets an
 * apostrophe before it.
 */
export function toTastingCsv(tasting: TastingDocument): string {
  const trays = traysOf(tasting);
  const rows = countedBallots(tasting).flatMap((ballot) => {
    const tray = trays.find(isOf(ballot));
    const name = tasting.tasters.find(({ id }) => id === ballot.taster)?.name ?? '';
    return (tray?.cups ?? []).flatMap((cup, at) =>
      cup.reference
        ? []
        : valuesOf(ballot.answer, cup.code).map(([what, value]) => [
            name,
            String(ballot.round),
            String(at + 1),
            cup.code,
            tasting.samples[cup.sample]!.name,
            what,
            String(value),
            ballot.words,
          ]),
    );
  });
  return Papa.unparse({ fields: [...COLUMNS], data: rows }, { newline: '\r\n', escapeFormulae: true });
}

/** Answers out of what was said of each code. */
function answerFrom(rows: readonly Row[], test: TastingDocument['test']): Answer | null {
  const values = (what: string) =>
    Object.fromEntries(rows.filter((row) => row.what === what).map((row) => [row.code, Number(row.value)]));
  const first = (what: string) => Object.entries(values(what)).find(([, value]) => value === 1)?.[0] ?? null;
  switch (test) {
    case 'triangle':
    case 'duo-trio': {
      const code = first('picked');
      return code === null ? null : { kind: 'pick', code };
    }
    case 'paired':
      return { kind: 'more', code: first('more') };
    case 'ranking': {
      // In the order of the file: keys that are numbers would sort themselves.
      const places = rows
        .filter(({ what }) => what === 'place')
        .map(({ code, value }) => [code, Number(value)] as const);
      const order = [...new Set(places.map(([, place]) => place))].sort((a, b) => a - b);
      return {
        kind: 'order',
        groups: order.map((place) => places.filter(([, one]) => one === place).map(([code]) => code)),
      };
    }
    case 'liking':
      return { kind: 'liking', marks: values('liking') };
    case 'just-right':
      return { kind: 'just-right', marks: values('just-right'), liking: values('liking') };
  }
}

/** Ballots out of such a file, in its order: by whom of this tasting, in which round. Throws TastingCsvError. */
export function fromTastingCsv(
  tasting: TastingDocument,
  text: string,
  newId: () => string,
  at: number,
): Ballot[] {
  const { data, errors } = Papa.parse<Row>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: true,
  });
  const [trouble] = errors.filter(({ type }) => type !== 'Delimiter');
  if (trouble) throw new TastingCsvError(`Line ${(trouble.row ?? 0) + 2}: ${trouble.message}.`);
  const [one] = data;
  const missing = COLUMNS.filter((column) => one?.[column] === undefined);
  if (missing.length > 0) throw new TastingCsvError(`There is no column "${missing.join('", "')}".`);
  const groups = new Map<string, Row[]>();
  for (const row of data) {
    const key = JSON.stringify([row.taster, row.round]);
    groups.set(key, [...(groups.get(key) ?? []), row]);
  }
  return [...groups.values()].map((rows): Ballot => {
    const [head] = rows as [Row, ...Row[]];
    const taster = tasting.tasters.find(({ name }) => name === bareCell(head.taster));
    if (!taster) throw new TastingCsvError(`Nobody of this tasting is called "${bareCell(head.taster)}".`);
    const answer = answerFrom(rows, tasting.test);
    if (!answer) throw new TastingCsvError(`"${taster.name}" picked none.`);
    return {
      id: newId(),
      taster: taster.id,
      round: Number(head.round),
      at,
      answer,
      words: bareCell(head.words),
    };
  });
}
