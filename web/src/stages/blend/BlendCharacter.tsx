import { styled } from 'styled-components';
import type { Property } from '@omniarton/core/blend';
import { Heading } from '../../ui/layout';
import { Rail } from '../../ui/Rail';
import { useOnBlendBench } from './useBench';
import { useHand } from './Hand';
import { PROPERTY_WORDS } from '../../words/blend';

/** The properties a baker can feel or taste. Scores 0–10. */
const SHOWN: readonly Property[] = ['hold', 'chew', 'snap', 'soft', 'body', 'flavour', 'grit', 'colour'];
const MOST = 10;
const SAY = (value: number) => value.toFixed(1);
/** A mark moves in steps that an eye can see: smaller ones while dragging draw nothing. */
const FINE = 20;

/** How the blend under the hand stands against what this family wants of one, and against the wheat that it replaces. */
export function BlendCharacter() {
  const { properties } = useHand();
  const { target, wheat } = useOnBlendBench();
  return (
    <Below aria-labelledby="character">
      <Heading id="character">Its character</Heading>
      {SHOWN.map((id) => (
        <Rail
          key={id}
          label={PROPERTY_WORDS[id][0]}
          about={PROPERTY_WORDS[id][1]}
          from={target[id]}
          fromName="wanted"
          beside={wheat.properties[id]}
          besideName="wheat"
          to={Math.round(properties[id] * FINE) / FINE}
          most={MOST}
          say={SAY}
        />
      ))}
    </Below>
  );
}

/** Out of sight it is neither laid out nor painted while a share is dragged. */
const Below = styled.section`
  content-visibility: auto;
  contain-intrinsic-size: auto 32rem;
`;
