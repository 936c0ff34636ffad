import { act, screen, waitFor, within } from '@testing-library/react';
import { benchPath, newPath } from '../../base/paths';
import { openPage, settled } from '../../testing/page';
import { CAKE } from '../../testing/recipes';
import { fakeServer, HOUSEHOLD, RECIPE, type FakeServer } from '../../testing/server';

const at = (stage?: string) => benchPath(HOUSEHOLD, RECIPE, stage);
const docket = () => screen.getByRole('complementary', { name: /docket/i });

async function opened(server: FakeServer = fakeServer(CAKE), stage?: string) {
  const page = openPage(at(stage), server);
  await screen.findByRole('navigation', { name: 'Stages' });
  await settled();
  return page;
}

/** The sheet with the words, opened where it is folded away. */
async function sheet(user: Awaited<ReturnType<typeof opened>>['user']) {
  const change = screen.queryByRole('button', { name: 'Change the words' });
  if (change) await user.click(change);
  return screen.findByLabelText<HTMLTextAreaElement>('As it was written');
}

describe('the bench', () => {
  it('shows the docket beside the stage: what goes in, and for how long', async () => {
    await opened();
    expect(within(docket()).getByRole('heading', { name: 'Layer cake' })).toBeVisible();
    expect(within(docket()).getAllByText(/xanthan gum/).length).toBeGreaterThan(0);
    expect(within(docket()).getAllByText(/\d+ minutes/).length).toBeGreaterThan(0);
  });
  it('asks the one question that it hangs on, and takes the answer by one press', async () => {
    const { user } = await opened(
      fakeServer(
        'Bits\n200 g plain flour\n110 g butter\n120 g sugar\n1 egg\n40 ml milk\nMethod\nMix it all. Bake at 180 °C for 20 minutes.',
      ),
    );
    const asked = await within(docket()).findByRole('region', { name: 'A question first' });
    expect(asked).toHaveTextContent(/Is it an? .* or an? /);
    await user.click(within(asked).getAllByRole('button')[0]!);
    await waitFor(() =>
      expect(within(docket()).queryByRole('region', { name: 'A question first' })).toBeNull(),
    );
  });
  it('says what it needs where there is no recipe yet', async () => {
    await opened(fakeServer(''));
    expect(screen.getAllByText(/comes here as soon as a recipe is on the table/).length).toBeGreaterThan(0);
  });
  it('says that a docket is being worked out, and not that there is none', async () => {
    openPage(at('log'), fakeServer(CAKE));
    await screen.findByText('The docket is being worked out …');
    expect(screen.queryByText(/must be a recipe|comes here as soon/)).toBeNull();
    await settled();
    expect(within(docket()).getByRole('heading', { name: 'Layer cake' })).toBeVisible();
  });
  it('goes from stage to stage by a single key, and not while somebody types', async () => {
    const { user, path } = await opened();
    await user.keyboard('4');
    expect(path()).toBe(at('balance'));
    // The next key is the stage's own, and somebody who hears the page is where it has changed.
    await waitFor(() => expect(screen.getByRole('region', { name: 'Balance' })).toHaveFocus());
    await user.keyboard('1');
    await user.type(await sheet(user), '3');
    expect(path()).toBe(at('read'));
  });
  it('shows its shortcuts on ?', async () => {
    const { user } = await opened();
    await user.keyboard('?');
    expect(await screen.findByRole('dialog')).toHaveTextContent(/undo the last edit/);
    await user.keyboard('{Escape}');
    expect(screen.queryByRole('dialog')).toBeNull();
  });
  it('leads back from an address that is none', async () => {
    openPage(benchPath(HOUSEHOLD, 'nobody'), fakeServer(CAKE));
    expect(await screen.findByText(/nothing at this address|isn’t here|no longer/i)).toBeVisible();
  });
});

describe('what is typed', () => {
  it('is read at once, saved, and comes back with undo', async () => {
    const server = fakeServer(CAKE);
    const { user } = await opened(server);
    const words = await sheet(user);
    await user.type(words, '\nA pinch of salt');
    expect(await screen.findByText('Saved', { exact: true })).toBeInTheDocument();
    expect(server.recipes.get(RECIPE)).toMatchObject({ doc: { text: `${CAKE}\nA pinch of salt` } });
    act(() => words.blur());
    await user.keyboard('{Control>}z{/Control}');
    expect(words.value).not.toContain('A pinch of salt');
  });
  it('is kept here while the server is away, and sent when it is back', async () => {
    const server = fakeServer(CAKE);
    const { user } = await opened(server);
    server.away = true;
    await user.type(await sheet(user), ' ');
    expect(await screen.findByText('Kept here; the server is away')).toBeInTheDocument();
    server.away = false;
    expect(await screen.findByText('Saved', { exact: true })).toBeInTheDocument();
  });
  it('is never laid over what somebody else has saved: both are shown, and one is chosen', async () => {
    const server = fakeServer(CAKE);
    const { user } = await opened(server);
    const theirs = { ...server.recipes.get(RECIPE)!.doc, text: `${CAKE}\n1 tsp vanilla extract` };
    server.refuse = {
      status: 409,
      code: 'conflict',
      details: { stored: { id: RECIPE, version: 7, updatedAt: '2026-06-20T12:00:00.000Z', doc: theirs } },
    };
    await user.type(await sheet(user), '\n2 tbsp rum');
    expect(await screen.findByRole('heading', { name: /saved elsewhere/ })).toBeVisible();
    expect(screen.getAllByText(/vanilla extract/).length).toBeGreaterThan(0);
    await user.click(screen.getByRole('button', { name: 'Keep both' }));
    await settled();
    expect(screen.queryByRole('heading', { name: /saved elsewhere/ })).toBeNull();
  });
  it('of a new recipe begins with an empty sheet, and nothing is saved before a word', async () => {
    const server = fakeServer(CAKE);
    openPage(newPath(HOUSEHOLD), server);
    expect(await screen.findByLabelText('As it was written')).toHaveValue('');
    expect(server.recipes.size).toBe(1);
  });
});

describe('each stage', () => {
  it.each([
    ['read', /250 g plain flour/],
    ['guard', /plain flour/],
    ['blend', /white rice flour/],
    ['balance', /because/],
    ['heat', /175 °C/],
    ['clock', /serve|table/i],
    ['log', /bake/i],
  ])('%s is there with what it is for', async (stage, words) => {
    await opened(fakeServer(CAKE), stage);
    const main = screen.getByRole('main');
    expect((await within(main).findAllByText(words)).length).toBeGreaterThan(0);
  });
});
