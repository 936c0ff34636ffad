/** How ovens of a household are shared. Common practice; no source. */
export const OVEN_HABITS = {
  /** Dishes whose heat differs by no more, °C, may share an oven. */
  sharedWithin: 10,
  /** By how much each takes longer with another in the oven: the same as two trays hold from each other. */
  sharedLonger: 1.15,
  /** °C a minute: with the element on, and with the door ajar. */
  warms: 9,
  cools: 6,
  /** Until it has settled, where nobody took the time, minutes. */
  preheat: 20,
  /** Trays at once, where nobody says. */
  racks: 2,
  /** A shelf, cm. */
  shelf: [44, 36],
} as const;
