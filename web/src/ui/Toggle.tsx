import { Switch } from 'react-aria-components';
import { styled } from 'styled-components';

/** On or off; what is drawn is a `.track` among its children. */
export const Toggle = styled(Switch)`
  display: inline-flex;
  align-items: center;
  gap: ${({ theme }) => theme.space(3)};
  min-height: ${({ theme }) => theme.touch};
  cursor: pointer;
  .track {
    position: relative;
    width: 44px;
    height: 24px;
    border: 2px solid ${({ theme }) => theme.colour.strong};
    border-radius: 3px;
    background: ${({ theme }) => theme.colour.paper};
  }
  .track::after {
    content: '';
    position: absolute;
    inset: 2px auto 2px 2px;
    width: 16px;
    background: ${({ theme }) => theme.colour.strong};
  }
  &[data-selected] .track::after {
    inset: 2px 2px 2px auto;
    background: ${({ theme }) => theme.colour.act};
  }
  &[data-focus-visible] .track {
    outline: 3px solid ${({ theme }) => theme.colour.focus};
    outline-offset: 2px;
  }
`;
