import { useId, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { styled } from 'styled-components';
import { mixVectors, moveOnTriangle, type Property } from '@omniarton/core/blend';
import { HIGH_OVER_WIDE, onTriangle } from '../../ui/onTriangle';
import { Pick } from '../../ui/Pick';
import { Row, Small, Stack } from '../../ui/layout';
import { sayPercent } from '../../words/say';
import { PROPERTY_WORDS, sayProperty } from '../../words/blend';
import { useHand, useSettledHand } from './Hand';
import type { HandFlour } from './handBlend';

const WIDTH = 420;
const HEIGHT = Math.round(WIDTH * HIGH_OVER_WIDE);
const STEP = 0.02;
const LEVELS = 7;

type Point = readonly [number, number, number];
const eachOf = <A, B>(
  [a, b, c]: readonly [A, A, A],
  of: (one: A, at: 0 | 1 | 2) => B,
): readonly [B, B, B] => [of(a, 0), of(b, 1), of(c, 2)];

const place = (shares: Point): readonly [number, number] => onTriangle(shares, WIDTH);
/** Which shares stand at a point of the drawing; outside of the triangle they go under nothing. */
function sharesAt(x: number, y: number): Point {
  const c = 1 - y / HEIGHT;
  const b = x / WIDTH - c / 2;
  return [1 - b - c, b, c];
}

/** Where a level of a property, which is linear over the triangle, crosses its edges. */
function crossing(values: Point, level: number): (readonly [number, number])[] {
  const corners: readonly Point[] = [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ];
  return (
    [
      [0, 1],
      [1, 2],
      [2, 0],
    ] as const
  ).flatMap(([i, j]) => {
    const [from, to] = [values[i], values[j]];
    if (from === to || (level - from) * (level - to) > 0) return [];
    const t = (level - from) / (to - from);
    return [place(eachOf(corners[i]!, (one, k) => one * (1 - t) + corners[j]![k]! * t))];
  });
}

/** Any three flours of the blend on a triangle, the rest held, with the chosen property's field under the pointer. */
export function Triangle() {
  const { flours } = useHand();
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [property, setProperty] = useState<Property>('chew');
  const there = chosen.filter((id) => flours.some(({ ingredient }) => ingredient === id));
  const corners = [
    ...there,
    ...flours.map(({ ingredient }) => ingredient).filter((id) => !there.includes(id)),
  ].slice(0, 3);
  const [left, right, top] = corners.map((id) => flours.find(({ ingredient }) => ingredient === id));
  if (!left || !right || !top)
    return <Small>With three flours or more they can be moved on a triangle.</Small>;
  return (
    <Stack $gap={3}>
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <Pick<Property>
          label="The field shows"
          value={property}
          options={Object.entries(PROPERTY_WORDS).map(([id, [name]]) => ({ id: id as Property, name }))}
          onChange={setProperty}
        />
        {flours.length > 3
          ? (['left', 'right', 'top'] as const).map((corner, at) => (
              <Pick<string>
                key={corner}
                label={`At the ${corner}`}
                value={corners[at]!}
                options={flours.map(({ ingredient, flour }) => ({ id: ingredient, name: flour.name }))}
                onChange={(id) => {
                  const swapped = corners.map((one, k) => (k === at ? id : one === id ? corners[at]! : one));
                  setChosen(swapped);
                }}
              />
            ))
          : null}
      </Row>
      <Field three={[left, right, top]} property={property} />
    </Stack>
  );
}

type Three = readonly [HandFlour, HandFlour, HandFlour];

interface FieldProps {
  readonly three: Three;
  readonly property: Property;
}

/** Where the three stand, and how a pointer or a key moves them. */
function useThree(three: Three) {
  const hand = useHand();
  const { set } = useSettledHand();
  const drawing = useRef<SVGSVGElement>(null);
  const whole = three.reduce((sum, { share }) => sum + share, 0);
  const point = eachOf(three, ({ share }) => (whole > 0 ? share / whole : 1 / 3));
  const ids = eachOf(three, ({ ingredient }) => ingredient);
  const held = three.some((one) => one.held);
  const to = (next: Point) => (before: Parameters<typeof moveOnTriangle>[0]) =>
    moveOnTriangle(before, ids, next);
  const drag = (event: PointerEvent<SVGSVGElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const box = drawing.current!.getBoundingClientRect();
    const scale = (WIDTH + 2 * MARGIN) / box.width;
    const [x, y] = [(event.clientX - box.left) * scale - MARGIN, (event.clientY - box.top) * scale - MARGIN];
    hand.move(to(sharesAt(x, y)));
  };
  const begin = (event: PointerEvent<SVGSVGElement>) => {
    if (held) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    drag(event);
  };
  const key = (event: KeyboardEvent) => {
    const [a, b, c] = point;
    const moves: Readonly<Record<string, Point>> = {
      ArrowRight: [a - STEP, b + STEP, c],
      ArrowLeft: [a + STEP, b - STEP, c],
      ArrowUp: [a - STEP / 2, b - STEP / 2, c + STEP],
      ArrowDown: [a + STEP / 2, b + STEP / 2, c - STEP],
    };
    const next = moves[event.key];
    if (!next || held) return;
    event.preventDefault();
    set(to(next));
  };
  return { hand, drawing, whole, point, held, drag, begin, key };
}

function Field({ three, property }: FieldProps) {
  const help = useId();
  const shade = useId();
  const { hand, drawing, whole, point, held, drag, begin, key } = useThree(three);
  const rest = hand.flours.filter((one) => !three.includes(one));
  const at = (corner: Point): number =>
    mixVectors([
      ...three.map(({ flour }, k) => ({ share: whole * corner[k]!, vector: flour.vector })),
      ...rest.map(({ flour, share }) => ({ share, vector: flour.vector })),
    ])[property];
  const values: Point = [at([1, 0, 0]), at([0, 1, 0]), at([0, 0, 1])];
  const [x, y] = place(point);
  const words = three.map(({ flour, share }) => `${flour.name} ${sayPercent(share)} %`).join(', ');
  return (
    <Figure>
      <svg
        ref={drawing}
        viewBox={`${-MARGIN} ${-MARGIN} ${WIDTH + 2 * MARGIN} ${HEIGHT + 2 * MARGIN}`}
        onPointerDown={begin}
        onPointerMove={drag}
        onPointerUp={hand.drop}
        onPointerCancel={hand.drop}
      >
        <Shade id={shade} values={values} />
        <polygon points={TRIANGLE} />
        <polygon points={TRIANGLE} style={{ fill: `url(#${shade})` }} />
        <Levels values={values} property={property} />
        <Corners three={three} />
        <g
          className="point"
          role="application"
          tabIndex={0}
          aria-roledescription="point on a triangle"
          aria-label={`${words}; ${PROPERTY_WORDS[property][0]} ${sayProperty(property, hand.properties[property])}`}
          aria-describedby={help}
          onKeyDown={key}
        >
          <circle cx={x} cy={y} r="22" className="reach" />
          <circle cx={x} cy={y} r="9" />
        </g>
      </svg>
      <Small id={help}>
        {held
          ? 'One of the three is held: let it go to move here.'
          : 'Drag the point, or move it with the arrow keys: left and right trade the lower corners, up and down the top. The rest holds.'}
      </Small>
    </Figure>
  );
}

/** Lines on which the property is the same, each with its value: it reads without its shade. */
function Levels({ values, property }: { readonly values: Point; readonly property: Property }) {
  const [low, high] = [Math.min(...values), Math.max(...values)];
  if (high - low < 1e-9) return null;
  const levels = Array.from({ length: LEVELS }, (_, k) => low + ((k + 1) * (high - low)) / (LEVELS + 1));
  return levels.map((level) => {
    const [from, end] = crossing(values, level);
    return from && end ? (
      <g key={level}>
        <line x1={from[0]} y1={from[1]} x2={end[0]} y2={end[1]} />
        <text x={(from[0] + end[0]) / 2} y={(from[1] + end[1]) / 2 - 4}>
          {sayProperty(property, level)}
        </text>
      </g>
    ) : null;
  });
}

const Corners = ({ three }: { readonly three: Three }) =>
  three.map(({ flour }, k) => {
    const [x, y] = place([Number(k === 0), Number(k === 1), Number(k === 2)]);
    return (
      <text key={flour.id} className="corner" x={x} y={k === 2 ? y - 12 : y + 26} data-at={k}>
        {flour.name}
      </text>
    );
  });

/** The property as a shade, from least to most: it is linear over the triangle, and so is its gradient. */
function Shade({ id, values: [a, b, c] }: { readonly id: string; readonly values: Point }) {
  // Its slope along the drawing's axes, a pixel.
  const x = (b - a) / WIDTH;
  const y = ((a + b) / 2 - c) / HEIGHT;
  const steep = x * x + y * y;
  const [low, high] = [Math.min(a, b, c), Math.max(a, b, c)];
  const end = (value: number) => {
    const by = steep > 0 ? (value - a) / steep : 0;
    return [x * by, HEIGHT + y * by] as const;
  };
  const [from, to] = [end(low), end(high)];
  return (
    <linearGradient id={id} gradientUnits="userSpaceOnUse" x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]}>
      <stop offset="0" stopColor="var(--mark)" stopOpacity="0.15" />
      <stop offset="1" stopColor="var(--act)" stopOpacity={steep > 0 ? 0.45 : 0.15} />
    </linearGradient>
  );
}

const TRIANGLE = `0,${HEIGHT} ${WIDTH},${HEIGHT} ${WIDTH / 2},0`;
const MARGIN = 40;
const Figure = styled.figure`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  max-width: 34rem;
  svg {
    width: 100%;
    touch-action: none;
    user-select: none;
    overflow: visible;
  }
  polygon {
    fill: ${({ theme }) => theme.colour.paper};
    stroke: ${({ theme }) => theme.colour.ink};
    stroke-width: 2.5;
  }
  line {
    stroke: ${({ theme }) => theme.colour.strong};
    stroke-dasharray: 5 4;
  }
  text {
    font: 600 14px ${({ theme }) => theme.font.figures};
    fill: ${({ theme }) => theme.colour.soft};
    text-anchor: middle;
  }
  .corner {
    font: 650 16px ${({ theme }) => theme.font.text};
    fill: ${({ theme }) => theme.colour.ink};
  }
  ${({ theme }) => theme.phone} {
    text {
      font-size: 19px;
    }
    .corner {
      font-size: 21px;
    }
  }
  .corner[data-at='0'] {
    text-anchor: start;
  }
  .corner[data-at='1'] {
    text-anchor: end;
  }
  .point {
    cursor: grab;
    outline: none;
  }
  .point circle {
    fill: ${({ theme }) => theme.colour.act};
    stroke: ${({ theme }) => theme.colour.paper};
    stroke-width: 2.5;
  }
  .point .reach {
    fill: transparent;
    stroke: transparent;
  }
  .point:focus-visible .reach {
    stroke: ${({ theme }) => theme.colour.focus};
    stroke-width: 3;
  }
`;
