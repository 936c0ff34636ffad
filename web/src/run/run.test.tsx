import { act, screen, within } from '@testing-library/react';
import { EMPTY_DAY, type DayDocument, type PlannedTask } from '@omniarton/core/clock';
import { asWorded } from '@omniarton/core/vocabulary';
import { runPath } from '../base/paths';
import { openPage } from '../testing/page';
import { fakeServer, HOUSEHOLD, RECIPE, type FakeServer } from '../testing/server';

const MINUTE = 60_000;
const NOW = Date.parse('2027-06-19T08:00:00Z');
const task = (
  id: string,
  kind: PlannedTask['kind'],
  from: number,
  to: number,
  more: Partial<PlannedTask> = {},
): PlannedTask => ({
  id,
  bake: 'b',
  kind,
  what: asWorded(id),
  steps: [],
  begins: NOW + from * MINUTE,
  ends: NOW + to * MINUTE,
  at: '2027-06-19T10:00',
  until: '2027-06-19T10:00',
  handsOn: kind !== 'bake' && kind !== 'serve',
  hands: 1,
  oven: null,
  celsius: 180,
  tray: null,
  firstCheck: kind === 'bake' ? NOW + (from + 20) * MINUTE : null,
  swapAt: null,
  burst: null,
  ...more,
});
const { run: _run, schema: _schema, timed: _timed, ...setup } = EMPTY_DAY;
const DAY: DayDocument = {
  ...EMPTY_DAY,
  run: {
    id: 'r',
    zone: 'Europe/Berlin',
    setup,
    pace: {},
    began: NOW,
    tasks: [
      task('b.1', 'mix', 0, 20),
      task('b.2.in', 'load', 20, 21),
      task('b.2', 'bake', 21, 51),
      task('b.2.out', 'unload', 51, 53),
      task('b.table', 'serve', 60, 60),
    ],
    bakes: [
      {
        id: 'b',
        recipe: RECIPE,
        title: 'Plain cake',
        lines: ['250 g flour', '200 g sugar'],
        steps: [],
        checks: ['A sieve that never met wheat'],
        doneSigns: 'it springs back',
        doneCelsius: 97,
        centre: [
          [0, 20],
          [20, 80],
          [25, 90],
          [30, 97],
        ],
        doneMinutes: 30,
      },
    ],
    events: [],
  },
};

function opened(server: FakeServer = fakeServer()) {
  server.day = { version: 1, doc: DAY };
  return { ...openPage(runPath(HOUSEHOLD), server), server };
}
const now = () => screen.findByRole('region', { name: 'Now' });
const runOf = (server: FakeServer) => (server.day.doc as DayDocument).run!;

beforeEach(() => {
  localStorage.clear();
  jest.useFakeTimers({ now: NOW, advanceTimers: true });
});
afterEach(() => jest.useRealTimers());
/** Time that goes by without a look: a page that slept. */
const pass = (minutes: number) =>
  act(async () => {
    jest.setSystemTime(Date.now() + minutes * MINUTE);
    await jest.advanceTimersByTimeAsync(1100);
  });

describe('the counter', () => {
  it('has one thing to do; the space bar says that it is done, and it can be taken back', async () => {
    const { user } = opened();
    expect(within(await now()).getByText('b.1')).toBeVisible();
    await user.keyboard(' ');
    expect(within(await now()).getByText('b.2.in')).toBeVisible();
    await user.click(screen.getByRole('button', { name: /Undo/ }));
    expect(within(await now()).getByText('b.1')).toBeVisible();
  });
  it('counts from when it went in, calls for the first look, and is given more by the probe', async () => {
    const { user } = opened();
    await now();
    await user.keyboard('  ');
    expect(screen.getByRole('timer', { name: 'Plain cake: first look' })).toHaveTextContent('20:00');
    await pass(21);
    expect(screen.getByRole('timer', { name: 'Plain cake: first look' })).toHaveTextContent(/^\+1:0/);
    expect(document.title).toContain('first look');
    await user.click(screen.getByRole('button', { name: 'Not yet' }));
    await user.type(screen.getByLabelText('In the middle'), '88{Enter}');
    await user.click(screen.getByRole('button', { name: '5 more minutes' }));
    expect(screen.getByRole('timer')).toHaveTextContent(/^5:0|^4:5/);
  });
  it('goes on counting where somebody sets the clock back by an hour', async () => {
    const { user } = opened();
    await now();
    await user.keyboard('  ');
    await pass(-60);
    await act(() => jest.advanceTimersByTimeAsync(5 * MINUTE));
    expect(screen.getByRole('timer', { name: 'Plain cake: first look' })).toHaveTextContent(/^14:5/);
    await pass(60);
    await user.click(screen.getByRole('button', { name: 'Its clock was set' }));
    await act(() => jest.advanceTimersByTimeAsync(1000));
    expect(screen.getByRole('timer', { name: 'Plain cake: first look' })).toHaveTextContent(/^14:5/);
  });
  it('takes an hour that it didn’t count for a sleep, and asks', async () => {
    const { user } = opened();
    await now();
    await user.keyboard('  ');
    await pass(60);
    expect(screen.getByRole('timer', { name: 'Plain cake: first look' })).toHaveTextContent(/^\+40:0/);
    await user.click(screen.getByRole('button', { name: 'It slept' }));
    expect(screen.queryByText(/went on by 1 h at once/)).toBeNull();
    expect(screen.getByRole('timer', { name: 'Plain cake: first look' })).toHaveTextContent(/^\+40:0/);
  });
  it('keeps what was done on this device while the server is away, and sends it when that is back', async () => {
    const { user, server } = opened();
    await now();
    server.away = true;
    await user.keyboard(' ');
    expect(await screen.findByText(/The server is away/)).toBeVisible();
    expect(localStorage.getItem(`omniarton.day.${HOUSEHOLD}`)).toContain('"done"');
    expect(runOf(server).events).toHaveLength(0);
    server.away = false;
    await act(() => jest.advanceTimersByTimeAsync(5000));
    expect(runOf(server).events.map(({ kind }) => kind)).toEqual(['done']);
  });
  it('sends what an earlier visit could not, although the server was away when the page came back', async () => {
    const events = [{ id: 'e', at: NOW, kind: 'done', task: 'b.1' }] as const;
    const doc = { ...DAY, run: { ...DAY.run!, events } };
    localStorage.setItem(`omniarton.day.${HOUSEHOLD}`, JSON.stringify({ version: 1, doc, unsent: true }));
    const server = fakeServer();
    server.away = true;
    opened(server);
    expect(within(await now()).getByText('b.2.in')).toBeVisible();
    server.away = false;
    await act(() => jest.advanceTimersByTimeAsync(15_000));
    expect(runOf(server).events.map(({ kind }) => kind)).toEqual(['done']);
  });
  it('ticks what is weighed, and says how much is open', async () => {
    const { user } = opened();
    await user.click(await screen.findByText('Weighed for Plain cake: 2 open'));
    await user.click(await screen.findByRole('checkbox', { name: /250 g flour/ }));
    expect(screen.getByText('Weighed for Plain cake: 1 open')).toBeVisible();
  });
  it('ends after a second word, with what goes to the log', async () => {
    const { user } = opened();
    await now();
    await user.keyboard('  ');
    await pass(33);
    await user.keyboard(' ');
    await user.click(screen.getByRole('button', { name: 'End the bake day' }));
    await user.click(screen.getByRole('button', { name: 'End it' }));
    expect(await screen.findByText(/33 minutes in the oven at 180 °C/)).toBeVisible();
  });
  it('watches what is in the microwave in bursts', async () => {
    const server = fakeServer();
    const mug = task('b.1', 'cook', 0, 2, { burst: 10 });
    server.day = {
      version: 1,
      doc: { ...DAY, run: { ...DAY.run!, tasks: [mug, task('b.table', 'serve', 5, 5)] } },
    };
    const { user } = openPage(runPath(HOUSEHOLD), server);
    await user.click(within(await now()).getByRole('button', { name: /Start its clock: 2 min/ }));
    await pass(2.1);
    await user.click(screen.getByRole('button', { name: 'Not yet' }));
    await user.click(screen.getByRole('button', { name: '10 more seconds' }));
    expect(screen.getByRole('timer')).toHaveTextContent(/^0:(?:1|0)/);
    await user.click(within(await now()).getByRole('button', { name: 'Done' }));
    expect(screen.queryByRole('timer')).toBeNull();
  });
  it('says so where nothing is under way', async () => {
    const server = fakeServer();
    openPage(runPath(HOUSEHOLD), server);
    expect(await screen.findByText('Nothing is under way.')).toBeVisible();
  });
});
