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
  readonly place: 'cupboard' | 'cold';
}

/** A bag as it stands: what is left of it, g. */
export interface BagOnHand {
  readonly id: string;
  readonly grams: number;
  readonly bag: Bag;
}
