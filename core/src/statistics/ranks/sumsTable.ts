import { factorial } from '../binomial';
import { tiesAmong, type DifferentOrders, type Stretches } from './orders';
import { SET_CODES } from './setCodes';

/** Bits of a whole that a double holds. */
const WHOLE_BITS = 53;
/** What the stretches of a taster's orders add to the key of some sums. */
function keysOf({ from, length, ranks, keys }: Stretches, sums: Uint8Array): Float64Array {
  for (let one = 0; one < keys.length; one += 1) {
    let key = 0;
    for (let at = 0; at < length; at += 1) key += SET_CODES[sums[from + at]! + ranks[one * length + at]!]!;
    keys[one] = key;
  }
  return keys;
}
const hashOf = (key: number): number => Math.imul(key | 0, 0x9e3779b1) >>> 8;
const bitsOf = (most: bigint): number => most.toString(2).length;

/**
 * The sets of rank sums that some tasters can come to, and the ways to each. A set is one whatever the samples are called, and as likely.
 * It is found by the sum of its members' codes, which no other set has, and by open addressing: millions are looked up, too many for a
 * `Map`. Ways outgrow what a double holds: they are kept as whole digits.
 */
export class SumsTable {
  size = 0;
  /** So many digits hold every count, and what one is of: between two `carry`s a set is led to in (k!)² ways at most. */
  private readonly width: number;
  private readonly digit: number;
  private readonly asked: Uint8Array;
  private readonly sum: Uint8Array;
  private bytes: Uint8Array;
  private digits: Float64Array;
  private keys: Float64Array;
  private places: Int32Array;

  /** For sums of so many samples, of at most so many `ways`; grows beyond `room` sets by itself. Throws no errors; sums are 250 at most. */
  constructor(
    readonly samples: number,
    readonly most: bigint,
    room = 32,
  ) {
    const bits = WHOLE_BITS - bitsOf(factorial(samples) ** 2n);
    this.digit = 2 ** bits;
    this.width = Math.ceil(bitsOf(most) / bits);
    this.asked = new Uint8Array(samples);
    this.sum = new Uint8Array(samples);
    const places = 2 ** Math.ceil(Math.log2(2 * room));
    this.places = new Int32Array(places).fill(-1);
    this.bytes = new Uint8Array((places / 2) * samples);
    this.digits = new Float64Array((places / 2) * this.width);
    this.keys = new Float64Array(places / 2);
  }

  /** Where a key stands, or where it is to stand. */
  private placeOf(key: number): number {
    const { places, keys } = this;
    const mask = places.length - 1;
    let place = hashOf(key) & mask;
    for (let set = places[place]!; set >= 0 && keys[set] !== key; set = places[place]!)
      place = (place + 1) & mask;
    return place;
  }

  /** A set that isn't there yet, with no ways. */
  private add(key: number, sums: Uint8Array): number {
    if (this.size === this.keys.length) this.grow();
    this.places[this.placeOf(key)] = this.size;
    this.keys[this.size] = key;
    this.bytes.set(sums, this.size * this.samples);
    this.size += 1;
    return this.size - 1;
  }

  private grow(): void {
    const wider = new SumsTable(this.samples, this.most, 2 * this.keys.length);
    for (let set = 0; set < this.size; set += 1) wider.add(this.keys[set]!, this.sums(set));
    wider.digits.set(this.digits);
    ({ bytes: this.bytes, digits: this.digits, keys: this.keys, places: this.places } = wider);
  }

  /** The sums of a set, in ascending order: good until the next are asked for. */
  sums(set: number): Uint8Array {
    const { bytes, asked, samples } = this;
    for (let at = 0; at < samples; at += 1) asked[at] = bytes[set * samples + at]!;
    return asked;
  }

  ways(set: number): bigint {
    let ways = 0n;
    for (let digit = this.width - 1; digit >= 0; digit -= 1)
      ways = ways * BigInt(this.digit) + BigInt(this.digits[set * this.width + digit]!);
    return ways;
  }

  /** A set without tasters before it: one way. */
  start(): void {
    this.digits[this.add(this.samples * SET_CODES[0]!, new Uint8Array(this.samples)) * this.width] = 1;
  }

  /**
   * The ways of another table's set lead on to what each order of a taster's ranks makes of its sums. All that takes time is here: a
   * million orders a test, so that nothing is looked up twice.
   */
  lead(from: SumsTable, source: number, different: DifferentOrders): void {
    const { samples, width, sum } = this;
    const sums = from.sums(source);
    const { orders, count, times, head, tail } = different.from(tiesAmong(sums));
    const [heads, tails] = [keysOf(head, sums), keysOf(tail, sums)];
    const given = from.digits.subarray(source * width, (source + 1) * width);
    const lowest = given[0]!;
    let { places, keys, digits } = this;
    for (let order = 0; order < count; order += 1) {
      const key = heads[head.of[order]!]! + tails[tail.of[order]!]!;
      const mask = places.length - 1;
      let place = hashOf(key) & mask;
      let set = places[place]!;
      while (set >= 0 && keys[set] !== key) {
        place = (place + 1) & mask;
        set = places[place]!;
      }
      if (set < 0) {
        for (let at = 0; at < samples; at += 1) sum[at] = sums[at]! + orders[order * samples + at]!;
        set = this.add(key, sum.sort());
        ({ places, keys, digits } = this);
      }
      const often = times[order]!;
      const to = set * width;
      digits[to]! += often * lowest;
      for (let digit = 1; digit < width; digit += 1) digits[to + digit]! += often * given[digit]!;
    }
  }

  /** True for a set that no way leads to: one that was folded into its mirror image. */
  isEmpty(set: number): boolean {
    const { width, digits } = this;
    for (let digit = 0; digit < width; digit += 1) if (digits[set * width + digit]! > 0) return false;
    return true;
  }

  /** Sets that are each other's mirror image, every sum taken from `opposite`, become one: the other stays, empty. */
  fold(opposite: number): void {
    const { samples, bytes, width, digits, places } = this;
    for (let set = 0; set < this.size; set += 1) {
      let key = 0;
      for (let at = set * samples; at < (set + 1) * samples; at += 1)
        key += SET_CODES[opposite - bytes[at]!]!;
      const other = places[this.placeOf(key)]!;
      if (other <= set) continue;
      for (let digit = 0; digit < width; digit += 1) {
        digits[set * width + digit]! += digits[other * width + digit]!;
        digits[other * width + digit] = 0;
      }
    }
    this.carry();
  }

  /** Brings the digits below their base again. */
  carry(): void {
    const { width, digits, digit } = this;
    for (let at = 0; at < this.size * width; at += 1) {
      if ((at + 1) % width === 0) continue;
      const over = Math.floor(digits[at]! / digit);
      digits[at]! -= over * digit;
      digits[at + 1]! += over;
    }
  }
}
