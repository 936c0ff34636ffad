import { memo, type ReactNode } from 'react';
import { styled } from 'styled-components';
import type { SymptomId } from '@omniarton/core/vocabulary';
import { DRAWINGS, type Mark, type Outline } from './symptomDrawings';

const OUTLINES: Readonly<Record<Outline, string>> = {
  level: 'M8 34 V18 Q32 10 56 18 V34 Z',
  domed: 'M8 34 V20 Q32 4 56 20 V34 Z',
  sunk: 'M8 34 V14 Q16 10 22 16 Q32 26 42 16 Q48 10 56 14 V34 Z',
  fallen: 'M8 34 L11 24 Q20 30 32 27 Q44 30 53 24 L56 34 Z',
  low: 'M8 34 V26 Q32 23 56 26 V34 Z',
  wide: 'M2 34 Q6 28 32 27 Q58 28 62 34 Z',
  tall: 'M14 34 V18 Q32 -2 50 18 V34 Z',
  over: 'M8 34 V16 H2 Q0 10 10 9 Q32 2 54 9 Q64 10 62 16 H56 V34 Z',
  halves: 'M6 34 V20 Q16 14 27 17 L23 23 L28 28 L24 34 Z M58 34 V20 Q48 14 37 17 L33 23 L38 28 L34 34 Z',
  mouth: 'M10 20 Q32 2 54 20 Q32 40 10 20 Z M14 20 Q32 14 50 20',
};

const dots = (places: readonly (readonly [x: number, y: number, r: number])[]) =>
  places.map(([x, y, r]) => <circle key={`${x}/${y}`} cx={x} cy={y} r={r} />);

const MARKS: Readonly<Record<Mark, ReactNode>> = {
  holes: (
    <g data-paper>
      {dots([
        [18, 26, 3],
        [28, 20, 2.4],
        [37, 27, 3.4],
        [47, 23, 2.6],
      ])}
    </g>
  ),
  crack: <path data-line d="M26 14 L30 19 L29 22 L33 26" />,
  'bottom line': <path data-dark d="M9 30 H55 V34 H9 Z" />,
  'wet middle': <ellipse data-wet cx="32" cy="25" rx="12" ry="6" />,
  drops: (
    <path data-wet d="M20 21 q-3 5 0 6 q3 -1 0 -6 M34 24 q-3 5 0 6 q3 -1 0 -6 M46 21 q-3 5 0 6 q3 -1 0 -6" />
  ),
  crumbs: (
    <g data-ink>
      {dots([
        [6, 37, 1.2],
        [14, 38, 1.6],
        [26, 37, 1.2],
        [40, 38, 1.6],
        [52, 37, 1.2],
        [60, 38, 1.4],
      ])}
    </g>
  ),
  grains: (
    <g data-ink>
      {dots([
        [18, 22, 1],
        [24, 28, 1],
        [30, 23, 1],
        [37, 29, 1],
        [43, 22, 1],
        [48, 28, 1],
      ])}
    </g>
  ),
  'dark top': <path data-dark d="M8 20 Q32 4 56 20 L56 23 Q32 8 8 23 Z" />,
  pale: <path data-paper d="M10 21 Q32 7 54 21 L54 31 H10 Z" />,
  fat: <path data-wet d="M0 36 Q32 31 64 36 Q32 40 0 36 Z" />,
  'hard edge': <path data-heavy d="M8 34 V18 M56 34 V18" />,
  green: (
    <g data-green>
      {dots([
        [20, 24, 2.2],
        [31, 28, 2.6],
        [42, 23, 2.2],
        [36, 19, 1.6],
      ])}
    </g>
  ),
  patches: (
    <g data-dark>
      {dots([
        [20, 19, 3],
        [33, 22, 2.4],
        [45, 20, 3],
      ])}
    </g>
  ),
  dense: <path data-line d="M14 29 H50 M14 32 H50 M16 26 H48" />,
  stretch: <path data-line d="M20 22 q4 6 8 0 t8 0 t8 0" />,
  stuck: <path data-heavy d="M4 36 H60" />,
  'was taller': <path data-line strokeDasharray="2 3" d="M16 27 V14 H48 V27" />,
  tear: <path data-line d="M28 27 L33 29 L29 31 L34 34" />,
  'second day': <path data-line d="M46 6 a6 6 0 1 0 4 10 a5 5 0 0 1 -4 -10" />,
};

/** A section through a bake that shows a symptom: drawn, for whoever would rather look than read. */
export const SymptomPicture = memo(function SymptomPicture({ symptom }: { readonly symptom: SymptomId }) {
  const [outline, ...marks] = DRAWINGS[symptom];
  return (
    <Frame viewBox="0 0 64 40" aria-hidden="true">
      <path data-body d={OUTLINES[outline]} />
      {marks.map((mark) => (
        <g key={mark}>{MARKS[mark]}</g>
      ))}
    </Frame>
  );
});

const Frame = styled.svg`
  width: 4rem;
  height: 2.5rem;
  flex: none;
  overflow: visible;
  path,
  circle,
  ellipse {
    stroke-linejoin: round;
    stroke-linecap: round;
  }
  [data-body] {
    fill: ${({ theme }) => theme.colour.mark};
    stroke: ${({ theme }) => theme.colour.strong};
    stroke-width: 1.4;
  }
  [data-line] {
    fill: none;
    stroke: ${({ theme }) => theme.colour.ink};
    stroke-width: 1.3;
  }
  [data-heavy] {
    fill: none;
    stroke: ${({ theme }) => theme.colour.ink};
    stroke-width: 3;
  }
  [data-ink] {
    fill: ${({ theme }) => theme.colour.ink};
  }
  [data-dark] {
    fill: ${({ theme }) => theme.colour.wholeGrain};
  }
  [data-paper] {
    fill: ${({ theme }) => theme.colour.paper};
    stroke: ${({ theme }) => theme.colour.strong};
    stroke-width: 0.6;
  }
  [data-wet] {
    fill: ${({ theme }) => theme.colour.starch};
  }
  [data-green] {
    fill: ${({ theme }) => theme.colour.calm};
  }
`;
