import type { CertificateAnswer } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { api } from './api';

/** The household's own certificate, and where the page is over https. */
export const { useCertificateQuery } = api.injectEndpoints({
  endpoints: (build) => ({
    certificate: build.query<CertificateAnswer, void>({ query: () => ({ path: pathTo('certificate') }) }),
  }),
});
