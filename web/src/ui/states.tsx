import { styled } from 'styled-components';
import { ButtonLink } from './Button';
import { Notice } from './Notice';

/** Shown while a page is on its way. */
export const Waiting = () => (
  <Middle aria-busy="true">
    <p role="status">Setting out the scales …</p>
  </Middle>
);

export const Lost = () => (
  <Middle>
    <h1>There is nothing at this address.</h1>
    <ButtonLink to="/" $weight="strong">
      To the work list
    </ButtonLink>
  </Middle>
);

/** The last resort: a page has failed. Drafts are in the browser's store by then. */
export function Wrong({ error }: { readonly error: unknown }) {
  const missing = error instanceof Error && /dynamically imported module|module script/i.test(error.message);
  return (
    <Middle>
      <h1>{missing ? 'This page could not be fetched.' : 'This page has failed.'}</h1>
      <Notice tone="danger" loud>
        {missing
          ? 'The server does not answer, or the program was updated meanwhile. What you typed is kept in this browser; load the page again.'
          : 'What you typed is kept in this browser and offered again. Load the page anew; if it fails again, go to the work list.'}
      </Notice>
      <p>
        <a href="/">To the work list</a>
      </p>
    </Middle>
  );
}

const Middle = styled.main`
  display: grid;
  gap: ${({ theme }) => theme.space(4)};
  justify-items: start;
  max-width: 40rem;
  padding: ${({ theme }) => theme.space(8)};
`;
