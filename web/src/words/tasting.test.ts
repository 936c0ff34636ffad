import {
  resultOf,
  reachOf,
  traysOf,
  type Answer,
  type TasteTest,
  type TastingDocument,
  type Tray,
} from '@omniarton/core/taste';
import { holdsWords, reachWords, resultWords } from './tasting';

const holds = {
  allergens: ['egg' as const],
  possible: ['soybeans' as const],
  gluten: 'free' as const,
  grain: 'grain' as const,
};
const doc = (test: TasteTest, tasters: number): TastingDocument => ({
  schema: 1,
  name: '',
  on: '2027-06-19',
  test,
  about: '',
  samples: ['plain', 'sweeter'].map((name) => ({ id: name, name, bake: name, holds })),
  tasters: Array.from({ length: tasters }, (_, at) => ({
    id: `t${at}`,
    person: null,
    name: `t${at}`,
    gluten: null,
    grainFree: null,
    avoids: [],
  })),
  withdrawn: [],
  rounds: 1,
  coder: '',
  seed: 5,
  stage: 'closed',
  ballots: [],
});
function said(one: TastingDocument, by: (tray: Tray, at: number) => Answer): string {
  const ballots = traysOf(one).map((tray, at) => ({
    id: String(at),
    taster: tray.taster,
    round: tray.round,
    at: 0,
    answer: by(tray, at),
    words: '',
  }));
  const whole = { ...one, ballots };
  return resultWords(resultOf(whole), whole).join(' ');
}
const codeOf = (tray: Tray, sample: number) => tray.cups.find((cup) => cup.sample === sample)!.code;
const odd = ({ cups }: Tray, right: boolean) =>
  cups.find(({ sample }) => (cups.filter((cup) => cup.sample === sample).length === 1) === right)!.code;

describe('what a tasting is said to have shown', () => {
  it('is a difference where enough were right, and no sameness where too few were', () => {
    expect(said(doc('triangle', 5), (tray) => ({ kind: 'pick', code: odd(tray, true) }))).toMatch(
      /5 of 5 were right: this panel can tell them apart \(p = 0\.004\)/,
    );
    const few = said(doc('triangle', 5), (tray, at) => ({ kind: 'pick', code: odd(tray, at < 2) }));
    expect(few).toMatch(/guessing alone could bring/);
    expect(few).toMatch(/doesn’t show that they are the same/);
    expect(few).toMatch(/\d+ answers would find it in eight of ten/);
  });
  it('of a pair counts who couldn’t tell for neither, and warns of odds', () => {
    const words = said(doc('paired', 4), (tray, at) => ({
      kind: 'more',
      code: at === 3 ? null : codeOf(tray, 1),
    }));
    expect(words).toMatch(
      /3 of 3 chose “sweeter” before “plain” \(p = 0\.250: that chance alone could bring\)/,
    );
    expect(words).toMatch(/one person couldn’t tell/);
    expect(words).toMatch(/15 to 1 that “sweeter”/);
    expect(words).toMatch(/stops at 19 to 1 is wrong in \d+ % of such panels/);
  });
  it('says that whoever gave all of them nine has told nothing apart', () => {
    const liked = (nines: boolean) =>
      said(doc('liking', 4), (tray, at) => ({
        kind: 'liking',
        marks: Object.fromEntries(
          [0, 1].map((sample) => [codeOf(tray, sample), nines && at === 0 ? 9 : 5 + sample]),
        ),
      }));
    expect(liked(true)).toContain('One person gave all of them the same');
    expect(liked(false)).not.toContain('the same');
  });
  it('of liking has an interval, and says what three can’t show', () => {
    const words = said(doc('liking', 3), (tray, at) => ({
      kind: 'liking',
      marks: { [codeOf(tray, 0)]: 5, [codeOf(tray, 1)]: 6 + (at % 2) },
    }));
    expect(words).toMatch(/“sweeter” is liked 1\.3 more than “plain” \(-?\d\.\d to \d\.\d, 95 %\)/);
    expect(words).toMatch(/3 people can’t show this; they can agree/);
    expect(words).toMatch(
      /finds a difference of 1\.4 or more. What was seen here would be shown by some 6 tasters/,
    );
  });
  it('of just about right says what is lost, and that those for whom it is too much may like it more', () => {
    const jar =
      (mark: number, liking: number) =>
      (tray: Tray, at: number): Answer => {
        const both = (first: number, other: number) =>
          Object.fromEntries(tray.cups.map(({ code }) => [code, at < 2 ? first : other]));
        return { kind: 'just-right', marks: both(3, mark), liking: both(7, liking) };
      };
    expect(said(doc('just-right', 4), jar(5, 4))).toMatch(
      /too much for 2, who like it 3\.0 less\. Less of it would/,
    );
    expect(said(doc('just-right', 4), jar(5, 8))).toMatch(/too much for 2, who like it 1\.0 more\.(?! Less)/);
  });
  it('is nothing where nobody has answered', () =>
    expect(resultWords({ kind: 'none' }, doc('liking', 2))).toEqual(['Nobody has handed in a ballot.']));
});

describe('what is said before', () => {
  it.each([
    ['duo-trio', 3, /can’t show this, whatever is said/],
    ['triangle', 3, /3 of 3 must all be right/],
    ['ranking', 3, /If all agree, that shows it/],
  ] as const)('%s by %d', (test, answers, words) =>
    expect(reachWords(reachOf(test, 3, answers), answers)).toMatch(words),
  );
  it('is what is in it, certain and perhaps', () =>
    expect(holdsWords(doc('liking', 2))).toMatch(/In what is tasted: egg\. By maker perhaps: soy\./));
});
