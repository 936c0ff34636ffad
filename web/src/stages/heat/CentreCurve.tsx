import {
  Chart,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
  type ChartConfiguration,
} from 'chart.js';
import { useEffect, useRef } from 'react';
import { styled, type DefaultTheme } from 'styled-components';
import { fahrenheitOf } from '@omniarton/core/quantity';
import type { DocketBake } from '@omniarton/core/docket';
import { useTemperatureUnit } from '../../settings/useSettings';
import { sayTemperature, type TemperatureUnit } from '../../ui/say';
import { useDrawnTheme } from '../../ui/useDrawnTheme';

Chart.defaults.font = { family: "'Sofia Sans Condensed Variable', system-ui, sans-serif", size: 15 };
Chart.register(LineController, LineElement, PointElement, LinearScale, Filler, Tooltip);

const shown = (celsius: number, unit: TemperatureUnit) =>
  unit === 'celsius' ? celsius : fahrenheitOf(celsius);
const TABLE_MINUTES = 5;
const HOTTER_THAN_DONE = 4;
const GRID = 10;

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

function configOf(
  { centre, crust, doneCelsius, minutes }: DocketBake,
  unit: TemperatureUnit,
  { ink, line, act, mark, soft, wholeGrain }: DefaultTheme['colour'],
): ChartConfiguration<'line'> {
  const curve = (points: DocketBake['centre']) =>
    points.map(([x, celsius]) => ({ x, y: shown(celsius, unit) }));
  const hottest = Math.max(doneCelsius, ...crust.map(([, celsius]) => celsius));
  const end = Math.ceil((minutes?.high ?? centre.at(-1)?.[0] ?? 0) + 1);
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
        {
          label: 'done',
          data: [
            { x: 0, y: done },
            { x: end, y: done },
          ],
          borderColor: ink,
          borderWidth: 1.5,
          borderDash: [6, 4],
          pointRadius: 0,
        },
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

/** The coldest place of the bake and its top over time, the temperature at which it is done, and the window of the prediction. */
export function CentreCurve({ bake }: { readonly bake: DocketBake }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const unit = useTemperatureUnit();
  const { colour } = useDrawnTheme();
  useEffect(() => {
    if (!canvas.current) return;
    const chart = new Chart(canvas.current, configOf(bake, unit, colour));
    return () => chart.destroy();
  }, [bake, unit, colour]);
  const rows = bake.centre.flatMap(([minute, celsius], at, all) => {
    const before = all[at - 1]?.[0] ?? -1;
    const shows =
      Math.floor(minute / TABLE_MINUTES) > Math.floor(before / TABLE_MINUTES) || at === all.length - 1;
    return shows ? [{ minute, celsius, top: bake.crust[at]?.[1] }] : [];
  });
  return (
    <figure>
      <Frame>
        <canvas
          ref={canvas}
          role="img"
          aria-label="Temperature of the coldest place and of the top over the minutes of the bake"
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
            </tr>
          </thead>
          <tbody>
            {rows.map(({ minute, celsius, top }) => (
              <tr key={minute}>
                <td>{Math.round(minute)}</td>
                <td>{sayTemperature(celsius, unit)}</td>
                <td>{top === undefined ? '–' : sayTemperature(top, unit)}</td>
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
