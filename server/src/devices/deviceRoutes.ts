import type { Express, Request, Response } from 'express';
import { JoinDto, MemberRoleDto, NewCodeDto, PassphraseDto, PATHS, SignInDto } from '@omniarton/contracts';
import { checked } from '../http/body';
import { giveCookie, takeCookie } from '../http/caller';
import { giveScope, roleOf } from '../http/enter';
import { callerOf, scopeOf } from '../http/scope';
import { idOf } from '../http/uuid';
import type { Services } from '../services';
import type { LetIn } from './doorService';

/** Whom a proxy that is believed asks for, else who asks. */
export const addressOf = (req: Request): string => req.ip ?? '';

/** A device is given its secret, and told who it is of. */
export async function letIn(
  { devices }: Services,
  req: Request,
  res: Response,
  { token, personId }: LetIn,
): Promise<void> {
  giveCookie(req, res, token);
  res.setHeader('Cache-Control', 'no-store');
  res.status(201).json(await devices.me({ personId, deviceId: null }));
}

/** Devices that join and leave, and who is behind them. `lan`: where other devices find this one; null: nowhere. */
export function deviceRoutes(app: Express, services: Services, lan: () => string | null): void {
  const { devices, door, members, recovery } = services;
  const scoped = giveScope(services);
  app.post(PATHS.join, async (req, res) => {
    await letIn(services, req, res, await door.join(await checked(JoinDto, req.body), addressOf(req)));
  });
  app.post(PATHS.signIn, async (req, res) => {
    await letIn(services, req, res, await door.signIn(await checked(SignInDto, req.body), addressOf(req)));
  });
  app.post(PATHS.signOut, async (req, res) => {
    await devices.signOut(callerOf(res));
    takeCookie(req, res);
    res.status(204).end();
  });
  app.get(PATHS.me, async (_req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await devices.me(callerOf(res)));
  });
  app.put(PATHS.passphrase, async (req, res) => {
    await devices.setPassphrase(callerOf(res), await checked(PassphraseDto, req.body));
    res.status(204).end();
  });
  app.get(PATHS.devices, scoped, async (_req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await members.list(scopeOf(res), lan()));
  });
  app.post(PATHS.codes, scoped, async (req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.status(201).json(await members.makeCode(scopeOf(res), await checked(NewCodeDto, req.body)));
  });
  app.post(PATHS.recovery, scoped, async (_req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.status(201).json(await recovery.make(scopeOf(res)));
  });
  app.delete(PATHS.device, scoped, async (req, res) => {
    await members.putOut(scopeOf(res), roleOf(res), idOf(req, 'device'));
    res.status(204).end();
  });
  app.put(PATHS.member, scoped, async (req, res) => {
    const { role } = await checked(MemberRoleDto, req.body);
    await members.setRole(scopeOf(res), idOf(req, 'member'), role);
    res.status(204).end();
  });
  app.delete(PATHS.member, scoped, async (req, res) => {
    await members.remove(scopeOf(res), idOf(req, 'member'));
    res.status(204).end();
  });
}
