import type { Docket } from '../../docket';
import { AT_BOWL } from '../../process';
import { familyOf } from '../../family';
import type { Said } from '../../words';
import {
  BURST,
  COLD_LIMIT,
  MIXED,
  OUT_OF_COLD,
  OVEN_DOOR,
  PAN_ROUND,
  ROOM_LIMIT,
  STANDS,
  WEIGH_MINUTES,
} from '../data/hands';
import { SERVED } from '../data/served';
import { poolOf } from '../tins';
import { TABLE, type BakeTasks, type DayAsk, type Hold, type Link, type Load, type Work } from '../types';
import { emptiedAfter, goTogether, inFridge, withTins } from './holds';
import { blockMinutes, loadsOf } from './loads';
import { asTold, atPace, handsMinutes, standsFor } from './handsOn';
import { cooksAlone, piecesOf, type Piece } from './pieces';
import { roomLimit } from './roomLimit';
import { coolsFor, whileWarm, type Span } from './warm';

/** What a docket meets on its day. */
export interface Surroundings {
  /** Shelves of the ovens at hand, the fewest. */
  readonly racks: number;
  /** What its ovens are set to where that isn't its own heat. */
  readonly celsius: (own: number) => number;
  readonly tins: DayAsk['tins'];
  readonly pace: DayAsk['pace'];
}

/** Something whose follower isn't known yet. */
interface Open {
  readonly from: string;
  readonly parts: ReadonlySet<number> | null;
  readonly least: number;
  readonly most: number | null;
  readonly wait: Link['wait'];
}

const text = (of: string): Said => ({ code: 'deeds', values: { deeds: [of] } });
const meet = (a: ReadonlySet<number> | null, b: ReadonlySet<number> | null): boolean =>
  a === null || b === null || [...a].some((one) => b.has(one));

const BAKE_IT: Said = { code: 'bake-it', values: {} };

/** Puts a docket's deeds in a row of tasks, with what must lie between them. */
class Row {
  readonly work: Work[] = [];
  readonly loads: Load[] = [];
  readonly links: Link[] = [];
  holds: readonly Hold[] = [];
  private open: Open[] = [];
  private run: (Piece & { readonly what: 'hands' })[] = [];
  private lastWork: string | null = null;
  private heated = false;
  private firstMix: string | null = null;
  private waitedCold = false;
  private count = 0;
  private readonly grams: number;
  private readonly pieces: number;

  constructor(
    private readonly bake: string,
    private readonly docket: Docket,
    private readonly around: Surroundings,
  ) {
    const lines = docket.parts.flatMap((part) => part.lines);
    this.grams = lines.reduce((sum, line) => sum + (line.grams?.central ?? 0), 0);
    this.pieces = docket.bake.piece?.count ?? 0;
  }

  private newId(): string {
    this.count += 1;
    return `${this.bake}.${this.count}`;
  }

  /** Ties a task to all that it needs. What is done while it is warm doesn't end its cooling. */
  private tie(id: string, parts: ReadonlySet<number> | null, warm: Span | null = null): void {
    const needed = this.open.filter((one) => meet(one.parts, parts));
    const lastOut = needed.findLast(({ wait }) => wait?.kind === 'cool');
    for (const one of needed) {
      const { from, least, most, wait } = one;
      if (!warm || wait?.kind !== 'cool') this.links.push({ from, to: id, least, most, wait });
      // Of several trays the last is still warm.
      else
        this.links.push({
          from,
          to: id,
          least: warm.least,
          most: one === lastOut ? warm.most : null,
          wait: null,
        });
    }
    this.open = this.open.filter((one) => !needed.includes(one) || (warm && one.wait?.kind === 'cool'));
    if (this.lastWork !== null && !needed.some(({ from }) => from === this.lastWork))
      this.links.push({ from: this.lastWork, to: id, least: 0, most: null, wait: null });
  }

  hands(piece: Piece & { readonly what: 'hands' }): void {
    this.run.push(piece);
  }

  /** What the hands did up to here becomes a task. */
  flush(): void {
    const { run } = this;
    if (run.length === 0) return;
    this.run = [];
    const mixes = run.some((one) => one.class !== null && AT_BOWL.has(one.class));
    const kind = this.heated ? 'finish' : mixes ? 'mix' : 'shape';
    const first = this.work.every((one) => one.kind === 'out-of-cold');
    const lines = first ? this.docket.parts.reduce((sum, part) => sum + part.lines.length, 0) : 0;
    const minutes = Math.max(
      1,
      Math.round(handsMinutes(run, this.grams, this.pieces) + lines * WEIGH_MINUTES),
    );
    const deeds = run.map((one) => one.text).filter((one) => one !== '');
    const onIt = this.heated && run.some((one) => one.class === null || !AT_BOWL.has(one.class));
    const warm = this.heated ? whileWarm(run, Math.ceil(this.docket.bake.coolMinutes)) : null;
    this.add(
      {
        id: this.newId(),
        bake: this.bake,
        kind,
        what: first
          ? { code: 'weigh-and-mix', values: { texture: familyOf(this.docket.family.id).texture } }
          : { code: 'deeds', values: { deeds } },
        steps: [...new Set(run.map((one) => one.step))],
        minutes,
        mixer: run.some((one) => one.class !== null && MIXED.has(one.class)),
        burst: null,
      },
      onIt || run.some((one) => one.parts === null) ? null : new Set(run.flatMap((one) => [...one.parts!])),
      warm,
    );
  }

  private add(task: Work, parts: ReadonlySet<number> | null, warm: Span | null = null): void {
    this.tie(task.id, parts, warm);
    this.work.push(task);
    this.lastWork = task.id;
    if (this.firstMix === null && task.kind === 'mix') this.firstMix = task.id;
    this.open.push({
      from: task.id,
      parts,
      least: 0,
      most: this.heated ? null : standsFor(this.docket),
      wait: null,
    });
  }

  outOfCold(): void {
    this.add(
      {
        id: this.newId(),
        bake: this.bake,
        kind: 'out-of-cold',
        what: { code: 'out-of-cold', values: {} },
        steps: [],
        minutes: OUT_OF_COLD.hands,
        mixer: false,
        burst: null,
      },
      null,
    );
    const last = this.open.pop()!;
    this.lastWork = null;
    this.open.push({ ...last, least: OUT_OF_COLD.least, most: OUT_OF_COLD.most });
  }

  wait(piece: Piece & { readonly what: 'wait' }): void {
    this.flush();
    if (this.heated && !piece.cold) return this.coolFor(piece);
    const least = Math.ceil(piece.minutes.low);
    if (piece.cold) this.waitedCold = true;
    const most = piece.cold
      ? Math.max(COLD_LIMIT, piece.minutes.high)
      : Math.max(least + STANDS.late, Math.min(ROOM_LIMIT, piece.minutes.high + STANDS.raised));
    const what = {
      kind: piece.kind,
      cold: piece.cold,
      what: text(piece.text),
      minutes: least,
      steps: [piece.step],
    };
    this.open = this.open.map((one) =>
      meet(one.parts, piece.parts)
        ? { ...one, least: one.least + least, most: this.heated ? null : one.least + most, wait: what }
        : one,
    );
  }

  /** What was baked cools where the method says so: Heat's own time stands already. */
  private coolFor(piece: Piece & { readonly what: 'wait' }): void {
    this.open = this.open.map((one) =>
      one.wait?.kind === 'cool'
        ? {
            ...one,
            least: Math.max(one.least, Math.ceil(piece.minutes.low)),
            wait: { ...one.wait, cold: piece.cold, what: text(piece.text), steps: [piece.step] },
          }
        : one,
    );
  }

  heat(piece: Piece & { readonly what: 'heat' }): void {
    this.flush();
    const { stage } = piece;
    if (stage.medium === 'oven') return this.inOven(piece);
    const alone = cooksAlone(stage);
    const rounds =
      stage.medium === 'griddle' || stage.medium === 'fried'
        ? Math.max(1, Math.ceil(this.makes() / PAN_ROUND))
        : 1;
    const minutes = Math.max(1, Math.ceil((stage.minutes?.high ?? 5) * rounds));
    this.add(
      {
        id: this.newId(),
        bake: this.bake,
        kind: 'cook',
        what: piece.text === '' ? BAKE_IT : text(piece.text),
        steps: [piece.step],
        minutes: alone ? 3 : minutes,
        mixer: false,
        burst: alone ? null : stage.medium === 'microwave' ? BURST.microwave : BURST.hob,
      },
      piece.parts,
    );
    if (piece.main) this.heated = true;
    const last = this.open.pop()!;
    const wait = alone
      ? ({ kind: 'cook', cold: false, what: text(piece.text), minutes, steps: [piece.step] } as const)
      : null;
    this.open.push({ ...last, least: alone ? minutes : 0, most: null, wait });
  }

  private makes(): number {
    return this.docket.makes?.high ?? this.pieces;
  }

  private inOven({ stage, main, parts, text: words, step }: Piece & { readonly what: 'heat' }): void {
    const { racks, celsius } = this.around;
    const pool = poolOf(this.around.tins, stage.pan);
    const oven = loadsOf(stage, this.docket, racks, pool);
    const { count, racks: each, minutes, trays, tins } = oven;
    const own =
      stage.ovenCelsius ?? this.docket.bake.ovenCelsius ?? familyOf(this.docket.family.id).usualOven;
    const needed = this.open.filter((one) => meet(one.parts, parts));
    const after = this.lastWork;
    const ids: string[] = [];
    const emptied = emptiedAfter(stage, this.docket, count, main);
    const { together, waitForTins } = goTogether(oven, racks, pool);
    const round = blockMinutes(minutes) + (waitForTins ? emptied : 0);
    for (let n = 1; n <= count; n += 1) {
      const id = this.newId();
      // Every load needs what the first needs; one that finds no shelf, or no hand at the door, waits for those before it.
      const rounds = Math.floor((n - 1) / together);
      const later = rounds * round + (n - 1) * (OVEN_DOOR.load + OVEN_DOOR.unload);
      const then = needed.map((one) => ({ ...one, most: one.most === null ? null : one.most + later }));
      this.open = [...then, ...this.open.filter((one) => !needed.includes(one))];
      this.lastWork = after;
      this.tie(id, parts);
      if (n > 1)
        this.links.push({ from: ids[n - 2]!, to: id, least: -blockMinutes(minutes), most: null, wait: null });
      this.loads.push({
        id,
        bake: this.bake,
        kind: 'bake',
        what: words === '' ? BAKE_IT : text(words),
        steps: [step],
        minutes,
        firstCheck: stage.firstCheck,
        celsius: celsius(own),
        racks: each,
        tray: trays ? { n, of: count } : null,
      });
      ids.push(id);
    }
    if (main) {
      const limit =
        this.firstMix === null || this.waitedCold ? null : roomLimit(this, this.firstMix, ids[0]!);
      if (limit) this.links.push(limit);
      this.heated = true;
      // What is still there is for afterwards: an icing may stand.
      this.open = this.open.map((one) => ({ ...one, most: null }));
    }
    if (pool) this.holds = withTins(this.holds, { place: pool.id, amount: tins }, ids, after, emptied);
    const cool = main ? coolsFor(this.docket) : null;
    for (const id of ids)
      this.open.push({ from: id, parts, least: cool?.minutes ?? 0, most: null, wait: cool });
  }

  /** Everything that nothing follows is on the table. */
  serve(): void {
    this.flush();
    for (const { from, least, wait } of this.open)
      this.links.push({ from, to: TABLE, least, most: null, wait });
    const keeps = SERVED[this.docket.family.id].keepsHours * 60;
    for (const { id } of this.loads)
      this.links.push({ from: id, to: TABLE, least: 0, most: keeps, wait: null });
    this.holds = [...this.holds, ...inFridge(this.links)];
  }
}

/** The tasks of a docket and what lies between them, in the order in which its method has them. `bake` makes their ids. */
export function tasksOf(bake: string, docket: Docket, around: Surroundings): BakeTasks {
  const row = new Row(bake, docket, around);
  if (familyOf(docket.family.id).warmStart) row.outOfCold();
  for (const piece of piecesOf(docket)) {
    if (piece.what === 'hands') row.hands(piece);
    else if (piece.what === 'wait') row.wait(piece);
    else row.heat(piece);
  }
  row.serve();
  return {
    work: atPace(asTold(row.work, docket), around.pace),
    loads: row.loads,
    links: row.links,
    holds: row.holds,
  };
}
