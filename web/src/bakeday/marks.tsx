import { css, styled } from 'styled-components';

/** What tells the bakes of a day apart beside their number: a ground and a weave, so that it reads without colour. */
const GROUNDS = ['rice', 'starch', 'legume', 'nut', 'wholeGrain', 'root'] as const;
const WEAVES = [
  'none',
  'repeating-linear-gradient(45deg, var(--paper) 0 2px, transparent 2px 8px)',
  'repeating-linear-gradient(90deg, var(--paper) 0 2px, transparent 2px 7px)',
  'repeating-linear-gradient(-45deg, var(--paper) 0 1px, transparent 1px 5px)',
  'repeating-linear-gradient(0deg, var(--paper) 0 2px, transparent 2px 6px)',
] as const;

const ground = (bake: number): string => `var(--${GROUNDS[bake % GROUNDS.length]!})`;
const weave = (bake: number): string => WEAVES[(Math.floor(bake / GROUNDS.length) + bake) % WEAVES.length]!;

/** The look of one bake of the day. */
export const marked = css<{ $bake: number }>`
  background-color: ${({ $bake }) => ground($bake)};
  background-image: ${({ $bake }) => weave($bake)};
`;

/** Its number on its own ground. */
export const Mark = styled.span<{ $bake: number }>`
  ${marked}
  display: inline-grid;
  place-items: center;
  min-width: 1.9rem;
  height: 1.6rem;
  border: 1.5px solid ${({ theme }) => theme.colour.ink};
  > b {
    padding: 0 0.3em;
    background: ${({ theme }) => theme.colour.paper};
    font: 700 0.95rem/1.2 ${({ theme }) => theme.font.figures};
  }
`;
