import { useId } from 'react';
import { styled } from 'styled-components';
import type { Marks } from '@omniarton/core/kitchen';
import { SCALE_ROWS } from '@omniarton/core/log';
import { MARK_SCALES, type MarkScale } from '@omniarton/core/vocabulary';

interface Props {
  readonly marks: Marks;
  readonly onChange: (marks: Marks) => void;
}

const NONE = '–';
const STOPS = [NONE, '1', '2', '3', '4', '5', '6', '7', '8', '9'] as const;
type Stop = (typeof STOPS)[number];

/** A mark on each scale between its two words; a dash for what nobody judged. */
export function MarksForm({ marks, onChange }: Props) {
  const group = useId();
  const mark = (scale: MarkScale, value: Stop) => {
    const { [scale]: _, ...others } = marks;
    onChange(value === NONE ? others : { ...others, [scale]: Number(value) });
  };
  return (
    <Scales>
      {MARK_SCALES.map((scale) => {
        const { name, low, high } = SCALE_ROWS[scale];
        return (
          <Scale key={scale} role="radiogroup" aria-label={`${name}: 1 ${low}, 9 ${high}`}>
            <b>{name}</b>
            <small>{low}</small>
            <Stops>
              {STOPS.map((one) => (
                <OneStop key={one} $none={one === NONE}>
                  <input
                    type="radio"
                    name={`${group}${scale}`}
                    checked={String(marks[scale] ?? NONE) === one}
                    onChange={() => mark(scale, one)}
                  />
                  {one}
                </OneStop>
              ))}
            </Stops>
            <small>{high}</small>
          </Scale>
        );
      })}
    </Scales>
  );
}

const Scales = styled.div`
  display: grid;
  max-width: 52rem;
`;
const Scale = styled.div`
  display: grid;
  grid-template-columns: 6rem 5.5rem auto minmax(0, 1fr);
  align-items: center;
  gap: ${({ theme }) => theme.space(3)};
  padding: ${({ theme }) => theme.space(1)} 0;
  border-top: 1px solid ${({ theme }) => theme.colour.line};
  small {
    font-size: 0.9rem;
    color: ${({ theme }) => theme.colour.soft};
  }
  > small:first-of-type {
    text-align: right;
  }
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr) auto;
    > b {
      grid-column: 1 / -1;
    }
    > small:first-of-type {
      text-align: left;
    }
    > small:last-of-type {
      grid-row: 2;
      grid-column: 2;
    }
    > div {
      grid-column: 1 / -1;
      grid-row: 3;
    }
  }
`;
const Stops = styled.div`
  display: flex;
`;
/* The browser's own radios: a hundred of them open in no time. */
const OneStop = styled.label<{ $none: boolean }>`
  position: relative;
  display: inline-flex;
  align-items: center;
  justify-content: center;
  min-height: ${({ theme }) => theme.touch};
  min-width: 2.1rem;
  margin-right: -1.5px;
  border: 1.5px solid ${({ theme }) => theme.colour.strong};
  font-variant-numeric: tabular-nums;
  cursor: pointer;
  input {
    position: absolute;
    inset: 0;
    margin: 0;
    opacity: 0;
    cursor: pointer;
  }
  &:has(:checked) {
    background: ${({ theme, $none }) => ($none ? theme.colour.table : theme.colour.ink)};
    border-color: ${({ theme, $none }) => ($none ? theme.colour.strong : theme.colour.ink)};
    color: ${({ theme, $none }) => ($none ? theme.colour.ink : theme.colour.ground)};
  }
  &:has(:focus-visible) {
    outline: 3px solid ${({ theme }) => theme.colour.focus};
    outline-offset: 1px;
  }
`;
