import { KeyObject, webcrypto, X509Certificate as NodeCertificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { join } from 'node:path';
import {
  BasicConstraintsExtension,
  cryptoProvider,
  ExtendedKeyUsage,
  ExtendedKeyUsageExtension,
  Extension,
  KeyUsageFlags,
  KeyUsagesExtension,
  SubjectAlternativeNameExtension,
  SubjectKeyIdentifierExtension,
  X509Certificate,
  X509CertificateGenerator,
} from '@peculiar/x509';
import { nameConstraints, NAME_CONSTRAINTS } from './der';

cryptoProvider.set(webcrypto as never);

const KEYS = { name: 'ECDSA', namedCurve: 'P-256' } as const;
const SIGNED = { name: 'ECDSA', hash: 'SHA-256' } as const;
const DAY_MS = 86_400_000;
const ROOT_DAYS = 3650;
/** Browsers take no page's certificate that lasts for longer than 398 days (CA/Browser Forum, Baseline Requirements 6.3.2; from memory). */
const PAGE_DAYS = 397;
const RENEWED_DAYS_BEFORE = 30;
/** A clock that is a little behind. */
const BEFORE_MS = DAY_MS;

/** Names and networks that never leave a home: RFC 1918, 3927, 6762, 8375; "lan", "home" and "internal" by common practice. */
const HOME_NAMES = ['local', 'home.arpa', 'lan', 'home', 'internal', 'localhost'];
const HOME_NETWORKS = ['10.0.0.0/8', '172.16.0.0/12', '192.168.0.0/16', '169.254.0.0/16', '127.0.0.0/8'];
const ALWAYS = ['localhost', '127.0.0.1'];

/** What the page is served with over https, and what a device is given to trust it. */
export interface HouseholdCertificate {
  readonly key: string;
  /** The page's own and the root's, one after the other. */
  readonly chain: string;
  /** The root's, to be handed out. */
  readonly root: string;
  /** The root's SHA-256. */
  readonly fingerprint: string;
  /** Names that the root may not vouch for: they were given after it was made. */
  readonly left: readonly string[];
}

const keyText = (key: webcrypto.CryptoKey): string =>
  KeyObject.from(key).export({ type: 'pkcs8', format: 'pem' }).toString();

function keyFrom(pem: string): Promise<webcrypto.CryptoKey> {
  const bytes = Buffer.from(pem.replace(/-----[^-]+-----|\s/g, ''), 'base64');
  return webcrypto.subtle.importKey('pkcs8', bytes, KEYS, true, ['sign']);
}

const serial = (): string => Buffer.from(webcrypto.getRandomValues(new Uint8Array(16))).toString('hex');
const lasting = (days: number, now: number) => ({
  notBefore: new Date(now - BEFORE_MS),
  notAfter: new Date(now + days * DAY_MS),
});
const newKeys = () => webcrypto.subtle.generateKey(KEYS, true, ['sign', 'verify']);

/** A root of this household alone, which may vouch for names and addresses within a home and nothing else. */
async function makeRoot(names: readonly string[], now: number) {
  const keys = await newKeys();
  const made = await X509CertificateGenerator.createSelfSigned({
    ...{ serialNumber: serial(), name: `CN=Omniarton of this household ${serial().slice(0, 6)}` },
    ...lasting(ROOT_DAYS, now),
    ...{ keys, signingAlgorithm: SIGNED },
    extensions: [
      new BasicConstraintsExtension(true, 0, true),
      new KeyUsagesExtension(KeyUsageFlags.keyCertSign | KeyUsageFlags.cRLSign, true),
      await SubjectKeyIdentifierExtension.create(keys.publicKey),
      new Extension(
        NAME_CONSTRAINTS,
        true,
        Uint8Array.from(nameConstraints([...HOME_NAMES, ...names], HOME_NETWORKS)),
      ),
    ],
  });
  return { key: keyText(keys.privateKey), certificate: made.toString('pem') };
}

async function makePage(root: { key: string; certificate: string }, names: readonly string[], now: number) {
  const keys = await newKeys();
  const made = await X509CertificateGenerator.create({
    ...{
      serialNumber: serial(),
      subject: 'CN=Omniarton',
      issuer: new X509Certificate(root.certificate).subject,
    },
    ...lasting(PAGE_DAYS, now),
    ...{ publicKey: keys.publicKey, signingKey: await keyFrom(root.key), signingAlgorithm: SIGNED },
    extensions: [
      new BasicConstraintsExtension(false, undefined, true),
      new KeyUsagesExtension(KeyUsageFlags.digitalSignature, true),
      new ExtendedKeyUsageExtension([ExtendedKeyUsage.serverAuth]),
      new SubjectAlternativeNameExtension(
        names.map((value) => ({ type: isIP(value) === 0 ? ('dns' as const) : ('ip' as const), value })),
      ),
    ],
  });
  return { key: keyText(keys.privateKey), certificate: made.toString('pem') };
}

/** A file for the owner of the machine alone. */
const keep = (file: string, text: string): void => writeFileSync(file, text, { mode: 0o600 });

const under = (name: string, permitted: readonly string[]): boolean =>
  isIP(name) !== 0 || permitted.some((one) => name === one || name.endsWith(`.${one}`));

/** Whether a page's certificate does for some names, and will for a while. */
function lasts(pem: string, root: string, names: readonly string[], now: number): boolean {
  const page = new NodeCertificate(pem);
  const covers = (name: string) =>
    (isIP(name) === 0 ? page.checkHost(name) : page.checkIP(name)) !== undefined;
  return (
    Date.parse(page.validTo) - now > RENEWED_DAYS_BEFORE * DAY_MS &&
    page.verify(new NodeCertificate(root).publicKey) &&
    names.every(covers)
  );
}

/**
 * The household's certificate for some names and addresses, out of a folder: made at first use, the page's own renewed a month before
 * it ends or when a name is new. `now`: ms.
 */
export async function householdCertificate(
  folder: string,
  asked: readonly string[],
  now = Date.now(),
): Promise<HouseholdCertificate> {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const at = (name: string) => join(folder, name);
  const read = (name: string) => readFileSync(at(name), 'utf8');
  if (!existsSync(at('root.crt.pem'))) {
    const root = await makeRoot(
      asked.filter((name) => isIP(name) === 0),
      now,
    );
    keep(at('root.key.pem'), root.key);
    keep(at('permitted.json'), JSON.stringify([...HOME_NAMES, ...asked.filter((name) => isIP(name) === 0)]));
    keep(at('root.crt.pem'), root.certificate);
  }
  const root = { key: read('root.key.pem'), certificate: read('root.crt.pem') };
  const permitted = JSON.parse(read('permitted.json')) as string[];
  const names = [...new Set([...asked, ...ALWAYS])].filter((name) => under(name, permitted));
  if (!existsSync(at('page.crt.pem')) || !lasts(read('page.crt.pem'), root.certificate, names, now)) {
    const page = await makePage(root, names, now);
    keep(at('page.key.pem'), page.key);
    keep(at('page.crt.pem'), page.certificate);
  }
  return {
    key: read('page.key.pem'),
    chain: `${read('page.crt.pem')}\n${root.certificate}`,
    root: root.certificate,
    fingerprint: new NodeCertificate(root.certificate).fingerprint256,
    left: asked.filter((name) => !names.includes(name)),
  };
}
