import { memo } from 'react';
import { styled } from 'styled-components';
import { Figure, Small } from './layout';
import { sayShort } from '../words/say';

interface Props {
  readonly label: string;
  /** What it measures, in words under the label. */
  readonly about?: string;
  readonly unit?: string;
  /** Where the wheat recipe stands, or the target. */
  readonly from?: number;
  readonly fromName?: string;
  readonly to: number;
  /** Something else to hold it against, drawn as a square. */
  readonly beside?: number;
  readonly besideName?: string;
  readonly band?: readonly [low: number, high: number];
  /** The rail's end; else it ends a little beyond what is on it. */
  readonly most?: number;
  readonly say?: (value: number) => string;
}

const BEYOND = 1.12;

/** A balance as a rail: the band, a ring where it came from, a wedge where it stands now. */
export const Rail = memo(function Rail(props: Props) {
  const { label, about, unit = '', from, fromName = '', to, band, beside, besideName = '' } = props;
  const { say = sayShort } = props;
  const end = props.most ?? Math.max(from ?? 0, to, band?.[1] ?? 0, 1e-9) * BEYOND;
  const out = band && (to < band[0] || to > band[1]);
  const stood = [
    ...(from === undefined ? [] : [`${fromName} ${say(from)}`]),
    ...(beside === undefined ? [] : [`${besideName} ${say(beside)}`]),
  ].join(', ');
  const words = [
    `${say(to)}${unit ? ` ${unit}` : ''}`,
    ...(stood === '' ? [] : [stood]),
    ...(band ? [`band ${say(band[0])} to ${say(band[1])}`] : []),
    ...(out ? ['outside the band'] : []),
  ].join(', ');
  return (
    <Line>
      <Name label={label} about={about} />
      <div className="track" role="img" aria-label={`${label}: ${words}`}>
        <Marks end={end} low={band?.[0]} high={band?.[1]} beside={beside} from={from} />
        <span className="moving">
          <svg
            style={{ left: placeOn(end, to) }}
            data-out={out || undefined}
            viewBox="0 0 14 17"
            aria-hidden="true"
          >
            <path d="M0 0H14V7.5L7 17L0 7.5Z" />
          </svg>
        </span>
      </div>
      <div className="now">
        <div>
          <Figure $size={1.5}>{say(to)}</Figure>
          {unit ? <small> {unit}</small> : null}
        </div>
        <Stood words={stood === '' && band ? `band ${say(band[0])} to ${say(band[1])}` : stood} />
      </div>
    </Line>
  );
});

const placeOn = (end: number, value: number) => `${Math.min(100, Math.max(0, (100 * value) / end))}%`;

const Name = memo(function Name({ label, about }: Pick<Props, 'label' | 'about'>) {
  return (
    <div>
      <strong>{label}</strong>
      {about ? <Small>{about}</Small> : null}
    </div>
  );
});

const Stood = memo(function Stood({ words }: { readonly words: string }) {
  return <Small>{words}</Small>;
});

interface MarksProps {
  readonly end: number;
  readonly low: number | undefined;
  readonly high: number | undefined;
  readonly beside: number | undefined;
  readonly from: number | undefined;
}

/** What stays where it is while the wedge moves. */
const Marks = memo(function Marks({ end, low, high, beside, from }: MarksProps) {
  return (
    <>
      {low === undefined || high === undefined ? null : (
        <Band style={{ left: placeOn(end, low), right: `calc(100% - ${placeOn(end, high)})` }} />
      )}
      {beside === undefined ? null : <Square style={{ left: placeOn(end, beside) }} />}
      {from === undefined ? null : <Ring style={{ left: placeOn(end, from) }} />}
    </>
  );
});

/** What moves on it concerns nothing outside of it: the page isn't laid out anew for it. */
const Line = styled.div`
  contain: content;
  display: grid;
  grid-template-columns: 10rem minmax(6rem, 1fr) 9.5rem;
  align-items: center;
  gap: ${({ theme }) => theme.space(4)};
  padding: ${({ theme }) => theme.space(2)} 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  .track {
    position: relative;
    height: 30px;
  }
  .track::before {
    content: '';
    position: absolute;
    inset: 14px 0 auto;
    border-top: 2px solid ${({ theme }) => theme.colour.ink};
  }
  .moving {
    position: absolute;
    inset: 0;
    contain: size layout style;
  }
  svg {
    position: absolute;
    top: -1px;
    width: 14px;
    height: 17px;
    margin-left: -7px;
    fill: ${({ theme }) => theme.colour.act};
  }
  svg[data-out] {
    fill: ${({ theme }) => theme.colour.danger};
  }
  .now {
    text-align: right;
  }
  [data-stale] & .now > div > :first-child {
    color: ${({ theme }) => theme.colour.soft};
    text-decoration: underline dotted 2px;
    text-underline-offset: 0.18em;
  }
  .now > div {
    height: 1.6rem;
    contain: size layout style;
  }
  small {
    font-size: 0.86rem;
    color: ${({ theme }) => theme.colour.soft};
  }
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr) auto;
    > .track {
      grid-column: 1 / -1;
      grid-row: 2;
    }
  }
`;
const Band = styled.span`
  position: absolute;
  top: 9px;
  height: 12px;
  border: 2px solid ${({ theme }) => theme.colour.ink};
  border-width: 0 2px;
  background: ${({ theme }) => theme.colour.mark};
`;
const Ring = styled.span`
  position: absolute;
  top: 8px;
  width: 14px;
  height: 14px;
  margin-left: -7px;
  border: 2.5px solid ${({ theme }) => theme.colour.strong};
  border-radius: 50%;
  background: ${({ theme }) => theme.colour.ground};
`;
const Square = styled.span`
  position: absolute;
  top: 10px;
  width: 10px;
  height: 10px;
  margin-left: -5px;
  border: 2px solid ${({ theme }) => theme.colour.wheat};
  background: ${({ theme }) => theme.colour.ground};
  transform: rotate(45deg);
`;
