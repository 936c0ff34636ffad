import { attempt } from './attempt';

/** Smaller differences are a clock that is kept right over the net, ms. */
const NOTICED = 2000;
/** A longer gap than this while the page was in sight is asked about, ms. */
const ASKED = 60_000;
const KEPT = 'omniarton.clock';

interface Looked {
  readonly wall: number;
  readonly steady: number;
}

const look = (): Looked => ({ wall: Date.now(), steady: performance.now() });

/** What somebody set the clock on by, ms, as far as this tab has seen it: to be taken off. It outlives a reload. */
function kept(): number {
  return attempt(() => Number(sessionStorage.getItem(KEPT))) || 0;
}

let last = look();
let set = kept();
let open = 0;
let hidden = false;

function setBy(ms: number): void {
  set += ms;
  attempt(() => sessionStorage.setItem(KEPT, String(set)));
}

/**
 * The time now, ms since 1970: this device's clock, but for what it was set back by while the page was open. What it is on by more than
 * the page has counted was a sleep, unless somebody says otherwise.
 */
export function nowMs(): number {
  const now = look();
  const gap = now.wall - last.wall - (now.steady - last.steady);
  last = now;
  if (gap < -NOTICED) setBy(gap);
  else if (gap > ASKED && !hidden) open = gap;
  hidden = document.visibilityState === 'hidden';
  return now.wall - set;
}

/** By how much the clock went on while the page was in sight and counted nothing, ms; 0: nothing is open. */
export const openJump = (): number => open;

/** What is open was a sleep, or the clock that was set. */
export function settleJump(was: 'sleep' | 'set'): void {
  if (was === 'set') setBy(open);
  open = 0;
}
