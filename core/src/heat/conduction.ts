import { columnsOf, USUAL_PRECISION, type Columns, type Precision, type Reach } from './grid';
import type { Material } from './material';
import { SplitStep, type Outside } from './split';
import { latentHeat } from './steam';
import { wetFilm, type OpenFilm } from './surface';

/** Held by the module: looked up among a sandbox's globals, as where tests run, each would cost more than the step it is in. */
const { abs, max, min, sqrt } = Math;

/** What is heated or cooled. */
export interface Body {
  readonly material: Material;
  /** Raw depth, m, and by how much it grows. Of no matter for a ball. */
  readonly depth: number;
  readonly rise: number;
  readonly porosityRaw: number;
  /** Null: so wide that nothing comes from the sides. */
  readonly reach: Reach | null;
}

/** Metal that it stands on: a hot skillet, a cold tray. */
export interface Base {
  /** What a m² of it holds, J/(m²·K). */
  readonly store: number;
  readonly celsius: number;
}

/** A section as something left it: cell by cell, °C, and what each column's top has dried, kg/m². */
export interface Left {
  readonly celsius: Float64Array;
  readonly dried: Float64Array;
}

/** What is around it. */
export interface Surroundings {
  /** °C of the air, so many seconds after it came there. */
  readonly air: (seconds: number) => number;
  /** To its open top, W/(m²·K), from below, and from the sides. */
  readonly above: number;
  readonly below: number;
  readonly side: number;
  /** Vapour in the air that the open top dries into, kg/m³; null: it doesn't dry. */
  readonly vapour: number | null;
  readonly base: Base | null;
}

/** Rise follows the mean temperature between these, °C. */
const RISE_FROM = 35;
const RISE_TO = 88;
/** Of a dry crumb full of air, W/(m·K). From memory, of the order of dry bread crust. */
const SKIN_CONDUCTIVITY = 0.1;
/** Water that the solids hold and no oven takes, as a share of their mass; and the share of the rest that comes slower. From memory. */
const BOUND_WATER = 0.03;
const LAST_WATER = 0.2;
const FIRST_STEP = 0.1;
const MOST_GROWTH = 1.5;
const HELD_STEPS = 200;

/**
 * A body's section in its surroundings: finite volumes, row by row from the floor up, in each from the inside to the wall, on a
 * grid that rises with it. Each step is implicit and of second order: backward differences over two steps (BDF2 of changing length),
 * split by direction about a straight prediction (Douglas & Gunn 1964), so that what is split off is small in the third order. All
 * that hangs on temperature is taken at the prediction; drying by its tangent.
 */
export class Section {
  readonly grid: Columns;
  readonly temperature: Float64Array;
  readonly surface: Float64Array;
  /** Water gone from each column's top, kg/m². */
  readonly dried: Float64Array;
  /** Seconds so far. */
  seconds = 0;
  heatIn = 0;
  /** m, of a row, and the share of it that is air. */
  height: number;
  porosity = 0;
  private readonly mass: number;
  private readonly start: Float64Array;
  private readonly before: Float64Array;
  private readonly surfaceBefore: Float64Array;
  /** Where the next temperatures are expected. */
  private readonly ahead: Float64Array;
  private readonly conductivity: Float64Array;
  private readonly balance: SplitStep;
  private readonly films: OpenFilm[];
  /** °C above each column's top, and W/(m²·K) to there. */
  private readonly open: Float64Array;
  private readonly above: Float64Array;
  private readonly drying: Float64Array;
  /** °C of the metal below each column, and what it and the air are together to the floor above. */
  private readonly base: Float64Array;
  private readonly under: Float64Array;
  private step = FIRST_STEP;
  private lastStep = 0;
  /** J that came in the last step. */
  private came = 0;
  /** How far the last step left the straight line, K. */
  private curve = 0;
  private readonly floor: number;

  constructor(
    private readonly body: Body,
    start: number | Left,
    private readonly around: Surroundings,
    private readonly precision: Precision = USUAL_PRECISION,
  ) {
    this.grid = columnsOf(body.reach, precision);
    const { rows, columns } = this.grid;
    const cells = rows * columns;
    this.height = this.ball ? 1 : body.depth / rows;
    this.mass = body.material.density * (1 - body.porosityRaw) * this.height;
    this.temperature =
      typeof start === 'number' ? new Float64Array(cells).fill(start) : start.celsius.slice();
    this.start = this.temperature.slice();
    this.before = this.temperature.slice();
    this.surface = this.temperature.slice(cells - columns);
    this.surfaceBefore = this.surface.slice();
    this.ahead = new Float64Array(cells);
    this.conductivity = new Float64Array(cells);
    this.balance = new SplitStep(this.grid, !this.ball, body.reach !== null);
    this.films = new Array<OpenFilm>(this.ball ? 0 : columns);
    this.open = new Float64Array(columns);
    this.above = new Float64Array(columns);
    this.floor = this.grid.floors.reduce((sum, one) => sum + one, 0);
    this.dried = typeof start === 'number' ? new Float64Array(columns) : start.dried.slice();
    this.drying = new Float64Array(columns);
    this.base = new Float64Array(columns).fill(around.base?.celsius ?? 0);
    this.under = new Float64Array(columns);
  }

  private get ball(): boolean {
    return this.body.reach?.kind === 'sphere';
  }

  get coldest(): number {
    let low = Infinity;
    for (const one of this.temperature) if (one < low) low = one;
    return low;
  }

  get hottest(): number {
    let high = -Infinity;
    for (const one of this.temperature) if (one > high) high = one;
    return high;
  }

  get left(): Left {
    return { celsius: this.temperature, dried: this.dried };
  }

  /** Mean temperature by weight. */
  private meanOf(celsius: Float64Array): number {
    const { columns, rows, floors } = this.grid;
    let sum = 0;
    for (let at = 0; at < celsius.length; at += columns)
      for (let j = 0; j < columns; j += 1) sum += celsius[at + j]! * floors[j]!;
    return sum / (rows * this.floor);
  }

  /** Share of the weight that has gone as water. */
  get lost(): number {
    const { dried, grid } = this;
    let gone = 0;
    for (let j = 0; j < dried.length; j += 1) gone += dried[j]! * grid.floors[j]!;
    return gone / (this.mass * this.grid.rows * this.floor);
  }

  /**
   * °C of the dry skin over the middle: as thick as the water that has gone would have filled, and heated through by the oven. Where
   * nothing has dried it is the surface.
   */
  skin(): number {
    const { material } = this.body;
    const wet = this.mass * material.water;
    const thickness = wet > 0 ? (this.dried[0]! * this.height) / wet : 0;
    const [outside, through] = [1 / this.around.above, thickness / SKIN_CONDUCTIVITY];
    const inner = this.surface[0]!;
    return inner + ((this.around.air(this.seconds) - inner) * through) / (outside + through);
  }

  /** What it holds beyond what it came with: ∫ c dT of every cell, J. */
  heatKept(): number {
    const { material } = this.body;
    const { columns, floors } = this.grid;
    let kept = 0;
    for (let at = 0; at < this.temperature.length; at += 1) {
      const from = this.start[at]!;
      const step = (this.temperature[at]! - from) / HELD_STEPS;
      let sum = 0;
      for (let n = 0; n < HELD_STEPS; n += 1) sum += material.heat(from + (n + 0.5) * step) * step;
      kept += this.mass * floors[at % columns]! * sum;
    }
    return kept;
  }

  /** One step of the clock. */
  go(): void {
    const growth = this.lastStep === 0 ? 0 : this.step / this.lastStep;
    const { ahead, temperature, before, balance, open, around } = this;
    for (let at = 0; at < ahead.length; at += 1)
      ahead[at] = temperature[at]! + growth * (temperature[at]! - before[at]!);
    this.rise(this.meanOf(ahead));
    this.seconds += this.step;
    const air = around.air(this.seconds);
    const below = this.meetBase(air);
    const counts = (1 + growth) / (1 + 2 * growth);
    const carries = (growth * growth) / (1 + 2 * growth);
    this.look(counts);
    if (!this.ball) this.meetAir(air, growth);
    balance.join(this.conductivity, this.height, below, this.above, around.side);
    const outside: Outside = { below: this.under, open, aside: air };
    balance.miss(ahead, temperature, before, carries, outside);
    balance.solve();
    this.take(growth > 0);
    // What came in this step, as the two-step scheme counts it: its share of the flux now, and what it carries on of the step before.
    this.came = counts * this.step * balance.fluxIn(temperature, outside) + carries * this.came;
    this.heatIn += this.came;
    this.warmBase(below);
    this.choose(growth > 0);
  }

  private rise(mean: number): void {
    const { rise, porosityRaw, depth } = this.body;
    const grown = 1 + (rise - 1) * min(1, max(0, (mean - RISE_FROM) / (RISE_TO - RISE_FROM)));
    this.porosity = 1 - (1 - porosityRaw) / grown;
    if (!this.ball) this.height = (depth * grown) / this.grid.rows;
  }

  /** Properties where it is expected to be; `counts`: the share of the step that a BDF2 step counts for. */
  private look(counts: number): void {
    const { store } = this.balance;
    const { columns, floors } = this.grid;
    this.body.material.ofAll(this.ahead, this.porosity, this.conductivity, store);
    const weight = this.mass / (this.step * counts);
    for (let at = 0; at < store.length; at += columns)
      for (let j = 0; j < columns; j += 1) store[at + j] = store[at + j]! * weight * floors[j]!;
  }

  /** What it stands on as one conductance, W/(m²·K): air through the wall, and metal that holds heat. */
  private meetBase(air: number): number {
    const { below, base } = this.around;
    const held = base ? base.store / this.step : 0;
    for (let j = 0; j < this.under.length; j += 1)
      this.under[j] = (held * this.base[j]! + below * air) / (held + below);
    return held + below;
  }

  /** How wet a column still is, 0–1: the last fifth of its water comes slower, and what the solids hold stays. */
  private wetness(dried: number): number {
    const { water } = this.body.material;
    const supply = this.mass * this.grid.rows * (water - BOUND_WATER * (1 - water));
    return supply > 0 ? min(1, max(0, (supply - dried) / (LAST_WATER * supply))) : 0;
  }

  /** Each column's open top, about the surface that is expected of it. */
  private meetAir(air: number, growth: number): void {
    const { above, vapour } = this.around;
    const activity = vapour === null ? 0 : this.body.material.activity;
    for (let j = 0; j < this.films.length; j += 1) {
      const expected = this.surface[j]! + growth * (this.surface[j]! - this.surfaceBefore[j]!);
      const dried = this.dried[j]! + this.step * this.drying[j]!;
      const wet = { activity: activity * this.wetness(dried), vapour: vapour ?? 0 };
      const film = wetFilm(above, air, expected, wet, dried);
      this.films[j] = film;
      this.open[j] = film.celsius;
      this.above[j] = film.conductance;
    }
  }

  /** Takes the new temperatures, and what dried. */
  private take(straight: boolean): void {
    const { temperature, before, ahead, balance } = this;
    before.set(temperature);
    this.curve = 0;
    for (let at = 0; at < temperature.length; at += 1) {
      const by = balance.change[at]!;
      temperature[at] = ahead[at]! + by;
      this.curve = max(this.curve, abs(by));
    }
    if (!this.ball) this.dry(straight);
  }

  /** The next step, by how far the last left the straight line. */
  private choose(straight: boolean): void {
    const { curve, least, most } = this.precision;
    this.lastStep = this.step;
    const grow = straight ? 0.9 * sqrt(curve / max(this.curve, 1e-9)) : 1;
    this.step = min(most, max(least, this.step * min(MOST_GROWTH, max(0.5, grow))));
  }

  private dry(straight: boolean): void {
    const { surface, surfaceBefore, temperature, conductivity, height } = this;
    const last = temperature.length - surface.length;
    surfaceBefore.set(surface);
    for (let j = 0; j < surface.length; j += 1) {
      const { conductance, celsius, taken } = this.films[j]!;
      const top = (2 * conductivity[last + j]!) / height;
      surface[j] = (top * temperature[last + j]! + conductance * celsius) / (top + conductance);
      const rate = taken(surface[j]!) / latentHeat(surface[j]!);
      this.dried[j] = this.dried[j]! + (this.step * (rate + (straight ? this.drying[j]! : rate))) / 2;
      this.drying[j] = rate;
    }
  }

  /** The metal below gives and takes what went through the floor. */
  private warmBase(conductance: number): void {
    if (!this.around.base) return;
    const { floors } = this.grid;
    for (let j = 0; j < this.base.length; j += 1) {
      const went = (this.balance.upward[j]! / floors[j]!) * (this.under[j]! - this.temperature[j]!);
      this.base[j] = this.under[j]! - went / conductance;
    }
  }
}
