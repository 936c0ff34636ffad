import type { Avoidance } from '../vocabulary';

/** A label that somebody has read, on a calendar day (`YYYY-MM-DD`), and what it neither lists nor warns of. */
export interface LabelRead {
  readonly on: string;
  readonly without: readonly Avoidance[];
}

/** A bag, packet or jar of one thing in the cupboard. What is left of it is counted by its movements, not written here. */
export interface Bag {
  readonly ingredient: string;
  /** The household's own word on it: whose, from where. */
  readonly note: string;
  /** What a new one holds, g, and costs; null where nobody wrote it down. */
  readonly packGrams: number | null;
  readonly price: number | null;
  /** Calendar days, `YYYY-MM-DD`. */
  readonly opened: string | null;
  readonly bestBefore: string | null;
  /** Its label says that it is certified gluten-free. */
  readonly certified: boolean;
  /** Null: nobody has read it for what somebody avoids. */
  readonly label: LabelRead | null;
  readonly place: 'cupboard' | 'cold';
}

/** A bag as it stands: what is left of it, g. */
export interface BagOnHand {
  readonly id: string;
  readonly grams: number;
  readonly bag: Bag;
}
