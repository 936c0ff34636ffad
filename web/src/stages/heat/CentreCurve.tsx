import {
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
  type ChartConfiguration,
} from 'chart.js';
import { useMemo } from 'react';
import { styled, type DefaultTheme } from 'styled-components';
import { fahrenheitOf } from '@omniarton/core/quantity';
import type { DocketBake } from '@omniarton/core/docket';
import { useTemperatureUnit } from '../../state/bench/useMeasures';
import { sayTemperature, type TemperatureUnit } from '../../words/say';
import { Chart } from '../../ui/chart';
import { Drawing } from '../../ui/Drawing';
import { useDrawnTheme } from '../../ui/useDrawnTheme';

Chart.register(LineController, LineElement, PointElement, LinearScale, Filler, Tooltip);

const shown = (celsius: number, unit: TemperatureUnit) =>
  unit === 'celsius' ? celsius : fahrenheitOf(celsius);
const TABLE_MINUTES = 5;
const HOTTER_THAN_DONE = 4;
const GRID = 20;

/** The window of the prediction as a filled band up to the top of the chart. */
const windowOf = ({ low, high }: { low: number; high: number }, top: number, colour: string) => ({
  label: 'window',
  data: [
    { x: low, y: top },
    { x: high, y: top },
  ],
  borderWidth: 0,
  pointRadius: 0,
  fill: 'start',
  backgroundColor: colour,
});

/** A level over the whole width. */
const level = (label: string, y: number, end: number, colour: string, dash: [number, number]) => ({
  label,
  data: [
    { x: 0, y },
    { x: end, y },
  ],
  borderColor: colour,
  borderWidth: 1.5,
  borderDash: dash,
  pointRadius: 0,
});

function configOf(
  { centre, crust, edge, doneCelsius, setCelsius, minutes }: DocketBake,
  beside: DocketBake | null,
  unit: TemperatureUnit,
  { ink, line, act, mark, soft, wholeGrain, strong }: DefaultTheme['colour'],
): ChartConfiguration<'line'> {
  const curve = (points: DocketBake['centre']) =>
    points.map(([x, celsius]) => ({ x, y: shown(celsius, unit) }));
  const hottest = Math.max(doneCelsius, ...crust.map(([, celsius]) => celsius));
  const latest = Math.max(minutes?.high ?? centre.at(-1)?.[0] ?? 0, beside?.minutes?.central ?? 0);
  const end = Math.ceil(latest + 1);
  const done = shown(doneCelsius, unit);
  const top = Math.ceil(shown(hottest + HOTTER_THAN_DONE, unit) / GRID) * GRID;
  const axis = (text: string) => ({
    title: { display: true, text, color: soft },
    grid: { color: line },
    ticks: { color: ink },
    border: { color: ink },
  });
  return {
    type: 'line',
    data: {
      datasets: [
        { label: 'coldest place', data: curve(centre), borderColor: act, borderWidth: 3, pointRadius: 0 },
        { label: 'top', data: curve(crust), borderColor: wholeGrain, borderWidth: 2, pointRadius: 0 },
        { label: 'at the wall', data: curve(edge), borderColor: soft, borderWidth: 2, pointRadius: 0 },
        ...(beside
          ? [
              {
                label: 'coldest place of the other',
                data: curve(beside.centre),
                borderColor: strong,
                borderWidth: 3,
                borderDash: [2, 5],
                pointRadius: 0,
              },
            ]
          : []),
        level('done', done, end, ink, [6, 4]),
        ...(setCelsius === null ? [] : [level('starch set', shown(setCelsius, unit), end, soft, [2, 3])]),
        ...(minutes ? [windowOf(minutes, top, mark)] : []),
      ],
    },
    options: {
      animation: false,
      maintainAspectRatio: false,
      parsing: false,
      scales: {
        x: { type: 'linear', min: 0, max: end, ...axis('minutes') },
        y: { type: 'linear', max: top, ...axis(unit === 'celsius' ? '°C' : '°F') },
      },
      plugins: { tooltip: { enabled: true, mode: 'nearest', intersect: false } },
    },
  };
}

/** The coldest place of the bake, its top and its wall over time, the temperature at which it is done, and the window of the prediction. */
export function CentreCurve({
  bake,
  beside,
}: {
  readonly bake: DocketBake;
  /** Another bake to hold it against; null: none. */
  readonly beside: DocketBake | null;
}) {
  const unit = useTemperatureUnit();
  const { colour } = useDrawnTheme();
  const config = useMemo(() => configOf(bake, beside, unit, colour), [bake, beside, unit, colour]);
  const rows = bake.centre.flatMap(([minute, celsius], at, all) => {
    const before = all[at - 1]?.[0] ?? -1;
    const shows =
      Math.floor(minute / TABLE_MINUTES) > Math.floor(before / TABLE_MINUTES) || at === all.length - 1;
    return shows ? [{ minute, celsius, top: bake.crust[at]?.[1], wall: bake.edge[at]?.[1] }] : [];
  });
  return (
    <figure>
      <Frame>
        <Drawing
          config={config}
          label="Temperature of the coldest place, of the top and at the wall over the minutes of the bake"
        />
      </Frame>
      <details>
        <summary>As a table</summary>
        <Table>
          <thead>
            <tr>
              <th scope="col">Minute</th>
              <th scope="col">Coldest place</th>
              <th scope="col">Top</th>
              <th scope="col">At the wall</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ minute, celsius, top, wall }) => (
              <tr key={minute}>
                <td>{Math.round(minute)}</td>
                <td>{sayTemperature(celsius, unit)}</td>
                <td>{top === undefined ? '–' : sayTemperature(top, unit)}</td>
                <td>{wall === undefined ? '–' : sayTemperature(wall, unit)}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      </details>
    </figure>
  );
}

const Frame = styled.div`
  position: relative;
  height: 17rem;
`;
const Table = styled.table`
  margin: ${({ theme }) => theme.space(2)} 0;
  border-collapse: collapse;
  th,
  td {
    padding: 2px ${({ theme }) => theme.space(4)} 2px 0;
    text-align: right;
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  }
`;
