import { LinearScale, PointElement, ScatterController, Tooltip, type ChartConfiguration } from 'chart.js';
import { useMemo } from 'react';
import { styled, type DefaultTheme } from 'styled-components';
import { Chart } from '../../ui/chart';
import { Drawing } from '../../ui/Drawing';
import { useDrawnTheme } from '../../ui/useDrawnTheme';

Chart.register(ScatterController, PointElement, LinearScale, Tooltip);

interface Props {
  readonly names: readonly string[];
  /** A row a taster, a column a sample. */
  readonly table: readonly (readonly number[])[];
  readonly low: number;
  readonly high: number;
}

/** Tasters who say the same stand beside each other by so much. */
const APART = 0.06;

function configOf(
  { names, table, low, high }: Props,
  colour: DefaultTheme['colour'],
): ChartConfiguration<'scatter'> {
  const points = names.flatMap((_, sample) =>
    table.map((row, at) => {
      const same = table.slice(0, at).filter((other) => other[sample] === row[sample]).length;
      return { x: sample + same * APART, y: row[sample]! };
    }),
  );
  const means = names.map((_, sample) => ({
    x: sample,
    y: table.reduce((sum, row) => sum + row[sample]!, 0) / table.length,
  }));
  return {
    type: 'scatter',
    data: {
      datasets: [
        { label: 'taster', clip: false, data: points, backgroundColor: colour.act, pointRadius: 5 },
        {
          label: 'mean',
          data: means,
          pointStyle: 'line',
          borderColor: colour.ink,
          borderWidth: 3,
          pointRadius: 22,
        },
      ],
    },
    options: {
      animation: false,
      maintainAspectRatio: false,
      plugins: { legend: { display: false } },
      scales: {
        x: {
          type: 'linear',
          min: -1,
          max: names.length,
          grid: { display: false },
          border: { color: colour.ink },
          ticks: {
            stepSize: 1,
            color: colour.ink,
            callback: (value) => names[Number(value)] ?? '',
          },
        },
        y: {
          min: low,
          max: high,
          grid: { color: colour.line },
          ticks: { stepSize: 1, color: colour.ink },
          border: { color: colour.ink },
        },
      },
    },
  };
}

/** Each taster as a dot over each sample, and a bar at the mean: what a mean alone would hide. */
export function Dots({ names, table, low, high }: Props) {
  const { colour } = useDrawnTheme();
  const config = useMemo(
    () => configOf({ names, table, low, high }, colour),
    [names, table, low, high, colour],
  );
  const spoken = names
    .map((name, sample) => `${name}: ${table.map((row) => row[sample]).join(', ')}`)
    .join('. ');
  return (
    <Box>
      <Drawing config={config} label={`Each taster’s mark. ${spoken}`} />
    </Box>
  );
}

const Box = styled.div`
  position: relative;
  height: 18rem;
  max-width: 40rem;
`;
