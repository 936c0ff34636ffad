import type { Steps } from '../quantity';
import type { Material } from './material';
import { latentHeat } from './steam';
import { drying, openFilm, ovenAt, surfaceAt } from './surface';
import { solveTridiagonal } from './tridiagonal';

/** Held by the module: looked up among a sandbox's globals, as where tests run, each would cost more than the step it is in. */
const { abs, max, min, sqrt, PI } = Math;

/** How far a section reaches to the side: from its middle, or from a ring's tube, to the wall. */
export interface Reach {
  /** `plate`: as far to both sides, as long as it will; `cylinder`: round about. */
  readonly kind: 'plate' | 'cylinder';
  /** m, of the tube inside (0: none) and of the wall. */
  readonly from: number;
  readonly to: number;
}

/** A bake in a section through the batter: in a tin, open to the oven above. */
export interface SectionBake {
  readonly material: Material;
  /** Raw depth, m, and by how much it grows. */
  readonly depth: number;
  readonly rise: number;
  readonly porosityRaw: number;
  /** Null: so wide that nothing comes from the sides. */
  readonly reach: Reach | null;
  /** Heat through the tin's wall, W/(m²·K). */
  readonly wall: number;
  readonly startCelsius: number;
  readonly ovenCelsius: number;
  readonly fan: boolean;
  /** Done when the middle is this hot and this share of the weight has gone as water. */
  readonly doneCelsius: number;
  readonly doneLost: number;
  /** Keep what the whole section looks like, minute by minute. */
  readonly framed?: boolean;
}

/** A section at a moment: cells row by row from the floor up, in each from the middle (or the tube) to the wall. */
export interface SectionFrame {
  readonly minute: number;
  readonly heightCm: number;
  readonly columns: number;
  readonly celsius: Float32Array;
}

export interface SectionResult {
  /** Minutes until done; null when it isn't within the longest bake. */
  readonly minutes: number | null;
  /** What was waited for last: the middle's heat, or the water; null: neither came. */
  readonly doneBy: 'centre' | 'water' | null;
  /** `[minute, °C]` in the coldest cell, and on top of the middle, every half minute. */
  readonly centre: readonly (readonly [number, number])[];
  readonly crust: readonly (readonly [number, number])[];
  /** Empty unless they were asked for. */
  readonly frames: readonly SectionFrame[];
  /** Share of the weight lost as water at the end. */
  readonly lost: number;
  /** Heat that came in less what went with the water, and heat that the batter holds, J of a section: they close. */
  readonly heatIn: number;
  readonly heatKept: number;
}

const ROWS = 24;
const COLUMNS = 14;
/** A step is as long as its error allows, K a step, s; it grows or shrinks by no more than half or twice. */
const STEP = { error: 0.04, least: 0.5, most: 12, first: 1 } as const;
const LONGEST_SECONDS = 4 * 3600;
const RECORD_SECONDS = 30;
const FRAME_SECONDS = 60;
/** Yields about every 8 ms of work on a slow machine. */
const STEPS_BETWEEN_YIELDS = 60;
const HELD_STEPS = 200;
/** Rise follows the mean temperature between these, °C. */
const RISE_FROM = 35;
const RISE_TO = 88;

/** Rings or strips from the inside to the wall: the face area between them and the floor of each, per m of depth or round. */
function columnsOf(reach: Reach | null): { faces: Float64Array; floors: Float64Array; width: number } {
  if (!reach) return { faces: new Float64Array(2), floors: Float64Array.of(1), width: 1 };
  const width = (reach.to - reach.from) / COLUMNS;
  const at = (j: number) => reach.from + j * width;
  const round = reach.kind === 'cylinder';
  const faces = Float64Array.from({ length: COLUMNS + 1 }, (_, j) => (round ? 2 * PI * at(j) : 1));
  const floors = Float64Array.from({ length: COLUMNS }, (_, j) =>
    round ? PI * (at(j + 1) ** 2 - at(j) ** 2) : width,
  );
  return { faces, floors, width };
}

/** Two conductances one behind the other. */
const behind = (a: number, b: number): number => (a * b) / (a + b);

/** The batter while it bakes: temperatures row by row from the floor up, what has dried, and the grid that rises with it. */
class Batter {
  readonly columns: number;
  readonly temperature: Float64Array;
  readonly surface: Float64Array;
  readonly dried: Float64Array;
  readonly conductivity: Float64Array;
  readonly store: Float64Array;
  readonly floors: Float64Array;
  readonly faces: Float64Array;
  readonly width: number;
  /** kg of a cell over a m² of floor. */
  readonly mass: number;
  /** Seconds since it went in, and of the last step. */
  seconds = 0;
  private step: number = STEP.first;
  private readonly before: Float64Array;
  private readonly rate: Float64Array;
  heatIn = 0;
  height: number;
  private readonly lower: Float64Array;
  private readonly middle: Float64Array;
  private readonly upper: Float64Array;
  private readonly right: Float64Array;

  constructor(private readonly bake: SectionBake) {
    const { faces, floors, width } = columnsOf(bake.reach);
    this.faces = faces;
    this.floors = floors;
    this.width = width;
    this.columns = floors.length;
    const cells = ROWS * this.columns;
    this.mass = (bake.material.density * (1 - bake.porosityRaw) * bake.depth) / ROWS;
    this.temperature = new Float64Array(cells).fill(bake.startCelsius);
    this.before = new Float64Array(cells);
    this.rate = new Float64Array(cells);
    this.surface = new Float64Array(this.columns).fill(bake.startCelsius);
    this.dried = new Float64Array(this.columns);
    this.conductivity = new Float64Array(cells);
    this.store = new Float64Array(cells);
    this.height = bake.depth / ROWS;
    const most = max(ROWS, this.columns);
    [this.lower, this.middle, this.upper, this.right] = [0, 0, 0, 0].map(() => new Float64Array(most)) as [
      Float64Array,
      Float64Array,
      Float64Array,
      Float64Array,
    ];
  }

  get coldest(): number {
    let low = Infinity;
    for (const one of this.temperature) low = min(low, one);
    return low;
  }

  frame(): SectionFrame {
    return {
      minute: this.seconds / 60,
      heightCm: this.height * ROWS * 100,
      columns: this.columns,
      celsius: Float32Array.from(this.temperature),
    };
  }

  private floor(): number {
    return this.floors.reduce((sum, one) => sum + one, 0);
  }

  /** Share of the weight that has gone as water. */
  get lost(): number {
    let gone = 0;
    for (let j = 0; j < this.columns; j += 1) gone += this.dried[j]! * this.floors[j]!;
    return gone / (this.mass * ROWS * this.floor());
  }

  /** What the batter holds beyond what it came in with: ∫ c dT of every cell. */
  heatKept(): number {
    const { material, startCelsius } = this.bake;
    const held = (celsius: number) => {
      let sum = 0;
      const step = (celsius - startCelsius) / HELD_STEPS;
      for (let n = 0; n < HELD_STEPS; n += 1) sum += material.heat(startCelsius + (n + 0.5) * step) * step;
      return sum;
    };
    let kept = 0;
    for (let i = 0; i < ROWS; i += 1)
      for (let j = 0; j < this.columns; j += 1)
        kept += this.mass * this.floors[j]! * held(this.temperature[i * this.columns + j]!);
    return kept;
  }

  private mean(): number {
    let sum = 0;
    for (let i = 0; i < ROWS; i += 1)
      for (let j = 0; j < this.columns; j += 1)
        sum += this.temperature[i * this.columns + j]! * this.floors[j]!;
    return sum / (ROWS * this.floor());
  }

  /** Properties as the step before left them. */
  private look(): void {
    const { material, rise, porosityRaw, depth } = this.bake;
    const grown = 1 + (rise - 1) * min(1, max(0, (this.mean() - RISE_FROM) / (RISE_TO - RISE_FROM)));
    const porosity = 1 - (1 - porosityRaw) / grown;
    this.height = (depth * grown) / ROWS;
    for (let at = 0; at < this.temperature.length; at += 1) {
      const celsius = this.temperature[at]!;
      this.conductivity[at] = material.conductivity(celsius, porosity);
      this.store[at] = (this.mass * material.heat(celsius)) / this.step;
    }
  }

  /** One step of the clock: each column by itself from floor to surface, then each row from the middle to the wall. */
  go(): void {
    this.seconds += this.step;
    this.before.set(this.temperature);
    this.look();
    const oven = ovenAt(this.bake.ovenCelsius, this.seconds);
    for (let j = 0; j < this.columns; j += 1) this.column(j, oven);
    if (this.bake.reach) for (let i = 0; i < ROWS; i += 1) this.row(i, oven);
    this.step *= min(2, max(0.5, 0.9 * sqrt(STEP.error / max(this.error(), 1e-9))));
    this.step = min(STEP.most, max(STEP.least, this.step));
  }

  /** What backward Euler leaves out in a step, K: half of the change of the rate over it. */
  private error(): number {
    let most = 0;
    for (let at = 0; at < this.temperature.length; at += 1) {
      const rate = (this.temperature[at]! - this.before[at]!) / this.step;
      most = max(most, abs(rate - this.rate[at]!));
      this.rate[at] = rate;
    }
    return (most * this.step) / 2;
  }

  private column(j: number, oven: number): void {
    const { bake, columns, temperature, conductivity, store, height } = this;
    const { lower, middle, upper, right } = this;
    const above = openFilm(bake.fan);
    const wet = drying(this.surface[j]!, bake.material.activity, this.dried[j]!);
    const cool = wet * latentHeat(this.surface[j]!);
    const last = ROWS - 1;
    const top = (2 * conductivity[last * columns + j]!) / height;
    const bottom = behind(bake.wall, (2 * conductivity[j]!) / height);
    const film = behind(above, top);
    for (let i = 0; i < ROWS; i += 1) {
      const at = i * columns + j;
      const k = conductivity[at]!;
      const down = i > 0 ? behind((2 * k) / height, (2 * conductivity[at - columns]!) / height) : 0;
      const up = i < last ? behind((2 * k) / height, (2 * conductivity[at + columns]!) / height) : 0;
      lower[i] = -down;
      upper[i] = -up;
      middle[i] = store[at]! + down + up + (i === 0 ? bottom : 0) + (i === last ? film : 0);
      right[i] =
        store[at]! * temperature[at]! +
        (i === 0 ? bottom * oven : 0) +
        (i === last ? film * oven - cool * (film / above) : 0);
    }
    solveTridiagonal(ROWS, lower, middle, upper, right);
    const seconds = this.step * this.floors[j]!;
    for (let i = 0; i < ROWS; i += 1) {
      const at = i * columns + j;
      temperature[at] = right[i]!;
    }
    this.heatIn +=
      seconds * (bottom * (oven - right[0]!) + film * (oven - right[last]!) - cool * (film / above));
    this.surface[j] = surfaceAt(top, right[last]!, above, oven, wet, this.surface[j]!);
    this.dried[j] = this.dried[j]! + wet * this.step;
  }

  private row(i: number, oven: number): void {
    const { bake, columns, temperature, conductivity, store, width, faces, floors, height } = this;
    const { lower, middle, upper, right } = this;
    const first = i * columns;
    const last = columns - 1;
    const half = (at: number) => (2 * conductivity[at]!) / width;
    const inside = bake.reach!.from > 0 ? behind(bake.wall, half(first)) : 0;
    const outside = behind(bake.wall, half(first + last));
    for (let j = 0; j < columns; j += 1) {
      const at = first + j;
      // Over a m² of floor, as the store is.
      const side = height / floors[j]!;
      const left = j > 0 ? behind(half(at), half(at - 1)) : inside;
      const next = j < last ? behind(half(at), half(at + 1)) : outside;
      const [toLeft, toNext] = [left * faces[j]! * side, next * faces[j + 1]! * side];
      lower[j] = j > 0 ? -toLeft : 0;
      upper[j] = j < last ? -toNext : 0;
      middle[j] = store[at]! + toLeft + toNext;
      right[j] =
        store[at]! * temperature[at]! + (j === 0 ? toLeft * oven : 0) + (j === last ? toNext * oven : 0);
    }
    solveTridiagonal(columns, lower, middle, upper, right);
    this.heatIn +=
      this.step *
      height *
      (inside * faces[0]! * (oven - right[0]!) + outside * faces[columns]! * (oven - right[last]!));
    for (let j = 0; j < columns; j += 1) {
      const at = first + j;
      temperature[at] = right[j]!;
    }
  }
}

/**
 * Bakes a section until it is done: transient conduction by implicit finite volumes, split by direction (backward Euler along
 * each), on a grid that rises with the batter; properties from the step before; convection, radiation and evaporation above, the
 * tin's wall below and around. Bounded at four hours; never NaN for a depth of 1 mm to 30 cm and an oven of 60 to 300 °C.
 */
export function* bakeSection(bake: SectionBake): Steps<SectionResult> {
  const batter = new Batter(bake);
  const centre: [number, number][] = [[0, bake.startCelsius]];
  const crust: [number, number][] = [[0, bake.startCelsius]];
  const frames: SectionFrame[] = bake.framed ? [batter.frame()] : [];
  let hotAt: number | null = null;
  const result = (seconds: number | null, doneBy: SectionResult['doneBy']): SectionResult => ({
    minutes: seconds === null ? null : seconds / 60,
    doneBy,
    centre,
    crust,
    frames,
    lost: batter.lost,
    heatIn: batter.heatIn,
    heatKept: batter.heatKept(),
  });
  let was = { seconds: 0, coldest: bake.startCelsius, lost: 0 };
  for (let step = 1; batter.seconds < LONGEST_SECONDS; step += 1) {
    batter.go();
    const now = { seconds: batter.seconds, coldest: batter.coldest, lost: batter.lost };
    /** When, within this step, something that grows came to where it should. */
    const crossing = (before: number, after: number, wanted: number) =>
      was.seconds + (now.seconds - was.seconds) * min(1, max(0, (wanted - before) / (after - before || 1)));
    if (now.seconds >= centre.length * RECORD_SECONDS) {
      centre.push([now.seconds / 60, now.coldest]);
      crust.push([now.seconds / 60, batter.surface[0]!]);
    }
    if (bake.framed && now.seconds >= frames.length * FRAME_SECONDS) frames.push(batter.frame());
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
