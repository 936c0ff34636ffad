import { once } from 'node:events';
import type { Express } from 'express';
import { PATHS } from '@omniarton/contracts';
import { giveScope } from '../http/enter';
import { scopeOf } from '../http/scope';
import type { Services } from '../services';

export function everythingRoutes(app: Express, services: Services): void {
  const { everything, households } = services;
  const scoped = giveScope(services);
  app.get(PATHS.everything, scoped, async (_req, res) => {
    const scope = scopeOf(res);
    const name =
      (await households.list(scope.personId)).find(({ id }) => id === scope.householdId)?.name ?? '';
    const now = new Date();
    res.setHeader('Cache-Control', 'no-store');
    res.setHeader(
      'Content-Disposition',
      `attachment; filename="omniarton-everything-${now.toISOString().slice(0, 10)}.json"`,
    );
    res.type('json');
    await everything.giveOut(scope, name, now, async (text) => {
      if (!res.write(text)) await once(res, 'drain');
    });
    res.end();
  });
  app.post(PATHS.everything, scoped, async (req, res) => {
    // Whoever doesn't say that it is their own file brings another kitchen's: its bakes teach nothing here.
    res.json(await everything.takeIn(scopeOf(res), req.body, { own: req.query['own'] === 'yes' }));
  });
}
