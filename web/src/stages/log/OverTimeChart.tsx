import {
  CategoryScale,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
  type ChartConfiguration,
} from 'chart.js';
import { useMemo } from 'react';
import { styled, type DefaultTheme } from 'styled-components';
import { Chart } from '../../ui/chart';
import { Drawing } from '../../ui/Drawing';
import { useDrawnTheme } from '../../ui/useDrawnTheme';

Chart.register(LineController, LineElement, PointElement, CategoryScale, LinearScale, Tooltip);

/** Values of one kind, a bake each; null: not known. */
export interface Drawn {
  readonly name: string;
  readonly values: readonly (number | null)[];
  /** A line without dots, else dots without a line. */
  readonly line: boolean;
}

interface Props {
  readonly names: readonly string[];
  readonly series: readonly Drawn[];
  readonly unit: string;
}

function configOf(
  { names, series, unit }: Props,
  colour: DefaultTheme['colour'],
): ChartConfiguration<'line'> {
  return {
    type: 'line',
    data: {
      labels: [...names],
      datasets: series.map(({ name, values, line }) => ({
        label: name,
        data: [...values],
        borderColor: line ? colour.soft : colour.act,
        backgroundColor: colour.act,
        borderWidth: line ? 2 : 0,
        borderDash: line ? [5, 4] : [],
        pointRadius: line ? 0 : 5,
        showLine: line,
        clip: false as const,
      })),
    },
    options: {
      animation: false,
      maintainAspectRatio: false,
      plugins: { legend: { display: false } },
      scales: {
        x: {
          offset: true,
          grid: { display: false },
          ticks: { color: colour.ink },
          border: { color: colour.ink },
        },
        y: {
          grace: '10%',
          grid: { color: colour.line },
          ticks: {
            color: colour.ink,
            callback: (value) => `${Math.round(Number(value) * 100) / 100} ${unit}`,
          },
          border: { color: colour.ink },
        },
      },
    },
  };
}

/** Bakes one after the other. */
export function OverTimeChart({ names, series, unit }: Props) {
  const { colour } = useDrawnTheme();
  const config = useMemo(() => configOf({ names, series, unit }, colour), [names, series, unit, colour]);
  const spoken = names
    .map(
      (name, at) =>
        `${name}: ${series.map((one) => `${one.name} ${one.values[at] ?? 'not known'}`).join(', ')}`,
    )
    .join('. ');
  return (
    <Box>
      <Drawing config={config} label={`${spoken} (${unit})`} />
    </Box>
  );
}

const Box = styled.div`
  position: relative;
  height: 14rem;
  max-width: 48rem;
`;
