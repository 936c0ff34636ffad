import { screen, waitFor, within } from '@testing-library/react';
import { openPage, settled } from '../testing/page';
import { CAKE } from '../testing/recipes';
import { fakeServer, HOUSEHOLD, RECIPE } from '../testing/server';
import { bookletPath } from '../base/paths';

const asRead = { title: 'Layer cake', family: 'creamed-cake', batchGrams: 900 } as const;
const onTheTable = () => fakeServer(CAKE, {}, { asRead });

/** What is still on its way would reach the next test's server. */
async function kept() {
  await settled();
  expect(await screen.findByText('Saved')).toBeVisible();
}

describe('somebody who has nothing on the table', () => {
  const empty = () => {
    const server = fakeServer();
    server.recipes.clear();
    return server;
  };
  it('is told what this is, and goes on with what is pasted', async () => {
    const { user, path } = openPage('/', empty());
    const box = await screen.findByLabelText(/Paste a recipe/);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(/without gluten or grain/);
    expect(box).toHaveFocus();
    await user.paste(CAKE);
    await waitFor(() => expect(path()).toMatch(/\/recipe\/.+\/read$/));
    await kept();
  });
  it('may type it, and weigh it up when it is there', async () => {
    const { user, path } = openPage('/', empty());
    const button = await screen.findByRole('button', { name: 'Weigh it up' });
    expect(button).toBeDisabled();
    await user.type(screen.getByLabelText(/Paste a recipe/), '200 g flour');
    await user.click(button);
    await waitFor(() => expect(path()).toMatch(/\/read$/));
    await kept();
  });
});

describe('finding', () => {
  it('asks as one types, and the way back finds it as it was', async () => {
    const server = onTheTable();
    const { user } = openPage('/', server);
    await screen.findByRole('link', { name: /Layer cake/ });
    await user.type(screen.getByLabelText('Find'), 'lemon');
    await waitFor(() => expect(server.asked.join('\n')).toMatch(/recipes\?q=lemon$/m));
    await user.selectOptions(screen.getByLabelText('Kind'), 'pastry');
    await waitFor(() => expect(server.asked.join('\n')).toMatch(/q=lemon&family=pastry/));
    await user.click(screen.getByRole('button', { name: 'Show everything' }));
    await waitFor(() => expect(screen.getByLabelText('Find')).toHaveValue(''));
  });
  it('opens narrowed where the address says so', async () => {
    const server = onTheTable();
    openPage('/?q=lemon&tried=never', server);
    expect(await screen.findByLabelText('Find')).toHaveValue('lemon');
    expect(screen.getByRole('button', { name: 'Never tried', pressed: true })).toBeVisible();
    expect(await screen.findByText('One fits.')).toBeVisible();
  });
});

describe('several at once', () => {
  it('are chosen, marked, put away and put back', async () => {
    const server = onTheTable();
    const { user } = openPage('/', server);
    await user.click(await screen.findByRole('button', { name: 'Choose several' }));
    expect(screen.queryByRole('toolbar')).toBeNull();
    await user.click(await screen.findByRole('checkbox', { name: 'Choose “Layer cake”' }));
    const bar = within(screen.getByRole('toolbar', { name: 'The chosen ones' }));
    expect(bar.getByText('1 chosen')).toBeVisible();
    await user.click(bar.getByRole('button', { name: 'Tag …' }));
    await user.type(bar.getByLabelText('New tag'), 'for tea{Enter}');
    await waitFor(() => expect(server.several).toContainEqual({ ids: [RECIPE], tag: 'for tea' }));
    expect(bar.getByRole('link', { name: 'Print as a booklet' })).toHaveAttribute(
      'href',
      bookletPath(HOUSEHOLD, [RECIPE]),
    );
    await user.click(bar.getByRole('button', { name: 'Off the table' }));
    await user.click(await screen.findByRole('button', { name: 'Put back' }));
    await waitFor(() => expect(screen.queryByText(/taken off the table/)).toBeNull());
  });
  it('one is a favourite by one press', async () => {
    const server = onTheTable();
    const { user } = openPage('/', server);
    await user.click(await screen.findByRole('button', { name: '“Layer cake” is a favourite' }));
    await waitFor(() => expect(server.several).toContainEqual({ ids: [RECIPE], favourite: true }));
  });
});

describe('a booklet', () => {
  it('has each docket whole, with what is still asked', async () => {
    openPage(bookletPath(HOUSEHOLD, [RECIPE]), onTheTable());
    await settled();
    const leaf = await screen.findByRole('article', { name: 'Layer cake' });
    expect(leaf).toHaveTextContent(/flour blend/);
    expect(leaf).toHaveTextContent(/To be answered before anybody eats it/);
    expect(leaf).toHaveTextContent(/Read every label/);
  });
});

describe('how it works', () => {
  it('tells the stages and the words, and finds in both', async () => {
    const { user } = openPage('/how', onTheTable());
    expect(await screen.findByRole('heading', { name: 'Balance' })).toBeVisible();
    await user.type(screen.getByLabelText('Find on this page'), 'thirst');
    expect(screen.queryByRole('heading', { name: 'Taste' })).toBeNull();
    expect(screen.getByText(/how much water a flour takes up/)).toBeVisible();
    await user.type(screen.getByLabelText('Find on this page'), ' moon');
    expect(screen.getByText('Nothing here says that.')).toBeVisible();
  });
});
