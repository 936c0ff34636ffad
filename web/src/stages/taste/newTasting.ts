import type { TastingDocument } from '@omniarton/core/taste';
import { today } from '../../words/say';

const SEEDS = 2_000_000_000;

/** What is asked of whom, without what came of it. */
export const asked = ({
  name,
  test,
  about,
  samples,
  tasters,
  rounds,
  coder,
}: TastingDocument): Partial<TastingDocument> => ({ name, test, about, samples, tasters, rounds, coder });

/** A tasting with nothing in it; what its codes are made from is this device's own dice. */
export function newTasting(): TastingDocument {
  const [dice = 1] = crypto.getRandomValues(new Uint32Array(1));
  return {
    schema: 1,
    name: '',
    on: today(),
    test: 'liking',
    about: '',
    samples: [],
    tasters: [],
    withdrawn: [],
    rounds: 1,
    coder: '',
    seed: dice % SEEDS,
    stage: 'set up',
    ballots: [],
  };
}
