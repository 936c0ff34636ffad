export { PLANTED, practiceBake, type Practice } from './faults';
export { answerTo, PRACTICE_QUESTIONS, type PracticeQuestion } from './questions';
export {
  choicesOf,
  explained,
  lookInto,
  PRACTICE_POINTS,
  practiceRound,
  scoreOf,
  tastedOf,
  truthOf,
  type Called,
  type PracticeBrief,
  type PracticeLook,
  type PracticeRound,
  type PracticeScore,
} from './round';
