import type { Profile } from '../family';
import { ovenOf, type BakeQuestion } from '../heat';
import { keptValue, type ConversionRequest, type KeptFigure } from '../kitchen';
import { FAMILY_NAMES, type FamilyId } from '../vocabulary';
import type { Work } from './plan';
import type { Docket, DocketPart } from './types';

/** The times that the household took over of such bakes in this oven. */
export function learntHere({ kitchen, request, family }: Work): BakeQuestion['learnt'] {
  const oven = ovenOf(kitchen, request.ovenId)?.name ?? null;
  return (kitchen.learnt ?? []).filter((one) => one.oven === oven && one.family === family);
}

/** A request tilted by what the household took over of such bakes: its own tilt is on top of that. */
export function asLearnt(
  request: ConversionRequest,
  { kitchen: { kept } }: Pick<Work, 'kitchen'>,
  family: FamilyId,
): ConversionRequest {
  const [binder, sugar, drink] = (['dose', 'sweetness', 'moistness'] as const).map((topic) =>
    keptValue(kept, topic, family, 1),
  ) as [number, number, number];
  if (binder === 1 && sugar === 1 && drink === 1) return request;
  const { tilt } = request;
  return {
    ...request,
    tilt: { ...tilt, binder: tilt.binder * binder, sugar: tilt.sugar * sugar, drink: tilt.drink * drink },
  };
}

/** Done as the household likes such bakes done. */
export const doneAsLearnt = <P extends Pick<Profile, 'doneCelsius'>>(
  profile: P,
  { kitchen, family }: Pick<Work, 'kitchen' | 'family'>,
): P => ({ ...profile, doneCelsius: profile.doneCelsius + keptValue(kitchen.kept, 'done', family, 0) });

/** The figures that entered a docket of such parts. */
export function keptOf(
  parts: readonly Pick<DocketPart, 'blend' | 'family'>[],
  { kitchen, family }: Pick<Work, 'kitchen' | 'family'>,
): readonly KeptFigure[] {
  const families = new Set<string>([
    family,
    ...parts.flatMap((part) => (part.blend.length > 0 ? [part.family] : [])),
  ]);
  const flours = new Set(parts.flatMap(({ blend }) => blend.map(({ ingredient }) => ingredient)));
  return (kitchen.kept ?? []).filter(({ topic, of }) =>
    topic === 'thirst' ? flours.has(of) : topic === 'done' ? of === family : families.has(of),
  );
}

const taughtBy = (bakes: number): string => (bakes === 1 ? 'one bake' : `${bakes} bakes`);
const percent = (factor: number): string => `${Math.round(Math.abs(factor - 1) * 100)} %`;

function timeWords({ bake: { minutes, learnt, oven } }: Docket): string[] {
  if (!minutes || !learnt) return [];
  const [was, is] = [minutes.central / learnt.factor, minutes.central].map(Math.round) as [number, number];
  const words = `${was} → ${is} minutes: ${oven?.name ?? 'your oven'}, ${taughtBy(learnt.bakes)}`;
  return was === is ? [] : [words];
}

function keptWords({ kept = [], parts }: Docket): string[] {
  const flourName = (of: string) =>
    parts.flatMap(({ blend }) => blend).find(({ ingredient }) => ingredient === of)?.name ?? of;
  return kept.flatMap(({ topic, of, value, bakes }) => {
    if (topic === 'done')
      return Math.abs(value) < 0.25
        ? []
        : [
            `Done ${Math.abs(value).toFixed(1)} °C ${value > 0 ? 'further' : 'earlier'} than usual: your ${FAMILY_NAMES[of as FamilyId]}, ${taughtBy(bakes)}`,
          ];
    if (percent(value) === '0 %') return [];
    const more = value > 1 ? 'more' : 'less';
    const words: Readonly<Record<Exclude<typeof topic, 'done'>, string>> = {
      thirst: `${flourName(of)} drinks ${percent(value)} ${more} than the table says`,
      dose: `Binder: ${percent(value)} ${more} than usual`,
      sweetness: `Sugar: ${percent(value)} ${more}, as it is liked here`,
      moistness: `Liquid: ${percent(value)} ${more}, as it is liked here`,
    };
    return [`${words[topic]}: ${taughtBy(bakes)}`];
  });
}

/** Where a figure that was learnt entered, in a line each. Example: "64 → 70 minutes: your oven, 5 bakes". */
export const learntWords = (docket: Docket): string[] => [...timeWords(docket), ...keptWords(docket)];
