import { X509Certificate } from 'node:crypto';
import { mkdtempSync, rmSync, statSync, unlinkSync } from 'node:fs';
import { createServer } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect } from 'node:tls';
import { householdCertificate, type HouseholdCertificate } from './certificates';

const NAMES = ['kitchen.local', '192.168.1.20'];
const DAY_MS = 86_400_000;
let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'omniarton-tls-'));
});
afterEach(() => rmSync(folder, { recursive: true }));

/** Whether a device that trusts a root takes the page by some name: OpenSSL looks at it, as it would at any other. */
async function trusted({ key, chain, root }: HouseholdCertificate, servername: string): Promise<string> {
  const server = createServer({ key, cert: chain }, (_req, res) => res.end());
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const { port } = server.address() as AddressInfo;
  const said = await new Promise<string>((done) => {
    const socket = connect({ port, host: '127.0.0.1', servername, ca: root }, () => {
      done('trusted');
      socket.destroy();
    });
    socket.on('error', (error: Error) => done(error.message));
  });
  await new Promise((done) => server.close(done));
  return said;
}

describe('a household’s own certificate', () => {
  it('is taken by a device that trusts its root, by the house’s names, and by no other', async () => {
    const made = await householdCertificate(folder, NAMES);
    expect(await trusted(made, 'kitchen.local')).toBe('trusted');
    expect(await trusted(made, 'localhost')).toBe('trusted');
    expect(await trusted(made, 'elsewhere.test')).toMatch(/does not match|altnames/i);
    const stranger = mkdtempSync(join(tmpdir(), 'omniarton-tls-'));
    const other = await householdCertificate(stranger, NAMES);
    rmSync(stranger, { recursive: true });
    expect(await trusted({ ...made, root: other.root }, 'kitchen.local')).toMatch(
      /self-signed|unable to verify/i,
    );
    const page = new X509Certificate(made.chain);
    expect(page.checkIP('192.168.1.20')).toBe('192.168.1.20');
    expect(new X509Certificate(made.root).fingerprint256).toBe(made.fingerprint);
  });
  it('vouches for nothing outside the home, whoever has its key', async () => {
    // Names that the root was made with are kept beside it: with those changed by hand the root itself still refuses.
    const made = await householdCertificate(folder, NAMES);
    expect(made.left).toEqual([]);
    const { writeFileSync } = await import('node:fs');
    writeFileSync(join(folder, 'permitted.json'), JSON.stringify(['local', 'localhost', 'bank.example']));
    const forged = await householdCertificate(folder, ['bank.example']);
    expect(await trusted(forged, 'bank.example')).toMatch(/permitted subtree violation/i);
  });
  it('stays as it is while it does, and its page’s part is renewed a month before its end or for a new name', async () => {
    const now = Date.now();
    const first = await householdCertificate(folder, NAMES, now);
    expect(await householdCertificate(folder, NAMES, now + 300 * DAY_MS)).toEqual(first);
    const later = await householdCertificate(folder, NAMES, now + 370 * DAY_MS);
    expect(later.fingerprint).toBe(first.fingerprint);
    expect(later.chain).not.toBe(first.chain);
    const more = await householdCertificate(folder, [...NAMES, 'tablet.local'], now + 371 * DAY_MS);
    expect(more.fingerprint).toBe(first.fingerprint);
    expect(new X509Certificate(more.chain).checkHost('tablet.local')).toBe('tablet.local');
  });
  it('says which name it can’t vouch for, and another root can', async () => {
    await householdCertificate(folder, NAMES);
    expect((await householdCertificate(folder, [...NAMES, 'tea.example'])).left).toEqual(['tea.example']);
    unlinkSync(join(folder, 'root.crt.pem'));
    const again = await householdCertificate(folder, [...NAMES, 'tea.example']);
    expect(again.left).toEqual([]);
    expect(await trusted(again, 'tea.example')).toBe('trusted');
  });
  it('keeps its keys to the owner of the machine', async () => {
    await householdCertificate(folder, NAMES);
    for (const file of ['root.key.pem', 'page.key.pem'])
      expect(statSync(join(folder, file)).mode & 0o077).toBe(0);
  });
});
