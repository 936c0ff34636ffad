import { addedTo } from '../../read';
import { doesIt, getIngredient, namesInTables, unfold, type Catalogue } from '../../catalogue';
import type { EggJob } from '../../family';
import { linesThat, type FormulaLine } from '../../formula';
import { grainForbidden } from '../../guard';
import type { ConversionRequest } from '../../kitchen';
import { FLAX_LEAST, FLAX_MOST, PUREE_FOR_EGG, PUREE_LEAST } from '../data/binders';
import { BROUGHT_IN } from '../data/broughtIn';
import { LIFT_FOR_EGG, STAND_INS, type StandIn, type Trouble } from '../data/standIns';
import { flourGrams } from '../flour';
import type { PartState, Setting, Shift, SwapRule } from '../types';
import { inPlaceOf, newLine, times, withMore } from '../lines';
import { weightsOf } from '../weight';

/** Why an ingredient can't be in this bake; empty when it can. */
export function troublesOf(id: string, request: ConversionRequest, catalogue: Catalogue): Trouble[] {
  const one = getIngredient(catalogue, id);
  const { gluten, grain, allergens, madeOf } = one;
  const parts = madeOf.length === 0 ? [] : unfold(catalogue, id);
  const held = new Set([
    ...allergens,
    ...parts.flatMap((part) => getIngredient(catalogue, part.ingredient).allergens),
  ]);
  const avoided = request.without.filter((one) => held.has(one));
  const starchOfGrain =
    request.diet === 'grain-free' && !request.grainDerived && doesIt(one, 'grain starch in it');
  return [
    ...(gluten === 'contains' ? (['gluten'] as const) : []),
    ...(grainForbidden(request, grain) || starchOfGrain ? (['grain'] as const) : []),
    ...avoided,
  ];
}

/** The first stand-in for an ingredient whose own parts bring no trouble; some only for the job that egg does, or beside what is `there`. */
export function findStandIn(
  id: string,
  request: ConversionRequest,
  catalogue: Catalogue,
  eggJob?: EggJob,
  there: readonly FormulaLine[] = [],
): StandIn | undefined {
  const troubles = troublesOf(id, request, catalogue);
  const names = namesInTables(id, catalogue);
  return STAND_INS.rows.find(
    (row) =>
      names.some((name) => row.from.includes(name)) &&
      (row.egg === undefined || row.egg === eggJob) &&
      (row.beside === undefined || there.some(({ ingredient }) => row.beside!.includes(ingredient))) &&
      row.trouble.some((one) => troubles.includes(one)) &&
      row.to.every((part) => troublesOf(part.ingredient, request, catalogue).length === 0),
  );
}

const put = (line: FormulaLine, row: StandIn, catalogue: Catalogue): FormulaLine[] =>
  row.to.map(({ ingredient, ratio }, at) => ({
    ...inPlaceOf(line, ingredient, ratio, catalogue),
    line: at === 0 ? line.line : addedTo(line.line, ingredient),
  }));

/**
 * Ground flax for many eggs would be more than the flour bears: what is over comes as apple purée. `now`: the flax and its
 * water for one line of egg; `room`: g of flax that the part's flour still bears.
 */
function withPuree(
  egg: FormulaLine,
  now: readonly FormulaLine[],
  room: number,
  catalogue: Catalogue,
): FormulaLine[] {
  const flax = now.find(({ ingredient }) => ingredient === BROUGHT_IN.gel)?.grams ?? 0;
  if (flax <= room || flax === 0) return [...now];
  const share = room < FLAX_LEAST ? 0 : room / flax;
  const scaled = now.map((line) => times(line, share));
  const puree = {
    ...inPlaceOf(egg, BROUGHT_IN.puree, (1 - share) * PUREE_FOR_EGG, catalogue),
    line: addedTo(egg.line, BROUGHT_IN.puree),
  };
  const kept = scaled.filter(({ grams }) => grams > 0);
  return kept.length > 0 && puree.grams < PUREE_LEAST ? kept : [...kept, puree];
}

/** Where egg also lifts and is out, soda with a spoon of vinegar lifts in its place. What powder there is makes room for it. */
function withLift(part: PartState, { request: { without }, eggJob, catalogue }: Setting): PartState {
  const eggs = linesThat('whole egg', part.original, catalogue);
  if (eggs.length === 0 || !without.includes('egg') || part.replaced === 0 || eggJob !== 'lifts') return part;
  const lift = [
    [BROUGHT_IN.soda, LIFT_FOR_EGG.soda],
    [BROUGHT_IN.acid, LIFT_FOR_EGG.vinegar],
  ] as const;
  const added = lift.map(([ingredient, grams]) =>
    newLine(addedTo(part.id, ingredient), ingredient, grams, catalogue),
  );
  // What the recipe has of it already takes the rest in.
  const lines = lift.reduce<readonly FormulaLine[]>(
    (now, [ingredient, grams]) => withMore({ id: part.id, lines: now }, ingredient, grams, catalogue).lines,
    part.lines,
  );
  const shift: Shift = {
    id: `egg-lift:${part.id}`,
    rule: 'stand-in',
    line: added[0]!.line,
    from: { code: 'lift-of-egg', values: {} },
    to: weightsOf(...added),
    because: { code: 'egg-lifts', values: {} },
    source: STAND_INS.source,
    confidence: STAND_INS.confidence,
  };
  return { ...part, lines, shifts: [...part.shifts, shift] };
}

export const standIn: SwapRule = {
  id: 'stand-in',
  balance: null,
  reason: 'What somebody at the table can’t eat is replaced by what does the same job.',
  source: STAND_INS.source,
  confidence: STAND_INS.confidence,
  swap(part, setting) {
    const { request, catalogue, eggJob } = setting;
    const shifts = [...part.shifts];
    const flour = flourGrams(part.lines, catalogue);
    let room = flour > 0 ? (FLAX_MOST * flour) / 100 : Infinity;
    const lines = part.lines.flatMap((line) => {
      const troubles = troublesOf(line.ingredient, request, catalogue);
      const row =
        troubles.length > 0
          ? findStandIn(line.ingredient, request, catalogue, eggJob, part.original)
          : undefined;
      if (!row) return [line];
      const now = withPuree(line, put(line, row, catalogue), room, catalogue);
      room -= now.find(({ ingredient }) => ingredient === BROUGHT_IN.gel)?.grams ?? 0;
      shifts.push({
        id: `stand-in:${line.line}`,
        rule: 'stand-in',
        line: line.line,
        from: weightsOf(line),
        to: weightsOf(...now),
        because: { code: 'stands-in', values: { because: row.because, out: troubles } },
        source: STAND_INS.source,
        confidence: STAND_INS.confidence,
      });
      return now;
    });
    return withLift({ ...part, lines, shifts }, setting);
  },
};
