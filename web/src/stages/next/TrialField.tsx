import { styled } from 'styled-components';
import type { PlannedTrial } from '@omniarton/core/kitchen';
import type { TrialMarks, TrialResult } from '@omniarton/core/next';
import { contourOf, levelsBetween, type LatticePoint } from '../../ui/contours';
import { onTriangle, HIGH_OVER_WIDE } from '../../ui/onTriangle';

interface Props {
  readonly trial: PlannedTrial;
  readonly result: TrialResult;
  readonly marks: TrialMarks;
  readonly names: readonly string[];
}

const WIDTH = 360;
const ROOM = 26;
/** A mean that is known no better than this, in marks, is drawn hollow. */
const DOUBTFUL = 2;

/** Two factors on a square, from the least to the most of each: the first to the right, the second up. */
const onSquare = ([a = 0, b = 0]: readonly number[], width: number): readonly [x: number, y: number] => [
  ((a + 1) / 2) * width,
  (1 - (b + 1) / 2) * width * SQUARE,
];
const SQUARE = 0.8;

/** What is believed over the triangle of three flours, or the square of two factors: the larger a dot the better, hollow where little is known; marks where it was baked. */
export function TrialField({ trial, result, marks, names }: Props) {
  const { field, best, next } = result;
  if (field.length === 0) return null;
  const blend = trial.kind === 'blend';
  const at = (point: readonly number[]) => (blend ? onTriangle(point, WIDTH) : onSquare(point, WIDTH));
  const lattice = field.map(({ at: point, value }): LatticePoint => {
    const [x, y] = at(point);
    return { ...placeOf(point, blend), x, y, value };
  });
  const values = field.map(({ value }) => value);
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const height = WIDTH * (blend ? HIGH_OVER_WIDE : SQUARE);
  return (
    <Frame
      viewBox={`${-ROOM} ${-ROOM} ${WIDTH + 2 * ROOM} ${height + 2 * ROOM}`}
      role="img"
      aria-label={`Marks foreseen over ${names.join(', ')}: from ${low.toFixed(1)} to ${high.toFixed(1)}`}
    >
      <path
        data-edge
        d={
          blend
            ? `M0 ${height} L${WIDTH} ${height} L${WIDTH / 2} 0 Z`
            : `M0 ${height} L${WIDTH} ${height} L${WIDTH} 0 L0 0 Z`
        }
      />
      {field.map(({ at: point, value, interval }) => {
        const [x, y] = at(point);
        const doubtful = !interval || interval[1] - interval[0] > DOUBTFUL;
        const size = 2 + (high > low ? (5 * (value - low)) / (high - low) : 2);
        return (
          <circle
            key={point.join()}
            cx={x}
            cy={y}
            r={size}
            data-doubt={doubtful || undefined}
            data-foreseen
          />
        );
      })}
      <Contours points={lattice} low={low} high={high} />
      {trial.runs.map(({ code, at: point }) => {
        const [x, y] = at(point);
        const own = marks[code];
        return (
          <text key={code} x={x} y={y + 4} textAnchor="middle" data-run={own ? 'baked' : 'open'}>
            {own ? own.map((one) => one.toFixed(0)).join('/') : '·'}
          </text>
        );
      })}
      {best ? <circle data-best cx={at(best.at)[0]} cy={at(best.at)[1]} r={11} /> : null}
      {next ? (
        <rect data-next x={at(next.at)[0] - 10} y={at(next.at)[1] - 10} width={20} height={20} />
      ) : null}
      <Corners blend={blend} names={names} height={height} />
    </Frame>
  );
}

/** Its place in the lattice that the field is given on: steps of a twentieth, or of a fifth of a level. */
const placeOf = ([a = 0, b = 0]: readonly number[], blend: boolean) =>
  blend
    ? { i: Math.round(a * 20), j: Math.round(b * 20) }
    : { i: Math.round((a + 1) * 5), j: Math.round((b + 1) * 5) };

interface ContourProps {
  readonly points: readonly LatticePoint[];
  readonly low: number;
  readonly high: number;
}

/** Lines on which the mark is the same, each with its mark. */
function Contours({ points, low, high }: ContourProps) {
  return levelsBetween(low, high).map((level) => {
    const pieces = contourOf(points, level);
    const named = pieces[Math.floor(pieces.length / 2)]?.[0];
    return (
      <g key={level}>
        <path data-contour d={pieces.map(([[a, b], [c, d]]) => `M${a} ${b} L${c} ${d}`).join(' ')} />
        {named ? (
          <text data-level x={named[0]} y={named[1]} textAnchor="middle">
            {Number(level.toFixed(2))}
          </text>
        ) : null}
      </g>
    );
  });
}

interface CornerProps {
  readonly blend: boolean;
  readonly names: readonly string[];
  readonly height: number;
}

/** What there is more of towards each corner, or along each side. */
function Corners({ blend, names, height }: CornerProps) {
  return blend ? (
    <>
      <text x={0} y={height + 18}>
        {names[0]}
      </text>
      <text x={WIDTH} y={height + 18} textAnchor="end">
        {names[1]}
      </text>
      <text x={WIDTH / 2} y={-8} textAnchor="middle">
        {names[2]}
      </text>
    </>
  ) : (
    <>
      <text x={WIDTH} y={height + 18} textAnchor="end">
        more {names[0]?.toLowerCase()} →
      </text>
      <text x={0} y={-8}>
        ↑ more {names[1]?.toLowerCase()}
      </text>
    </>
  );
}

const Frame = styled.svg`
  width: 100%;
  max-width: 30rem;
  height: auto;
  [data-edge] {
    fill: none;
    stroke: ${({ theme }) => theme.colour.strong};
  }
  [data-foreseen] {
    fill: ${({ theme }) => theme.colour.rice};
    stroke: ${({ theme }) => theme.colour.rice};
  }
  [data-foreseen][data-doubt] {
    fill: none;
  }
  [data-contour] {
    fill: none;
    stroke: ${({ theme }) => theme.colour.soft};
    stroke-width: 1.2;
  }
  text[data-level] {
    font-size: 11px;
    font-weight: 400;
    fill: ${({ theme }) => theme.colour.soft};
    paint-order: stroke;
    stroke: ${({ theme }) => theme.colour.paper};
    stroke-width: 4px;
  }
  [data-best] {
    fill: none;
    stroke: ${({ theme }) => theme.colour.ink};
    stroke-width: 2.5;
  }
  [data-next] {
    fill: none;
    stroke: ${({ theme }) => theme.colour.act};
    stroke-width: 2.5;
    stroke-dasharray: 4 3;
  }
  text {
    font: 600 13px ${({ theme }) => theme.font.figures};
    fill: ${({ theme }) => theme.colour.ink};
  }
`;
