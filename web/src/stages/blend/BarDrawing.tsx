import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { styled, type DefaultTheme } from 'styled-components';
import type { FlourClass } from '@omniarton/core/vocabulary';
import { flourPattern } from '../../ui/Flour';
import { sayPercent } from '../../words/say';
import { useDrawnTheme } from '../../ui/useDrawnTheme';
import type { HandFlour } from './handBlend';

/** How far the drawing reaches beyond the bar: for borders at its ends, above it, and for the figures under it. */
const SIDE = 10;
const ABOVE = 6;
const BELOW = 30;
/** The knob of a border that can be taken. */
const KNOB = { wide: 16, high: 24, round: 3 } as const;

interface Drawing {
  readonly context: CanvasRenderingContext2D;
  readonly width: number;
  readonly height: number;
  readonly theme: DefaultTheme;
  readonly patternOf: (kind: FlourClass) => CanvasPattern;
}

/** One piece of the bar in its flour's pattern, from a place to a place (px). */
function drawPiece(
  { context, height, theme, patternOf }: Drawing,
  kind: FlourClass,
  from: number,
  to: number,
) {
  context.fillStyle = patternOf(kind);
  context.fillRect(from, 0, to - from, height);
  context.strokeStyle = theme.colour.ink;
  context.lineWidth = 1.5;
  context.strokeRect(from, 0, to - from, height);
}

/** A border with its figure under it, and its knob where a pointer can take it: filled when it is held. */
function drawBorder({ context, height, theme }: Drawing, x: number, flour: HandFlour, last: boolean) {
  const { ink, paper } = theme.colour;
  context.fillStyle = ink;
  context.fillRect(last ? x - 6 : x - 3, -ABOVE, 6, height + 2 * ABOVE);
  context.font = `650 16.8px ${theme.font.figures}`;
  context.textAlign = 'right';
  context.fillText(sayPercent(flour.share), x - 8, height + ABOVE + 18);
  if (last) return;
  context.beginPath();
  context.roundRect(x - KNOB.wide / 2, (height - KNOB.high) / 2, KNOB.wide, KNOB.high, KNOB.round);
  context.fillStyle = flour.held ? ink : paper;
  context.fill();
  context.strokeStyle = ink;
  context.lineWidth = 2;
  context.stroke();
}

function draw(drawing: Drawing, flours: readonly HandFlour[]) {
  const { context, width, height } = drawing;
  context.setTransform(devicePixelRatio, 0, 0, devicePixelRatio, 0, 0);
  context.clearRect(0, 0, width + 2 * SIDE, height + ABOVE + BELOW);
  context.translate(SIDE, ABOVE);
  let from = 0;
  const ends = flours.map(({ share, flour }) => {
    const to = from + share * width;
    drawPiece(drawing, flour.class, from, to);
    from = to;
    return to;
  });
  ends.forEach((end, at) => drawBorder(drawing, end, flours[at]!, at === flours.length - 1));
}

/**
 * The bar's picture. It is drawn, not laid out, so that it keeps up with a pointer; what it shows is said by the sliders over
 * it.
 */
export function BarDrawing({ flours }: { readonly flours: readonly HandFlour[] }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [[width, height], setSize] = useState<readonly [number, number]>([0, 0]);
  const [lettered, setLettered] = useState(false);
  const theme = useDrawnTheme();
  useEffect(() => {
    void document.fonts.ready.then(() => setLettered(true));
    const watch = new ResizeObserver(([entry]) => {
      const { inlineSize, blockSize } = entry!.contentBoxSize[0]!;
      setSize([inlineSize - 2 * SIDE, blockSize - ABOVE - BELOW]);
    });
    watch.observe(canvas.current!);
    return () => watch.disconnect();
  }, []);
  const drawing = useRef<Drawing>(null);
  useLayoutEffect(() => {
    const context = canvas.current!.getContext('2d');
    if (!context || width <= 0) return;
    canvas.current!.width = Math.round((width + 2 * SIDE) * devicePixelRatio);
    canvas.current!.height = Math.round((height + ABOVE + BELOW) * devicePixelRatio);
    const patterns = new Map<FlourClass, CanvasPattern>();
    const patternOf = (kind: FlourClass) => {
      if (!patterns.has(kind)) patterns.set(kind, flourPattern(context, kind, theme));
      return patterns.get(kind)!;
    };
    drawing.current = { context, width, height, theme, patternOf };
  }, [width, height, theme]);
  useLayoutEffect(() => {
    if (drawing.current) draw(drawing.current, flours);
  }, [flours, width, height, theme, lettered]);
  return <Picture ref={canvas} aria-hidden="true" />;
}

const Picture = styled.canvas`
  position: absolute;
  top: -${ABOVE}px;
  left: -${SIDE}px;
  width: calc(100% + ${2 * SIDE}px);
  height: calc(100% + ${ABOVE + BELOW}px);
  pointer-events: none;
`;
