import { useEffect, useMemo, useState } from 'react';
import { useTheme, type DefaultTheme } from 'styled-components';

const VARIABLE = /^var\((--[\w-]+)\)$/;

/** The theme with its colours as they are on the page at this moment: a canvas knows no CSS variables. */
export function useDrawnTheme(): DefaultTheme {
  const theme = useTheme();
  const [scheme] = useState(() => matchMedia('(prefers-color-scheme: dark)'));
  const [dark, setDark] = useState(scheme.matches);
  useEffect(() => {
    const turned = () => setDark(scheme.matches);
    scheme.addEventListener('change', turned);
    return () => scheme.removeEventListener('change', turned);
  }, [scheme]);
  return useMemo(() => {
    const style = getComputedStyle(document.documentElement);
    const drawn = <Names extends Readonly<Record<string, string>>>(colours: Names) =>
      Object.fromEntries(
        Object.entries(colours).map(([name, value]) => {
          const variable = VARIABLE.exec(value)?.[1];
          return [name, variable ? style.getPropertyValue(variable).trim() : value];
        }),
      ) as Names;
    return { ...theme, colour: drawn(theme.colour), flour: drawn(theme.flour) };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the page's variables follow the scheme
  }, [theme, dark]);
}
