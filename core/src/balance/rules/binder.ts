import { getIngredient, type Catalogue } from '../../catalogue';
import { addedTo } from '../../read';
import type { FormulaLine } from '../../formula';
import { settle } from '../../quantity';
import type { BinderSchool, Role } from '../../vocabulary';
import { bindingMissing, bindingNeed, bindingThere } from '../binding';
import { COOKED_STARCH, EGG_LED_DRY, EGG_LED_PER_FLOUR, EGG_ROOM, SCHOOLS } from '../data/binders';
import { BROUGHT_IN } from '../data/broughtIn';
import { flourGrams } from '../flour';
import { gumWorth } from '../ledger';
import { heaviest, newLine, times, withMore } from '../lines';
import { nearestSpoon, spoonStep } from '../spoons';
import type { PartState, Setting, Shift, SwapRule } from '../types';
import type { Because, PartWarning } from '../says';
import { before, weight, weightsOf } from '../weight';
import { troublesOf } from './standIn';
import { hasLiquid } from './water';

const LEAST_DOSE = 0.05;
/** What a pinch is measured of, whatever binds. */
const [GUM] = SCHOOLS.rows.gum.adds as readonly [string];
/** Where what was asked for is out, these follow. */
const INSTEAD: readonly BinderSchool[] = ['gum', 'husk', 'seed', 'egg-led'];
/** Who cooks starch does it to be without gum. */
const INSTEAD_OF_COOKED: readonly BinderSchool[] = ['egg-led', 'husk', 'seed'];
/** What has so much water, g per 100 g, can give some of it up: cream can, cream cheese can't. */
const GIVES_WATER = 56;
const waterIn = (ingredient: string, catalogue: Catalogue) =>
  getIngredient(catalogue, ingredient).composition.water;

/** What a school adds for these people; undefined where all of it is out. */
const addedBy = (school: BinderSchool, { request, catalogue }: Setting): string | undefined =>
  SCHOOLS.rows[school].adds.find((id) => troublesOf(id, request, catalogue).length === 0);

function isOut(school: BinderSchool, setting: Setting): boolean {
  if (school === 'egg-led') return setting.request.without.includes('egg');
  return SCHOOLS.rows[school].adds.length > 0 && addedBy(school, setting) === undefined;
}

/** The school that was asked for, or the first that these people can eat; nothing where none is left. */
export function schoolFor(setting: Setting): BinderSchool {
  const { school } = setting.request;
  return isOut(school, setting) ? (INSTEAD.find((one) => !isOut(one, setting)) ?? 'none') : school;
}

/** What every shift of this rule has in common. */
const shiftOf = (part: PartState, shift: Pick<Shift, 'line' | 'from' | 'to' | 'because'>): Shift => ({
  id: `binder:${part.id}`,
  rule: 'binder',
  ...shift,
  source: binder.source,
  confidence: binder.confidence,
});

const withShift = (part: PartState, lines: readonly FormulaLine[], shift: Shift): PartState => ({
  ...part,
  lines,
  shifts: [...part.shifts, shift],
});

const warned = (part: PartState, warning: PartWarning): PartState => ({
  ...part,
  warnings: [...part.warnings, warning],
});

/** Grams of gum as a spoon has them: whoever asks for more or less gets it, and what never goes without no less than it must have. */
function bySpoon(grams: number, ingredient: string, { catalogue, bands, request }: Setting): number {
  const step = spoonStep(grams, ingredient, catalogue);
  const { binder: tilt } = request.tilt;
  if (tilt > 1 || (tilt === 1 && bands.xanthan[0] > 0)) return Math.ceil(grams / step) * step;
  return tilt < 1 ? Math.floor(grams / step) * step : nearestSpoon(grams, ingredient, catalogue);
}

/** Gum, husk or seed: as much as is missing, as far as it is good. What is over that is said, not added. */
function added(part: PartState, school: BinderSchool, missing: number, setting: Setting): PartState {
  const ingredient = addedBy(school, setting)!;
  const per100 = missing / gumWorth(ingredient, setting.catalogue);
  const { most } = SCHOOLS.rows[school];
  const wanted = (Math.min(per100, most) * flourGrams(part.lines, setting.catalogue)) / 100;
  const grams = school === 'gum' ? bySpoon(wanted, ingredient, setting) : wanted;
  if (grams === 0) return nothingAdded(part, { code: 'under-a-pinch', values: { grams: settle(wanted) } });
  const line = newLine(addedTo(part.id, ingredient), ingredient, grams, setting.catalogue);
  const credit = bindingThere(part, setting);
  const shift = shiftOf(part, {
    line: line.line,
    from: { code: 'gluten', values: {} },
    to: weightsOf(line),
    because: {
      code: 'needs-hold',
      values: {
        need: settle(bindingNeed(part, setting)),
        credit: credit > LEAST_DOSE ? settle(credit) : null,
        school,
      },
    },
  });
  const now = withShift(part, [...part.lines, line], shift);
  if (per100 <= most * 1.02) return now;
  return warned(now, {
    code: 'binder-short',
    values: { name: line.name, most, percent: Math.round((100 * most) / per100) },
  });
}

/** What may give water up for an egg's: the thin liquid if there is one, else cream or yogurt, whichever there is most of. */
const waterGiver = (part: PartState, { catalogue }: Setting): FormulaLine | undefined =>
  hasLiquid(part.lines, catalogue)
    ? undefined
    : heaviest(
        part.lines.filter(
          ({ role, ingredient }) => role === 'liquid' && waterIn(ingredient, catalogue) >= GIVES_WATER,
        ),
      );

/** Egg in gum's place. A thin liquid makes room for its water by itself; of what is thick so much is left out. */
function eggLed(part: PartState, setting: Setting): PartState {
  const { catalogue } = setting;
  const flour = flourGrams(part.lines, catalogue);
  const giver = waterGiver(part, setting);
  const dry = !giver && !hasLiquid(part.lines, catalogue);
  const grams = (dry ? EGG_LED_DRY : EGG_LED_PER_FLOUR) * flour;
  const { lines, was, now } = withMore(part, BROUGHT_IN.egg, grams, catalogue);
  const shift = shiftOf(part, {
    line: now.line,
    from: before(was),
    to: weightsOf(now),
    because: { code: 'egg-binds', values: { water: dry ? 'little' : 'taken-out' } },
  });
  const bound = withShift(part, lines, shift);
  if (!giver) return bound;
  const out = (waterIn(BROUGHT_IN.egg, catalogue) * grams) / waterIn(giver.ingredient, catalogue);
  const less = times(giver, 1 - Math.min(EGG_ROOM, out / giver.grams));
  return withShift(
    bound,
    bound.lines.map((line) => (line === giver ? less : line)),
    shiftOf(part, {
      line: giver.line,
      from: weightsOf(giver),
      to: weightsOf(less),
      because: { code: 'egg-water', values: {} },
    }),
  );
}

const heaviestOf = (lines: readonly FormulaLine[], wanted: Role) =>
  heaviest(lines.filter(({ role }) => role === wanted));

/** What of the starch, and of the liquid, is cooked; null where there is too little of either to put a pan on for. */
function toCook(part: PartState, { catalogue }: Setting): PartState['cooked'] {
  const starch = heaviestOf(part.lines, 'starch') ?? heaviestOf(part.lines, 'gf-flour');
  const liquid = heaviestOf(part.lines, 'liquid');
  if (!starch || !liquid) return null;
  const flour = flourGrams(part.lines, catalogue);
  const grams = Math.min(starch.grams, COOKED_STARCH.ofFlour * flour, liquid.grams / COOKED_STARCH.liquid);
  return grams < COOKED_STARCH.least
    ? null
    : { starch: weight(starch, grams), liquid: weight(liquid, grams * COOKED_STARCH.liquid) };
}

/** Part of the starch is cooked in part of the liquid: nothing new comes in. */
function cookedStarch(part: PartState, missing: number, cooked: NonNullable<PartState['cooked']>): PartState {
  const starch = part.lines.find(({ ingredient }) => ingredient === cooked.starch.ingredient)!;
  const now = withShift(
    { ...part, cooked },
    part.lines,
    shiftOf(part, {
      line: starch.line,
      from: weightsOf(starch),
      to: { code: 'cooked', values: cooked },
      because: { code: 'starch-binds', values: { credit: COOKED_STARCH.credit } },
    }),
  );
  if (missing <= COOKED_STARCH.credit * 2) return now;
  return warned(now, {
    code: 'starch-short',
    values: { credit: COOKED_STARCH.credit, missing: settle(missing) },
  });
}

/** Says why no binder is added. */
const nothingAdded = (part: PartState, because: Because): PartState =>
  withShift(
    part,
    part.lines,
    shiftOf(part, {
      line: null,
      from: { code: 'gluten', values: {} },
      to: { code: 'no-binder', values: {} },
      because,
    }),
  );

export const binder: SwapRule = {
  id: 'binder',
  balance: 'binder',
  reason: 'Gluten held the crumb together; something must.',
  source: 'common practice: ¼ tsp xanthan a cup for cookies, ½ tsp for cakes and muffins',
  confidence: 'common-practice',
  swap(part, setting) {
    if (part.replaced === 0) return part;
    const missing = bindingMissing(part, setting);
    if (bindingNeed(part, setting) === 0 && setting.request.tilt.binder > 0)
      return nothingAdded(part, {
        code: 'needs-none',
        values: { by: setting.profile.xanthan === 0 ? 'family' : 'route' },
      });
    if (missing < LEAST_DOSE) {
      const credit = settle(bindingThere(part, setting));
      const need = settle(bindingNeed(part, setting));
      return nothingAdded(part, { code: 'bound-already', values: { credit, need } });
    }
    const school = schoolFor(setting);
    if (school === 'none')
      return nothingAdded(part, { code: 'asked-for-none', values: { missing: settle(missing) } });
    const pinch = (missing * flourGrams(part.lines, setting.catalogue)) / 100;
    if (school !== 'gum' && bySpoon(pinch, GUM, setting) === 0)
      return nothingAdded(part, { code: 'under-a-pinch', values: { grams: settle(pinch) } });
    if (school === 'egg-led') return eggLed(part, setting);
    if (school !== 'cooked-starch') return added(part, school, missing, setting);
    const cooked = toCook(part, setting);
    if (cooked) return cookedStarch(part, missing, cooked);
    const next = INSTEAD_OF_COOKED.find((one) => !isOut(one, setting)) ?? 'none';
    const said = warned(part, { code: 'no-liquid-for-starch', values: { school: next } });
    if (next === 'none') return said;
    return next === 'egg-led' ? eggLed(said, setting) : added(said, next, missing, setting);
  },
};
