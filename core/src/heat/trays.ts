/** Pieces of a batch, and what they are baked on. */
export interface TrayAsk {
  readonly pieces: number;
  /** How wide a piece is when it has spread, cm. */
  readonly acrossCm: number;
  readonly trayCm: readonly [length: number, width: number];
  /** Trays that the oven takes at once. */
  readonly racks: number;
  /** Minutes of one tray by itself. */
  readonly minutes: number;
}

/** One way to get a batch through the oven. */
export interface TrayPlan {
  readonly at: 'one' | 'two';
  readonly loads: number;
  /** Of each load. */
  readonly minutes: number;
  /** When the two trays change places and are turned; null with one. */
  readonly swapAt: number | null;
  /** From the first tray in to the last one out. */
  readonly total: number;
}

export interface Trays {
  readonly perTray: number;
  readonly trays: number;
  readonly plans: readonly TrayPlan[];
}

/** Between pieces, and from the rim, cm: they rise and part. Common practice. */
const GAP_CM = 2;
/** Two trays hold each other's heat back: common practice says a tenth to a fifth longer. */
const TWO_LONGER = 1.15;
/** Out, the next one in, and the oven back at its heat, minutes. */
const CHANGE_MINUTES = 3;

/** So many in a row, and every other row set between those of the one before where that holds more. */
function onTray([length, width]: TrayAsk['trayCm'], across: number): number {
  const pitch = across + GAP_CM;
  const fit = (cm: number) => Math.max(1, Math.floor(cm / pitch));
  const square = fit(length) * fit(width);
  const rows = 1 + Math.max(0, Math.floor((width - pitch) / (pitch * (Math.sqrt(3) / 2))));
  const long = fit(length);
  const short = Math.max(0, Math.floor((length - pitch / 2) / pitch));
  return Math.max(square, Math.ceil(rows / 2) * long + Math.floor(rows / 2) * short);
}

/**
 * How many pieces go on a tray, how many trays that is, and how long they take: one at a time, or two with a swap half way where the
 * oven has the racks. Example: 24 pieces of 7.5 cm on trays of 40 × 30 cm → 12 on each.
 */
export function planTrays({ pieces, acrossCm, trayCm, racks, minutes }: TrayAsk): Trays {
  const perTray = onTray(trayCm, acrossCm);
  const trays = Math.max(1, Math.ceil(pieces / perTray));
  const plan = (at: TrayPlan['at'], loads: number, each: number): TrayPlan => ({
    at,
    loads,
    minutes: each,
    swapAt: at === 'two' ? each / 2 : null,
    total: loads * each + (loads - 1) * CHANGE_MINUTES,
  });
  return {
    perTray,
    trays,
    plans: [
      plan('one', trays, minutes),
      ...(racks > 1 && trays > 1 ? [plan('two', Math.ceil(trays / 2), minutes * TWO_LONGER)] : []),
    ],
  };
}
