import { Slider } from 'react-aria-components';
import { styled } from 'styled-components';

/** A ruler with a mark that slides on it. It is as high as it is: the page isn't laid out anew for what moves on it. */
export const Ruler = styled(Slider)<{ $parts?: number }>`
  display: grid;
  grid-template-columns: 1fr auto;
  grid-template-rows: 1.8rem ${({ theme }) => theme.touch} 1.4rem;
  height: calc(3.2rem + ${({ theme }) => theme.touch});
  contain: size layout style;
  .react-aria-Label {
    font-weight: 600;
  }
  .react-aria-SliderOutput {
    font: 650 1.1rem/1.3 ${({ theme }) => theme.font.figures};
    font-variant-numeric: tabular-nums;
  }
  .react-aria-SliderTrack {
    position: relative;
    grid-column: 1 / -1;
    height: ${({ theme }) => theme.touch};
    background: repeating-linear-gradient(
        90deg,
        ${({ theme }) => theme.colour.strong} 0 1px,
        transparent 1px ${({ $parts = 12 }) => `calc(100% / ${$parts})`}
      )
      0 26px / calc(100% - 1px) 10px no-repeat;
    border-bottom: 2px solid ${({ theme }) => theme.colour.ink};
  }
  .react-aria-SliderThumb {
    top: 22px;
    width: ${({ theme }) => theme.touch};
    height: ${({ theme }) => theme.touch};
    cursor: ew-resize;
    &::before {
      content: '';
      position: absolute;
      inset: 15px 12px 3px;
      background: ${({ theme }) => theme.colour.ink};
      clip-path: polygon(0 0, 100% 0, 100% 55%, 50% 100%, 0 55%);
    }
    &[data-focus-visible] {
      outline: 3px solid ${({ theme }) => theme.colour.focus};
    }
    input {
      width: ${({ theme }) => theme.touch};
      height: ${({ theme }) => theme.touch};
    }
  }
  > span:last-of-type {
    justify-self: end;
  }
  > span {
    font-size: 0.82rem;
    color: ${({ theme }) => theme.colour.soft};
  }
`;
