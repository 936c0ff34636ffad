import type { HeatSays } from '../heat';
import type { WordsFor } from '../vocabulary';

export const HEAT_WORDS: WordsFor<HeatSays> = {
  'runs-over': ({ risenCm, heightCm, ml, each }) =>
    `It rises to ${risenCm.toFixed(1)} cm, and such a tin is ${heightCm} cm high: about ${ml} ml ${each ? 'of each ' : ''}may run over. Take a higher or wider one, or fill in less.`,
  'no-metal': () => 'Never metal in a microwave. In bursts: it goes on cooking as it stands.',
};
