import { isOfBlend, mainPart as mainPartOf } from '../read';
import { accountsOf, balanceOfRule, blendFor, dosesFor, type ConvertedPart, type Shift } from '../balance';
import { localShift } from './localShifts';
import type { Blend, BlendPart } from '../blend';
import type { Catalogue } from '../catalogue';
import { familyOf, type FamilyRecord } from '../family';
import { readProcess, shows, type Process } from '../process';
import { bindSteps, bowlOf, editsFor, type BoundStep, type Bowl } from '../method';
import { expectTexture, featuresOf } from '../texture';
import { anyThat, liftLedger } from '../formula';
import { restFor, type RestAsk } from '../heat';
import { roundGrams, settle } from '../quantity';
import { FAMILY_NAMES, nameless, type FamilyId, type RouteId } from '../vocabulary';
import type { Said } from '../words';
import { differingTins, foldedLine, foldedTins } from './folded';
import { askOf } from './ask';
import { partHeading, plainHeading } from './headings';
import { docketLines } from './lines';
import { settled } from './bake';
import { ownRest, type OwnRest } from './ownRest';
import { docketStages } from './stages';
import { makesOf } from './makes';
import { timesOf } from './times';
import { tellsInItsOwnLanguage } from './ownLanguage';
import { risesThatGo, stepByStep, writeMethod } from './written';
import { breachesOf, guardDocket, outgoingLines, readForSure, type Breach } from './outgoing';
import { judgeWork } from './judgement';
import { keptOf } from './learnt';
import { none, type Planned, type Work } from './plan';
import { WHOLE_WARNINGS } from './warnings';
import type { Docket, DocketBake, DocketBowl, DocketPart, Outcome } from './types';

/** A recipe converted part by part, with the blend that it was done with. */
export interface Balanced {
  readonly converted: readonly ConvertedPart[];
  readonly blend: Blend;
  readonly others: readonly (readonly BlendPart[])[];
  readonly route: RouteId;
}

/** The part that the bake is known by: as the recipe was read, whatever flour comes into another in the place of its crumbs. */
export function mainPart({ converted }: Balanced, { recipe, catalogue }: Work): ConvertedPart {
  const read = mainPartOf(recipe.parts, catalogue);
  return converted.find(({ id }) => id === read?.id) ?? converted[0]!;
}

function toPart(converted: ConvertedPart, work: Work, balanced: Balanced): DocketPart {
  const part = work.recipe.parts.find(({ id }) => id === converted.id)!;
  const built = converted.balances.length > 0 && converted.lines.some(({ line }) => isOfBlend(line));
  const { request, catalogue } = work;
  const grams = blendFor(converted.original, { ...balanced, request, catalogue });
  return {
    id: converted.id,
    name: converted.name && partHeading(converted.name, request),
    blend: built ? balanced.blend.shares.map((one) => ({ ...one, grams: settle(one.share * grams) })) : [],
    lines: docketLines(part, converted, request, work),
    balances: converted.balances.map(({ id, original, converted: now, band }) => ({
      id,
      original: settle(original),
      converted: settle(now),
      band: [settle(band[0]), settle(band[1])] as const,
    })),
    bySpoon: settle(converted.bySpoon),
    family: converted.family,
    accounts: built
      ? accountsOf(converted.original, converted.lines, catalogue).map((one) => ({
          ...one,
          original: settle(one.original),
          converted: settle(one.converted),
        }))
      : [],
  };
}

/** A line that is made more or less of than the rest is a shift like any other. */
const scaleShifts = ({ recipe, request }: Work): Shift[] =>
  (request.scale?.lines ?? []).flatMap(({ line, factor }) => {
    const source = recipe.parts
      .flatMap(({ lines }) => lines)
      .find(({ id }) => id === line)
      ?.source.trim();
    if (source === undefined || factor === 1) return [];
    return [
      {
        id: `scale:${line}`,
        rule: 'scale',
        line,
        from: { code: 'as-written', values: { text: source } },
        to: { code: 'times', values: { text: source, factor: Number(factor.toPrecision(3)) } },
        because: { code: 'scaled-by-hand', values: {} },
        source: 'by hand',
        confidence: 'common-practice' as const,
      },
    ];
  });

const settleDose = (dose: DocketBowl['tooStiff']): DocketBowl['tooStiff'] =>
  dose && { ...dose, grams: roundGrams(dose.grams), most: roundGrams(dose.most) };

function atBowl(main: ConvertedPart, family: FamilyId, catalogue: Catalogue): DocketBowl {
  const { tooStiff, tooLoose } = dosesFor(main.original, main.lines, main.bySpoon, catalogue);
  const looks = (when: 'mixed' | 'rested' | 'pilot'): Said => ({ code: 'looks', values: { family, when } });
  return {
    mixed: looks('mixed'),
    rested: looks('rested'),
    pilot: familyOf(family).looks.pilot === null ? null : looks('pilot'),
    tooStiff: settleDose(tooStiff),
    tooLoose: settleDose(tooLoose),
  };
}

/** Only against a wheat original: without one there is nothing to compare with. A cold rest counts by its shortest time. */
function textureOf(main: ConvertedPart, rest: Docket['rest'], catalogue: Catalogue): Docket['texture'] {
  if (main.balances.length === 0) return [];
  const before = featuresOf(main.original, 0, catalogue);
  const after = featuresOf(main.lines, rest.cold ? rest.minutes[0] / 60 : 0, catalogue);
  return expectTexture(before, after)
    .filter(({ texture }) => texture !== 'spread' || familyOf(main.family).spreads)
    .map((one) => ({ ...one, change: settle(one.change) }));
}

interface Bakes {
  readonly bake: DocketBake;
  /** Of the tins that something is folded into. */
  readonly foldedBake: DocketBake | null;
}

/** The tins where they differ, and the docket's line of what makes them differ. */
function tinsOf({ request: { folded }, catalogue }: Work, main: ConvertedPart, { bake, foldedBake }: Bakes) {
  const tins = foldedTins(folded, bake.pan, catalogue);
  if (tins === null) return { kinds: [], lines: [] };
  return {
    kinds: differingTins(main.lines, folded!, tins, { plain: bake, folded: foldedBake }, catalogue),
    lines: [foldedLine(folded!, tins, bake.pan!.count, catalogue)],
  };
}

/** What is still out may not go out: it is named, with what could be let go. */
const refused = (work: Work, breaches: readonly Breach[]): Outcome =>
  none(
    work,
    'infeasible',
    breaches.map(({ name, why }) => ({ code: 'still-out', values: { name, why } })),
    [...new Map(breaches.map((one) => [`${one.name}/${one.avoidance}`, one])).values()].map(
      ({ name, avoidance }) => ({ code: 'leave-out', values: { name, avoidance } }),
    ),
  );

/** "A quarter of an hour" is no stopwatch: so much of what the flours need is long enough. */
const ABOUT = 0.85;

/** How it is rested, in the docket's own digits. */
function docketRest(
  { blend }: Balanced,
  { lines }: ConvertedPart,
  how: Pick<RestAsk, 'profile' | 'scalded' | 'pressed' | 'portionMl'>,
  own: OwnRest | null,
  { catalogue, request }: Work,
): Docket['rest'] {
  const { soda, powder } = liftLedger(lines, catalogue);
  const singleActing = soda > 0 && powder === 0;
  const usual = restFor({ ...how, shares: blend.shares, lines, singleActing }, catalogue);
  const { uptake, chilled, frozen } = usual;
  const { rest: wanted, restCold } = how.profile;
  // The recipe's own will do where it is as cold as is wanted, and long enough for the flours to drink.
  const long =
    own !== null && (own.minutes === null || own.minutes[1] >= ABOUT * Math.min(uptake, wanted[1]));
  const enough = long && (own.cold || !restCold);
  const { rest: asked } = request;
  // What is cold is chilled for as long as was asked; else what rests at all rests so.
  const rests = usual.cold ? chilled !== null : usual.minutes[1] > 0;
  const rest =
    asked !== null && rests
      ? {
          ...usual,
          minutes: [asked, asked] as const,
          ...(own && own.cold === usual.cold ? { own: true } : {}),
        }
      : enough
        ? { ...usual, minutes: own.minutes ?? usual.minutes, cold: own.cold, own: true }
        : usual;
  return { ...rest, uptake: settle(uptake), chilled: settled(chilled), frozen: settled(frozen) };
}

interface AtBowl {
  readonly steps: readonly BoundStep[];
  readonly bowl: Bowl;
  readonly bake: DocketBake;
  readonly profile: FamilyRecord;
}

/** A dough that is pressed into its tin and never rolled out. */
const isPressed = ({ actions }: Process): boolean =>
  actions.some(({ text }) => shows('presses it in', text)) &&
  !actions.some(({ text }) => shows('rolls out', text));

/** How it rests, by the family, by what is done at the bowl, and by the recipe's own word. */
function restOf(
  work: Work,
  balanced: Balanced,
  main: ConvertedPart,
  { steps, bowl, bake, profile }: AtBowl,
): Docket['rest'] {
  const scalded = editsFor(steps, bowl).some(({ technique }) => technique.id === 'scald');
  const pressed = isPressed(readProcess(work.recipe, work.kitchen));
  const how = { profile, scalded, pressed, portionMl: bake.piece?.ml ?? null };
  const own = ownRest(work, anyThat('yeast', main.original, work.catalogue));
  return docketRest(balanced, main, how, own, work);
}

/** What it goes through, how long that takes and what comes of it. */
function howItGoes(
  { recipe, kitchen }: Work,
  profile: FamilyRecord,
  rest: Docket['rest'],
  bake: DocketBake,
): Pick<Docket, 'stages' | 'mainStage' | 'locale' | 'times' | 'makes'> {
  const process = readProcess(recipe, kitchen);
  const stages = docketStages(process, bake);
  const floured = recipe.parts.some(({ lines }) =>
    lines.some(({ items }) => items.some(({ role }) => role === 'wheat-flour')),
  );
  const gone =
    floured && profile.yeast && !tellsInItsOwnLanguage(recipe)
      ? risesThatGo(process.actions)
      : new Set<string>();
  return {
    stages,
    mainStage: process.main ?? (stages.length > process.stages.length ? stages.length - 1 : null),
    locale: recipe.locale,
    times: timesOf(process, recipe.times, profile, { rest, bake, stages, gone }),
    makes: makesOf(recipe.yields),
  };
}

interface Baked {
  readonly main: ConvertedPart;
  readonly tins: ReturnType<typeof tinsOf>;
  readonly parts: readonly DocketPart[];
  readonly bake: DocketBake;
}

/** What is done, step by step: the method written for what is in the bowl, and its rest. */
function toldOf(work: Work, balanced: Balanced, family: FamilyId, { main, tins, parts, bake }: Baked) {
  const told = { ...work, recipe: stepByStep(work.recipe, work.kitchen) };
  const profile = familyOf(family);
  const steps = bindSteps(told.recipe, work.kitchen);
  const bowl = bowlOf(balanced.converted, family, tins.kinds.length > 0, work.catalogue);
  const rest = restOf(told, balanced, main, { steps, bowl, bake, profile });
  return {
    rest,
    method: writeMethod({ ...told, steps, bowl, parts, tins: tins.kinds, rest, bake, profile }),
  };
}

/** Puts the docket together, and guards what goes out: a result that breaks the request is no docket. */
export function assemble(
  work: Work,
  { family, conversion }: Planned,
  balanced: Balanced,
  bakes: Bakes,
): Outcome {
  const { bake } = bakes;
  const { recipe, request, catalogue } = work;
  const profile = familyOf(family);
  const main = mainPart(balanced, work);
  const tins = tinsOf(work, main, bakes);
  const parts = balanced.converted.map((part) => {
    const made = toPart(part, work, balanced);
    return part.id === main.id ? { ...made, lines: [...made.lines, ...tins.lines] } : made;
  });
  const outgoing = outgoingLines(parts, recipe, catalogue);
  const breaches = breachesOf(outgoing, request, catalogue);
  const sure = breaches.filter((one) => readForSure(one, recipe));
  const doubted = breaches.filter((one) => !sure.includes(one));
  if (sure.length > 0) return refused(work, sure);
  const { rest, method } = toldOf(work, balanced, family, { main, tins, parts, bake });
  const guard = guardDocket(outgoing, method, doubted, work);
  const blended = balanced.converted.some(({ lines }) => lines.some(({ line }) => isOfBlend(line)));
  const docket: Docket = {
    schema: 7,
    conversion,
    // What is nothing but swapped hangs on no family.
    ask: conversion === 'as-written' || blended ? askOf(work.guess, request) : null,
    judgement: conversion === 'as-written' ? judgeWork(work) : null,
    title: plainHeading(recipe.title) || nameless(family),
    family: {
      id: family,
      name: FAMILY_NAMES[family],
      confidence: settle(request.family ? 1 : work.guess.confidence),
    },
    route: balanced.route,
    school: request.school,
    parts,
    otherBlends: balanced.others,
    shifts: [...scaleShifts(work), ...balanced.converted.flatMap(({ shifts }) => shifts)].map((shift) => ({
      ...localShift(shift, recipe.locale),
      balance: balanceOfRule(shift.rule),
    })),
    method,
    guard,
    rest,
    bake,
    kept: keptOf(parts, work),
    ...howItGoes(work, profile, rest, bake),
    tins: tins.kinds,
    bowl: atBowl(main, family, catalogue),
    texture: textureOf(main, rest, catalogue),
    warnings: [
      ...(conversion === 'as-written' ? [{ code: 'no-gluten-on-it' as const, values: {} }] : []),
      ...balanced.converted.flatMap(({ warnings }) => warnings),
      ...WHOLE_WARNINGS.flatMap((rule) => rule.warn({ work, family, blend: balanced.blend, bake })),
    ],
  };
  return { outcome: 'docket', docket };
}
