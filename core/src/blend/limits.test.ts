import fc from 'fast-check';
import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { solveProgram, toEnd } from '../quantity';
import { runs } from '../testing';
import { toBlend } from './blend';
import { boundedOptimum, objective, programOf } from './bounded';
import { canBeBlended } from './feasible';
import { lifted } from './boundTerms';
import { FLOUR_IDS, propertiesOf, traitsOf } from './properties';
import { deviationsOf, type BlendQuestion } from './question';
import { solveBlend } from './solve';
import { leastBounds } from './subsets';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const ALL = [...FLOUR_IDS];
const STARCHES = ALL.filter((id) => traitsOf(id, catalogue).pureStarch);

function subsetsOf(count: number, most: number): number[][] {
  return Array.from({ length: 2 ** count - 1 }, (_, bits) =>
    Array.from({ length: count }, (_x, i) => i).filter((i) => (bits + 1) & (1 << i)),
  ).filter(({ length }) => length <= most);
}

/** Small questions with caps, a group limit, bags to buy and a floor that clash about as often as not. */
const questions = fc
  .record({
    flours: fc.subarray(ALL, { minLength: 3, maxLength: 7 }),
    wanted: fc.constantFrom(...ALL),
    caps: fc.array(fc.double({ min: 0.02, max: 0.7, noNaN: true }), { minLength: 7, maxLength: 7 }),
    bought: fc.array(fc.boolean(), { minLength: 7, maxLength: 7 }),
    mostBought: fc.integer({ min: 0, max: 3 }),
    most: fc.integer({ min: 1, max: 4 }),
    starch: fc.double({ min: 0.1, max: 1, noNaN: true }),
    floor: fc.option(fc.double({ min: 0.05, max: 0.6, noNaN: true }), { nil: null }),
  })
  .map(({ flours, wanted, caps, bought, mostBought, most, starch, floor }): BlendQuestion => ({
    flours,
    target: propertiesOf(wanted, catalogue),
    caps: Object.fromEntries(flours.map((id, at) => [id, caps[at]!])),
    groups: [
      { name: 'starches' as const, members: flours.filter((id) => STARCHES.includes(id)), most: starch },
    ].filter(({ members }) => members.length > 0),
    pins: {},
    floors: floor === null ? {} : { [flours[0]!]: floor },
    bought: flours.filter((_, at) => bought[at]),
    mostBought,
    prices: null,
    most: Math.min(most, flours.length),
    leastShare: 0.05,
    ridge: 0.09,
    answers: 3,
  }));

/** Every set that counts, each solved by the library's quadratic program. */
function byExhaustion(question: BlendQuestion) {
  const deviations = deviationsOf(question, catalogue);
  return subsetsOf(question.flours.length, question.most)
    .filter((members) => {
      const ids = members.map((i) => question.flours[i]!);
      return (
        Object.keys(question.floors).every((id) => ids.includes(id)) &&
        ids.filter((id) => question.bought.includes(id)).length <= question.mostBought
      );
    })
    .flatMap((members) => {
      const best = boundedOptimum(members, question, deviations);
      return best ? [{ members, ...best }] : [];
    });
}

describe('limits', () => {
  it('leave room by interval arithmetic exactly where some set can be solved', () =>
    fc.assert(
      fc.property(questions, (question) => {
        expect(canBeBlended(question)).toBe(byExhaustion(question).length > 0);
      }),
      runs(2),
    ));
  it('are in the bound of every set, and never above what it can reach', () =>
    fc.assert(
      fc.property(questions, (question) => {
        const terms = lifted(question, deviationsOf(question, catalogue));
        const solved = byExhaustion(question);
        const sets = {
          most: question.most,
          held: Object.keys(question.floors).map((id) => question.flours.indexOf(id)),
          bought: Uint8Array.from(question.flours, (id) => Number(question.bought.includes(id))),
          mostBought: question.mostBought,
        };
        const { candidates } = toEnd(leastBounds(10_000, sets, terms));
        for (const { members, value } of solved) {
          const one = candidates.find((each) => each.members.join() === members.join());
          expect(one!.bound).toBeLessThanOrEqual(value + 1e-6 * Math.max(1, value));
        }
      }),
      runs(2),
    ));
  it('cost no optimality: the best, and the next ones that differ, are those of an exhaustive search', () =>
    fc.assert(
      fc.property(questions, (question) => {
        const found = toEnd(solveBlend(question, catalogue));
        const all = byExhaustion(question).sort((a, b) => a.value - b.value);
        expect(found.length > 0).toBe(all.length > 0);
        if (all.length > 0) expect(found[0]!.value).toBeCloseTo(all[0]!.value, 8);
        found.reduce((before, { value }) => {
          expect(value).toBeGreaterThanOrEqual(before - 1e-9);
          return value;
        }, 0);
      }),
      runs(2),
    ));
  it('and one-sided squares give the same optimum with slacks, by the library, as without', () =>
    fc.assert(
      fc.property(questions, (question) => {
        const deviations = deviationsOf(question, catalogue);
        for (const members of subsetsOf(question.flours.length, 4)) {
          const ids = members.map((i) => question.flours[i]!);
          if (members.length < 2) continue;
          const low = ids.map((id) => Math.max(question.leastShare, question.floors[id] ?? 0));
          const cap = ids.map((id) => question.caps[id]!);
          const best = boundedOptimum(members, question, deviations);
          if (cap.some((one, at) => one < low[at]!)) continue;
          const program = solveProgram(programOf(members, low, cap, question, deviations));
          expect(best === undefined).toBe(program === undefined);
          if (best && program)
            expect(best.value).toBeCloseTo(
              objective(members, program.x.slice(0, members.length), deviations),
              7,
            );
        }
      }),
      runs(1),
    ));
  it('are kept by every answer', () =>
    fc.assert(
      fc.property(questions, (question) => {
        for (const { flours, shares } of toEnd(solveBlend(question, catalogue))) {
          const of = (id: string) => shares[flours.indexOf(id)] ?? 0;
          expect(shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 8);
          for (const id of flours) expect(of(id)).toBeLessThanOrEqual(question.caps[id]! + 1e-9);
          for (const { members, most } of question.groups)
            expect(members.reduce((sum, id) => sum + of(id), 0)).toBeLessThanOrEqual(most + 1e-6);
          for (const [id, floor] of Object.entries(question.floors))
            expect(of(id)).toBeGreaterThanOrEqual(floor - 1e-9);
          expect(flours.filter((id) => question.bought.includes(id)).length).toBeLessThanOrEqual(
            question.mostBought,
          );
        }
      }),
      runs(2),
    ));
});

describe('a blend in whole percents', () => {
  it('asks for no more of a bag than it holds while another flour has room', () =>
    fc.assert(
      fc.property(questions, (question) => {
        for (const solution of toEnd(solveBlend(question, catalogue))) {
          const { shares } = toBlend(solution, question, {}, [], catalogue);
          const percents = new Map(
            shares.map(({ ingredient, share }) => [ingredient, Math.round(share * 100)]),
          );
          const ofBag = (id: string) => (question.caps[id] ?? 1) * 100 - percents.get(id)!;
          const ofGroups = (id: string) =>
            question.groups
              .filter(({ members }) => members.includes(id))
              .map(({ members, most }) =>
                members.reduce((left, one) => left - (percents.get(one) ?? 0), most * 100),
              );
          const ids = [...percents.keys()];
          if (ids.some((id) => ofBag(id) < -1e-6))
            expect(Math.max(...ids.map((id) => Math.min(ofBag(id), ...ofGroups(id))))).toBeLessThan(1);
        }
      }),
      runs(2),
    ));
});
