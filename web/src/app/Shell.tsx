import { Outlet } from 'react-router';
import { FlourPatterns } from '../ui/Flour';
import { useTheming } from '../state/settings/useSettings';

/** What every page stands in: the theme, the patterns of the flours. Each page brings its own head. */
export function Shell() {
  useTheming();
  return (
    <>
      <FlourPatterns />
      <Outlet />
    </>
  );
}
