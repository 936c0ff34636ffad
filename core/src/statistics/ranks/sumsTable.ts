/** Ways outgrow what a double holds: they are kept as whole digits of this base. */
const DIGIT = 2 ** 32;

/** So many digits hold every count up to `most`. */
export const digitsOf = (most: bigint): number => Math.ceil(most.toString(2).length / 32);

/**
 * The sets of rank sums that some tasters can come to, and the ways to each. A set is kept in order of size (whatever the samples are
 * called, they are as likely), as bytes one after the other, found again by open addressing: millions are looked up, too many for a `Map`.
 */
export class SumsTable {
  size = 0;
  private bytes: Uint8Array;
  private digits: Float64Array;
  private keys: Float64Array;
  private places: Int32Array;

  /** For sums up to 255 of so many samples; ways of so many digits; grows beyond `room` sets by itself. */
  constructor(
    readonly samples: number,
    readonly width: number,
    room = 32,
  ) {
    const places = 2 ** Math.ceil(Math.log2(2 * room));
    this.places = new Int32Array(places).fill(-1);
    this.bytes = new Uint8Array((places / 2) * samples);
    this.digits = new Float64Array((places / 2) * width);
    this.keys = new Float64Array(places / 2);
  }

  /** The number of a set of ascending sums; a new one gets its own, with no ways yet. */
  of(sums: Uint8Array): number {
    const { keys, samples } = this;
    let [key, hash] = [0, 0];
    // The last sum is what the others leave: every taster gives as many ranks in all.
    for (let at = 0; at < samples - 1; at += 1) {
      key = key * 256 + sums[at]!;
      hash = Math.imul(hash ^ sums[at]!, 0x9e3779b1);
      hash ^= hash >>> 15;
    }
    const mask = this.places.length - 1;
    let place = hash & mask;
    for (let set = this.places[place]!; set >= 0; set = this.places[place]!) {
      if (keys[set] === key) return set;
      place = (place + 1) & mask;
    }
    if (this.size === keys.length) {
      this.grow();
      return this.of(sums);
    }
    this.places[place] = this.size;
    keys[this.size] = key;
    this.bytes.set(sums, this.size * samples);
    this.size += 1;
    return this.size - 1;
  }

  private grow(): void {
    const wider = new SumsTable(this.samples, this.width, 2 * this.keys.length);
    for (let set = 0; set < this.size; set += 1) wider.of(this.sums(set));
    wider.digits.set(this.digits);
    ({ bytes: this.bytes, digits: this.digits, keys: this.keys, places: this.places } = wider);
  }

  /** The sums of a set, in ascending order: a view, gone when the table grows. */
  sums(set: number): Uint8Array {
    return this.bytes.subarray(set * this.samples, (set + 1) * this.samples);
  }

  ways(set: number): bigint {
    let ways = 0n;
    for (let digit = this.width - 1; digit >= 0; digit -= 1)
      ways = ways * BigInt(DIGIT) + BigInt(this.digits[set * this.width + digit]!);
    return ways;
  }

  /** A set without tasters before it: one way. */
  start(): void {
    this.digits[this.of(new Uint8Array(this.samples)) * this.width] = 1;
  }

  /** So many times the ways of another table's set lead to this one. Between two `carry`s there is room for half a million. */
  lead(set: number, from: SumsTable, source: number, times: number): void {
    const { width, digits } = this;
    for (let digit = 0; digit < width; digit += 1)
      digits[set * width + digit]! += times * from.digits[source * width + digit]!;
  }

  /** Brings the digits below their base again. */
  carry(): void {
    const { width, digits } = this;
    for (let at = 0; at < this.size * width; at += 1) {
      if ((at + 1) % width === 0) continue;
      const over = Math.floor(digits[at]! / DIGIT);
      digits[at]! -= over * DIGIT;
      digits[at + 1]! += over;
    }
  }
}
