import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { styled } from 'styled-components';
import { tubeOf } from '@omniarton/core/heat';
import { PANS, type PanSize } from '@omniarton/core/kitchen';

interface Props {
  readonly pan: PanSize;
  /** The recipe's own, drawn behind it; null: it names none. */
  readonly theirs: PanSize | null;
  readonly onChange: (pan: PanSize) => void;
}

const SIDE = 190;
const MARGIN = 16;
const STEP_CM = 0.5;
const LEAST_CM = 3;
const MOST_CM = 60;

const toStep = (cm: number) => Math.min(MOST_CM, Math.max(LEAST_CM, Math.round(cm / STEP_CM) * STEP_CM));

/** A tin as long as wanted, its other measure in proportion where it isn't even. */
const longer = (pan: PanSize, lengthCm: number): PanSize => ({
  ...pan,
  lengthCm,
  widthCm: (pan.widthCm * lengthCm) / pan.lengthCm,
});

/** The tin from above, true to scale, over the recipe's own: drawn larger or smaller by its rim. */
export function TinDrawing({ pan, theirs, onChange }: Props) {
  const [drawn, setDrawn] = useState<PanSize | null>(null);
  /** Where the rim was taken hold of; the scale stays while it is held. */
  const [held, setHeld] = useState<{
    readonly x: number;
    readonly cm: number;
    readonly scale: number;
  } | null>(null);
  const now = drawn ?? pan;
  const largest = Math.max(pan.lengthCm, pan.widthCm, theirs?.lengthCm ?? 0, theirs?.widthCm ?? 0) * 1.2;
  const scale = held?.scale ?? SIDE / largest;
  const half = SIDE / 2 + MARGIN;
  const grab = (event: PointerEvent<SVGCircleElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    setHeld({ x: event.clientX, cm: now.lengthCm, scale });
  };
  const move = (event: PointerEvent<SVGCircleElement>) => {
    if (held) setDrawn(longer(pan, toStep(held.cm + (2 * (event.clientX - held.x)) / held.scale)));
  };
  const drop = () => {
    setHeld(null);
    if (drawn && drawn.lengthCm !== pan.lengthCm) onChange(drawn);
    setDrawn(null);
  };
  const key = (event: KeyboardEvent) => {
    const by = { ArrowRight: STEP_CM, ArrowUp: STEP_CM, ArrowLeft: -STEP_CM, ArrowDown: -STEP_CM }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onChange(longer(pan, toStep(pan.lengthCm + by)));
  };
  const words = `${PANS.rows[now.shape].name}, ${now.lengthCm} cm`;
  return (
    <Sheet viewBox={`0 0 ${2 * half} ${2 * half}`} aria-label={`Seen from above: ${words}`} role="group">
      {theirs ? <Outline pan={theirs} scale={scale} half={half} className="theirs" /> : null}
      <Outline pan={now} scale={scale} half={half} className="ours" />
      <circle
        role="slider"
        tabIndex={0}
        aria-label="Drawn wider or narrower"
        aria-valuemin={LEAST_CM}
        aria-valuemax={MOST_CM}
        aria-valuenow={now.lengthCm}
        aria-valuetext={words}
        cx={half + (now.lengthCm / 2) * scale}
        cy={half}
        r={12}
        onPointerDown={grab}
        onPointerMove={move}
        onPointerUp={drop}
        onPointerCancel={drop}
        onKeyDown={key}
      />
      <text x={half} y={half + 6} textAnchor="middle">
        {now.count > 1 ? `${Math.round(now.count)} × ` : ''}
        {now.lengthCm} cm
      </text>
    </Sheet>
  );
}

interface OutlineProps {
  readonly pan: PanSize;
  readonly scale: number;
  readonly half: number;
  readonly className: string;
}

function Outline({ pan, scale, half, className }: OutlineProps) {
  const [long, wide] = [pan.lengthCm * scale, pan.widthCm * scale];
  if (!PANS.rows[pan.shape].round)
    return (
      <rect className={className} x={half - long / 2} y={half - wide / 2} width={long} height={wide} rx={4} />
    );
  return (
    <g className={className}>
      <circle cx={half} cy={half} r={long / 2} />
      {PANS.rows[pan.shape].tube !== null ? (
        <circle cx={half} cy={half} r={(tubeOf(pan) * scale) / 2} />
      ) : null}
    </g>
  );
}

const Sheet = styled.svg`
  width: 13.5rem;
  height: 13.5rem;
  touch-action: pan-y;
  .theirs,
  .theirs * {
    fill: none;
    stroke: ${({ theme }) => theme.colour.soft};
    stroke-width: 1.5;
    stroke-dasharray: 5 4;
  }
  .ours,
  .ours * {
    fill: ${({ theme }) => theme.colour.mark};
    fill-opacity: 0.35;
    stroke: ${({ theme }) => theme.colour.ink};
    stroke-width: 3;
  }
  > circle {
    fill: ${({ theme }) => theme.colour.paper};
    stroke: ${({ theme }) => theme.colour.act};
    stroke-width: 3;
    cursor: ew-resize;
  }
  > circle:focus-visible {
    outline: 3px solid ${({ theme }) => theme.colour.focus};
    outline-offset: 2px;
  }
  text {
    font: 650 1.1rem ${({ theme }) => theme.font.figures};
    fill: ${({ theme }) => theme.colour.ink};
  }
`;
