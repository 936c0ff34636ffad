import { screen, waitFor, within } from '@testing-library/react';
import { openStage, settled } from '../../testing/page';
import { CAKE } from '../../testing/recipes';
import { fakeServer } from '../../testing/server';

const BAR = `${CAKE.replace('3 eggs', '3 eggs\n80 g frobnitz paste')}`;

describe('Guard', () => {
  it('flags each line in words, and what an allergen is by law', async () => {
    await openStage('guard', fakeServer(CAKE));
    const table = screen.getByRole('table');
    expect(within(table).getByRole('row', { name: /plain flour/ })).toHaveTextContent(/wheat/);
    expect(within(table).getByRole('row', { name: /butter/ })).toHaveTextContent(/dairy/);
  });
  it('asks about what it can’t place and never passes it by itself', async () => {
    const { docket } = await openStage('guard', fakeServer(BAR));
    expect(screen.getAllByText(/What is this\? It can’t be placed/).length).toBeGreaterThan(0);
    expect(docket()).toHaveTextContent(/guard: \d+ open/);
  });
  it('leaves out what somebody avoids: the docket has it no more', async () => {
    const { user, docket } = await openStage('guard', fakeServer(CAKE));
    await user.click(screen.getByRole('button', { name: 'dairy' }));
    await settled();
    expect(docket()).toHaveTextContent(/no dairy/);
    expect(within(docket()).queryByText('milk')).toBeNull();
  });
  it('seats somebody new without leaving the recipe: named, guarded for, and written down', async () => {
    const server = fakeServer(CAKE);
    const { user, docket } = await openStage('guard', server);
    await user.click(screen.getByRole('button', { name: 'Somebody new …' }));
    const form = within(screen.getByRole('region', { name: 'Somebody new' }));
    await user.type(form.getByLabelText('Name'), 'Wren{Enter}');
    await user.click(form.getByRole('button', { name: 'egg' }));
    await user.click(form.getByRole('button', { name: 'Seat them' }));
    await settled();
    expect(screen.getByRole('button', { name: 'Wren', pressed: true })).toBeVisible();
    expect(docket()).toHaveTextContent(/for Wren/);
    expect(docket()).toHaveTextContent(/no egg/);
    await waitFor(() => expect(server.kitchen.doc).toMatchObject({ people: [{ name: 'Wren' }] }));
  });
  it('takes an answer, and undo opens the question again', async () => {
    const { user } = await openStage('guard', fakeServer(BAR));
    await user.click(screen.getByRole('button', { name: /^Left out: 80 g frobnitz paste/ }));
    await settled();
    expect(screen.queryByText(/What is this\? It can’t be placed/)).toBeNull();
    await user.keyboard('{Control>}z{/Control}');
    await settled();
    expect(screen.getAllByText(/What is this\? It can’t be placed/).length).toBeGreaterThan(0);
  });
  it('takes the word of a bag in the cupboard: certified there, it is asked of in no recipe', async () => {
    const server = fakeServer(CAKE);
    const bag = (id: string, ingredient: string, note: string) => ({
      ...{ id, version: 1, grams: 900 },
      doc: {
        ...{
          schema: 2 as const,
          ingredient,
          note,
          packGrams: 1000,
          price: 3,
          opened: null,
          bestBefore: null,
        },
        ...{ certified: false, label: null, place: 'cupboard' as const },
      },
    });
    server.bags = [
      bag('b1', 'white-rice-flour', 'the blue bag'),
      bag('b2', 'tapioca-starch', ''),
      bag('b3', 'potato-starch', ''),
      bag('b4', 'sorghum-flour', ''),
    ];
    const { user } = await openStage('guard', server);
    const says = /^The bag says so, in every recipe: the blue bag/;
    await user.click(await screen.findByRole('button', { name: says }));
    await waitFor(() => expect(server.bags[0]!.doc.certified).toBe(true));
    await settled();
    expect(screen.queryByRole('button', { name: says })).toBeNull();
    expect(screen.getByText(/white rice flour.*the blue bag/)).toBeVisible();
    expect(server.bags[1]!.doc.certified).toBe(false);
  });
  it('names everything that it cautions about, and calls nothing safe', async () => {
    const { area } = await openStage('guard', fakeServer(CAKE));
    expect(area()).toHaveTextContent(/legal term with a limit/);
    expect(area()).not.toHaveTextContent(/\bis safe\b/);
  });
});
