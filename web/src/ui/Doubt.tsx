import { styled } from 'styled-components';
import type { Range } from '@omniarton/core/quantity';

/** A weight's doubt drawn as a bar: as wide as the half-width is to the weight, at most this share of it. */
const WIDEST = 0.4;
/** Less than this share is as good as weighed. */
const WEIGHED = 0.005;

export const isDoubtful = ({ central, low, high }: Range): boolean => high - low > 2 * WEIGHED * central;

/** The doubt of a weight: a mark for the weight in the middle, and a bar from its low to its high on one scale for all lines. */
export function DoubtBar({ range }: { readonly range: Range }) {
  const { central, low, high } = range;
  if (!isDoubtful(range)) return <Track aria-hidden="true" data-weighed />;
  const at = (grams: number) => 50 + 50 * Math.max(-1, Math.min(1, (grams / central - 1) / WIDEST));
  return (
    <Track aria-hidden="true">
      <span style={{ left: `${at(low)}%`, right: `${100 - at(high)}%` }} />
    </Track>
  );
}

const Track = styled.span`
  position: relative;
  display: block;
  width: 100%;
  height: 8px;
  margin-top: 3px;
  background: linear-gradient(
    90deg,
    transparent calc(50% - 1px),
    ${({ theme }) => theme.colour.ink} 0 calc(50% + 1px),
    transparent 0
  );
  > span {
    position: absolute;
    inset: 1.5px auto;
    background: repeating-linear-gradient(
      135deg,
      ${({ theme }) => theme.colour.ask} 0 3px,
      transparent 3px 5px
    );
    border-inline: 2px solid ${({ theme }) => theme.colour.ask};
  }
`;
