import compression from 'compression';
import express, { type Express } from 'express';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { learningRoutes } from './learning/learningRoutes';
import { bakeRoutes } from './bakes/bakeRoutes';
import { binRoutes } from './bin/binRoutes';
import { cupboardRoutes } from './cupboard/cupboardRoutes';
import { deviceRoutes } from './devices/deviceRoutes';
import { docketRoutes } from './dockets/docketRoutes';
import { eraseRoutes } from './erase/eraseRoutes';
import { everythingRoutes } from './everything/everythingRoutes';
import { findingRoutes } from './finding/findingRoutes';
import { healthRoutes } from './health/healthRoutes';
import { householdRoutes } from './households/householdRoutes';
import { asksFirstPage } from './firstPage/asksFirstPage';
import { giveCaller } from './http/caller';
import { answerErrors, NotFoundError } from './http/errors';
import { json, limitDepth, limitWrites } from './http/limits';
import { servePage } from './http/page';
import { allowHosts, giveNonce, headers, sameSiteWrites } from './http/security';
import { passkeyRoutes } from './passkeys/passkeyRoutes';
import { photoRoutes } from './photos/photoRoutes';
import { recipeRoutes } from './recipes/recipeRoutes';
import type { metricsOf } from './metrics/metrics';
import type { Services } from './services';
import { certificateRoutes, type Vouched } from './tls/certificateRoutes';
import { shelfRoutes } from './shelf/shelfRoutes';
import { tastingRoutes } from './tastings/tastingRoutes';

type Metrics = ReturnType<typeof metricsOf>;

export interface AppOptions {
  readonly services: Services;
  readonly host: string;
  readonly port: () => number;
  /** Further names that it answers to, each with its port: those of the home network. The first is told to other devices. */
  readonly lan?: () => readonly string[];
  /** The household's own certificate, where it is served over https. */
  readonly vouched?: () => Vouched | null;
  readonly logger: Logger;
  /** Addresses of proxies that are believed about whom they ask for; without one nobody is. */
  readonly proxies?: readonly string[];
  /** What the server counts of itself, and the token that it is told for. */
  readonly metrics?: { readonly of: Metrics; readonly token: string | undefined };
  /** The built page; without it only the API is served. */
  readonly webFolder?: string;
}

/** The whole server as one Express app: the edge first, then a feature a line, then the page. */
export function makeApp({
  services,
  host,
  port,
  lan = () => [],
  vouched = () => null,
  logger,
  proxies = [],
  metrics,
  webFolder,
}: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.set('query parser', 'simple');
  app.set('trust proxy', proxies);
  app.use(allowHosts(host, port, lan), giveNonce, headers);
  app.use(pinoHttp({ logger, autoLogging: false }), compression());
  if (metrics) {
    app.use(metrics.of.count);
    metrics.of.routes(app, metrics.token);
  }
  app.use('/api', sameSiteWrites, limitWrites(), giveCaller(services, host, port), json, limitDepth);

  healthRoutes(app, services);
  certificateRoutes(app, vouched);
  deviceRoutes(app, services, () => {
    const [first] = lan();
    return first === undefined ? null : `http://${first}`;
  });
  passkeyRoutes(app, services);
  householdRoutes(app, services);
  findingRoutes(app, services);
  recipeRoutes(app, services);
  docketRoutes(app, services);
  bakeRoutes(app, services);
  photoRoutes(app, services);
  tastingRoutes(app, services);
  cupboardRoutes(app, services);
  shelfRoutes(app, services);
  learningRoutes(app, services);
  binRoutes(app, services);
  eraseRoutes(app, services);
  everythingRoutes(app, services);
  app.use('/api', (_req, _res, next) => next(new NotFoundError('There is no such address.')));

  if (webFolder) servePage(app, webFolder, asksFirstPage(services, host, port, logger));
  app.use(answerErrors);
  return app;
}
