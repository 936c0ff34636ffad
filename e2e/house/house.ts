import { randomBytes } from 'node:crypto';
import { expect, test as base, type Page } from '@playwright/test';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { HouseholdAnswer, PageOf, RecipeSummary } from '@omniarton/contracts';
import { makeRelay, type Relay } from './relay';

const ROOT = join(import.meta.dirname, '../..');

interface Server {
  migrate(url: string): Promise<void>;
  seed(url: string, options: { demo: boolean }): Promise<void>;
  serve(options: {
    databaseUrl: string;
    host: string;
    port: number;
    webFolder: string;
    lan?: (port: number) => readonly string[];
  }): Promise<{
    port: number;
    close(): Promise<void>;
  }>;
}

/** A running Omniarton of this worker's own. */
export interface House {
  readonly address: string;
  readonly database: Relay;
}

async function createDatabase(url: string, name: string, like = 'template1'): Promise<void> {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  await client.query(`CREATE DATABASE ${name} TEMPLATE ${like}`);
  await client.end();
}

const builtServer = async () =>
  (await import(pathToFileURL(join(ROOT, 'server/dist/main.js')).href)) as Server;

/** The database that every house starts as a copy of: the demo is worked out once. */
const FURNISHED = 'e2e_furnished';

/** Makes what every house starts with. No connection to it may stay open, or it can't be copied. */
export async function furnish(): Promise<void> {
  const url = new URL(process.env.TEST_DATABASE_URL!);
  await createDatabase(url.href, FURNISHED);
  url.pathname = `/${FURNISHED}`;
  const server = await builtServer();
  await server.migrate(url.href);
  await server.seed(url.href, { demo: true });
}

/** Waits until a page works nothing out and fetches nothing any more. */
export const settled = (page: Page) => page.waitForSelector('main:not([data-busy]):not([aria-busy])');

/** A house that its test may close and open again. */
export interface OwnHouse extends House {
  /** Closes the server and leaves the database. */
  kill(): Promise<void>;
  /** Opens it again at the same address. */
  revive(): Promise<void>;
  close(): Promise<void>;
}

/** `lan`: by which names other devices find it. */
export async function openHouse(
  worker: number | string,
  lan?: (port: number) => readonly string[],
): Promise<OwnHouse> {
  const cluster = process.env.TEST_DATABASE_URL!;
  // A worker may come back to a file whose house it has closed before.
  const name = `e2e_${process.pid}_${worker}_${randomBytes(4).toString('hex')}`;
  await createDatabase(cluster, name, FURNISHED);
  const database = await makeRelay(Number(new URL(cluster).port));
  const url = new URL(cluster);
  url.pathname = `/${name}`;
  url.port = String(database.port);
  const server = await builtServer();
  const serve = (port: number) =>
    server.serve({
      ...{ databaseUrl: url.href, host: '127.0.0.1', port, webFolder: join(ROOT, 'web/dist') },
      ...(lan ? { lan } : {}),
    });
  let running = await serve(0);
  const { port } = running;
  return {
    address: `http://127.0.0.1:${port}`,
    database,
    kill: () => running.close(),
    revive: async () => {
      running = await serve(port);
    },
    close: async () => {
      await running.close();
      await database.close();
    },
  };
}

/** What a page said on its console that no page should say. */
const QUIET = /Failed to load resource|net::ERR/;

interface Fixtures {
  readonly bench: Bench;
}

export const test = base.extend<Fixtures, { house: House }>({
  house: [
    // Playwright reads the fixtures' names out of the parameter: none are wanted here.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use, info) => {
      const house = await openHouse(info.workerIndex);
      await use(house);
      await house.close();
    },
    { scope: 'worker' },
  ],
  bench: async ({ page, house }, use) => {
    const said: string[] = [];
    page.on('console', (message) => {
      if (['error', 'warning'].includes(message.type()) && !QUIET.test(message.text()))
        said.push(message.text());
    });
    page.on('pageerror', (error) => said.push(String(error)));
    await use(new Bench(page, house));
    expect(said).toEqual([]);
  },
});

/** What a person does at the bench, in their words. */
class Bench {
  constructor(
    readonly page: Page,
    readonly house: House,
  ) {}

  /** Waits until nothing is being worked out or saved. */
  async settled(page: Page = this.page): Promise<void> {
    await settled(page);
  }

  async toWorkList(): Promise<void> {
    await this.page.goto(this.house.address);
    await this.settled();
  }

  /** A new sheet with a recipe pasted onto it. */
  async paste(text: string): Promise<void> {
    await this.toWorkList();
    await this.page.getByRole('link', { name: 'Weigh up a recipe' }).click();
    // A new kitchen's first page has a place to paste into as well.
    await this.page.waitForURL('**/recipe/**');
    await this.words.fill(text);
    await this.settled();
  }

  async openDemo(title: string): Promise<void> {
    const { household, recipe } = await this.find(title);
    await this.page.goto(`${this.house.address}/kitchen/${household}/recipe/${recipe}`);
    await this.docket.getByRole('heading', { name: title }).waitFor();
    await this.settled();
  }

  /** As openDemo where the docket is folded away. */
  async openDemoFolded(title: string): Promise<void> {
    const { household, recipe } = await this.find(title);
    await this.page.goto(`${this.house.address}/kitchen/${household}/recipe/${recipe}`);
    await this.docket.getByText(/min/).first().waitFor();
    await this.settled();
  }

  async find(title: string): Promise<{ household: string; recipe: string }> {
    const ask = async <T>(path: string) => (await (await fetch(`${this.house.address}${path}`)).json()) as T;
    const demo = (await ask<HouseholdAnswer[]>('/api/households')).find((one) => one.demo)!;
    const { items } = await ask<PageOf<RecipeSummary>>(`/api/households/${demo.id}/recipes`);
    return { household: demo.id, recipe: items.find((one) => one.title === title)!.id };
  }

  async stage(name: string): Promise<void> {
    await this.page
      .getByRole('navigation', { name: 'Stages' })
      .getByRole('link', { name, exact: true })
      .click();
    await this.page.getByRole('region', { name, exact: true }).waitFor();
  }

  /** Opens the words of a recipe that has been read before. */
  async openWords(page: Page = this.page): Promise<void> {
    await page.getByRole('button', { name: 'Change the words' }).click();
  }

  get words() {
    return this.page.getByLabel('As it was written', { exact: true });
  }
  get docket() {
    return this.page.getByRole('complementary', { name: 'Docket' });
  }
  /** The docket's line of an ingredient. */
  docketLine(name: string) {
    return this.docket.locator('section').getByRole('listitem').filter({ hasText: name });
  }
  /** Grams on the docket's line of an ingredient. */
  async grams(name: string): Promise<number> {
    const text = await this.docketLine(name).first().innerText();
    // Below 15 g a spoon leads, and the weight follows.
    return Number(/([\d.\u2009]+)\s*g\b/.exec(text)![1]!.replace('\u2009', ''));
  }
}

export { expect };
