import type { CauseId } from '../why';
import {
  answerTo,
  choicesOf,
  explained,
  lookInto,
  PRACTICE_QUESTIONS,
  practiceRound,
  scoreOf,
  tastedOf,
  truthOf,
  type PracticeQuestion,
} from '.';
import { PRACTICE_RECIPES } from './data/recipes';

const SEEDS = Array.from({ length: 40 }, (_, at) => 900 + at);
const rounds = SEEDS.map((seed) => practiceRound(seed));
const withFault = (fault: CauseId) => practiceRound(5, fault);

describe('the practice kitchen', () => {
  it('bakes all of its own recipes, each in a kind that something is made wrong in, and now and then a sound one', () => {
    const families = new Set(rounds.map(({ brief }) => brief.family));
    for (const family of families) expect(PRACTICE_RECIPES).toHaveProperty(family);
    expect(families.size).toBeGreaterThan(5);
    expect(rounds.some(({ hidden }) => hidden.fault === null)).toBe(true);
  });
  it('is the same by the same seed', () => expect(practiceRound(901)).toEqual(rounds[1]));
  it('takes longer in a cold oven and shorter in a hot one than the docket says', () => {
    const [cold, hot] = [withFault('too-cold'), withFault('too-hot')];
    expect(cold.hidden.doneAt).toBeGreaterThan(1.1 * cold.brief.minutes.central);
    expect(hot.hidden.doneAt).toBeLessThan(0.95 * hot.brief.minutes.central);
  });
  it('shows a middle that warms, and a top that is darker the longer and the hotter', () => {
    for (const round of rounds.slice(0, 8)) {
      const probes = [0.2, 0.5, 0.8, 1, 1.2].map(
        (way) => lookInto(round, way * round.hidden.doneAt).probeCelsius,
      );
      for (let at = 1; at < probes.length; at += 1)
        expect(probes[at]).toBeGreaterThanOrEqual(probes[at - 1]! - 3);
      expect(Math.abs(probes[3]! - round.brief.doneCelsius)).toBeLessThan(6);
      expect(lookInto(round, 0.3 * round.hidden.doneAt).skewer).not.toBe(
        lookInto(round, 1.3 * round.hidden.doneAt).skewer,
      );
    }
  });
  it('tastes raw out too early and dry too late, whatever else is wrong', () => {
    for (const round of rounds.slice(0, 8)) {
      const at = (way: number) => tastedOf(round, way * round.hidden.doneAt).map(({ symptom }) => symptom);
      expect(at(0.8)).toContain('raw');
      expect(at(1.2)).toContain('dry');
      expect(at(1)).toEqual(round.hidden.seen.map(({ symptom }) => symptom));
      expect(truthOf(round, 0.8 * round.hidden.doneAt)).toContain('under-baked');
    }
  });
  it('offers what is true among its answers, each once', () => {
    for (const round of rounds)
      for (const way of [0.8, 1, 1.2]) {
        const ids = choicesOf(round, way * round.hidden.doneAt).map(({ id }) => id);
        expect(new Set(ids).size).toBe(ids.length);
        for (const one of truthOf(round, way * round.hidden.doneAt)) expect(ids).toContain(one);
      }
  });
  it('can be told by somebody who asks: the engine names the fault first, or that there is none, in nine of ten', () => {
    const told = rounds.filter((round) => {
      const { verdict, causes } = explained(round, round.hidden.doneAt);
      return round.hidden.fault === null ? verdict === 'within-taste' : causes[0]?.id === round.hidden.fault;
    });
    expect(told.length / rounds.length).toBeGreaterThan(0.9);
  });
  it('answers every question in a sentence, and gives a planted fault away by one of them', () => {
    const [sound] = rounds.filter(({ hidden }) => hidden.fault === null);
    const questions = Object.keys(PRACTICE_QUESTIONS) as PracticeQuestion[];
    for (const question of questions) expect(answerTo(sound!, question)).toMatch(/\.$/);
    for (const fault of [
      'too-wet',
      'no-binder',
      'gritty',
      'too-cold',
      'no-rest',
      'pan-too-small',
      'cut-hot',
    ] as const) {
      const round = withFault(fault);
      expect(questions.some((one) => answerTo(round, one) !== answerTo(sound!, one))).toBe(true);
    }
  });
  it('pays for a right call of both, less for questions and for being slow, nothing below none', () => {
    const [round] = rounds;
    const heat = round!.hidden.doneAt;
    const [called] = truthOf(round!, heat);
    const best = { heat, called: called!, asked: 0, seconds: 10 };
    expect(scoreOf(round!, best).total).toBe(100);
    expect(scoreOf(round!, { ...best, asked: 2 }).total).toBeLessThan(100);
    expect(scoreOf(round!, { ...best, seconds: 300 }).total).toBeLessThan(100);
    expect(scoreOf(round!, { ...best, heat: 1.05 * heat }).doneness).toBeLessThan(40);
    const worst = scoreOf(round!, { heat: 2 * heat, called: 'not-such' as never, asked: 7, seconds: 900 });
    expect(worst).toEqual({ doneness: 0, cause: 0, total: 0 });
  });
});
