import { catalogueOf, type ConversionRequest, type Kitchen } from '../kitchen';
import { pose, type Asked } from './ask';
import { canBeBlended } from './feasible';
import { clashes } from './clashes';
import { routeFor } from './routes';
import type { Wished } from './says';
import { nameOf } from './shelf';

/** Wishes to let go together, and the request's parts as they then are: one press does it. */
export interface Relaxation {
  readonly let: readonly Wished[];
  readonly patch: Pick<ConversionRequest, 'pins' | 'withoutFlours' | 'blend'>;
}

interface Wish {
  readonly said: Wished;
  readonly let: (request: ConversionRequest) => ConversionRequest;
}

const MOST_FLOURS = 5;
const MOST_AT_ONCE = 3;
const MOST_SHOWN = 4;

/** What a person asked for that could be let go. Never an avoidance of somebody at the table. */
function wishesOf({ pins, withoutFlours, blend }: ConversionRequest, kitchen: Kitchen): Wish[] {
  const catalogue = catalogueOf(kitchen);
  const name = (id: string) => (catalogue.byId.has(id) ? nameOf(id, catalogue) : id);
  const blendWish = (said: Wished, part: Partial<ConversionRequest['blend']>): Wish => ({
    said,
    let: (now) => ({ ...now, blend: { ...now.blend, ...part } }),
  });
  const more =
    blend.most < MOST_FLOURS
      ? [blendWish({ code: 'use-up-to', values: { flours: blend.most + 1 } }, { most: blend.most + 1 })]
      : [];
  const bags =
    blend.buy === null
      ? []
      : [
          blendWish({ code: 'buy-up-to', values: { bags: blend.buy + 1 } }, { buy: blend.buy + 1 }),
          blendWish({ code: 'buy-what-it-takes', values: {} }, { buy: null }),
        ];
  const bag =
    blend.useUp === null
      ? []
      : [blendWish({ code: 'not-use-up', values: { name: name(blend.useUp) } }, { useUp: null })];
  const jar = blend.jar === null ? [] : [blendWish({ code: 'leave-jar', values: {} }, { jar: null })];
  const way = blend.route === null ? [] : [blendWish({ code: 'usual-way', values: {} }, { route: null })];
  const held = pins.map(({ ingredient }): Wish => ({
    said: { code: 'let-go', values: { name: name(ingredient) } },
    let: (now) => ({ ...now, pins: now.pins.filter((pin) => pin.ingredient !== ingredient) }),
  }));
  const out = withoutFlours.map((id): Wish => ({
    said: { code: 'allow-again', values: { name: name(id) } },
    let: (now) => ({ ...now, withoutFlours: now.withoutFlours.filter((one) => one !== id) }),
  }));
  return [...jar, ...more, ...bags, ...bag, ...held, ...out, ...way];
}

function* choose<T>(from: readonly T[], count: number, start = 0): Generator<T[]> {
  if (count === 0) yield [];
  else
    for (let at = start; at < from.length; at += 1)
      for (const rest of choose(from, count - 1, at + 1)) yield [from[at]!, ...rest];
}

/** True where a blend within all limits exists: nothing clashes before it is solved, and the limits leave room. */
export function hasRoom(asked: Asked): boolean {
  if (asked.request.blend.jar !== null || clashes(asked).length > 0) return false;
  return canBeBlended(pose(asked).question);
}

/**
 * The smallest sets of wishes without which a blend keeps to all limits: first each alone, then two, then three together.
 * Found by interval arithmetic alone, so that hundreds of sets cost no solve.
 */
export function waysOut(asked: Asked): Relaxation[] {
  const wishes = wishesOf(asked.request, asked.kitchen);
  for (let count = 1; count <= Math.min(MOST_AT_ONCE, wishes.length); count += 1) {
    const ways: Relaxation[] = [];
    for (const few of choose(wishes, count)) {
      const request = few.reduce((now, wish) => wish.let(now), asked.request);
      if (!hasRoom({ ...asked, request, route: routeFor(request, asked.family, catalogueOf(asked.kitchen)) }))
        continue;
      const { pins, withoutFlours, blend } = request;
      ways.push({ let: few.map(({ said }) => said), patch: { pins, withoutFlours, blend } });
      if (ways.length === MOST_SHOWN) return ways;
    }
    if (ways.length > 0) return ways;
  }
  return [];
}
