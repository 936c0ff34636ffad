import { timingSafeEqual } from 'node:crypto';
import type { Express, Request, RequestHandler } from 'express';
import type { Knex } from 'knex';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';
import { digestOf } from '../devices/secrets';
import { NotFoundError, SignedOutError } from '../http/errors';

/** Upper bounds of how long requests take, seconds. */
const BUCKETS = [0.005, 0.01, 0.025, 0.05, 0.1, 0.15, 0.25, 0.5, 1, 2.5, 5];

/** A pool of connections as knex has it. */
interface Pool {
  numUsed(): number;
  numFree(): number;
  numPendingAcquires(): number;
}

/** An address by its parameters' names: who is in it is nobody's business here. */
const routeOf = (req: Request): string => {
  const path = (req.route as { path?: unknown } | undefined)?.path;
  return typeof path === 'string' ? path : 'none';
};

const same = (a: string, b: string): boolean => timingSafeEqual(digestOf(a), digestOf(b));

/** What a server counts of itself, in the Prometheus text form: requests and how long they take, the pool, the process. */
export function metricsOf(db: Knex) {
  const registry = new Registry();
  const registers = [registry];
  collectDefaultMetrics({ register: registry });
  const requests = new Counter({
    ...{ name: 'omniarton_requests_total', help: 'Requests answered', registers },
    labelNames: ['method', 'route', 'status'] as const,
  });
  const seconds = new Histogram({
    ...{ name: 'omniarton_request_seconds', help: 'How long requests take', registers },
    ...{ labelNames: ['method', 'route'] as const, buckets: BUCKETS },
  });
  const pool = () => (db.client as { pool?: Pool }).pool;
  const gauge = (name: string, help: string, read: (pool: Pool) => number) =>
    new Gauge({
      ...{ name, help, registers },
      collect() {
        const there = pool();
        this.set(there ? read(there) : 0);
      },
    });
  gauge('omniarton_pool_used', 'Connections in use', (one) => one.numUsed());
  gauge('omniarton_pool_free', 'Connections at rest', (one) => one.numFree());
  gauge('omniarton_pool_waiting', 'Requests that wait for a connection', (one) => one.numPendingAcquires());

  const count: RequestHandler = (req, res, next) => {
    const stop = seconds.startTimer();
    res.on('finish', () => {
      const about = { method: req.method, route: routeOf(req) };
      stop(about);
      requests.inc({ ...about, status: String(res.statusCode) });
    });
    next();
  };

  return {
    count,
    /** Told to whoever shows the token; without a token there is no such address. */
    routes(app: Express, token: string | undefined): void {
      app.get('/metrics', async (req, res) => {
        if (!token) throw new NotFoundError('There is no such address.');
        if (!same(req.headers.authorization ?? '', `Bearer ${token}`))
          throw new SignedOutError('Show the token of the metrics.');
        res.setHeader('Cache-Control', 'no-store');
        res.type(registry.contentType).send(await registry.metrics());
      });
    },
  };
}
