import { useEffect, useState } from 'react';
import { Outlet, useLocation } from 'react-router';
import { styled } from 'styled-components';
import { SIGNED_OUT } from '../api/http';
import { JOIN_PATH } from '../base/paths';
import { ButtonLink } from '../ui/Button';
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
      <SignedOut />
      <Outlet />
    </>
  );
}

/** This device isn't in: nothing that is typed is lost, and one press leads to where it gets in. */
function SignedOut() {
  const [out, setOut] = useState(false);
  const { pathname } = useLocation();
  useEffect(() => {
    const tell = () => setOut(true);
    window.addEventListener(SIGNED_OUT, tell);
    return () => window.removeEventListener(SIGNED_OUT, tell);
  }, []);
  if (!out || pathname === JOIN_PATH) return null;
  return (
    <Out role="alert">
      This device isn’t signed in. What you typed is kept.{' '}
      <ButtonLink to={JOIN_PATH} $weight="strong">
        Let it in
      </ButtonLink>
    </Out>
  );
}

const Out = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: ${({ theme }) => theme.space(3)};
  padding: ${({ theme }) => `${theme.space(2)} ${theme.space(4)}`};
  background: ${({ theme }) => theme.colour.askWash};
  border-bottom: 3px solid ${({ theme }) => theme.colour.ask};
`;

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
