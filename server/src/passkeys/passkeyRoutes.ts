import type { Express } from 'express';
import { NewPasskeyDto, PasskeySignInDto, PATHS } from '@omniarton/contracts';
import { addressOf, letIn } from '../devices/deviceRoutes';
import { checked } from '../http/body';
import { callerOf } from '../http/scope';
import { idOf } from '../http/uuid';
import type { Services } from '../services';
import { houseOf } from './house';

/** Passkeys of whoever asks, and the door that they open. */
export function passkeyRoutes(app: Express, services: Services): void {
  const { passkeys, passkeyDoor } = services;
  app.get(PATHS.passkeys, async (_req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await passkeys.list(callerOf(res)));
  });
  app.post(PATHS.passkeyBegin, async (req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.status(201).json(await passkeys.begin(callerOf(res), houseOf(req)));
  });
  app.post(PATHS.passkeys, async (req, res) => {
    await passkeys.make(callerOf(res), houseOf(req), await checked(NewPasskeyDto, req.body));
    res.status(204).end();
  });
  app.delete(PATHS.passkey, async (req, res) => {
    await passkeys.remove(callerOf(res), idOf(req, 'passkey'));
    res.status(204).end();
  });
  app.post(PATHS.passkeyDoorBegin, async (req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.status(201).json(await passkeyDoor.begin(houseOf(req), addressOf(req)));
  });
  app.post(PATHS.passkeyDoor, async (req, res) => {
    const shown = await checked(PasskeySignInDto, req.body);
    await letIn(services, req, res, await passkeyDoor.pass(houseOf(req), shown, addressOf(req)));
  });
}
