import type { BalanceSays } from '../balance';
import type { BlendSays } from '../blend';
import type { GuardSays } from '../guard';
import type { HeatSays } from '../heat';
import type { TextureSays } from '../texture';
import type { SaidOf, WordedSays, WordsFor } from '../vocabulary';
import { BALANCE_WORDS } from './balance';
import { BLEND_WORDS } from './blend';
import { CLOCK_WORDS, type ClockSays } from './clock';
import { DOCKET_WORDS, type DocketSays } from './docket';
import { GUARD_WORDS } from './guard';
import { HEAT_WORDS } from './heat';
import { TEXTURE_WORDS } from './texture';

type Says = BalanceSays &
  BlendSays &
  GuardSays &
  HeatSays &
  TextureSays &
  DocketSays &
  ClockSays &
  WordedSays;
/** Anything that some room has to say. */
export type Said = SaidOf<Says>;

/** English. A second language is a second such table. */
const WORDS: WordsFor<Says> = {
  ...BALANCE_WORDS,
  ...BLEND_WORDS,
  ...GUARD_WORDS,
  ...HEAT_WORDS,
  ...TEXTURE_WORDS,
  ...DOCKET_WORDS,
  ...CLOCK_WORDS,
  'as-worded': ({ text }) => text,
};

/** What some room has to say, in words. Example: `{ code: 'nothing', values: {} }` → "nothing". */
export const say = ({ code, values }: Said): string => (WORDS[code] as (of: unknown) => string)(values);
