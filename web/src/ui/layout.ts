import { css, styled } from 'styled-components';

/** Things one below the other. */
export const Stack = styled.div<{ $gap?: number }>`
  display: grid;
  gap: ${({ theme, $gap = 4 }) => theme.space($gap)};
  align-content: start;
  min-width: 0;
`;

/** What a page of its own stands on: as wide as lines are read, in the middle. */
export const PageFloor = styled.main`
  display: grid;
  gap: ${({ theme }) => theme.space(5)};
  max-width: 62rem;
  margin: 0 auto;
  padding: ${({ theme }) => `${theme.space(3)} ${theme.space(4)} ${theme.space(12)}`};
  h1 {
    font: 600 2.3rem/1.1 ${({ theme }) => theme.font.written};
  }
`;

/** Its head: what it belongs to, and the ways from it. */
export const PageHead = styled.header`
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: ${({ theme }) => theme.space(2)};
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

/** Where words are written on a line. */
export const wordLine = css`
  width: 100%;
  min-height: ${({ theme }) => theme.touch};
  padding: 0 ${({ theme }) => theme.space(2)};
  border: 0;
  border-bottom: 2px solid ${({ theme }) => theme.colour.strong};
  background: ${({ theme }) => theme.colour.paper};
  font: 400 1.05rem/1.3 ${({ theme }) => theme.font.written};
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
