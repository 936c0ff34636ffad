import type {
  Called,
  Diagnosis,
  PracticeBrief,
  PracticeLook,
  PracticeQuestion,
  PracticeRound,
  PracticeScore,
} from '@omniarton/core/next';
import type { Seen } from '@omniarton/core/kitchen';

type Points = Readonly<Record<'doneness' | 'cause' | 'question' | 'freeSeconds', number>>;

const next = () => import('@omniarton/core/next');

/** What was tasted of a practice bake, and what it may be put down to. */
export interface PracticeTasted {
  readonly seen: readonly Seen[];
  readonly choices: readonly { readonly id: Called; readonly name: string }[];
  readonly questions: Readonly<Record<PracticeQuestion, string>>;
  readonly points: Points;
}

/** How a practice bake was called. */
export interface PracticeCall {
  readonly heat: number;
  readonly called: Called;
  readonly asked: number;
  readonly seconds: number;
}

/** What was true of it, and what that was worth. */
export interface PracticeTold {
  readonly score: PracticeScore;
  readonly points: Points;
  /** Names of what was true. */
  readonly truth: readonly string[];
  readonly right: boolean;
  readonly doneAt: number;
  readonly ovenOff: number;
  readonly diagnosis: Diagnosis;
  /** What to change, by the table of causes; null: nothing. */
  readonly change: string | null;
}

/** The round that was baked last: a look into it is no second simulation. */
let last: PracticeRound | null = null;
async function roundOf(seed: number): Promise<PracticeRound> {
  const { practiceRound } = await next();
  last = last?.seed === seed ? last : practiceRound(seed);
  return last;
}

/** The practice kitchen: what is hidden stays here until it is called. */
export const practiceDesk = {
  practiceBrief: async (seed: number): Promise<PracticeBrief> => (await roundOf(seed)).brief,
  practiceLook: async (seed: number, heat: number): Promise<PracticeLook> =>
    (await next()).lookInto(await roundOf(seed), heat),
  async practiceTaste(seed: number, heat: number): Promise<PracticeTasted> {
    const { choicesOf, PRACTICE_POINTS: points, PRACTICE_QUESTIONS: questions, tastedOf } = await next();
    const round = await roundOf(seed);
    return { seen: tastedOf(round, heat), choices: choicesOf(round, heat), questions, points };
  },
  practiceAnswer: async (seed: number, question: PracticeQuestion): Promise<string> =>
    (await next()).answerTo(await roundOf(seed), question),
  async practiceCall(seed: number, call: PracticeCall): Promise<PracticeTold> {
    const { CAUSES, explained, PRACTICE_POINTS, scoreOf, truthOf } = await next();
    const round = await roundOf(seed);
    const truth = truthOf(round, call.heat);
    const [first] = truth;
    return {
      score: scoreOf(round, call),
      points: PRACTICE_POINTS,
      truth: truth.map((id) => (id === 'nothing' ? 'nothing: it was within taste' : CAUSES[id].name)),
      right: truth.includes(call.called),
      doneAt: round.hidden.doneAt,
      ovenOff: round.hidden.ovenOff,
      diagnosis: explained(round, call.heat),
      change: first === undefined || first === 'nothing' ? null : CAUSES[first].change,
    };
  },
};
