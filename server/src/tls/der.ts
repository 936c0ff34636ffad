/** DER (ITU-T X.690) of what the certificate library has no class for: a tag, a length and what it holds. */
function value(tag: number, ...held: readonly Uint8Array[]): Buffer {
  const content = Buffer.concat(held);
  const size =
    content.length < 0x80
      ? Buffer.of(content.length)
      : content.length < 0x100
        ? Buffer.of(0x81, content.length)
        : Buffer.of(0x82, content.length >> 8, content.length & 0xff);
  return Buffer.concat([Buffer.of(tag), size, content]);
}

const SEQUENCE = 0x30;
const PERMITTED = 0xa0;
const DNS_NAME = 0x82;
const IP_ADDRESS = 0x87;

/** "192.168.0.0/16" as its address and its mask, eight bytes. */
function network(said: string): Buffer {
  const [address = '', bits = '32'] = said.split('/');
  const mask = (0xffffffff << (32 - Number(bits))) >>> 0;
  return Buffer.of(
    ...address.split('.').map(Number),
    ...[24, 16, 8, 0].map((shift) => (mask >>> shift) & 0xff),
  );
}

/** Name constraints (RFC 5280, 4.2.1.10): the only names, with all below them, and networks that a certificate vouches for. */
export const nameConstraints = (names: readonly string[], networks: readonly string[]): Buffer =>
  value(
    SEQUENCE,
    value(
      PERMITTED,
      ...names.map((name) => value(SEQUENCE, value(DNS_NAME, Buffer.from(name, 'ascii')))),
      ...networks.map((one) => value(SEQUENCE, value(IP_ADDRESS, network(one)))),
    ),
  );
export const NAME_CONSTRAINTS = '2.5.29.30';
