import { screen, within } from '@testing-library/react';
import { openStage, settled } from '../../testing/page';
import { CAKE } from '../../testing/recipes';
import { fakeServer } from '../../testing/server';

jest.setTimeout(30_000);
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
});
