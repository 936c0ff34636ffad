import { learnShape } from '.';

interface Learnt {
  readonly learnt: readonly {
    readonly topic: string;
    readonly posterior: { readonly middle: number };
    readonly taught: readonly unknown[];
  }[];
}
const rows = [1, 2, 3].map((day) => ({
  on: `2027-02-0${day}`,
  family: 'loaf',
  tin: 'loaf',
  oven: 'small',
  dial: 175,
  minutes: 66,
  foretold: 60,
}));

describe('learning from a file', () => {
  it('of rows has the time that they teach', () => {
    const { learnt } = learnShape('bakes.json', JSON.stringify(rows)) as Learnt;
    expect(learnt).toMatchObject([{ topic: 'time' }]);
    expect(learnt[0]!.taught).toHaveLength(3);
    expect(learnt[0]!.posterior.middle).toBeGreaterThan(1.06);
    expect(learnt[0]!.posterior.middle).toBeLessThan(1.1);
  });
  it('of a household without a bake has nothing', () =>
    expect(learnShape('all.json', JSON.stringify({ kitchen: null, dockets: [], bakes: [] }))).toEqual({
      learnt: [],
    }));
  it.each([
    ['no JSON', 'nonsense', /no JSON/],
    ['no bakes', '{}', /no bakes/],
    ['a family that there isn’t', '[{"family":"bagpipe"}]', /names no family/],
  ])('with %s is refused in a sentence', (_, text, why) =>
    expect(() => learnShape('f.json', text)).toThrow(why),
  );
});
