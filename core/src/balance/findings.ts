import { hasTraits, traitsOf } from '../blend';
import type { Catalogue } from '../catalogue';
import { familyOf } from '../family';
import { compositionOf, drinkOf, linesLeading, linesThat, massOf, type FormulaLine } from '../formula';
import { settle } from '../quantity';
import type { FamilyId, Habit, RouteId } from '../vocabulary';
import { wheatGrams, flourGrams } from './flour';
import { eggLines } from './ledger';
import type { Finding } from './types';
import { sodaLeft, soapLimit } from './soap';

/** A part that is judged as it stands. */
export interface Judged {
  readonly lines: readonly FormulaLine[];
  readonly family: FamilyId;
  readonly route: RouteId;
  /** Gums, husks and seeds, g xanthan-equivalent per 100 g of flour. */
  readonly binder: number;
}

/** One thing that may be wrong with a formula beside a missed band: with its reason, and what it says where it is met. */
export interface FindingRule {
  readonly id: Finding['id'];
  readonly reason: string;
  readonly find: (part: Judged, catalogue: Catalogue) => Finding | null;
}

/** From nothing at `from` towards certain, half of the way where it has grown by `half`. */
const rising = (value: number, from: number, half: number): number =>
  settle(Math.min(0.95, 1 - 2 ** (-Math.max(0, value - from) / half)));

/** What leads these binds by being sticky. */
const STICKY_WAYS: readonly RouteId[] = ['nut-butter-led', 'cassava-led'];
const BOUND_BY_NOTHING = 0.8;
/** Meal of nuts is pressed together by its own fat. */
const PRESSED: RouteId = 'almond-led';

const boundByNothing: FindingRule = {
  id: 'falls-apart',
  reason:
    'Without gluten, gum, egg or a sticky flour a crumb has nothing that holds it; what is rubbed to crumbs needs nothing, nor a dough of nuts that is pressed, nor a wafer that sugar makes brittle.',
  find({ lines, family, route, binder }, catalogue) {
    const sticky =
      linesThat('sticks cold', lines, catalogue).length > 0 ||
      STICKY_WAYS.some((way) => linesLeading(way, lines, catalogue).length > 0);
    const bound = binder > 0 || sticky || eggLines(lines, catalogue).length > 0;
    const { xanthan, texture, dryThrough } = familyOf(family);
    const pressed = route === PRESSED && texture === 'dough';
    const brittle = dryThrough && compositionOf(lines, catalogue).sugars > flourGrams(lines, catalogue);
    return xanthan === 0 || bound || pressed || brittle || flourGrams(lines, catalogue) === 0
      ? null
      : {
          id: 'falls-apart',
          because: { code: 'bound-by-nothing', values: {} },
          likelihood: BOUND_BY_NOTHING,
        };
  },
};

/** Soda begins to be tasted above the limit; bakes that are liked have up to twice of it. Common practice. */
const SOAPY_FROM = 2;

const soapy: FindingRule = {
  id: 'soapy',
  reason: 'Soda that meets no acid tastes of soap and browns early.',
  find({ lines, family }, catalogue) {
    const left = sodaLeft(lines, catalogue);
    const limit = soapLimit(lines, family, catalogue) * SOAPY_FROM;
    return left > limit
      ? {
          id: 'soapy',
          because: { code: 'soapy', values: { left: settle(left), limit } },
          likelihood: rising(left, limit, limit / 3),
        }
      : null;
  },
};

/** Grit, 0–10, of the flours together: fine rice has 2.5, meal 6. From there it is felt. Our scale. */
const GRIT = { from: 3.2, half: 1 } as const;

const gritty: FindingRule = {
  id: 'gritty',
  reason: 'Coarse meal drinks slower than a bake lasts, and stays sand unless it is scalded or soaked.',
  find({ lines }, catalogue) {
    const flours = lines.filter(({ ingredient }) => hasTraits(ingredient, catalogue));
    const gritOf = ({ ingredient }: FormulaLine) => traitsOf(ingredient, catalogue).grit;
    const grit = flours.reduce((sum, one) => sum + one.grams * gritOf(one), 0) / Math.max(1, massOf(flours));
    const [coarsest] = [...flours].sort((a, b) => gritOf(b) - gritOf(a));
    return grit > GRIT.from && coarsest
      ? {
          id: 'gritty',
          because: { code: 'coarse', values: { flour: coarsest.name } },
          likelihood: rising(grit, GRIT.from, GRIT.half),
        }
      : null;
  },
};

const BEANY = { from: 0.3, half: 0.25 } as const;

const beany: FindingRule = {
  id: 'beany',
  reason: 'Raw legume flour is tasted above a quarter of the blend. Common practice.',
  find({ lines }, catalogue) {
    const beans = lines.filter(
      ({ ingredient }) =>
        hasTraits(ingredient, catalogue) && traitsOf(ingredient, catalogue).class === 'legume',
    );
    const share = massOf(beans) / Math.max(1, flourGrams(lines, catalogue));
    return share > BEANY.from
      ? {
          id: 'beany',
          because: { code: 'beans', values: { flour: beans[0]!.name, percent: Math.round(100 * share) } },
          likelihood: rising(share, BEANY.from, BEANY.half),
        }
      : null;
  },
};

const green: FindingRule = {
  id: 'turns-green',
  reason: 'Chlorogenic acid of sunflower seed turns green where soda is left over.',
  find({ lines }, catalogue) {
    const has = (habit: Habit) => linesThat(habit, lines, catalogue).length > 0;
    return has('turns green with soda') && has('soda')
      ? { id: 'turns-green', because: { code: 'turns-green', values: {} }, likelihood: 0.6 }
      : null;
  },
};

/** Where what is added stands in a family's ratios. */
const ADDED = {
  greasy: { at: 1, of: 'fat', roles: ['fat'] },
  'too-sweet': { at: 2, of: 'sugars', roles: ['sugar', 'syrup'] },
  eggy: { at: 3, of: 'egg', roles: ['egg'] },
} as const;
/** So much more than the most that is liked, and it is as likely as not. */
const HALF = 0.2;

/** Fat, sugar or egg above what such a bake has. Nuts, seeds and chocolate bring fat and sugar of their own. */
const muchOf = (id: keyof typeof ADDED): FindingRule => ({
  id,
  reason: 'More fat, sugar or egg than such a bake can have: it weeps, runs and sinks, or tastes of egg.',
  find({ lines, family, route }, catalogue) {
    const flour = flourGrams(lines, catalogue);
    const { at, of, roles } = ADDED[id];
    const { ratios, most } = familyOf(family);
    const far = most[at];
    const added = lines.filter(({ role }) => roles.some((one) => one === role));
    const grams = of === 'egg' ? massOf(added) : compositionOf(added, catalogue)[of];
    const has = (100 * grams) / Math.max(1, flour);
    return far !== null && route === 'grain-blend' && flour > 0 && has > far
      ? {
          id,
          because: { code: 'much-of', values: { of, has: Math.round(has), usual: ratios[at], family } },
          likelihood: rising(has, far, HALF * far),
        }
      : null;
  },
});

const moreThanIsHeld: FindingRule = {
  id: 'too-wet',
  reason:
    'What is creamed holds its free water in flour and sugar: with more of it than they weigh the batter curdles and the crumb stays wet, however thirsty the blend.',
  find({ lines, family, route }, catalogue) {
    const [far] = familyOf(family).most;
    const dry = flourGrams(lines, catalogue) + compositionOf(lines, catalogue).sugars;
    const has = (100 * drinkOf(lines, catalogue)) / Math.max(1, dry);
    return far !== null && route === 'grain-blend' && has > far
      ? {
          id: 'too-wet',
          because: { code: 'more-than-is-held', values: { has: Math.round(has), most: far, family } },
          likelihood: rising(has, far, HALF * far),
        }
      : null;
  },
};

const RULES: readonly FindingRule[] = [
  boundByNothing,
  soapy,
  gritty,
  beany,
  green,
  muchOf('greasy'),
  muchOf('too-sweet'),
  muchOf('eggy'),
  moreThanIsHeld,
];

/** What is likely to go wrong with a part beside what its bands say. A part with wheat is not judged. */
export const findingsOf = (part: Judged, catalogue: Catalogue): Finding[] =>
  wheatGrams(part.lines, catalogue) > 0 ? [] : RULES.flatMap((rule) => rule.find(part, catalogue) ?? []);
