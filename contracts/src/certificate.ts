/** Where a device fetches the household's own root. */
export const CERTIFICATE_PATH = '/household.crt';

/** Where the page is over https, and by what its root is known; null: it is served over plain http alone. */
export interface CertificateAnswer {
  readonly https: string | null;
  /** SHA-256 of the root, as pairs of hexadecimal figures. */
  readonly fingerprint: string | null;
}
