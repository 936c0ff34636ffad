import type { Stored } from '../../kitchen';

/** Version 5 tells more of the bake: where it is cooked, how brown, how it cools, what anchored its time. */
export function docket4to5(docket: Stored): Stored {
  const bake = docket['bake'] as Stored & { readonly anchor: number | null };
  return {
    ...docket,
    schema: 5,
    rest: { ...(docket['rest'] as Stored), chilled: null, frozen: null },
    bake: {
      ...bake,
      edge: [],
      anchored: bake.anchor === null ? 'nothing' : 'recipe',
      stretch: bake.anchor ?? 1,
      startCelsius: 20,
      startWords: null,
      setCelsius: null,
      browning: null,
      cooling: null,
      piece: null,
      watts: null,
      oven: null,
    },
  };
}
