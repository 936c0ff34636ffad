import type { Steps } from '../quantity';
import { Section, type Base, type Body, type Left } from './conduction';
import { OVEN } from './data/surroundings';
import { USUAL_PRECISION, type Precision } from './grid';
import { fanFilm, openFilm, ovenAt } from './surface';

const { max, min } = Math;

/** A bake in a section through the batter: in a tin, open to the oven above. */
export interface SectionBake extends Body {
  /** Heat through the tin's wall, W/(m²·K), or the tray; and from the sides, where that is another. */
  readonly wall: number;
  readonly side?: number;
  readonly startCelsius: number;
  readonly ovenCelsius: number;
  readonly fan: boolean;
  /** Something else is put in with it. */
  readonly shared?: boolean;
  /** Metal below that is hotter or colder than the oven. */
  readonly base?: Base | null;
  /** Done when the middle is this hot and this share of the weight has gone as water. */
  readonly doneCelsius: number;
  readonly doneLost: number;
  /** Keep what the whole section looks like, minute by minute. */
  readonly framed?: boolean;
  readonly precision?: Precision;
}

/** A section at a moment: cells row by row from the floor up, in each from the middle (or the tube) to the wall. */
export interface SectionFrame {
  readonly minute: number;
  readonly heightCm: number;
  readonly columns: number;
  readonly celsius: Float32Array;
}

/** `[minute, °C]`, every half minute. */
export type Curve = readonly (readonly [minute: number, celsius: number])[];

export interface SectionResult {
  /** Minutes until done; null when it isn't within the longest bake. */
  readonly minutes: number | null;
  /** What was waited for last: the middle's heat, or the water; null: neither came. */
  readonly doneBy: 'centre' | 'water' | null;
  /** The coldest cell, the skin on top of the middle, and half way up at the wall; on a tray the underside. */
  readonly centre: Curve;
  readonly crust: Curve;
  readonly edge: Curve;
  /** Empty unless they were asked for. */
  readonly frames: readonly SectionFrame[];
  /** Share of the weight lost as water at the end. */
  readonly lost: number;
  /** As it was at the end, and how it had risen: depth, m, and porosity. */
  readonly last: Left;
  readonly risen: { readonly depth: number; readonly porosity: number };
  /** Heat that came in less what went with the water, and heat that the batter holds, J of a section: they close. */
  readonly heatIn: number;
  readonly heatKept: () => number;
}

const LONGEST_SECONDS = 4 * 3600;
const RECORD_SECONDS = 30;
const FRAME_SECONDS = 60;
/** Yields about every 8 ms of work on a slow machine. */
const STEPS_BETWEEN_YIELDS = 40;

const frameOf = (section: Section): SectionFrame => ({
  minute: section.seconds / 60,
  heightCm: section.height * section.grid.rows * 100,
  columns: section.grid.columns,
  celsius: Float32Array.from(section.temperature),
});

const edgeOf = ({ grid: { rows, columns }, temperature }: Section): number =>
  columns > 1 ? temperature[(rows >> 1) * columns + columns - 1]! : temperature[0]!;

/** A curve that is written down at even times, whatever steps were taken between. */
function writtenEvery(seconds: number, start: number) {
  const points: [number, number][] = [[0, start]];
  let [lastAt, last] = [0, start];
  return {
    points,
    add(now: number, value: number): void {
      for (let due = points.length * seconds; due <= now; due = points.length * seconds)
        points.push([due / 60, last + ((value - last) * (due - lastAt)) / (now - lastAt)]);
      [lastAt, last] = [now, value];
    },
  };
}

/**
 * Bakes a section until it is done: transient conduction on a grid that rises with the batter; convection, radiation and evaporation
 * above, the tin's wall below and around. Bounded at four hours; never NaN for a depth of 1 mm to 30 cm and an oven of 60 to 300 °C.
 */
export function* bakeSection(bake: SectionBake): Steps<SectionResult> {
  const { startCelsius, ovenCelsius, fan, shared = false, wall, base = null } = bake;
  const section = new Section(
    bake,
    startCelsius,
    {
      air: (seconds) => ovenAt(ovenCelsius, seconds, shared),
      above: openFilm(fan),
      below: wall + fanFilm(fan),
      side: (bake.side ?? wall) + fanFilm(fan),
      vapour: OVEN.vapourKgPerM3,
      base,
    },
    bake.precision ?? USUAL_PRECISION,
  );
  const [centre, crust, edge] = [0, 0, 0].map(() => writtenEvery(RECORD_SECONDS, startCelsius)) as [
    ReturnType<typeof writtenEvery>,
    ReturnType<typeof writtenEvery>,
    ReturnType<typeof writtenEvery>,
  ];
  const frames: SectionFrame[] = bake.framed ? [frameOf(section)] : [];
  const result = (seconds: number | null, doneBy: SectionResult['doneBy']): SectionResult => ({
    minutes: seconds === null ? null : seconds / 60,
    doneBy,
    centre: centre.points,
    crust: crust.points,
    edge: edge.points,
    frames,
    lost: section.lost,
    last: section.left,
    risen: { depth: section.height * section.grid.rows, porosity: section.porosity },
    heatIn: section.heatIn,
    heatKept: () => section.heatKept(),
  });
  let hotAt: number | null = null;
  let was = { seconds: 0, coldest: startCelsius, lost: 0 };
  for (let step = 1; section.seconds < LONGEST_SECONDS; step += 1) {
    section.go();
    const now = { seconds: section.seconds, coldest: section.coldest, lost: section.lost };
    /** When, within this step, something that grows came to where it should. */
    const crossing = (before: number, after: number, wanted: number) =>
      was.seconds + (now.seconds - was.seconds) * min(1, max(0, (wanted - before) / (after - before || 1)));
    centre.add(now.seconds, now.coldest);
    crust.add(now.seconds, section.skin());
    edge.add(now.seconds, edgeOf(section));
    if (bake.framed && now.seconds >= frames.length * FRAME_SECONDS) frames.push(frameOf(section));
    if (now.coldest >= bake.doneCelsius) hotAt ??= crossing(was.coldest, now.coldest, bake.doneCelsius);
    if (hotAt !== null && now.lost >= bake.doneLost) {
      const dryAt = was.lost >= bake.doneLost ? 0 : crossing(was.lost, now.lost, bake.doneLost);
      return result(max(hotAt, dryAt), dryAt > hotAt ? 'water' : 'centre');
    }
    was = now;
    if (step % STEPS_BETWEEN_YIELDS === 0) yield now.seconds / LONGEST_SECONDS;
  }
  return result(null, null);
}
