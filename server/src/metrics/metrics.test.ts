import { pino } from 'pino';
import request from 'supertest';
import { makeApp } from '../app';
import { servicesOn } from '../services';
import { HOST, openHouse, type TestHouse } from '../testing/house';
import { metricsOf } from './metrics';

let house: TestHouse;
beforeAll(async () => (house = await openHouse('metrics')));
afterAll(() => house.close());

const served = (token?: string) =>
  makeApp({
    ...{
      services: servicesOn(house.db),
      host: '127.0.0.1',
      port: () => 4620,
      logger: pino({ level: 'silent' }),
    },
    metrics: { of: metricsOf(house.db), token },
  });

describe('the metrics', () => {
  it('are told for their token alone, by addresses without anybody’s ids', async () => {
    const app = served('a token of the house');
    const ask = (path: string) => request(app).get(path).set('host', HOST);
    await ask(`/api/households/${house.home}/recipes`).expect(200);
    await ask('/metrics').expect(401);
    await ask('/metrics').set('authorization', 'Bearer another').expect(401);
    const { text } = await ask('/metrics').set('authorization', 'Bearer a token of the house').expect(200);
    expect(text).toMatch(
      /omniarton_requests_total\{method="GET",route="\/api\/households\/:household\/recipes",status="200"\} 1/,
    );
    expect(text).toMatch(/omniarton_request_seconds_bucket\{le="0.15"/);
    expect(text).toMatch(/omniarton_pool_(?:used|free|waiting) \d/);
    expect(text).not.toContain(house.home);
  });
  it('aren’t there without one', async () => {
    await request(served()).get('/metrics').set('host', HOST).expect(404);
  });
});
