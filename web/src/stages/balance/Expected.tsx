import { memo } from 'react';
import { styled } from 'styled-components';
import type { Estimated, TextureEstimate } from '@omniarton/core/texture';
import { say } from '@omniarton/core/words';
import { Heading, Small } from '../../ui/layout';

const SIGNS: Readonly<Record<Estimated['code'], string>> = {
  'clearly-less': '− −',
  'little-less': '−',
  same: '=',
  'little-more': '+',
  'clearly-more': '+ +',
  unknown: '?',
};

/** How the bake is likely to turn out against the wheat original, with what pulls most. */
export const Expected = memo(function Expected({
  texture,
}: {
  readonly texture: readonly TextureEstimate[];
}) {
  if (texture.length === 0) return null;
  return (
    <section aria-labelledby="expected">
      <Heading id="expected">Against the wheat original</Heading>
      <Small>An estimate from what is in the bowl; your own bakes know better.</Small>
      <List>
        {texture.map(({ texture: name, says, because }) => (
          <li key={name}>
            <b aria-hidden="true">{SIGNS[says.code]}</b>
            <span>
              <strong>{name}</strong> {say(says)}
              {because.length > 0 ? <Small as="span"> · {because.map(say).join('; ')}</Small> : null}
            </span>
          </li>
        ))}
      </List>
    </section>
  );
});

const List = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(19rem, 1fr));
  gap: ${({ theme }) => `${theme.space(1)} ${theme.space(6)}`};
  margin-top: ${({ theme }) => theme.space(2)};
  li {
    display: grid;
    grid-template-columns: 2.2rem minmax(0, 1fr);
    align-items: baseline;
  }
  b {
    font: 700 1.2rem/1.4 ${({ theme }) => theme.font.figures};
    color: ${({ theme }) => theme.colour.act};
  }
`;
