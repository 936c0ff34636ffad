import { chromium, type Locator, type Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { FLOUR_IDS } from '@omniarton/core/blend';
import { CHROMIUM, openThrowaway } from '../scripts/lib/throwaway.mjs';
import { figureOf, type Figure } from './measure';

const RECIPE = (flour: number) =>
  `Bench cake\n${flour} g plain flour\n10 g baking powder\n180 g butter\n220 g caster sugar\n4 eggs\n150 ml milk\nMethod\nHeat the oven to 175°C. Butter two 20 cm round cake tins.\nBake for 30 minutes.`;

/** A number as a word: "Cake 250" would be an amount of cake. */
const inLetters = (n: number) => [...String(n)].map((digit) => 'abcdefghij'[Number(digit)]).join('');

/** Types a new weight and waits until the docket shows it: ms from the edit to the frame after it is drawn. */
async function editOnce(page: Page, flour: number): Promise<number> {
  return page.evaluate(
    async ({ text, title }) => {
      const area = document.querySelector('textarea')!;
      const began = performance.now();
      Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!.call(
        area,
        text.replace('Bench cake', title),
      );
      area.dispatchEvent(new Event('input', { bubbles: true }));
      const shown = () => document.querySelector('aside article h2')?.textContent === title;
      while (!shown()) await new Promise((frame) => requestAnimationFrame(frame));
      return performance.now() - began;
    },
    { text: RECIPE(flour), title: `Cake ${inLetters(flour)}` },
  );
}

/** Main-thread time that each key takes, from the browser's own long-task and event timing. */
async function keyCosts(page: Page, keys: number): Promise<number[]> {
  return page.evaluate(async (count) => {
    const area = document.querySelector('textarea')!;
    const costs: number[] = [];
    for (let at = 0; at < count; at += 1) {
      const text = area.value.replace(/caster sugar.*/, `caster sugar${' '.repeat(at % 7)}`);
      const began = performance.now();
      Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!.call(area, text);
      area.dispatchEvent(new Event('input', { bubbles: true }));
      costs.push(performance.now() - began);
      await new Promise((frame) => requestAnimationFrame(frame));
    }
    return costs;
  }, keys);
}

const heapMb = (page: Page) =>
  page.evaluate(async () => {
    (globalThis as unknown as { gc?: () => void }).gc?.();
    await new Promise((wait) => setTimeout(wait, 300));
    return (performance as unknown as { memory: { usedJSHeapSize: number } }).memory.usedJSHeapSize / 2 ** 20;
  });

export interface PageFigures {
  readonly edit: Figure;
  readonly key: Figure;
  readonly drag: Figure;
  readonly handle: Figure;
  readonly handleTask: Figure;
  /** From a step of the oven's handle to its bake on screen, and the main thread's tasks meanwhile. */
  readonly oven: Figure;
  readonly ovenTask: Figure;
  readonly wish: Figure;
  readonly heapBefore: number;
  readonly heapAfter: number;
  readonly answersPerSecond: number;
}

const WARM_UPS = 5;
const EDITS = 30;
const MANY_EDITS = 500;
const DRAG_MS = 2000;

/** Answers of the engine in a second of edits that don't stop, as while something is dragged. */
async function answersWhileDragging(page: Page): Promise<number> {
  return page.evaluate(async (ms) => {
    let answers = 0;
    const seen = new MutationObserver(() => (answers += 1));
    seen.observe(document.querySelector('aside article h2')!, {
      characterData: true,
      childList: true,
      subtree: true,
    });
    const area = document.querySelector('textarea')!;
    const began = performance.now();
    for (let at = 0; performance.now() - began < ms; at += 1) {
      Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!.call(
        area,
        area.value.replace(/^.*/, `Drag ${'x'.repeat(1 + (at % 9))}`),
      );
      area.dispatchEvent(new Event('input', { bubbles: true }));
      await new Promise((frame) => requestAnimationFrame(frame));
    }
    seen.disconnect();
    return (1000 * answers) / ms;
  }, DRAG_MS);
}

const MOVES = 60;

/** Main-thread work that each move of the pointer costs while something is dragged, by the browser's own count. */
async function dragCosts(page: Page, grip: Locator, step: number): Promise<number[]> {
  const client = await page.context().newCDPSession(page);
  // In time that the main thread computes: what a machine takes from it for others isn't the page's work.
  await client.send('Performance.enable', { timeDomain: 'threadTicks' });
  const busy = async () => {
    const { metrics } = await client.send('Performance.getMetrics');
    return 1000 * metrics.find(({ name }) => name === 'TaskDuration')!.value;
  };
  const frame = () =>
    page.evaluate(() => new Promise((done) => requestAnimationFrame(() => setTimeout(done))));
  const box = (await grip.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const cost = async (moves: boolean, at: number) => {
    const before = await busy();
    await page.mouse.move(moves ? x - 2 - step * (at % 30) : 500 + (at % 30), moves ? y : 12);
    await frame();
    return (await busy()) - before;
  };
  const idle: number[] = [];
  for (let at = 0; at < MOVES; at += 1) idle.push(await cost(false, at));
  await page.mouse.move(x, y);
  await page.mouse.down();
  const moved: number[] = [];
  for (let at = 0; at < MOVES; at += 1) moved.push(await cost(true, at));
  await page.mouse.up();
  // What a move over nothing costs, and asking for the count, is taken off.
  const { median } = figureOf(idle);
  return moved.map((one) => Math.max(0, one - median));
}

const TRIFLE_MS = 0.5;

interface TraceEvent {
  readonly name: string;
  readonly pid: number;
  readonly tid: number;
  /** Time on the processor, µs. */
  readonly tdur?: number;
}

/**
 * What each of the main thread's tasks costs while work goes on: an event of the pointer, a message of the engine, a frame. Tasks
 * of less than half a millisecond are the browser's own housekeeping and would flatter the figure.
 */
async function taskCosts(page: Page, work: () => Promise<unknown>): Promise<number[]> {
  const browser = page.context().browser()!;
  await browser.startTracing(page, { categories: ['toplevel', 'devtools.timeline'] });
  await work();
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString()) as {
    readonly traceEvents: readonly TraceEvent[];
  };
  const place = ({ pid, tid }: TraceEvent) => `${pid}:${tid}`;
  const pageThread = place(traceEvents.find(({ name }) => name === 'EventDispatch')!);
  return traceEvents
    .filter((one) => one.name === 'ThreadControllerImpl::RunTask' && place(one) === pageThread)
    .map(({ tdur = 0 }) => tdur / 1000)
    .filter((ms) => ms > TRIFLE_MS);
}

const WISHES = 12;
const OVEN_STEPS = 24;

/** From a wish to the docket that it leads to: the blend, the balance and the simulated bake. */
async function wishTimes(page: Page): Promise<number[]> {
  const times: number[] = [];
  for (let at = 0; at < WISHES; at += 1)
    times.push(
      await page.evaluate(async () => {
        const chip = [...document.querySelectorAll('button')].find((one) => one.textContent === 'tender')!;
        const began = performance.now();
        chip.click();
        const stale = () => document.querySelector('main[data-busy="thinking"]');
        while (!stale()) await new Promise((frame) => requestAnimationFrame(frame));
        while (stale()) await new Promise((frame) => requestAnimationFrame(frame));
        return performance.now() - began;
      }),
    );
  return times;
}

/** From a step of the oven's handle to the time and the curve that follow from it. */
async function ovenTimes(page: Page): Promise<number[]> {
  const handle = page.getByRole('slider', { name: 'Hotter or cooler' });
  await handle.focus();
  const times: number[] = [];
  for (let at = 0; at < OVEN_STEPS; at += 1) {
    await page.evaluate(() => {
      const told = { began: 0, ended: 0 };
      Object.assign(globalThis, { told });
      addEventListener('keydown', () => (told.began = performance.now()), { once: true, capture: true });
      const seen = new MutationObserver(() => {
        seen.disconnect();
        requestAnimationFrame(() => setTimeout(() => (told.ended = performance.now())));
      });
      const clock = [...document.querySelectorAll('main p')].find((one) => one.textContent === 'about')!;
      seen.observe(clock.parentElement!, { characterData: true, childList: true, subtree: true });
    });
    await page.keyboard.press(at % 12 < 6 ? 'ArrowRight' : 'ArrowLeft');
    times.push(
      await page.evaluate(async () => {
        const { told } = globalThis as unknown as { told: { began: number; ended: number } };
        while (told.ended === 0) await new Promise((frame) => requestAnimationFrame(frame));
        return told.ended - told.began;
      }),
    );
    await page.waitForSelector('main:not([data-busy])');
  }
  return times;
}

/** The blend stage of a recipe, in a kitchen with a bag of every flour. */
async function onBlendStage(
  page: Page,
): Promise<Pick<PageFigures, 'drag' | 'wish' | 'handle' | 'handleTask' | 'oven' | 'ovenTask'>> {
  const household = /kitchen\/([^/]+)/.exec(page.url())![1]!;
  for (const ingredient of FLOUR_IDS)
    await page.evaluate(
      ({ url, bag }) =>
        fetch(url, {
          method: 'PUT',
          headers: { 'content-type': 'application/json', 'x-omniarton': '1', 'if-none-match': '*' },
          body: JSON.stringify({ bag, grams: 1000 }),
        }),
      {
        url: `/api/households/${household}/cupboard/bags/${randomUUID()}`,
        bag: {
          schema: 1,
          ingredient,
          note: '',
          packGrams: null,
          price: null,
          opened: null,
          bestBefore: null,
          certified: true,
          place: 'cupboard',
        },
      },
    );
  await page.reload();
  await page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('link', { name: 'Blend', exact: true })
    .click();
  await page.getByRole('slider').first().waitFor();
  await page.waitForSelector('main:not([data-busy])');
  const wish = figureOf((await wishTimes(page)).slice(2));
  const drag = figureOf(await dragCosts(page, page.getByRole('slider').first(), 1));
  await page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('link', { name: 'Balance', exact: true })
    .click();
  const thumb = page.locator('.react-aria-SliderThumb').first();
  await thumb.waitFor();
  await page.waitForSelector('main:not([data-busy])');
  await thumb.scrollIntoViewIfNeeded();
  const handle = figureOf(await dragCosts(page, thumb, 2));
  const handleTask = figureOf(await taskCosts(page, () => dragCosts(page, thumb, -2)));
  await page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('link', { name: 'Heat', exact: true })
    .click();
  await page.getByRole('slider', { name: 'Hotter or cooler' }).waitFor();
  await page.waitForSelector('main:not([data-busy])');
  const oven = figureOf((await ovenTimes(page)).slice(4));
  const ovenTask = figureOf(await taskCosts(page, () => ovenTimes(page)));
  return { drag, wish, handle, handleTask, oven, ovenTask };
}

async function onPage(page: Page, address: string): Promise<PageFigures> {
  // The runner's compiler names functions with a helper that the page doesn't have.
  await page.addInitScript('globalThis.__name = (one) => one');
  await page.goto(address);
  await page.getByRole('link', { name: 'Weigh up a recipe' }).click();
  await page.getByLabel('As it was written').fill(RECIPE(249));
  await page.waitForSelector('main:not([data-busy]) aside article');
  const times: number[] = [];
  for (let at = 0; at < WARM_UPS + EDITS; at += 1) times.push(await editOnce(page, 250 + at));
  const key = figureOf(await keyCosts(page, EDITS * 3));
  const answersPerSecond = await answersWhileDragging(page);
  await page.waitForSelector('main:not([data-busy])');
  const heapBefore = await heapMb(page);
  for (let at = 0; at < MANY_EDITS; at += 1) await editOnce(page, 300 + (at % 50));
  await page.waitForSelector('main:not([data-busy])');
  const heapAfter = await heapMb(page);
  return {
    edit: figureOf(times.slice(WARM_UPS)),
    key,
    heapBefore,
    heapAfter,
    answersPerSecond,
    ...(await onBlendStage(page)),
  };
}

/** The page's own figures, on the production build with a throw-away database. */
export async function pageFigures(): Promise<PageFigures> {
  const house = await openThrowaway({ demo: false });
  const args = [...CHROMIUM.args, '--js-flags=--expose-gc', '--enable-precise-memory-info'];
  const browser = await chromium.launch({ ...CHROMIUM, args });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' });
    return await onPage(page, house.address);
  } finally {
    await browser.close();
    await house.close();
  }
}
