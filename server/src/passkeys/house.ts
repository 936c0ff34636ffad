import { isIP } from 'node:net';
import type { Request } from 'express';
import { InvalidError } from '../http/errors';

/** The house as a passkey knows it: by which name, and from which page. */
export interface House {
  readonly rp: string;
  readonly origin: string;
}

/** A page is safe to a browser over https, and at names that never leave the machine. */
const STAYS_HERE = /^(?:.+\.)?localhost$/;

/** By which name a device asks; a name that a passkey can be for. */
export function houseOf(req: Request): House {
  const origin = new URL(req.headers.origin ?? `http://${req.headers.host ?? ''}`);
  const safe = origin.protocol === 'https:' || STAYS_HERE.test(origin.hostname);
  if (!safe || isIP(origin.hostname.replace(/^\[|\]$/g, '')) !== 0)
    throw new InvalidError(
      'A passkey needs https and a name: open this page by the house’s name, with its certificate trusted here.',
    );
  return { rp: origin.hostname, origin: origin.origin };
}
