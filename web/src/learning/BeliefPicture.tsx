import { styled } from 'styled-components';
import type { Believed } from '@omniarton/core/next';

interface Props {
  readonly prior: Believed;
  readonly posterior: Believed;
  /** What bakes said, in the same unit. */
  readonly taught: readonly number[];
  /** In words, for whoever can't see it. */
  readonly label: string;
  readonly say: (value: number) => string;
}

const WIDTH = 260;
const HEIGHT = 58;
const FLOOR = 44;
/** Four of five lie within so many spreads. */
const FOUR_OF_FIVE = 1.2816;

const sdOf = ({ low, high }: Believed): number => (high - low) / (2 * FOUR_OF_FIVE);

/** A bell over the middle, as high as it is narrow beside the narrower of the two. */
function bell({ middle }: Believed, sd: number, tallest: number, xOf: (value: number) => number): string {
  const STEPS = 48;
  const points = Array.from({ length: STEPS + 1 }, (_, at) => {
    const z = -3 + (6 * at) / STEPS;
    const y = FLOOR - (FLOOR - 6) * (tallest / sd) * Math.exp((-z * z) / 2);
    return `${at === 0 ? 'M' : 'L'}${xOf(middle + z * sd).toFixed(1)} ${y.toFixed(1)}`;
  });
  return points.join(' ');
}

/** What was believed before (dashed), what each bake said (ticks), and what is believed now. */
export function BeliefPicture({ prior, posterior, taught, label, say }: Props) {
  const [before, now] = [sdOf(prior), Math.max(sdOf(posterior), sdOf(prior) / 40)];
  const low = Math.min(prior.middle - 3 * before, posterior.middle - 3 * now, ...taught);
  const high = Math.max(prior.middle + 3 * before, posterior.middle + 3 * now, ...taught);
  const xOf = (value: number) => 6 + ((WIDTH - 12) * (value - low)) / (high - low);
  const narrow = Math.min(before, now);
  return (
    <Frame viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={label}>
      <path data-floor d={`M0 ${FLOOR} H${WIDTH}`} />
      <path data-before d={bell(prior, before, narrow, xOf)} />
      <path data-now d={bell(posterior, now, narrow, xOf)} />
      {taught.map((value, at) => (
        <path key={at} data-seen d={`M${xOf(value).toFixed(1)} ${FLOOR} v-8`} />
      ))}
      <path data-middle d={`M${xOf(prior.middle).toFixed(1)} ${FLOOR} v5`} />
      <text x={xOf(posterior.middle)} y={HEIGHT - 1} textAnchor="middle">
        {say(posterior.middle)}
      </text>
    </Frame>
  );
}

const Frame = styled.svg`
  width: 100%;
  max-width: ${WIDTH}px;
  height: auto;
  path {
    fill: none;
  }
  [data-floor],
  [data-middle] {
    stroke: ${({ theme }) => theme.colour.strong};
  }
  [data-before] {
    stroke: ${({ theme }) => theme.colour.soft};
    stroke-dasharray: 4 3;
    stroke-width: 1.4;
  }
  [data-now] {
    stroke: ${({ theme }) => theme.colour.act};
    stroke-width: 2;
  }
  [data-seen] {
    stroke: ${({ theme }) => theme.colour.ink};
    stroke-width: 1.6;
  }
  text {
    font: 600 11px ${({ theme }) => theme.font.figures};
    fill: ${({ theme }) => theme.colour.ink};
  }
`;
