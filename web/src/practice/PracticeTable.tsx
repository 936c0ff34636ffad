import { useEffect, useState } from 'react';
import { styled } from 'styled-components';
import type { Called, PracticeBrief, PracticeQuestion } from '@omniarton/core/next';
import { SYMPTOM_NAMES } from '@omniarton/core/vocabulary';
import { nowMs } from '../base/clock';
import { CauseList } from '../baked/CauseList';
import { SymptomPicture } from '../baked/SymptomPicture';
import type { PracticeTasted, PracticeTold } from '../state/engine/practiceDesk';
import { askSlow } from '../state/engine/engine';
import { Button } from '../ui/Button';
import { Heading, Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';

interface Props {
  readonly seed: number;
  readonly brief: PracticeBrief;
  readonly heat: number;
  readonly ended: (total: number) => void;
  readonly another: () => void;
}

/** The bake on the table: what is seen and tasted of it, what may be asked, and what it is put down to. */
export function PracticeTable({ seed, brief, heat, ended, another }: Props) {
  const [tasted, setTasted] = useState<PracticeTasted | null>(null);
  const [answers, setAnswers] = useState<Readonly<Partial<Record<PracticeQuestion, string>>>>({});
  const [told, setTold] = useState<PracticeTold | null>(null);
  const [failed, setFailed] = useState(false);
  const [since] = useState(nowMs);
  useEffect(() => {
    let gone = false;
    askSlow(async (engine) => await engine.practiceTaste(seed, heat)).then(
      (found) => (gone ? undefined : setTasted(found)),
      () => (gone ? undefined : setFailed(true)),
    );
    return () => void (gone = true);
  }, [seed, heat]);
  const ask = (question: PracticeQuestion) =>
    void askSlow(async (engine) => await engine.practiceAnswer(seed, question)).then(
      (answer) => setAnswers((known) => ({ ...known, [question]: answer })),
      () => setFailed(true),
    );
  const call = (called: Called) => {
    const [asked, seconds] = [Object.keys(answers).length, (nowMs() - since) / 1000];
    void askSlow(async (engine) => await engine.practiceCall(seed, { heat, called, asked, seconds })).then(
      (found) => {
        setTold(found);
        ended(found.score.total);
      },
      () => setFailed(true),
    );
  };
  return (
    <Stack as="section" aria-labelledby="practice-table" $gap={5}>
      <Heading id="practice-table">{brief.title}, cooled</Heading>
      {failed ? <Notice tone="danger">It could not be worked out. Try another bake.</Notice> : null}
      {tasted ? <Seen tasted={tasted} /> : <Small role="status">Letting it cool …</Small>}
      {told ? (
        <Told told={told} heat={heat} another={another} />
      ) : tasted ? (
        <>
          <Asking tasted={tasted} answers={answers} ask={ask} />
          <Stack $gap={2} role="group" aria-labelledby="practice-call">
            <b id="practice-call">Put it down to</b>
            <Row>
              {tasted.choices.map(({ id, name }) => (
                <Button key={id} onPress={() => call(id)}>
                  {name}
                </Button>
              ))}
            </Row>
          </Stack>
        </>
      ) : null}
    </Stack>
  );
}

function Seen({ tasted: { seen } }: { readonly tasted: PracticeTasted }) {
  if (seen.length === 0) return <p>Nothing about it catches the eye.</p>;
  return (
    <Pictures>
      {seen.map(({ symptom, degree }) => (
        <li key={symptom}>
          <SymptomPicture symptom={symptom} />
          <span>
            {SYMPTOM_NAMES[symptom]}
            {degree < 1 ? ', slightly' : ''}
          </span>
        </li>
      ))}
    </Pictures>
  );
}

interface AskingProps {
  readonly tasted: PracticeTasted;
  readonly answers: Readonly<Partial<Record<PracticeQuestion, string>>>;
  readonly ask: (question: PracticeQuestion) => void;
}

/** What may be asked; each question costs. */
function Asking({ tasted: { questions, points }, answers, ask }: AskingProps) {
  const all = Object.keys(questions) as PracticeQuestion[];
  return (
    <Stack $gap={3}>
      <Row>
        {all
          .filter((one) => answers[one] === undefined)
          .map((one) => (
            <Button key={one} $weight="quiet" onPress={() => ask(one)}>
              {questions[one]}
            </Button>
          ))}
      </Row>
      <ul aria-live="polite">
        {all
          .filter((one) => answers[one] !== undefined)
          .map((one) => (
            <li key={one}>
              {questions[one]} <b>{answers[one]}</b>
            </li>
          ))}
      </ul>
      <Small>
        Each question costs {points.question} points, and thinking for longer than {points.freeSeconds}{' '}
        seconds a point for every five.
      </Small>
    </Stack>
  );
}

interface ToldProps {
  readonly told: PracticeTold;
  readonly heat: number;
  readonly another: () => void;
}

/** What was true, what the calls were worth, and how the engine judges it with all that is known. */
function Told({ told, heat, another }: ToldProps) {
  const { score, points, truth, right, doneAt, ovenOff, diagnosis, change } = told;
  const off = Math.round(heat) - Math.round(doneAt);
  return (
    <Stack $gap={4}>
      <Points>
        {score.total}
        <small> of 100</small>
      </Points>
      <p>
        {right ? 'Right: ' : 'It was '}
        {truth.join('; and ')}. {score.cause} of {points.cause}.
      </p>
      <p>
        Done after {Math.round(doneAt)} minutes in this oven, {Math.abs(ovenOff)} °C{' '}
        {ovenOff === 0 ? 'off' : ovenOff > 0 ? 'above' : 'below'} its dial; you gave it {Math.round(heat)}:{' '}
        {off === 0 ? 'to the minute' : `${Math.abs(off)} ${off > 0 ? 'too many' : 'too few'}`}.{' '}
        {score.doneness} of {points.doneness}.
      </p>
      {diagnosis.verdict === 'within-taste' ? (
        <p>{diagnosis.because}</p>
      ) : (
        <CauseList causes={diagnosis.causes.slice(0, 3)} />
      )}
      {change === null ? null : <p>The one change: {change}.</p>}
      <Row>
        <Button $weight="strong" onPress={another}>
          Another bake
        </Button>
      </Row>
    </Stack>
  );
}

const Pictures = styled.ul`
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: ${({ theme }) => theme.space(5)};
  li {
    display: grid;
    gap: ${({ theme }) => theme.space(1)};
    justify-items: start;
    max-width: 10rem;
  }
`;
const Points = styled.p`
  font: 650 3rem/1 ${({ theme }) => theme.font.figures};
  small {
    font-size: 1.2rem;
  }
`;
