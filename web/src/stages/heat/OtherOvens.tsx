import { styled } from 'styled-components';
import type { DocketBake, OtherBake } from '@omniarton/core/docket';
import { Figure, Heading, Small } from '../../ui/layout';
import { useBakeAnswer } from './useBakeAnswer';

/** How long the same bake takes in another oven, in glass, on a mountain. */
export function OtherOvens({ bake }: { readonly bake: DocketBake }) {
  const { data, stale, failed } = useBakeAnswer<readonly OtherBake[]>(
    ['other bakes', bake],
    [],
    async (engine, key, ...of) => await engine.otherBakes(key, ...of),
  );
  if (failed)
    return <p role="status">Other ovens could not be tried. They are tried again with the next change.</p>;
  if (!data || data.length === 0 || !bake.minutes) return null;
  const own = bake.minutes.central;
  return (
    <section aria-labelledby="other-ovens" data-stale={stale || undefined}>
      <Heading id="other-ovens">The same, otherwise</Heading>
      <Small>Simulated anew for each; nothing else is changed.</Small>
      <List>
        {data.map(({ name, bake: { minutes } }) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>
              {minutes ? (
                <>
                  <Figure>{Math.round(minutes.central)} min</Figure>{' '}
                  <Small as="span">{beside(minutes.central - own)}</Small>
                </>
              ) : (
                'never done'
              )}
            </dd>
          </div>
        ))}
      </List>
    </section>
  );
}

function beside(by: number): string {
  const whole = Math.round(by);
  if (whole === 0) return 'as long';
  return `${Math.abs(whole)} ${whole > 0 ? 'longer' : 'sooner'}`;
}

const List = styled.dl`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(9rem, 1fr));
  gap: ${({ theme }) => `${theme.space(3)} ${theme.space(6)}`};
  margin-top: ${({ theme }) => theme.space(2)};
  dt {
    color: ${({ theme }) => theme.colour.soft};
  }
`;
