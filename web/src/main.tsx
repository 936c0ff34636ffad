import '@fontsource-variable/literata/opsz.css';
import '@fontsource-variable/sofia-sans/index.css';
import '@fontsource-variable/sofia-sans-condensed/index.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { ThemeProvider } from 'styled-components';
import { GlobalStyle } from './app/GlobalStyle';
import { Pages } from './app/Pages';
import { makeStore } from './state/store';
import { theme } from './base/theme';
import { findCopies } from './state/draft/mirroring';
import { followTab } from './state/draft/opening';
import { hearTabs } from './state/draft/tabs';

const store = makeStore();
void store.dispatch(findCopies());
hearTabs((news) => void store.dispatch(followTab(news)));

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <Provider store={store}>
      <ThemeProvider theme={theme}>
        <GlobalStyle />
        <Pages />
      </ThemeProvider>
    </Provider>
  </StrictMode>,
);
