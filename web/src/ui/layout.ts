import { styled } from 'styled-components';

/** Things one below the other. */
export const Stack = styled.div<{ $gap?: number }>`
  display: grid;
  gap: ${({ theme, $gap = 4 }) => theme.space($gap)};
  align-content: start;
  min-width: 0;
`;

/** Things side by side that wrap. */
export const Row = styled.div<{ $gap?: number }>`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: ${({ theme, $gap = 2 }) => theme.space($gap)};
`;

/** The name of a part of a stage. */
export const Heading = styled.h2`
  font: 650 1.05rem/1.2 ${({ theme }) => theme.font.text};
  letter-spacing: 0.01em;
`;

/** Small print: sources, hints, doubts. */
export const Small = styled.p`
  font-size: 0.86rem;
  color: ${({ theme }) => theme.colour.soft};
`;

/** A weight or a time: the biggest thing on the screen. */
export const Figure = styled.span<{ $size?: number }>`
  font: 650 ${({ $size = 1.5 }) => $size}rem / 1 ${({ theme }) => theme.font.figures};
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
  &[data-stale] {
    color: ${({ theme }) => theme.colour.soft};
    text-decoration: underline dotted 2px;
    text-underline-offset: 0.18em;
  }
`;
