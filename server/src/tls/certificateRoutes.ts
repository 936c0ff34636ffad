import type { Express } from 'express';
import { CERTIFICATE_PATH, PATHS, type CertificateAnswer } from '@omniarton/contracts';
import { NotFoundError } from '../http/errors';

/** What of the household's certificate is told to whoever asks: none of it is a secret. */
export interface Vouched {
  /** Where the page is over https. */
  readonly https: string;
  readonly root: string;
  readonly fingerprint: string;
}

/** The household's root, to be fetched by a device that isn't in yet, and where https is. */
export function certificateRoutes(app: Express, vouched: () => Vouched | null): void {
  app.get(PATHS.certificate, (_req, res) => {
    const there = vouched();
    res.setHeader('Cache-Control', 'no-store');
    res.json({
      https: there?.https ?? null,
      fingerprint: there?.fingerprint ?? null,
    } satisfies CertificateAnswer);
  });
  app.get(CERTIFICATE_PATH, (_req, res) => {
    const there = vouched();
    if (!there)
      throw new NotFoundError('This kitchen has no certificate of its own: it isn’t served over https.');
    res.setHeader('Content-Disposition', 'attachment; filename="household.crt"');
    res.type('application/x-x509-ca-cert').send(there.root);
  });
}
