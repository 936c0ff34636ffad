import type { Balance } from './balances';
import type { FormulaLine } from '../formula';
import type { PartState, Shift } from './types';
import type { Because, BecauseSays } from './says';
import { before, weightsOf } from './weight';

/** A balance that moves by less than this share isn't worth a word. */
const NOTICED = 0.01;
const OUTSIDE = 0.02;

const isOut = ({ converted, band: [low, high] }: Balance) =>
  converted < low * (1 - OUTSIDE) || converted > high * (1 + OUTSIDE);

/** What balances came to by a person's own weights, against what they would have been: each that moved, and whether it left its band. */
function costOf(computed: readonly Balance[], now: readonly Balance[]): BecauseSays['set-by-hand'] {
  const moved = now.flatMap((one) => {
    const was = computed.find(({ id }) => id === one.id);
    if (!was || Math.abs(one.converted - was.converted) <= NOTICED * Math.max(0.01, was.converted)) return [];
    const short = (value: number) => Number(value.toPrecision(3));
    return [
      {
        balance: one.id,
        from: short(was.converted),
        to: short(one.converted),
        out: isOut(one) && !isOut(was),
      },
    ];
  });
  return { moved };
}

/** One shift for each line that a person has set, with what it did to the balances. `computed`: the same part without it. */
export function overruleShifts(
  part: Pick<PartState, 'id'>,
  fixed: ReadonlySet<string>,
  computed: { readonly lines: readonly FormulaLine[]; readonly balances: readonly Balance[] },
  now: { readonly lines: readonly FormulaLine[]; readonly balances: readonly Balance[] },
): Shift[] {
  const because: Because = { code: 'set-by-hand', values: costOf(computed.balances, now.balances) };
  return [...fixed].flatMap((id): Shift[] => {
    const own = now.lines.find(({ line }) => line === id);
    if (!own) return [];
    const was = computed.lines.find(({ line }) => line === id);
    return [
      {
        id: `overrule:${part.id}:${id}`,
        rule: 'overrule',
        line: id,
        from: before(was),
        to: weightsOf(own),
        because,
        source: 'by hand',
        confidence: 'common-practice',
      },
    ];
  });
}
