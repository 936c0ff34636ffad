/** How ovens of a household are shared. Common practice; no source. */
export const OVEN_HABITS = {
  /** Dishes whose heat differs by no more, °C, may share an oven. */
  sharedWithin: 10,
  /** Two trays of one batch hold each other's heat back: by how much each takes longer. */
  twoLonger: 1.15,
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
