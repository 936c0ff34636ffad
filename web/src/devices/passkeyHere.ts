import { browserSupportsWebAuthn } from '@simplewebauthn/browser';

const AN_ADDRESS = /^(?:\d{1,3}\.){3}\d{1,3}$|^\[/;

/** Why no passkey can be made or shown on this page; null: one can. */
export function noPasskeyHere(page: Pick<Window, 'isSecureContext' | 'location'> = window): string | null {
  if (AN_ADDRESS.test(page.location.hostname))
    return 'A passkey is for a name: open this page by the house’s name, not by its number.';
  if (!page.isSecureContext) return 'A passkey needs https, with the household’s certificate trusted here.';
  return browserSupportsWebAuthn() ? null : 'This browser knows no passkeys.';
}

/** What a browser says when nothing came of it; what the server says comes as it is. */
export const WAS_NOT_MADE = 'Nothing came of it: it was called off, or this device has no passkey for here.';
