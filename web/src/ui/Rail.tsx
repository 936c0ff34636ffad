import { memo } from 'react';
import { styled } from 'styled-components';
import { Figure, Small } from './layout';

interface Props {
  readonly label: string;
  /** What it measures, in words under the label. */
  readonly about?: string;
  readonly unit?: string;
  /** Where the wheat recipe stands, or the target. */
  readonly from: number;
  readonly fromName: string;
  readonly to: number;
  /** Something else to hold it against, drawn as a square. */
  readonly beside?: number;
  readonly besideName?: string;
  readonly band?: readonly [low: number, high: number];
  /** The rail's end; else it ends a little beyond what is on it. */
  readonly most?: number;
  readonly say?: (value: number) => string;
  readonly stale?: boolean;
}

const sayShort = (value: number) => String(Number(value.toPrecision(value < 10 ? 2 : 3)));
const BEYOND = 1.12;

/** A balance as a rail: the band, a ring where it came from, a wedge where it stands now. */
export const Rail = memo(function Rail(props: Props) {
  const {
    label,
    about,
    unit = '',
    from,
    fromName,
    to,
    band,
    beside,
    besideName = '',
    say = sayShort,
  } = props;
  const end = props.most ?? Math.max(from, to, band?.[1] ?? 0, 1e-9) * BEYOND;
  const at = (value: number) => `${Math.min(100, Math.max(0, (100 * value) / end))}%`;
  const out = band && (to < band[0] || to > band[1]);
  const words = [
    `${say(to)}${unit ? ` ${unit}` : ''}`,
    `${fromName} ${say(from)}`,
    ...(beside === undefined ? [] : [`${besideName} ${say(beside)}`]),
    ...(band ? [`band ${say(band[0])} to ${say(band[1])}`] : []),
    ...(out ? ['outside the band'] : []),
  ].join(', ');
  return (
    <Line>
      <div>
        <strong>{label}</strong>
        {about ? <Small>{about}</Small> : null}
      </div>
      <Track role="img" aria-label={`${label}: ${words}`}>
        {band ? <Band style={{ left: at(band[0]), right: `calc(100% - ${at(band[1])})` }} /> : null}
        {beside === undefined ? null : (
          <Square style={{ left: at(beside) }} title={`${besideName} ${say(beside)}`} />
        )}
        <Ring style={{ left: at(from) }} title={`${fromName} ${say(from)}`} />
        <Wedge style={{ left: at(to) }} data-out={out || undefined} />
      </Track>
      <Now>
        <Figure $size={1.5} data-stale={props.stale || undefined}>
          {say(to)}
        </Figure>
        {unit ? <Small as="span"> {unit}</Small> : null}
        <Small>
          {fromName} {say(from)}
          {beside === undefined ? '' : `, ${besideName} ${say(beside)}`}
        </Small>
      </Now>
    </Line>
  );
});

/** Its moves concern nothing outside of it: the page isn't laid out anew for them. */
const Line = styled.div`
  contain: content;
  display: grid;
  grid-template-columns: 10rem minmax(6rem, 1fr) 9.5rem;
  align-items: center;
  gap: ${({ theme }) => theme.space(4)};
  padding: ${({ theme }) => theme.space(2)} 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr) auto;
    > :nth-child(2) {
      grid-column: 1 / -1;
      grid-row: 2;
    }
  }
`;
const Track = styled.div`
  position: relative;
  height: 30px;
  &::before {
    content: '';
    position: absolute;
    inset: 14px 0 auto;
    border-top: 2px solid ${({ theme }) => theme.colour.ink};
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
const Wedge = styled.span`
  position: absolute;
  top: -1px;
  width: 14px;
  height: 17px;
  margin-left: -7px;
  background: ${({ theme }) => theme.colour.act};
  clip-path: polygon(0 0, 100% 0, 100% 45%, 50% 100%, 0 45%);
  &[data-out] {
    background: ${({ theme }) => theme.colour.danger};
  }
`;
const Now = styled.div`
  text-align: right;
`;
