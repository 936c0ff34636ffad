import type { Catalogue } from '../catalogue';
import { coolerFor, type ConvertedPart } from '../balance';
import type { Profile } from '../family';
import { dialFor, ovenOf, temperOf, USUAL_WATTS, type BakeQuestion } from '../heat';
import type { OvenSetting } from '../kitchen';
import { heats, readProcess, shows, type BakeFacts, type Process } from '../process';
import { weighLines, type Recipe } from '../read';
import { mainPart, type Balanced } from './assemble';
import { doneAsLearnt, learntHere } from './learnt';
import type { Work } from './plan';

/** What goes into the oven as one: the part that it is known by, or all parts of a bake that is filled before. */
function bakedParts(balanced: Balanced, profile: Profile, work: Work): ConvertedPart[] {
  const weighed = balanced.converted.filter(({ lines }) => lines.length > 0);
  return profile.filledDepthCm === null ? [mainPart(balanced, work)] : weighed;
}

/** The recipe's own lines of some parts, in the amount that its tin and time are of. */
const asWritten = (baked: readonly ConvertedPart[], { written }: Work) =>
  written.filter(({ id }) => baked.some((part) => part.id === id)).flatMap(({ lines }) => lines);

/**
 * What the dial is set to where nobody says: the recipe's own oven, as much cooler as what sweetens it wants, on the oven that is
 * there. Null where that is what the recipe says.
 */
function dialOf(
  facts: BakeFacts | null,
  { usualOven, cooked }: Profile,
  baked: readonly ConvertedPart[],
  { request, kitchen }: Work,
): OvenSetting | null {
  const less =
    coolerFor(baked.flatMap(({ lines }) => lines)) - coolerFor(baked.flatMap(({ original }) => original));
  const own = facts?.ovenCelsius ?? null;
  const oven = ovenOf(kitchen, request.ovenId);
  if ((less <= 0 && !oven) || (own === null && cooked !== 'oven')) return null;
  const fan = facts?.fan ?? false;
  const wanted = (own ?? usualOven) - Math.max(0, less);
  return { celsius: oven ? dialFor(oven, wanted, fan) : wanted, fan };
}

const HELPINGS = /\b(?:serv|portion|person|people|slice)/i;

/** Pieces that a recipe says it makes; null where it counts helpings, or nothing. */
function piecesOf({ yields }: Recipe): number | null {
  if (!yields || yields.what === '' || HELPINGS.test(yields.what)) return null;
  return (yields.low + yields.high) / 2;
}

const FROZEN = /(?<!\b(?:or|if) )\bfrozen\b(?! or fresh|.*\bthaw)/i;

/** Lines that go in frozen, by the recipe's own words. */
const frozenLines = ({ parts }: Recipe): ReadonlySet<string> =>
  new Set(parts.flatMap(({ lines }) => lines).flatMap(({ id, source }) => (FROZEN.test(source) ? [id] : [])));

/** W, where it is cooked in a microwave. */
function wattsOf({ cooked }: Profile, facts: BakeFacts | null, { request, kitchen }: Work): number | null {
  const there = request.microwave || (cooked === 'microwave' && !request.oven && !facts?.ovenCelsius);
  return there ? (kitchen.microwave?.watts ?? USUAL_WATTS) : null;
}

/** What is set in the cold says so, or is layered without flour and chilled without a word of heat. */
function setsCold(
  { title, method, parts }: Recipe,
  { actions, stages }: Process,
  catalogue: Catalogue,
): boolean {
  if (stages.some(heats) || method.length === 0) return false;
  const chills =
    stages.some(({ medium }) => medium === 'chilled') || actions.some((one) => one.class === 'chill');
  const told = method.some(({ source }) => shows('is cooked', source));
  const { flour, starch } = weighLines(
    parts.flatMap(({ lines }) => lines),
    catalogue,
  );
  const said = method.some(({ source }) => shows('needs no oven', source));
  // A trifle of crumbs and stewed apples is put together: no step has an oven.
  const layered =
    flour + starch === 0 &&
    method.length > 1 &&
    method.every(({ source }) => !shows('names an oven', source));
  if (layered) return true;
  return shows('needs no oven', title) || (chills && !told && (said || flour + starch === 0));
}

/** Where the page says how it is cooked, that counts, whatever is usual in its family. */
function asCooked(profile: Profile, process: Process, { recipe, catalogue }: Work): Profile {
  const { stages } = process;
  if (setsCold(recipe, process, catalogue)) return { ...profile, cooked: 'cold' };
  const media = new Set(stages.map(({ medium }) => medium));
  const said = (['fried', 'griddle', 'steamed'] as const).find((medium) => media.has(medium));
  return media.has('oven') || said === undefined ? profile : { ...profile, cooked: said };
}

/** What the oven is asked about a conversion. */
export function bakeQuestion(balanced: Balanced, ofFamily: Profile, work: Work): BakeQuestion {
  const { request, kitchen, recipe } = work;
  const process = readProcess(recipe, kitchen);
  const facts = process.bake;
  const profile = doneAsLearnt(asCooked(ofFamily, process, work), work);
  const baked = bakedParts(balanced, profile, work);
  const oven = request.oven ?? dialOf(facts, profile, baked, work);
  const dial = oven?.celsius ?? facts?.ovenCelsius ?? profile.usualOven;
  return {
    original: asWritten(baked, work),
    converted: baked.flatMap(({ lines }) => lines),
    filled: baked.length > 1,
    made: null,
    profile,
    facts,
    pan: request.pan,
    oven,
    altitudeMetres: request.altitudeMetres,
    batches: request.scale?.factor ?? 1,
    pieces: piecesOf(recipe),
    start: request.start,
    frozen: frozenLines(recipe),
    timed: request.timed?.ratio ?? null,
    learnt: learntHere(work),
    watts: wattsOf(profile, facts, work),
    temper: temperOf(ovenOf(kitchen, request.ovenId), dial, oven?.fan ?? facts?.fan ?? false),
  };
}
