import { isIP } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';
import { Trouble } from './say.mjs';

/** Addresses that stay within a home: RFC 1918 and link-local. */
const HOME = /^(?:10\.|192\.168\.|172\.(?:1[6-9]|2\d|3[01])\.|169\.254\.)/;

/**
 * The names by which other devices may ask for this one, each with its port: what OMNIARTON_NAMES says (a name of the house, or
 * that of a proxy; with a port of its own or without one), then its addresses in the home network, and its own name there.
 */
export function lanNames(port) {
  const said = (process.env.OMNIARTON_NAMES ?? '')
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter((name) => /^[a-z0-9.-]+(?::\d{1,5})?$/.test(name));
  const own = Object.values(networkInterfaces())
    .flatMap((all) => all ?? [])
    .filter(({ family, internal, address }) => family === 'IPv4' && !internal && HOME.test(address))
    .map(({ address }) => address);
  // The machine's own name, as the network's devices ask for it among themselves (RFC 6762).
  const machine = hostname()
    .toLowerCase()
    .replace(/\.local$/, '');
  const local = /^[a-z0-9-]{1,63}$/.test(machine) ? [`${machine}.local:${port}`] : [];
  return [
    ...said.flatMap((name) => (name.includes(':') ? [name] : [`${name}:${port}`, name])),
    ...own.map((one) => `${one}:${port}`),
    ...local,
  ];
}

/** The proxies that are believed about whom they ask for: addresses, or networks as 10.0.0.0/24, that OMNIARTON_PROXIES names. */
export function trustedProxies() {
  const said = (process.env.OMNIARTON_PROXIES ?? '')
    .split(',')
    .map((one) => one.trim())
    .filter((one) => one !== '');
  const wrong = said.find((one) => !isIP(one.split('/')[0]) || !/^[^/]+(?:\/\d{1,3})?$/.test(one));
  if (wrong !== undefined)
    throw new Trouble(
      `OMNIARTON_PROXIES names ${wrong}, which is no address.`,
      'Name the proxy by its address, as 127.0.0.1, or its network, as 10.0.0.0/24.',
    );
  return said;
}
