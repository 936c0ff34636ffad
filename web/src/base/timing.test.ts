import { atMostEvery, quiet } from './timing';

beforeEach(() => void jest.useFakeTimers());
afterEach(() => void jest.useRealTimers());

describe('after quiet', () => {
  it('runs the newest once, when it has been quiet for so long', () => {
    const ran: number[] = [];
    const after = quiet(800);
    for (const n of [1, 2, 3]) {
      after('a', () => void ran.push(n));
      jest.advanceTimersByTime(500);
    }
    expect(ran).toEqual([]);
    jest.advanceTimersByTime(300);
    expect(ran).toEqual([3]);
  });
  it('doesn’t let one key put off another', () => {
    const ran: string[] = [];
    const after = quiet(800);
    after('a', () => void ran.push('a'));
    jest.advanceTimersByTime(700);
    after('b', () => void ran.push('b'));
    jest.advanceTimersByTime(100);
    expect(ran).toEqual(['a']);
  });
});

describe('at most every', () => {
  it('runs within so long, however fast it is asked for', () => {
    let ran = 0;
    const soon = atMostEvery(200);
    for (let ms = 0; ms < 1000; ms += 20) {
      soon('a', () => void (ran += 1));
      jest.advanceTimersByTime(20);
    }
    expect(ran).toBeGreaterThanOrEqual(4);
    expect(ran).toBeLessThanOrEqual(5);
  });
});
