import type { Express } from 'express';
import type { Knex } from 'knex';
import { pino } from 'pino';
import request, { type Test } from 'supertest';
import { makeApp } from '../app';
import { servicesOn } from '../services';
import { openFurnished } from './furnished';

export const HOST = '127.0.0.1:4620';
/** By what name other devices find it. */
export const LAN_HOST = 'kitchen.test:4620';

/** A server on a database of its own, with a home and a demo kitchen, for one file of tests. */
export interface TestHouse {
  readonly db: Knex;
  readonly app: Express;
  /** The same house behind proxies that are believed, or with a copy of its database for lists. */
  behind(proxies: readonly string[], lists?: Knex): Express;
  readonly home: string;
  readonly demo: string;
  get(path: string): Test;
  /** A write as our own page sends it. */
  send(method: 'put' | 'delete' | 'post', path: string): Test;
  /** As another device's page asks; `cookie`: what it was given. */
  from(cookie: string, method: 'get' | 'put' | 'delete' | 'post', path: string): Test;
  close(): Promise<void>;
}

export async function openHouse(name: string): Promise<TestHouse> {
  const db = await openFurnished(process.env.TEST_DATABASE_URL!, `test_${name}_${process.pid}`);
  const logger = pino({ level: 'silent' });
  const behind = (proxies: readonly string[], lists?: Knex) =>
    makeApp({
      ...{ services: servicesOn(db, {}, lists), host: '127.0.0.1', port: () => 4620, logger, proxies },
      lan: () => [LAN_HOST],
    });
  const app = behind([]);
  const get = (path: string) => request(app).get(path).set('host', HOST);
  const send: TestHouse['send'] = (method, path) =>
    request(app)
      [method](path)
      .set({ host: HOST, origin: `http://${HOST}`, 'x-omniarton': '1' });
  const from: TestHouse['from'] = (cookie, method, path) =>
    request(app)
      [method](path)
      .set({ host: LAN_HOST, origin: `http://${LAN_HOST}`, 'x-omniarton': '1', cookie });
  const households = (await get('/api/households')).body as { id: string; demo: boolean }[];
  const home = households.find((one) => !one.demo)!.id;
  const demo = households.find((one) => one.demo)!.id;
  return { db, app, behind, home, demo, get, send, from, close: () => db.destroy() };
}
