import type { BagAnswer, SettingsDto, TraysAnswer } from '@omniarton/contracts';
import { EMPTY_DAY } from '@omniarton/core/clock';
import type { ErrorCode, HouseRole } from '@omniarton/contracts/paths-and-errors';
import {
  EMPTY_KITCHEN,
  EMPTY_RECIPE,
  type KitchenDocument,
  type RecipeDocument,
} from '@omniarton/core/kitchen';

export const HOUSEHOLD = '0195a0c0-0000-7000-8000-0000000000aa';
export const RECIPE = '0195a0c0-0000-7000-8000-0000000000bb';
const BASE = `/api/households/${HOUSEHOLD}`;

interface Stored {
  version: number;
  doc: object;
}

/** What a household has on the other side of `fetch`, and whether that side can be reached. */
export interface FakeServer {
  recipes: Map<string, Stored>;
  kitchen: Stored;
  settings: Stored;
  day: Stored;
  /** What is in the cupboard. */
  bags: readonly BagAnswer[];
  away: boolean;
  /** It doesn't know this device. */
  signedOut: boolean;
  role: HouseRole;
  /** What is tasted now, and what was handed in. */
  trays: readonly TraysAnswer[];
  handed: object[];
  /** Every address that was asked for, and what was done to several recipes at once. */
  asked: string[];
  several: object[];
  /** Answers the next write of a recipe with this. */
  refuse: { status: number; code: ErrorCode; details?: unknown } | null;
}

const SETTINGS: SettingsDto = {
  schema: 3,
  measures: 'page',
  theme: 'system',
  shortcuts: true,
  units: 'grams',
  signs: '',
};
const ago = '2026-06-20T12:00:00.000Z';

export function fakeServer(
  text = '',
  kitchen: Partial<KitchenDocument> = {},
  doc: Partial<RecipeDocument> = {},
): FakeServer {
  return {
    recipes: new Map([[RECIPE, { version: 1, doc: { ...EMPTY_RECIPE, ...doc, text } }]]),
    kitchen: { version: 1, doc: { ...EMPTY_KITCHEN, ...kitchen } },
    settings: { version: 1, doc: SETTINGS },
    day: { version: 0, doc: EMPTY_DAY },
    bags: [],
    away: false,
    signedOut: false,
    role: 'owner',
    trays: [],
    handed: [],
    asked: [],
    several: [],
    refuse: null,
  };
}

const answer = (status: number, body: unknown) =>
  Promise.resolve({
    ok: status < 400,
    status,
    statusText: '',
    json: () => Promise.resolve(structuredClone(body)),
  });

function write(stored: Stored, body: string): object {
  stored.version += 1;
  stored.doc = JSON.parse(body) as object;
  return { ...stored };
}

function recipeAnswer(server: FakeServer, id: string, method: string, body: string) {
  const known = server.recipes.get(id);
  if (method === 'PUT' && server.refuse) {
    const { status, code, details } = server.refuse;
    server.refuse = null;
    return answer(status, { code, message: 'refused', details });
  }
  if (method === 'PUT') {
    const stored = known ?? { version: 0, doc: {} };
    server.recipes.set(id, stored);
    return answer(200, { id, updatedAt: ago, ...write(stored, body) });
  }
  if (!known) return answer(404, { code: 'not-found', message: 'There is no such recipe in this kitchen.' });
  return answer(200, { id, updatedAt: ago, ...known });
}

function summaryOf([id, { version, doc }]: [string, Stored]) {
  const { asRead, request } = doc as RecipeDocument;
  return {
    ...{ id, version, title: asRead.title, family: asRead.family, batchGrams: asRead.batchGrams },
    ...{
      diet: request.diet,
      without: request.without,
      people: [],
      bakes: 0,
      favourite: false,
      tags: [],
      updatedAt: ago,
    },
  };
}

/** `fetch` as this server answers it. */
export const fetchFrom =
  (server: FakeServer) =>
  (path: string, { method = 'GET', body = '' }: { method?: string; body?: string } = {}) => {
    server.asked.push(path);
    if (server.away) return Promise.reject(new TypeError('Failed to fetch'));
    if (server.signedOut) return answer(401, { code: 'signed-out', message: 'not in' });
    if (path === '/api/me') return answer(200, { person: 'p', name: 'Perrin', device: 'd' });
    if (path === '/api/households')
      return answer(200, [{ id: HOUSEHOLD, name: 'The hall', demo: false, role: server.role }]);
    if (path === `${BASE}/trays`) return answer(200, server.trays);
    if (path.endsWith('/ballots')) {
      server.handed.push(JSON.parse(body) as object);
      server.trays = [];
      return answer(204, null);
    }
    const [, recipe] = new RegExp(`^${BASE}/recipes/([^/?]+)$`).exec(path) ?? [];
    if (recipe) return recipeAnswer(server, recipe, method, body);
    if (path.split('?')[0] === `${BASE}/recipes`)
      return answer(200, {
        items: [...server.recipes].map(summaryOf),
        next: null,
        found: server.recipes.size,
      });
    if (path === `${BASE}/tags`) return answer(200, []);
    if (/\/(?:marks|recipes-away|recipes-back)$/.test(path)) {
      server.several.push(JSON.parse(body) as object);
      return answer(200, { recipes: 1 });
    }
    if (path === `${BASE}/kitchen`)
      return answer(200, method === 'PUT' ? write(server.kitchen, body) : server.kitchen);
    if (path === `${BASE}/day`) return answer(200, method === 'PUT' ? write(server.day, body) : server.day);
    if (path === `${BASE}/settings`)
      return answer(200, method === 'PUT' ? write(server.settings, body) : server.settings);
    const [, bag = ''] = new RegExp(`^${BASE}/cupboard/bags/([^/?]+)$`).exec(path) ?? [];
    const kept = server.bags.find(({ id }) => id === bag);
    if (kept && method === 'PUT') {
      server.bags = server.bags.map((one) =>
        one === kept
          ? { ...kept, version: kept.version + 1, doc: JSON.parse(body) as BagAnswer['doc'] }
          : one,
      );
      return answer(
        200,
        server.bags.find(({ id }) => id === bag),
      );
    }
    if (path.startsWith(`${BASE}/cupboard`)) return answer(200, { bags: server.bags });
    return answer(200, { items: [], next: null, uses: [] });
  };
