import type { ActionClass } from '../../process';

/**
 * Minutes that hands are busy with a deed, for a batch of about a kilo, where the recipe says no time itself: at the bowl, and for each
 * piece where pieces are made. Common practice; no source. A household's own log corrects them.
 */
export const HANDS: Readonly<Partial<Record<ActionClass, { readonly batch: number; readonly piece: number }>>> = {
  'beat': { batch: 3, piece: 0 },
  'cream': { batch: 5, piece: 0 },
  'foam': { batch: 6, piece: 0 },
  'fold': { batch: 2, piece: 0 },
  'rub-in': { batch: 5, piece: 0 },
  'combine': { batch: 2, piece: 0 },
  'knead': { batch: 5, piece: 0 },
  'melt': { batch: 4, piece: 0 },
  'boil': { batch: 5, piece: 0 },
  'toast': { batch: 5, piece: 0 },
  'shape': { batch: 4, piece: 0.35 },
  'place': { batch: 2, piece: 0 },
  'layer': { batch: 3, piece: 0.15 },
  'line-tin': { batch: 3, piece: 0 },
  'prepare': { batch: 4, piece: 0 },
  'finish': { batch: 2, piece: 0 },
  'cool': { batch: 1, piece: 0 },
  'set-fat': { batch: 5, piece: 0 },
};

/** What a mixer does where there is one. */
export const MIXED: ReadonlySet<ActionClass> = new Set<ActionClass>(['beat', 'cream', 'foam', 'knead']);

/** To weigh one line of a list, minutes. Common practice. */
export const WEIGH_MINUTES = 0.7;
/** A batch of so many grams takes what the table says; one twice as heavy half as much again. */
export const USUAL_BATCH = 1000;
export const HEAVIER_BY = 0.5;

/** Butter and eggs out of the cold: a minute's work, and then how long before and at most how long they stand. Common practice. */
export const OUT_OF_COLD = { hands: 1, least: 60, most: 120 } as const;
/** A tray into the oven, and out of it with a look at what is on it. Common practice. */
export const OVEN_DOOR = { load: 1, unload: 2 } as const;
/** A tray is free for the next pieces so long after the oven, minutes. Common practice. */
export const TRAY_EMPTIED = 5;
/** Bench, boards and tools washed down between two bakes that mustn't meet. Common practice. */
export const CLEAN_DOWN_MINUTES = 15;

/** What something waits where the recipe says no time. Common practice. */
export const UNTIMED = { prove: 60, chill: 30, rest: 0, cool: 15 } as const;

/** Minutes that what is ready at the bowl may stand before its heat: a foam falls, powder works from the first drop on; and that a wait may be overdrawn. */
export const STANDS = { foam: 5, raised: 45, dough: 120, late: 15 } as const;
/** Egg or dairy at room temperature, rests and displays together, minutes. Usual food-safety advice: two hours. */
export const ROOM_LIMIT = 120;
/** A dough in the cold, where nobody says how long at most. Common practice. */
export const COLD_LIMIT = 48 * 60;

/** What is fried on a griddle goes in rounds of so many pieces. Common practice. */
export const PAN_ROUND = 4;
/** A microwave is finished in short bursts, what is fried is looked at again soon: seconds. Common practice. */
export const BURST = { microwave: 10, hob: 30 } as const;
/** What simmers or steams for longer than this needs no hands. */
export const WATCHED = 15;
