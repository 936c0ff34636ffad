import { useEffect, useRef, useState } from 'react';
import { Label, SliderOutput, SliderThumb, SliderTrack } from 'react-aria-components';
import { styled, type DefaultTheme } from 'styled-components';
import type { DocketBake, SectionView as View } from '@omniarton/core/docket';
import { useTemperatureUnit } from '../../state/bench/useMeasures';
import { Heading, Small, Stack } from '../../ui/layout';
import { Ruler } from '../../ui/Ruler';
import { sayTemperature } from '../../words/say';
import { useDrawnTheme } from '../../ui/useDrawnTheme';
import { useBakeAnswer } from './useBakeAnswer';
import { colourAt, drawSection, layOf, RAMP } from './drawSection';

type Frame = View['frames'][number];

/** A section through the bake: drag the minutes, and it rises and heats before your eyes. */
export function SectionView({ bake }: { readonly bake: DocketBake }) {
  const { data } = useBakeAnswer<{ readonly view: View | null }>(
    ['section', bake],
    { view: null },
    async (engine, key, ...of) => await engine.section(key, ...of),
  );
  const view = data?.view;
  return view && view.frames.length > 1 ? <Scrubbed view={view} /> : null;
}

const middleOf = ({ celsius }: Frame) => celsius.reduce((low, one) => Math.min(low, one), Infinity);
const topOf = ({ celsius, columns }: Frame) => celsius[celsius.length - columns]!;
const edgeOf = ({ celsius, columns }: Frame) =>
  celsius[Math.floor(celsius.length / columns / 2) * columns + columns - 1]!;

function Scrubbed({ view }: { readonly view: View }) {
  const unit = useTemperatureUnit();
  const last = view.frames.length - 1;
  const [wanted, setWanted] = useState(Math.round(last / 2));
  const at = Math.min(wanted, last);
  const frame = view.frames[at]!;
  const say = (celsius: number) => sayTemperature(celsius, unit);
  const wall = view.reach ? `, at the ${view.inTin ? 'wall' : 'rim'} ${say(edgeOf(frame))}` : '';
  const words = `minute ${Math.round(frame.minute)}: coldest ${say(middleOf(frame))}, top ${say(topOf(frame))}${wall}, ${frame.heightCm.toFixed(1)} cm high`;
  return (
    <Stack as="section" $gap={3} aria-labelledby="section">
      <Heading id="section">A section through it</Heading>
      <Drawn view={view} frame={frame} label={words} />
      <Ruler
        $parts={last}
        minValue={0}
        maxValue={last}
        step={1}
        value={at}
        onChange={(next) => setWanted(next as number)}
      >
        <Label>From raw to done</Label>
        <SliderOutput>{Math.round(frame.minute)} min</SliderOutput>
        <SliderTrack>
          <SliderThumb aria-valuetext={words} />
        </SliderTrack>
        <span>raw</span>
        <span>done</span>
      </Ruler>
      <Small>
        {words.charAt(0).toUpperCase() + words.slice(1)}. <Legend />
      </Small>
    </Stack>
  );
}

function Legend() {
  const unit = useTemperatureUnit();
  return (
    <span>
      {RAMP.map((celsius) => (
        <Mark key={celsius}>
          <Swatch style={{ background: colourAt(celsius) }} /> {sayTemperature(celsius, unit)}
        </Mark>
      ))}
    </span>
  );
}

/** The section as it stands at one moment. Words beside it say the same. */
function Drawn({
  view,
  frame,
  label,
}: {
  readonly view: View;
  readonly frame: Frame;
  readonly label: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const theme: DefaultTheme = useDrawnTheme();
  const [width, setWidth] = useState(0);
  useEffect(() => {
    const watch = new ResizeObserver(([entry]) => setWidth(entry!.contentRect.width));
    watch.observe(canvas.current!);
    return () => watch.disconnect();
  }, []);
  useEffect(() => {
    if (canvas.current && width > 0) drawSection(canvas.current, view, frame, width, theme);
  }, [view, frame, width, theme]);
  return <Sheet ref={canvas} role="img" aria-label={label} style={{ height: layOf(view, width).height }} />;
}

const Sheet = styled.canvas`
  width: 100%;
  max-width: 46rem;
`;
const Mark = styled.span`
  margin-right: ${({ theme }) => theme.space(3)};
  white-space: nowrap;
`;
const Swatch = styled.span`
  display: inline-block;
  width: 1.1em;
  height: 0.8em;
  border: 1px solid ${({ theme }) => theme.colour.strong};
`;
