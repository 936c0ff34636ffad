/** What somebody may do in a household, most first. A helper reads, ticks and times; a taster hands in ballots. */
export const HOUSE_ROLES = ['owner', 'baker', 'helper', 'taster'] as const;
export type HouseRole = (typeof HOUSE_ROLES)[number];

/** Minutes that a code lets a device in for. */
export const CODE_MINUTES = 10;
/** Characters of a passphrase at least: four short words. */
export const PASSPHRASE_CHARS = 12;
