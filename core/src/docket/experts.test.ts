import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { BUILT_IN_KITCHEN, catalogueOf, EMPTY_REQUEST } from '../kitchen';
import { ingredientLines, isOfBlend } from '../read';
import { isHeld, labelledIn, readText, shareOf } from '../testing';
import { ROUTES, type RouteId } from '../vocabulary';
import { convert } from '.';
import type { Docket } from './types';

/*
 * What careful professionals would use on the given pages, in ranges for the whole recipe: xanthan with a rice-and-starch blend, change of
 * liquid, starch in the blend, rest, and which flour leads without grain. The table of doses was set with these pages in sight,
 * but for the fifth by the hash of the id, which is counted apart.
 */
interface Expert {
  readonly id: string;
  readonly gum: readonly [number, number];
  readonly liquid: readonly [number, number];
  readonly starch: readonly [number, number];
  readonly rest: 'none' | 'short' | 'cold' | 'own';
  readonly lead: readonly string[];
}
const LEADS: Readonly<Partial<Record<RouteId, string>>> = {
  'almond-led': 'almond',
  'cassava-led': 'cassava',
  'coconut-led': 'coconut',
  'tiger-nut-led': 'tiger nut',
  'nut-butter-led': 'nut butter',
  'starch-led': 'starch',
};
const experts = JSON.parse(readFileSync(join(__dirname, 'cases/experts.json'), 'utf8')) as readonly Expert[];
const { facts } = labelledIn(join(__dirname, '../read/page/cases'));
const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const roleOf = (id: string | null) => (id === null ? undefined : catalogue.byId.get(id)?.role);
const within = (value: number, [low, high]: readonly [number, number], slack: number) =>
  value >= low - slack - 1e-9 && value <= high + slack + 1e-9;

const linesOf = ({ parts }: Docket) => parts.flatMap(({ lines }) => lines);
const sum = (lines: ReturnType<typeof linesOf>) =>
  lines.reduce((all, { grams }) => all + (grams?.central ?? 0), 0);

function restIs({ rest }: Docket, wanted: Expert['rest']): boolean {
  if (rest.own) return true;
  const kind = rest.minutes[1] === 0 ? 'none' : rest.cold ? 'cold' : 'short';
  return kind === wanted || (wanted === 'own' && kind !== 'short');
}

const judged = experts.flatMap((expert) => {
  const recipe = readText(facts.find(({ id }) => id === expert.id)!.text);
  const made = convert(recipe, EMPTY_REQUEST, BUILT_IN_KITCHEN);
  const grainFree = convert(recipe, { ...EMPTY_REQUEST, diet: 'grain-free' }, BUILT_IN_KITCHEN);
  if (made.outcome !== 'docket') return [];
  const lines = linesOf(made.docket);
  const blend = lines.filter(({ id }) => isOfBlend(id));
  const liquidWas = ingredientLines(recipe)
    .filter(({ aside }) => !aside)
    .flatMap(({ items }) => items)
    .filter((item) => item.role === 'liquid' && !item.alternative && !item.aside)
    .reduce((all, { grams }) => all + (grams?.central ?? 0), 0);
  const liquid = sum(lines.filter((one) => roleOf(one.ingredient) === 'liquid')) - liquidWas;
  const starch = sum(blend.filter((one) => roleOf(one.ingredient) === 'starch')) / Math.max(1, sum(blend));
  return [
    {
      held: isHeld(expert),
      gum: within(sum(lines.filter((one) => one.ingredient === 'xanthan-gum')), expert.gum, 0.35),
      liquid: within(liquid, expert.liquid, 6),
      starch: within(starch, expert.starch, 0.05),
      rest: restIs(made.docket, expert.rest),
      lead: grainFree.outcome === 'docket' && expert.lead.includes(LEADS[grainFree.docket.route] ?? ''),
    },
  ];
});

describe.each([
  ['pages in sight', judged.filter(({ held }) => !held), 0.85],
  ['the fifth', judged.filter(({ held }) => held), 0.85],
] as const)('a docket beside what an expert would do: %s', (_, pages, rest) => {
  it('has its gum', () => expect(shareOf(pages, ({ gum }) => gum)).toBeGreaterThan(0.9));
  it('has its liquid', () => expect(shareOf(pages, ({ liquid }) => liquid)).toBeGreaterThan(0.9));
  it('has its starch', () => expect(shareOf(pages, ({ starch }) => starch)).toBeGreaterThan(0.9));
  it('has its rest', () => expect(shareOf(pages, (one) => one.rest)).toBeGreaterThan(rest));
  it('leads without grain as one would', () =>
    expect(shareOf(pages, ({ lead }) => lead)).toBeGreaterThan(0.9));
});
it('every way without grain has a flour that leads it', () =>
  expect(
    ROUTES.filter((route) => route !== 'grain-blend' && route !== 'starch-chocolate' && !LEADS[route]),
  ).toEqual([]));
