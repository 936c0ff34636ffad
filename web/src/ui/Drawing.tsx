import type { ChartConfiguration, ChartType } from 'chart.js';
import { useEffect, useRef } from 'react';
import { styled } from 'styled-components';
import { Chart } from './chart';

interface Props<Type extends ChartType> {
  /** The same one until something else is to be drawn. */
  readonly config: ChartConfiguration<Type>;
  /** What it shows, for whoever can't see it. */
  readonly label: string;
}

/** A chart on its canvas, as high as what is around it. */
export function Drawing<Type extends ChartType>({ config, label }: Props<Type>) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (!canvas.current) return;
    const chart = new Chart<Type>(canvas.current, config);
    return () => chart.destroy();
  }, [config]);
  return <Canvas ref={canvas} role="img" aria-label={label} />;
}

/** As wide as its frame, which it never holds open: a screen that is turned gets narrower. */
const Canvas = styled.canvas`
  position: absolute;
  inset: 0;
`;
