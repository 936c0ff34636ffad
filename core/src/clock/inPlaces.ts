import type { Solver } from '../search';
import type { Mark, Place } from './places';
import type { DayProblem } from './problem';

/** Each thing has tins, or places in the fridge, of its own, and nothing else is there before it is out. */
export function keepInPlaces(solver: Solver, starts: readonly number[], { places, items }: DayProblem): void {
  const begun = ({ item }: Mark) => item !== null && items[item]!.begun;
  for (const { room, stays } of places) inPlace(solver, starts, room, stays, begun);
}

function inPlace(
  solver: Solver,
  starts: readonly number[],
  room: number,
  stays: Place['stays'],
  begun: (mark: Mark) => boolean,
): void {
  const zero = solver.variable(0, 0);
  const view = ({ item }: Mark) => (item === null ? zero : starts[item]!);
  const taken = stays.map(({ amount }) =>
    Array.from({ length: amount }, () => Array.from({ length: room }, () => solver.variable(0, 1))),
  );
  for (const pieces of taken)
    pieces.forEach((own, at) => {
      solver.clause(...own.map((one) => [one, 1] as const));
      own.forEach((one, place) => {
        for (const other of own.slice(0, place)) solver.clause([one ^ 1, 0], [other ^ 1, 0]);
        for (const other of pieces.slice(0, at)) solver.clause([one ^ 1, 0], [other[place]! ^ 1, 0]);
      });
    });
  stays.forEach((one, at) =>
    stays.slice(0, at).forEach((other, before) => {
      // Both stand somewhere already, whatever is written down.
      if (begun(one.from) && begun(other.from)) return;
      const [first, second] = [solver.variable(0, 1), solver.variable(0, 1)];
      solver.after(view(one.to), view(other.from), one.to.after - other.from.after, [first, 1]);
      solver.after(view(other.to), view(one.from), other.to.after - one.from.after, [second, 1]);
      for (const mine of taken[at]!)
        for (const theirs of taken[before]!)
          for (let place = 0; place < room; place += 1)
            solver.clause([first, 1], [second, 1], [mine[place]! ^ 1, 0], [theirs[place]! ^ 1, 0]);
    }),
  );
}
