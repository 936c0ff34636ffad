import type { Express } from 'express';
import { PATHS } from '@omniarton/contracts';
import type { Services } from '../services';

export function healthRoutes(app: Express, { health }: Services): void {
  app.get(PATHS.health, async (_req, res) => {
    const answer = await health.look();
    res.setHeader('Cache-Control', 'no-store');
    res.status(answer.status === 'ok' ? 200 : 503).json(answer);
  });
}
