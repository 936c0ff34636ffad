import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Provider } from 'react-redux';
import { MemoryRouter, useLocation } from 'react-router';
import { ThemeProvider } from 'styled-components';
import { AtAddress } from '../app/Pages';
import { benchPath } from '../base/paths';
import { theme } from '../base/theme';
import { makeStore } from '../state/store';
import { fetchFrom, HOUSEHOLD, RECIPE, type FakeServer } from './server';

/** Opens an address of the page over a server, with the real store and the real engine, as a person would. */
export function openPage(address: string, server: FakeServer) {
  globalThis.fetch = fetchFrom(server) as unknown as typeof fetch;
  const store = makeStore();
  let path = address;
  const Here = () => {
    path = useLocation().pathname;
    return null;
  };
  const user = userEvent.setup({ delay: null });
  render(
    <Provider store={store}>
      <ThemeProvider theme={theme}>
        <MemoryRouter initialEntries={[address]}>
          <AtAddress />
          <Here />
        </MemoryRouter>
      </ThemeProvider>
    </Provider>,
  );
  return { user, store, path: () => path };
}

/** Opens a stage of the bench over a recipe, and waits until it is there. */
export async function openStage(stage: string, server: FakeServer) {
  const page = openPage(benchPath(HOUSEHOLD, RECIPE, stage), server);
  await screen.findByRole('navigation', { name: 'Stages' });
  await settled();
  const area = () => screen.getByRole('region', { name: new RegExp(`^${stage}$`, 'i') });
  return { ...page, area, docket: () => screen.getByRole('complementary', { name: 'Docket' }) };
}

/** Nothing is being worked out, fetched or saved any more. */
export const settled = () =>
  waitFor(() => expect(document.querySelector('main:not([data-busy]):not([aria-busy])')).not.toBeNull(), {
    interval: 20,
  });
