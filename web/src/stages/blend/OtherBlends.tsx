import { styled } from 'styled-components';
import { differsFrom, type Blend } from '@omniarton/core/blend';
import { BlendBar } from '../../ui/BlendBar';
import { Button } from '../../ui/Button';
import { Heading, Small } from '../../ui/layout';
import { sayPercent } from '../../words/say';
import { useRequest } from '../../state/bench/onBench';
import { useOnBlendBench } from './useBench';
import { PROPERTY_WORDS, sayDiffers, sayProperty } from '../../words/blend';

interface Props {
  readonly first: Blend;
  readonly blends: readonly Blend[];
}

/** The next best blends that differ from the first by a fifth of the jar: what each has over it, and where it stands off most. */
export function OtherBlends({ first, blends }: Props) {
  const [{ blend: wishes }, ask] = useRequest();
  const bench = useOnBlendBench();
  if (blends.length === 0) return null;
  return (
    <section aria-labelledby="other-blends">
      <Heading id="other-blends">Others that would do</Heading>
      <List>
        {blends.map((blend, at) => (
          <li key={blend.shares.map(({ ingredient, share }) => `${ingredient}${share}`).join()}>
            <strong aria-hidden="true">{at + 2}</strong>
            <div>
              <Over>{sayDiffers(differsFrom(blend.shares, first.shares, bench, wishes.useUp))}</Over>
              <BlendBar shares={blend.shares} height={26} />
              <Small>
                {blend.shares.map(({ name, share }) => `${sayPercent(share)} % ${name}`).join(', ')}
              </Small>
              <Small>
                <FarthestOff blend={blend} />
              </Small>
            </div>
            <Button
              onPress={() =>
                ask({
                  pins: blend.shares.map(({ ingredient, share }) => ({ ingredient, share, held: false })),
                })
              }
              aria-label={`Take the blend of ${blend.shares.map(({ name }) => name).join(', ')}`}
            >
              Take this one
            </Button>
          </li>
        ))}
      </List>
    </section>
  );
}

const FELT = ['hold', 'chew', 'snap', 'soft', 'body', 'flavour', 'grit'] as const;

/** The property in which it stands farthest from what is wanted. */
function FarthestOff({ blend: { properties } }: { readonly blend: Blend }) {
  const { target } = useOnBlendBench();
  const [first] = [...FELT].sort(
    (a, b) => Math.abs(properties[b] - target[b]) - Math.abs(properties[a] - target[a]),
  );
  const by = properties[first!] - target[first!];
  if (Math.abs(by) < 0.3) return 'near what is wanted in everything';
  return `${by > 0 ? 'more' : 'less'} ${PROPERTY_WORDS[first!][0]} than wanted: ${sayProperty(first!, properties[first!])} for ${sayProperty(first!, target[first!])}`;
}

const Over = styled.span`
  font-weight: 600;
  &:empty {
    display: none;
  }
`;
const List = styled.ol`
  display: grid;
  gap: ${({ theme }) => theme.space(3)};
  margin-top: ${({ theme }) => theme.space(2)};
  li {
    display: grid;
    grid-template-columns: 1.5rem minmax(0, 1fr) auto;
    gap: ${({ theme }) => theme.space(3)};
    align-items: center;
  }
  li > div {
    display: grid;
    gap: ${({ theme }) => theme.space(1)};
  }
  li > strong {
    font: 650 1.5rem/1 ${({ theme }) => theme.font.figures};
  }
  ${({ theme }) => theme.phone} {
    li {
      grid-template-columns: 1.5rem minmax(0, 1fr);
    }
    li > button {
      grid-column: 2;
      justify-self: start;
    }
  }
`;
