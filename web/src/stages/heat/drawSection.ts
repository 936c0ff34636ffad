import type { DefaultTheme } from 'styled-components';
import type { SectionView } from '@omniarton/core/docket';

type Frame = SectionView['frames'][number];

/** Temperatures of the ramp, °C: raw, warm, setting, set, done. */
export const RAMP = [20, 45, 70, 85, 98] as const;
/** What each stands for on paper: batter, then the browns of a crumb. Kept in both themes: it is what a bake looks like. */
const TINTS = ['#f7ecd0', '#f2d98f', '#dcae55', '#b97a35', '#8a5021'] as const;

const channels = (hex: string) => [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));
const STOPS = TINTS.map(channels);

/** Red, green and blue of a temperature, between the two stops that it lies between. */
function tintAt(celsius: number): readonly number[] {
  const over = RAMP.findIndex((stop) => celsius < stop);
  if (over === 0) return STOPS[0]!;
  if (over < 0) return STOPS.at(-1)!;
  const part = (celsius - RAMP[over - 1]!) / (RAMP[over]! - RAMP[over - 1]!);
  return STOPS[over]!.map((to, at) =>
    Math.round(STOPS[over - 1]![at]! + part * (to - STOPS[over - 1]![at]!)),
  );
}

export const colourAt = (celsius: number): string => `rgb(${tintAt(celsius).join(' ')})`;

const HIGHEST = 176;
const MARGIN = 10;
/** A piece on a tray is drawn so many times as wide as it is high at last. */
const PIECE = 5;

/** The cells of a half as a small picture, the floor at the bottom; `turned`: the wall on the left. */
function pictureOf({ celsius, columns }: Frame, turned: boolean): HTMLCanvasElement {
  const rows = celsius.length / columns;
  const picture = document.createElement('canvas');
  [picture.width, picture.height] = [columns, rows];
  const context = picture.getContext('2d')!;
  const image = context.createImageData(columns, rows);
  for (let i = 0; i < rows; i += 1)
    for (let j = 0; j < columns; j += 1) {
      const from = i * columns + (turned ? columns - 1 - j : j);
      image.data.set([...tintAt(celsius[from]!), 255], 4 * ((rows - 1 - i) * columns + j));
    }
  context.putImageData(image, 0, 0);
  return picture;
}

/** How a section lies on so wide a drawing: px per cm, and how high the drawing is. */
export function layOf({ reach, frames }: SectionView, width: number) {
  const highest = frames.at(-1)!.heightCm;
  const toCm = reach?.toCm ?? (PIECE * highest) / 2;
  const scale = Math.min(Math.max(0, width - 2 * MARGIN) / (2 * toCm), (HIGHEST - 2 * MARGIN) / highest);
  return { highest, toCm, fromCm: reach?.fromCm ?? 0, scale, height: highest * scale + 2 * MARGIN };
}

/** Draws a section at one moment: both halves, the tin around them, all of one scale, standing on the tin's floor. */
export function drawSection(
  canvas: HTMLCanvasElement,
  view: SectionView,
  frame: Frame,
  width: number,
  { colour }: DefaultTheme,
): void {
  const context = canvas.getContext('2d')!;
  const { highest, toCm, fromCm, scale, height } = layOf(view, width);
  [canvas.width, canvas.height] = [width * devicePixelRatio, height * devicePixelRatio];
  context.scale(devicePixelRatio, devicePixelRatio);
  const [middle, floor] = [width / 2, height - MARGIN];
  const high = frame.heightCm * scale;
  context.imageSmoothingEnabled = true;
  for (const side of [-1, 1] as const) {
    const wide = (toCm - fromCm) * scale;
    const left = side < 0 ? middle - toCm * scale : middle + fromCm * scale;
    context.drawImage(pictureOf(frame, side < 0), left, floor - high, wide, high);
  }
  context.strokeStyle = colour.ink;
  context.lineWidth = 3;
  context.beginPath();
  const walls = view.inTin ? [-toCm, toCm, ...(fromCm > 0 ? [-fromCm, fromCm] : [])] : [];
  for (const wall of walls) {
    context.moveTo(middle + wall * scale, floor);
    context.lineTo(middle + wall * scale, floor - highest * scale);
  }
  context.moveTo(middle - toCm * scale, floor);
  context.lineTo(middle + toCm * scale, floor);
  context.stroke();
}
