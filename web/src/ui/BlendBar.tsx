import { memo } from 'react';
import type { BlendPart } from '@omniarton/core/blend';
import { styled } from 'styled-components';
import { patternId } from './Flour';
import { sayPercent } from '../words/say';

interface Props {
  readonly shares: readonly BlendPart[];
  readonly height?: number;
}

/** A blend as a bar: each flour's share in the pattern of its class. */
export const BlendBar = memo(function BlendBar({ shares, height = 34 }: Props) {
  const starts = shares.map((_, at) => shares.slice(0, at).reduce((sum, { share }) => sum + share, 0));
  const words = shares.map(({ name, share }) => `${name} ${sayPercent(share)} %`).join(', ');
  return (
    <Bar width="100%" height={height} role="img" aria-label={words}>
      {shares.map(({ ingredient, class: kind, share }, at) => (
        <rect
          key={ingredient}
          x={`${starts[at]! * 100}%`}
          width={`${share * 100}%`}
          height={height}
          fill={`url(#${patternId(kind)})`}
        >
          <title>{ingredient}</title>
        </rect>
      ))}
    </Bar>
  );
});

const Bar = styled.svg`
  display: block;
  border: 2px solid ${({ theme }) => theme.colour.ink};
  rect {
    stroke: ${({ theme }) => theme.colour.ink};
    stroke-width: 1.5;
  }
`;
