import type { Property } from '@omniarton/core/blend';
import { Heading } from '../../ui/layout';
import { Rail } from '../../ui/Rail';
import { useOnBlendBench } from './useBench';
import type { Hand } from './useHand';
import { PROPERTY_WORDS, sayProperty } from './words';

/** The properties a baker can feel or taste. Scores 0–10. */
const SHOWN: readonly Property[] = ['hold', 'chew', 'snap', 'soft', 'body', 'flavour', 'grit', 'colour'];
const MOST = 10;

/** How the blend under the hand stands against what this family wants of one, and against the wheat that it replaces. */
export function BlendCharacter({ hand: { properties, moving } }: { readonly hand: Hand }) {
  const { target, wheat } = useOnBlendBench();
  return (
    <section aria-labelledby="character">
      <Heading id="character">Its character</Heading>
      {SHOWN.map((id) => (
        <Rail
          key={id}
          label={PROPERTY_WORDS[id][0]}
          about={PROPERTY_WORDS[id][1]}
          from={target[id]}
          fromName="wanted"
          beside={{ name: 'wheat', at: wheat.properties[id] }}
          to={properties[id]}
          most={MOST}
          say={(value) => sayProperty(id, value)}
          stale={moving}
        />
      ))}
    </section>
  );
}
