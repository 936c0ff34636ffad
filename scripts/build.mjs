import { buildIfChanged } from './lib/build.mjs';
import { pageWeights } from './lib/weights.mjs';
import { run, say } from './lib/say.mjs';

await run(() => {
  buildIfChanged();
  for (const line of pageWeights()) say(line);
});
