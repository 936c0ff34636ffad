import { bestImbalance, countOrders, imbalanceOf, servingOrders, williams } from '.';

describe('serving orders', () => {
  it.each([2, 3, 4, 5, 6, 7, 8, 9])(
    'of %d samples by Williams are even in place and in neighbour',
    (samples) => {
      const orders = williams(samples);
      expect(orders).toHaveLength(samples % 2 === 0 ? samples : 2 * samples);
      for (const order of orders) expect([...order].sort((a, b) => a - b)).toEqual(order.map((_, at) => at));
      expect(imbalanceOf(countOrders(samples, orders))).toMatchObject({ place: 0, neighbour: 0 });
    },
  );
  it.each([
    [3, 3],
    [3, 4],
    [3, 5],
    [3, 7],
    [3, 8],
    [4, 3],
    [4, 5],
    [4, 6],
  ])('of %d samples for %d tasters are as even as any', (samples, tasters) => {
    const { place, neighbour } = imbalanceOf(countOrders(samples, servingOrders(samples, tasters)));
    const best = bestImbalance(samples, tasters).imbalance;
    expect(best.some(([a, b]) => a + b === place + neighbour)).toBe(true);
    expect(best.every(([a, b]) => a + b >= place + neighbour)).toBe(true);
  });
  it('of five and more samples give each taster all of them, in orders that differ', () => {
    const orders = servingOrders(5, 8);
    expect(orders).toHaveLength(8);
    expect(new Set(orders.map((one) => one.join())).size).toBe(8);
    expect(imbalanceOf(countOrders(5, orders)).place).toBeLessThanOrEqual(2);
  });
});
