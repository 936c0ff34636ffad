import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { ThemeProvider } from 'styled-components';
import { theme } from '../base/theme';
import type { makeQuietStore } from '../state/store';
import { GlobalStyle } from './GlobalStyle';

/** What the pages stand in, in a browser and where a server writes one: what they know, and how they look. */
export const Around = ({
  store,
  children,
}: {
  readonly store: ReturnType<typeof makeQuietStore>;
  readonly children: ReactNode;
}) => (
  <Provider store={store}>
    <ThemeProvider theme={theme}>
      <GlobalStyle />
      {children}
    </ThemeProvider>
  </Provider>
);
