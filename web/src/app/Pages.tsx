import { Suspense } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { BrowserRouter, useLocation, useRoutes } from 'react-router';
import { Waiting, Wrong } from '../ui/states';
import { routes } from './routes';

/** The page of the address, as soon as it is there; one that has failed gives way to the next address. */
export function AtAddress() {
  const page = useRoutes(routes);
  const { pathname } = useLocation();
  return (
    <ErrorBoundary FallbackComponent={Wrong} resetKeys={[pathname]}>
      <Suspense fallback={<Waiting />}>{page}</Suspense>
    </ErrorBoundary>
  );
}

export const Pages = () => (
  <BrowserRouter>
    <AtAddress />
  </BrowserRouter>
);
