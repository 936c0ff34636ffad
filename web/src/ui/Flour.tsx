import type { FlourClass } from '@omniarton/core/vocabulary';
import { memo } from 'react';
import { useTheme, type DefaultTheme } from 'styled-components';

/** What each class is drawn with: it reads without its colour. */
const MARKS: Readonly<Record<FlourClass, string>> = {
  rice: 'M2 2h2v2h-2zM6 6h2v2h-2z',
  'whole grain': 'M0 8L8 0M-2 2L2 -2M6 10L10 6',
  starch: 'M0 4H8',
  nut: 'M0 0L8 8M8 0L0 8',
  legume: 'M4 0V8',
  'root and fruit': 'M0 6L4 2L8 6',
  wheat: 'M4 0V8M0 4H8',
  binder: 'M0 2C2 0 2 4 4 2S6 0 8 2M0 6C2 4 2 8 4 6S6 4 8 6',
};

export const patternId = (kind: FlourClass): string => `flour-${kind.replaceAll(' ', '-')}`;

/** The patterns of all classes, once a page; every other drawing refers to them. */
export function FlourPatterns() {
  const { flour, colour } = useTheme();
  return (
    <svg width="0" height="0" aria-hidden="true" focusable="false" style={{ position: 'absolute' }}>
      <defs>
        {(Object.keys(MARKS) as FlourClass[]).map((kind) => (
          <pattern key={kind} id={patternId(kind)} width="8" height="8" patternUnits="userSpaceOnUse">
            <rect width="8" height="8" fill={flour[kind]} />
            <path
              d={MARKS[kind]}
              stroke={colour.paper}
              strokeWidth="1.4"
              fill={kind === 'rice' ? colour.paper : 'none'}
              strokeOpacity="0.85"
            />
          </pattern>
        ))}
      </defs>
    </svg>
  );
}

const TILE = 8;

/** The same pattern for a canvas that is drawn at the screen's own pixels, in a theme's colours. */
export function flourPattern(
  context: CanvasRenderingContext2D,
  kind: FlourClass,
  { flour, colour }: DefaultTheme,
): CanvasPattern {
  const finer = devicePixelRatio;
  const tile = new OffscreenCanvas(TILE * finer, TILE * finer);
  const on = tile.getContext('2d')!;
  on.scale(finer, finer);
  on.fillStyle = flour[kind];
  on.fillRect(0, 0, TILE, TILE);
  on.globalAlpha = 0.85;
  on.strokeStyle = colour.paper;
  on.fillStyle = colour.paper;
  on.lineWidth = 1.4;
  const mark = new Path2D(MARKS[kind]);
  if (kind === 'rice') on.fill(mark);
  on.stroke(mark);
  const pattern = context.createPattern(tile, 'repeat')!;
  pattern.setTransform(new DOMMatrix().scale(1 / finer));
  return pattern;
}

/** A scrap of a class's pattern, beside its name. */
export const FlourScrap = memo(function FlourScrap({
  kind,
  size = 14,
}: {
  readonly kind: FlourClass;
  readonly size?: number;
}) {
  return (
    <svg width={size} height={size} aria-hidden="true" focusable="false">
      <rect width={size} height={size} rx="2" fill={`url(#${patternId(kind)})`} />
    </svg>
  );
});
