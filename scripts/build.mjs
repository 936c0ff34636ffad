import { buildCommandIfChanged, buildIfChanged } from './lib/build.mjs';
import { pageWeights } from './lib/weights.mjs';
import { run } from './lib/run.mjs';
import { say, Trouble } from './lib/say.mjs';

await run(() => {
  buildIfChanged();
  buildCommandIfChanged();
  const weights = pageWeights();
  for (const { words } of weights) say(words);
  if (weights.some(({ over }) => over)) throw new Trouble('A page has grown too heavy.');
});
