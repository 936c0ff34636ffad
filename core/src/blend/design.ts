import type { Catalogue } from '../catalogue';
import { HOUSE_PREFIX } from '../guard';
import { catalogueOf, type ConversionRequest, type Kitchen } from '../kitchen';
import type { Steps } from '../quantity';
import type { FamilyId, RouteId } from '../vocabulary';
import { pose, type Asked } from './ask';
import { blendOf, partOf, toBlend, type BlendOutcome } from './blend';
import { clashes } from './clashes';
import { hasTraits } from './properties';
import { waysOut } from './relax';
import { barredBecause, type Wheat } from './routes';
import type { Clash, Gave, LetGo } from './says';
import { nameOf } from './shelf';
import { solveBlend } from './solve';
import { targetOf } from './target';

const ANOTHER_BLEND: LetGo = { code: 'take-another-blend', values: {} };
const A_SHARE: LetGo = { code: 'let-a-share-go', values: {} };

function infeasible(asked: Asked, reasons: readonly Clash[], hint: LetGo): BlendOutcome {
  const ways = waysOut(asked);
  return {
    kind: 'infeasible',
    reasons,
    relax: ways.length > 0 ? ways.map((one) => ({ code: 'wishes', values: { of: one.let } })) : [hint],
    ways,
  };
}

/** So few flours can't keep to their usual limits. */
const FEW = 3;

function whatGave(request: ConversionRequest, flours: readonly string[], catalogue: Catalogue): Gave {
  if (request.pins.length > 0) return { code: 'held-gave', values: {} };
  return flours.length <= FEW
    ? { code: 'few-flours-gave', values: { names: flours.map((id) => nameOf(id, catalogue)) } }
    : { code: 'wishes-gave', values: {} };
}

/** A jar of the household in the place of a designed blend: as it is, for better or worse. */
function fromJar(jar: string, asked: Asked, catalogue: Catalogue): BlendOutcome {
  const id = `${HOUSE_PREFIX}${jar}`;
  if (!catalogue.byId.has(id) || !hasTraits(id, catalogue))
    return infeasible(asked, [{ code: 'jar-gone', values: {} }], ANOTHER_BLEND);
  const barred = barredBecause(id, asked.request, catalogue);
  if (barred !== undefined)
    return infeasible(
      asked,
      [{ code: 'flour-out', values: { name: nameOf(id, catalogue), why: barred } }],
      ANOTHER_BLEND,
    );
  const target = targetOf(asked.route, asked.family, asked.request.blend.aims, catalogue);
  const blend = blendOf([partOf(id, 1, catalogue)], target, { binding: [], relaxed: [] }, catalogue);
  return { kind: 'blends', blends: [blend], target, ways: [] };
}

/**
 * The best five different blends for a family by a route, for these people and this cupboard, each in its proven place. Where
 * the usual limits leave no room they give, and the answer says so, with the smallest sets of wishes to let go instead; with
 * no flour at all, or with shares that can't be, it is infeasible. `wheat`: what it stands for, where known.
 */
export function* designBlend(
  family: FamilyId,
  route: RouteId,
  request: ConversionRequest,
  kitchen: Kitchen,
  wheat: Wheat | null = null,
): Steps<BlendOutcome> {
  const catalogue = catalogueOf(kitchen);
  const asked: Asked = { family, route, request, kitchen, wheat };
  if (request.blend.jar !== null) return fromJar(request.blend.jar, asked, catalogue);
  const reasons = clashes(asked);
  if (reasons.length > 0)
    return infeasible(
      asked,
      reasons,
      request.pins.length > 0 ? A_SHARE : { code: 'go-another-way', values: {} },
    );
  const { question, whyCap } = pose(asked);
  if (question.flours.length === 0)
    return infeasible(asked, [{ code: 'no-flour-left', values: {} }], { code: 'allow-a-flour', values: {} });
  const within = yield* solveBlend(question, catalogue);
  if (within.length > 0)
    return {
      kind: 'blends',
      target: question.target,
      ways: [],
      blends: within.map((one) => toBlend(one, question, whyCap, [], catalogue)),
    };
  const open = { ...question, caps: {}, groups: [], mostBought: question.flours.length };
  const relaxed = [whatGave(request, question.flours, catalogue)];
  const beyond = yield* solveBlend(open, catalogue);
  if (beyond.length === 0) return infeasible(asked, [{ code: 'held-leave-nothing', values: {} }], A_SHARE);
  return {
    kind: 'blends',
    target: question.target,
    ways: waysOut(asked),
    blends: beyond.map((one) => toBlend(one, open, {}, relaxed, catalogue)),
  };
}
