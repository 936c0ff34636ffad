import { screen, waitFor } from '@testing-library/react';
import { cupboardPath, flourPath, floursPath, keptPath, ovensPath } from '../base/paths';
import { openPage } from '../testing/page';
import { CAKE } from '../testing/recipes';
import { fakeServer, HOUSEHOLD } from '../testing/server';

const asRead = { title: 'Layer cake', family: 'creamed-cake', batchGrams: 900 } as const;

describe('the work list', () => {
  it('has each recipe with its kind and weight, and a way to a new one', async () => {
    openPage('/', fakeServer(CAKE, {}, { asRead }));
    expect(await screen.findByRole('link', { name: /Layer cake/ })).toBeVisible();
    expect(screen.getAllByText(/creamed cake/).length).toBeGreaterThan(0);
    expect(screen.getByRole('link', { name: 'Weigh up a recipe' })).toBeVisible();
  });
  it('says that the server is away instead of showing nothing', async () => {
    const server = fakeServer(CAKE);
    server.away = true;
    openPage('/', server);
    expect(await screen.findByRole('alert')).toHaveTextContent(/does not answer|away/);
  });
  it('says where there is nothing yet', async () => {
    const server = fakeServer();
    server.recipes.clear();
    openPage('/', server);
    expect(await screen.findByRole('link', { name: 'Weigh up a recipe' })).toBeVisible();
    expect(screen.queryByRole('link', { name: /Layer cake/ })).toBeNull();
  });
});

describe('pages of a kitchen', () => {
  it('the cupboard keeps who must be kept from what', async () => {
    const server = fakeServer();
    const { user } = openPage(cupboardPath(HOUSEHOLD), server);
    await user.click(await screen.findByRole('button', { name: 'Somebody else' }));
    await waitFor(() => expect(server.kitchen).toMatchObject({ doc: { people: [{ name: '' }] } }));
  });
  it('flours can be found by name, and each has a page of its own', async () => {
    const { user } = openPage(floursPath(HOUSEHOLD), fakeServer());
    await user.type(await screen.findByLabelText('Find'), 'potato');
    expect(await screen.findByRole('link', { name: 'potato starch' })).toBeVisible();
    expect(screen.queryByRole('link', { name: 'oat flour' })).toBeNull();
    await user.click(screen.getByRole('link', { name: 'potato starch' }));
    expect(await screen.findByRole('heading', { name: 'potato starch' })).toBeVisible();
    expect(screen.getByRole('main')).toHaveTextContent(/gives a tender crumb/);
  });
  it('a flour that isn’t there says so', async () => {
    openPage(flourPath(HOUSEHOLD, 'moon-dust'), fakeServer());
    expect(await screen.findByText(/no flour at this address/)).toBeVisible();
  });
  it('ovens begin with how to measure one', async () => {
    openPage(ovensPath(HOUSEHOLD), fakeServer());
    expect(await screen.findByRole('heading', { level: 1 })).toBeVisible();
    expect(screen.getByRole('main')).toHaveTextContent(/thermometer|oven/i);
  });
  it('what is kept can go out as one file', async () => {
    openPage(keptPath(HOUSEHOLD), fakeServer());
    await waitFor(() => expect(screen.getByRole('main')).toHaveTextContent(/Everything as one file/));
  });
  it('an address that is none leads back to the work list', async () => {
    openPage('/nowhere/at/all', fakeServer());
    expect(await screen.findByRole('link', { name: /work list/i })).toBeVisible();
  });
});

describe('settings', () => {
  it('are kept as soon as they are changed', async () => {
    const server = fakeServer();
    const { user } = openPage('/settings', server);
    await user.click(await screen.findByRole('radio', { name: '°F and inches' }));
    await waitFor(() => expect(server.settings).toMatchObject({ doc: { measures: 'us' } }));
  });
});
