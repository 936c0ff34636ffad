import { parseCookie, stringifySetCookie } from 'cookie';
import type { Request, RequestHandler, Response } from 'express';
import { PATHS } from '@omniarton/contracts';
import { STAYS_DAYS } from '../devices/deviceStore';
import type { Services } from '../services';
import { SignedOutError } from './errors';
import type { Caller } from './scope';

const COOKIE = 'omniarton-device';
const COOKIE_SECONDS = STAYS_DAYS * 86_400;

const setCookie = (req: Request, res: Response, value: string, maxAge: number, path = '/'): void =>
  void res.append(
    'Set-Cookie',
    stringifySetCookie({
      ...{ name: COOKIE, value, maxAge, path, httpOnly: true, sameSite: 'strict' },
      secure: req.secure || (req.headers.origin?.startsWith('https:') ?? false),
    }),
  );

/** Gives a device its secret, out of reach of any script, for our own pages alone. */
export const giveCookie = (req: Request, res: Response, token: string): void =>
  setCookie(req, res, token, COOKIE_SECONDS);
/** Older devices have theirs for the API alone. */
export const takeCookie = (req: Request, res: Response): void =>
  ['/', '/api'].forEach((path) => setCookie(req, res, '', 0, path));

const LOOPBACK = /^(?:::ffff:)?127\.|^::1$/;
const FORWARDED = ['forwarded', 'x-forwarded-for', 'x-real-ip'];

/** From the machine itself, under its own name, and through no proxy. */
export const isLocal = (req: Request, own: string): boolean =>
  req.headers.host === own &&
  LOOPBACK.test(req.socket.remoteAddress ?? '') &&
  FORWARDED.every((name) => req.headers[name] === undefined);

/** Asked by whoever isn't in yet. */
const OPEN: ReadonlySet<string> = new Set(
  [PATHS.health, PATHS.join, PATHS.signIn, PATHS.passkeyDoorBegin, PATHS.passkeyDoor, PATHS.certificate].map(
    (path) => path.replace('/api', ''),
  ),
);

/** The one place that says who asks: whoever sits at the machine, or whose device shows its secret. */
export const whoAsks =
  ({ devices }: Services, host: string, port: () => number) =>
  async (req: Request, res: Response): Promise<Caller> => {
    if (isLocal(req, `${host}:${port()}`)) return devices.local();
    const token = parseCookie(req.headers.cookie ?? '')[COOKIE];
    if (!token) throw new SignedOutError('This device isn’t signed in here yet.');
    const { caller, renewed } = await devices.callerBy(token);
    if (renewed) giveCookie(req, res, renewed);
    return caller;
  };

/** Lets nobody by of whom it isn't known who asks. */
export function giveCaller(...door: Parameters<typeof whoAsks>): RequestHandler {
  const ask = whoAsks(...door);
  return async (req, res, next) => {
    if (OPEN.has(req.path)) return next();
    (res.locals as { caller: Caller }).caller = await ask(req, res);
    next();
  };
}
