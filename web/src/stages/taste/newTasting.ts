import type { TastingDocument } from '@omniarton/core/taste';
import { newSeed } from '../../base/newSeed';
import { today } from '../../words/say';

/** What is asked of whom, without what came of it. */
export const asked = ({
  name,
  test,
  about,
  samples,
  tasters,
  rounds,
  training,
  coder,
}: TastingDocument): Partial<TastingDocument> => ({
  name,
  test,
  about,
  samples,
  tasters,
  rounds,
  ...(training === undefined ? {} : { training }),
  coder,
});

/** A tasting with nothing in it. */
export function newTasting(): TastingDocument {
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
    seed: newSeed(),
    stage: 'set up',
    ballots: [],
  };
}
