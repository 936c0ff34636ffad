import { screen, within } from '@testing-library/react';
import { openStage, settled } from '../../testing/page';
import { CAKE } from '../../testing/recipes';
import { fakeServer } from '../../testing/server';

const row = (words: RegExp) => screen.getAllByRole('listitem').find((one) => words.test(one.textContent))!;

describe('Read', () => {
  it('makes every line a weight, with the words beside it', async () => {
    await openStage('read', fakeServer(CAKE));
    expect(row(/150 ml milk/)).toHaveTextContent(/15\d/);
    expect(row(/3 eggs/)).toHaveTextContent(/1[56]\d/);
  });
  it('shows a cup’s doubt, and a weight by hand ends it', async () => {
    await openStage('read', fakeServer(CAKE.replace('250 g plain flour', '2 cups plain flour')));
    expect(row(/2 cups plain flour/)).toHaveTextContent(/2[3-6]\d/);
  });
  it('says which kind of bake it takes it for, and lets it be another', async () => {
    const { user, docket } = await openStage('read', fakeServer(CAKE));
    expect(docket()).toHaveTextContent(/creamed cake/);
    await user.click(screen.getByRole('button', { name: /As read: creamed cake/ }));
    await user.click(await screen.findByRole('option', { name: /muffin/ }));
    await settled();
    expect(docket()).toHaveTextContent(/muffin or quick bread/);
  });
  it('halves the batch everywhere at once', async () => {
    const { user, docket } = await openStage('read', fakeServer(CAKE));
    const batches = screen.getByLabelText('Batches');
    await user.clear(batches);
    await user.type(batches, '0.5{Enter}');
    await settled();
    expect(within(docket()).getAllByText('90').length).toBeGreaterThan(0);
  });
  it('doubts what is unheard of, and asks', async () => {
    const salty = CAKE.replace('2 tsp baking powder', '2 tsp baking powder\n8 tbsp salt');
    const { area } = await openStage('read', fakeServer(salty));
    expect(area()).toHaveTextContent(/unheard of/);
  });
  it('shows what flows into what, and the heat that it sees', async () => {
    const { user } = await openStage(
      'read',
      fakeServer(
        'Lemon cake\n200 g plain flour\n150 g butter\n150 g sugar\n3 eggs\nSyrup: 80 g sugar, juice of 2 lemons\n\nMethod\nCream the butter and sugar, beat in the eggs, fold in the flour.\nInto a 20 cm round tin. 180C, 40 minutes.\nBoil the syrup 3 minutes and pour over.',
      ),
    );
    await user.click(screen.getByText(/How it comes together/));
    const tree = screen.getByRole('list', { name: 'How it comes together' });
    expect(tree).toHaveTextContent(
      /Lemon cake creamed cake.*200 g plain flour.*oven 180 °C · 40 min · round tin, 20 cm/,
    );
    expect(tree).toHaveTextContent(/Syrup without flour.*boiled · 3 min.*then on Lemon cake/);
  });
  it('lets a person bind it otherwise, and undo it', async () => {
    const { user, store } = await openStage(
      'read',
      fakeServer(
        'Plum cake\nCake\n200 g plain flour\n150 g butter\n150 g sugar\n3 eggs\n\nCrumb\n80 g plain flour\n60 g butter\n50 g demerara sugar\n\nMethod\nCream the butter and sugar, beat in the eggs, fold in the flour.\nInto a 20 cm round tin. Bake at 170C for 20 minutes, then 160C for 35 minutes.',
      ),
    );
    const corrections = () => Object.values(store.getState().drafts)[0]!.doc.corrections;
    await user.click(screen.getByText(/How it comes together/));
    const tree = () => screen.getByRole('list', { name: 'How it comes together' });
    const mixture = (name: string) =>
      within(tree())
        .getAllByRole('listitem')
        .find((one) => one.textContent.startsWith(name))!;
    await user.click(within(mixture('Cake')).getByRole('button', { name: '3 eggs' }));
    await user.click(within(mixture('Cake')).getByRole('button', { name: /It goes into/ }));
    await user.click(await screen.findByRole('option', { name: 'Crumb' }));
    await settled();
    expect(mixture('Crumb')).toHaveTextContent('3 eggs');
    await user.click(within(tree()).getByRole('button', { name: /^This is the bake: oven 170/ }));
    await settled();
    expect(mixture('Cake')).toHaveTextContent(/oven 170 °C · 20 min · round tin, 20 cm · this is the bake/);
    await user.click(within(mixture('Crumb')).getByRole('button', { name: /It is/ }));
    await user.click(await screen.findByRole('option', { name: 'pastry' }));
    await settled();
    expect(mixture('Crumb')).toHaveTextContent('pastry: by hand');
    const steps = screen.getByRole('list', { name: 'What each step takes' });
    await user.click(within(steps).getByRole('button', { name: '150 g sugar' }));
    await user.click(within(steps).getByRole('button', { name: /This step means/ }));
    await user.click(await screen.findByRole('option', { name: '50 g demerara sugar' }));
    await settled();
    expect(within(steps).getByRole('button', { name: '50 g demerara sugar' })).toBeVisible();
    expect(corrections()).toHaveLength(4);
    for (let n = 0; n < 4; n += 1) await user.keyboard('{Control>}z{/Control}');
    await settled();
    expect(corrections()).toEqual([]);
  });
  const PAGE =
    'Wind cake\n200 g plain flour\n100 g butter\n100 g sugar\n2 eggs\n\nMethod\nRub the butter into the flour. Bake 20 minutes at 180°C.\nSquidgy';
  const wholePage = async (text: string) => {
    const page = await openStage('read', fakeServer(text));
    await page.user.click(screen.getByText('Each line of the page, and what it was taken for'));
    const line = (words: RegExp) => screen.getAllByRole('button', { name: words }).at(-1)!;
    return { ...page, line };
  };
  it('says what each line was taken for, and one key makes it something else, and undo gives it back', async () => {
    const { user, line, docket } = await wholePage(PAGE);
    line(/^100 g sugar: an ingredient/).focus();
    await user.keyboard('n');
    await settled();
    expect(line(/^100 g sugar: by hand a note/)).toBeVisible();
    expect(docket()).not.toHaveTextContent(/sugar/);
    await user.keyboard('{Control>}z{/Control}');
    await settled();
    expect(docket()).toHaveTextContent(/sugar/);
  });
  it('joins two lines that are one, and parts one that is two', async () => {
    const { user, store, line } = await wholePage(PAGE);
    const text = () => Object.values(store.getState().drafts)[0]!.doc.text;
    await user.click(line(/^100 g sugar: an ingredient/));
    await user.click(screen.getByRole('button', { name: 'One with the line above' }));
    await settled();
    expect(text()).toContain('\n100 g butter 100 g sugar\n');
    await user.click(line(/^100 g butter 100 g sugar/));
    await user.click(screen.getByRole('button', { name: 'It is two lines' }));
    await user.click(screen.getAllByRole('button', { name: 'Part it before 100' }).at(-1)!);
    await settled();
    expect(text()).toContain('\n100 g butter\n100 g sugar\n');
    await user.click(line(/^2 eggs/));
    await user.click(screen.getAllByRole('button', { name: 'These three are one: with both above' }).at(-1)!);
    await settled();
    expect(text()).toContain('\n100 g butter 100 g sugar 2 eggs\n');
  });
  it('puts another recipe on a sheet of its own', async () => {
    const two = `${PAGE}\n\nOat biscuits\nMakes 20\n100 g oats\n100 g plain flour\n80 g butter\nMix and bake.`;
    const { user, store } = await openStage('read', fakeServer(two));
    await user.click(await screen.findByRole('button', { name: 'Put it on a sheet of its own' }));
    await settled();
    const texts = Object.values(store.getState().drafts).map(({ doc }) => doc.text);
    expect(texts.some((text) => text.startsWith('Oat biscuits'))).toBe(true);
    expect(texts.some((text) => text.startsWith('Wind cake') && !text.includes('Oat'))).toBe(true);
    expect(screen.getByRole('link', { name: 'Open it' })).toBeVisible();
  });
  it('says why', async () => {
    const { user, line } = await wholePage(PAGE);
    await user.click(line(/^100 g sugar: an ingredient/));
    await user.click(screen.getByRole('button', { name: 'Why?' }));
    const why = await screen.findByText(/an ingredient rather than/);
    expect(why).toHaveTextContent(/rather than .+: .+; .+\./);
  });
});
