import { act, renderHook } from '@testing-library/react';
import type { Docket } from '@omniarton/core/docket';
import { useMarks } from './unseen';

const docketOf = (weights: Readonly<Record<string, number>>) =>
  ({
    parts: [
      {
        lines: Object.entries(weights).map(([id, central]) => ({ id, name: id, grams: { central } })),
      },
    ],
  }) as unknown as Docket;

const OF = {};
function marks(first: Readonly<Record<string, number>>) {
  const { result, rerender } = renderHook(({ docket, of, settled }) => useMarks(docket, of, settled), {
    initialProps: { docket: docketOf(first), of: OF as object, settled: true },
  });
  return {
    result,
    now: (weights: Readonly<Record<string, number>>, { of = OF as object, settled = true } = {}) =>
      rerender({ docket: docketOf(weights), of, settled }),
  };
}

describe('weights that have changed', () => {
  const first = { milk: 160, flour: 250, gum: 0.5 };

  test('nothing is marked at first; a change is, with what it was, until it is looked at', () => {
    const { result, now } = marks(first);
    expect(result.current.before).toEqual({});
    now({ ...first, milk: 200 });
    expect(result.current.before).toEqual({ milk: '160' });
    act(() => result.current.look('milk', '200'));
    expect(result.current.before).toEqual({});
  });

  test('what changes back by itself is no longer marked', () => {
    const { result, now } = marks(first);
    now({ ...first, milk: 200 }, { settled: false });
    now(first);
    expect(result.current.before).toEqual({});
  });

  test('new lines and lost ones are told, and one press has seen them all', () => {
    const { result, now } = marks(first);
    now({ milk: 160, flour: 250, husk: 8 });
    expect(result.current.before).toEqual({ husk: null });
    expect(result.current.gone).toEqual(['gum']);
    act(() => result.current.lookAtAll());
    expect(result.current).toMatchObject({ before: {}, gone: [] });
  });

  test('a difference that no scale shows is no change', () => {
    const { result, now } = marks(first);
    now({ ...first, flour: 250.2 });
    expect(result.current.before).toEqual({});
  });

  test('other words or another amount mark nothing', () => {
    const twice = {};
    const { result, now } = marks(first);
    now({ ...first, flour: 500 }, { of: twice, settled: false });
    expect(result.current.before).toEqual({});
    now({ milk: 320, flour: 500, gum: 1 }, { of: twice, settled: false });
    expect(result.current.before).toEqual({});
  });
});
