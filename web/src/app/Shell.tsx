import { Outlet } from 'react-router';
import { styled } from 'styled-components';
import { FlourPatterns } from '../ui/Flour';
import { useTheming } from '../state/settings/useSettings';

/** Past the head of the page, to the stage that is open or to the page itself. */
function skip() {
  const content = document.querySelector<HTMLElement>('[data-content], main');
  if (!content) return;
  content.tabIndex = -1;
  content.focus();
}

/** What every page stands in: the theme, the patterns of the flours. Each page brings its own head. */
export function Shell() {
  useTheming();
  return (
    <>
      <nav aria-label="Skip">
        <Skip type="button" onClick={skip}>
          To the content
        </Skip>
      </nav>
      <FlourPatterns />
      <Outlet />
    </>
  );
}

/** Seen when the focus is on it. */
const Skip = styled.button`
  position: absolute;
  left: -100vw;
  z-index: 60;
  min-height: ${({ theme }) => theme.touch};
  padding: ${({ theme }) => `${theme.space(3)} ${theme.space(4)}`};
  background: ${({ theme }) => theme.colour.ink};
  color: ${({ theme }) => theme.colour.ground};
  font-weight: 600;
  &:focus {
    left: ${({ theme }) => theme.space(2)};
    top: ${({ theme }) => theme.space(2)};
  }
  @media print {
    display: none;
  }
`;
