import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { INGREDIENTS } from '../catalogue';
import { familyOf } from '../family';
import { FAMILIES, type RouteId } from '../vocabulary';
import { ROUTE_TABLE } from './data/routes';
import { usualShelf } from './shelf';
import { mix } from './properties';
import {
  FLOUR_IDS,
  FLOUR_PAGE_IDS,
  flourPage,
  flourSummaries,
  keepsWeeks,
  mixVectors,
  propertiesOf,
  traitsOf,
} from '.';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);

const WHEATS = INGREDIENTS.filter(({ flour }) => flour?.traits?.class === 'wheat').map(({ id }) => id);

describe('the table of flours', () => {
  it('has sixty that can be blended, the wheats that they replace, fibres and gums, each with a page', () => {
    expect(FLOUR_IDS.length).toBeGreaterThanOrEqual(60);
    for (const id of [...FLOUR_IDS, ...WHEATS, 'xanthan-gum', 'psyllium-husk'])
      expect(FLOUR_PAGE_IDS).toContain(id);
    expect(flourSummaries(catalogue)).toHaveLength(FLOUR_PAGE_IDS.length);
  });
  it.each(FLOUR_PAGE_IDS)('%s is told whole: gives, vice, storage, stand-ins that exist', (id) => {
    const page = flourPage(id, catalogue);
    expect(page.gives.length + page.vice.length).toBeGreaterThan(3);
    expect(page.vice).not.toBe('');
    expect(page.weeks[1]).toBeGreaterThanOrEqual(page.weeks[0]);
    expect(keepsWeeks(id, catalogue)).toBe(page.weeks[0]);
    for (const other of [...page.standIns, ...page.pairs]) expect(other.id).not.toBe(id);
    if (page.amylose !== null)
      expect(page.amylose + page.amylopectin!).toBeCloseTo(page.composition.starch, 9);
  });
  it('holds scores from nought to ten, sets in order, and drinks something', () => {
    for (const id of [...FLOUR_IDS, ...WHEATS]) {
      const traits = traitsOf(id, catalogue);
      for (const one of [...traits.scores, traits.flavour, traits.colour, traits.grit]) {
        expect(one).toBeGreaterThanOrEqual(0);
        expect(one).toBeLessThanOrEqual(10);
      }
      expect(traits.set[0]).toBeLessThan(traits.set[1]);
      expect(propertiesOf(id, catalogue).thirst).toBeGreaterThan(0);
    }
  });
  it('gives sweet rice, tapioca and waxy starch the chew, and their starch the amylopectin, that the others lack', () => {
    // Common knowledge of starches: amylopectin makes chew, amylose a short, crisp bite.
    const amyloseShare = (id: string) => {
      const { amylose, composition } = flourPage(id, catalogue);
      return amylose! / composition.starch;
    };
    for (const waxy of ['sweet-rice-flour', 'waxy-corn-starch'])
      for (const other of ['white-rice-flour', 'corn-starch', 'potato-starch']) {
        expect(amyloseShare(waxy)).toBeLessThan(amyloseShare(other));
        expect(propertiesOf(waxy, catalogue).chew).toBeGreaterThan(propertiesOf(other, catalogue).chew);
      }
  });
  it('has its reference blends sum to a hundred, of flours that it knows', () => {
    for (const [route, { usual, caps, only }] of Object.entries(ROUTE_TABLE.rows)) {
      const own = FAMILIES.map((family) => familyOf(family).blends[route as RouteId] ?? usual);
      for (const shares of [usual, ...own]) {
        expect(Object.values(shares).reduce((a, b) => a + b, 0)).toBe(100);
        for (const [id, percent] of Object.entries(shares)) {
          expect(FLOUR_IDS).toContain(id);
          expect(percent / 100).toBeLessThanOrEqual((caps[id] ?? traitsOf(id, catalogue).cap) + 1e-9);
        }
      }
      for (const id of only) expect(FLOUR_IDS).toContain(id);
    }
    for (const id of usualShelf(catalogue)) expect(FLOUR_IDS).toContain(id);
  });
  it('mixes linearly, and a composite as its parts', () => {
    const half = mix({ 'white-rice-flour': 1, 'tapioca-starch': 1 }, catalogue);
    expect(half.chew).toBe(4.5);
    expect(
      mixVectors([
        { share: 50, vector: propertiesOf('white-rice-flour', catalogue) },
        { share: 50, vector: propertiesOf('tapioca-starch', catalogue) },
      ]),
    ).toEqual(half);
    expect(traitsOf('self-raising-flour', catalogue).scores).toEqual(
      traitsOf('all-purpose-flour', catalogue).scores,
    );
  });
  it('says that wheat flour and starch differ as kitchens know them to', () => {
    // Common practice: two spoons of flour thicken as one of starch; cake flour is flour with starch in it.
    const { starch: inStarch } = flourPage('corn-starch', catalogue).composition;
    expect(inStarch).toBeGreaterThan(flourPage('all-purpose-flour', catalogue).composition.starch);
    const home = mix({ 'all-purpose-flour': 0.875, 'corn-starch': 0.125 }, catalogue);
    const [plain, cake] = [
      propertiesOf('all-purpose-flour', catalogue),
      propertiesOf('cake-flour', catalogue),
    ];
    for (const property of ['hold', 'chew', 'body'] as const)
      expect(Math.abs(home[property] - cake[property])).toBeLessThan(
        Math.abs(plain[property] - cake[property]),
      );
  });
});
