import { randomUUID } from 'node:crypto';
import { Trouble } from './say.mjs';

/** Asks a server as a page does; `cookie()` is what it was given. */
export const asking =
  (address, cookie = () => '') =>
  (path, options = {}) =>
    fetch(`${address}${path}`, {
      ...options,
      headers: {
        'content-type': 'application/json',
        origin: address,
        'x-omniarton': '1',
        ...(cookie() ? { cookie: cookie() } : {}),
        ...options.headers,
      },
    });

/** Sends a document; an answer that refuses it is a trouble. */
export async function sent(ask, method, path, body, headers = {}) {
  const answer = await ask(path, { method, body: JSON.stringify(body), headers });
  if (!answer.ok) throw new Trouble(`${method} ${path}: ${answer.status} ${await answer.text()}`);
  return answer;
}

/** A baker who was let in by a code, gave a passphrase, and signed in by it on another device; `from`: whom a proxy would ask for. */
export async function signedIn(address, direct, from = {}) {
  const own = asking(direct);
  const home = (await (await own('/api/households')).json()).find(({ demo }) => !demo);
  const invite = { member: null, name: 'Perrin', role: 'baker' };
  const { code } = await (await sent(own, 'POST', `/api/households/${home.id}/codes`, invite)).json();
  const passphrase = 'four loaves on a blue shelf';
  let cookie = '';
  const ask = asking(address, () => cookie);
  const keep = (answer) => (cookie = answer.headers.getSetCookie()[0].split(';')[0]);
  keep(await sent(ask, 'POST', '/api/join', { code, device: 'a laptop' }, from));
  await sent(ask, 'PUT', '/api/passphrase', { name: 'Perrin', passphrase }, from);
  cookie = '';
  const began = performance.now();
  keep(await sent(ask, 'POST', '/api/sign-in', { name: 'Perrin', passphrase, device: 'a tablet' }, from));
  return { ask, cookie: () => cookie, home: home.id, signInMs: performance.now() - began };
}

/** A recipe's document, as the demo has one. */
export async function someDocument(direct) {
  const ask = asking(direct);
  const demo = (await (await ask('/api/households')).json()).find((one) => one.demo);
  const [like] = (await (await ask(`/api/households/${demo.id}/recipes`)).json()).items;
  return (await (await ask(`/api/households/${demo.id}/recipes/${like.id}`)).json()).doc;
}

/** Each client is a device of its own to what counts saves, where a proxy asks for it. */
const deviceOf = (client) => (client === null ? {} : { 'x-forwarded-for': `10.0.0.${client}` });

/** Keeps a new recipe; its path once it is acknowledged. */
export async function keepOne({ ask, home }, doc, text, client = null) {
  const path = `/api/households/${home}/recipes/${randomUUID()}`;
  const answer = await ask(path, {
    method: 'PUT',
    headers: { 'if-none-match': '*', ...deviceOf(client) },
    body: JSON.stringify({ ...doc, text }),
  });
  if (!answer.ok) throw new Error(`${answer.status}`);
  return path;
}
