import { screen, waitFor } from '@testing-library/react';
import { openStage } from '../../testing/page';
import { CAKE } from '../../testing/recipes';
import { fakeServer } from '../../testing/server';

// jsdom draws nothing, and Chart.js insists.
jest.mock('./CentreCurve', () => ({ CentreCurve: () => null }));

describe('Heat', () => {
  it('says how long, from when to look, and how to tell', async () => {
    const { area } = await openStage('heat', fakeServer(CAKE));
    expect(area()).toHaveTextContent(/\d+ ?minutes|min/);
    expect(area()).toHaveTextContent(/springs back/);
  });
  it('asks nothing of an oven for what is fried', async () => {
    const scones =
      'Drop scones\n200 g plain flour\n2 tsp baking powder\n1 egg\n250 ml milk\n\nMethod\nFry spoonfuls on a hot griddle until bubbles burst.';
    const { area } = await openStage('heat', fakeServer(scones));
    expect(area()).toHaveTextContent(/griddle/);
  });
  it('bakes in a wider tin, and is done sooner', async () => {
    const { user, docket } = await openStage('heat', fakeServer(CAKE));
    const minutes = () => Number(/(\d+) min/.exec(docket().textContent)![1]);
    const before = minutes();
    const size = screen.getAllByRole<HTMLInputElement>('textbox').find(({ value }) => value === '20')!;
    await user.clear(size);
    await user.type(size, '26{Enter}');
    await waitFor(() => expect(minutes()).toBeLessThan(before));
  });
});
