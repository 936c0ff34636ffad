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
import { nameOf } from './shelf';
import { solveBlend } from './solve';
import { targetOf } from './target';

function infeasible(asked: Asked, reasons: readonly string[], hint: string): BlendOutcome {
  const ways = waysOut(asked);
  return {
    kind: 'infeasible',
    reasons,
    relax: ways.length > 0 ? ways.map(({ words }) => words) : [hint],
    ways,
  };
}

/** A jar of the household in the place of a designed blend: as it is, for better or worse. */
function fromJar(jar: string, asked: Asked, catalogue: Catalogue): BlendOutcome {
  const id = `${HOUSE_PREFIX}${jar}`;
  if (!catalogue.byId.has(id) || !hasTraits(id, catalogue))
    return infeasible(asked, ['That jar is no longer in the kitchen.'], 'Take another blend');
  const barred = barredBecause(id, asked.request, catalogue);
  if (barred !== undefined)
    return infeasible(asked, [`${nameOf(id, catalogue)} is out: ${barred}.`], 'Take another blend');
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
      request.pins.length > 0 ? 'Let one of the held shares go' : 'Go another way',
    );
  const { question, whyCap } = pose(asked);
  if (question.flours.length === 0)
    return infeasible(
      asked,
      ['No flour is left: every one is barred by the diet, an avoidance, the cupboard or by hand.'],
      'Allow a flour again, or let an avoidance go',
    );
  const within = yield* solveBlend(question, catalogue);
  if (within.length > 0)
    return {
      kind: 'blends',
      target: question.target,
      ways: [],
      blends: within.map((one) => toBlend(one, question, whyCap, [], catalogue)),
    };
  const open = { ...question, caps: {}, groups: [], mostBought: question.flours.length };
  const relaxed = [
    request.pins.length > 0
      ? 'The shares held by hand leave no room within the usual limits, so the limits gave'
      : question.flours.length <= 3
        ? `${question.flours.map((id) => nameOf(id, catalogue)).join(', ')}: too few flours to keep to their usual limits, so the limits gave`
        : 'What is wished leaves no room within the usual limits and the cupboard, so the limits gave',
  ];
  const beyond = yield* solveBlend(open, catalogue);
  if (beyond.length === 0)
    return infeasible(
      asked,
      ['The shares held by hand leave nothing that the other flours could fill.'],
      'Let one of the held shares go',
    );
  return {
    kind: 'blends',
    target: question.target,
    ways: waysOut(asked),
    blends: beyond.map((one) => toBlend(one, open, {}, relaxed, catalogue)),
  };
}
