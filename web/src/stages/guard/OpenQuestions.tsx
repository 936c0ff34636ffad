import { sourceOf } from '@omniarton/core/read';
import { styled } from 'styled-components';
import type { Question } from '@omniarton/core/guard';
import { NEVER_ANSWERED } from '@omniarton/core/vocabulary';
import type { GuardAnswer } from '@omniarton/core/kitchen';
import { useSettings } from '../../state/settings/useSettings';
import { TextEntry } from '../../ui/TextEntry';
import type { LabelFact } from '@omniarton/core/vocabulary';
import { say } from '@omniarton/core/words';
import { Button } from '../../ui/Button';
import { BagsSay } from './BagsSay';
import { IngredientBox } from '../../kitchen/IngredientBox';
import { Heading, Row, Small } from '../../ui/layout';
import { today } from '../../words/say';
import { useDocket, useEdit, useEngine, useHousehold, useRequest } from '../../state/bench/onBench';
import { FACT_QUESTIONS, settledWords, stateWords } from '../../words/guard';

const NONE: readonly Question[] = [];
const LEFT_OUT = 'Left out';

interface Asked {
  readonly line: string;
  readonly source: string;
  readonly key: string;
  readonly questions: readonly Question[];
}

/** Questions of one line together: a person answers for the bag in hand. */
function byLine(questions: readonly Question[]): Asked[] {
  const lines = new Map<string, Asked>();
  for (const question of questions) {
    const { line, source, key } = question;
    const known = lines.get(line);
    const asked = [...(known?.questions ?? []), question];
    // What no answer settles gives no key.
    const settled = asked.find(({ kind }) => !NEVER_ANSWERED.has(kind))?.key ?? key;
    lines.set(line, { line, source, key: settled, questions: asked });
  }
  return [...lines.values()];
}

/** What a plain yes says to a line's questions. */
function yesWords(questions: readonly Question[]): string {
  const kinds = new Set(questions.map(({ kind }) => kind));
  if (kinds.has('method')) return 'Seen: done otherwise';
  if (kinds.size === 1 && kinds.has('near')) return 'Yes';
  if (kinds.size === 1 && kinds.has('house')) return 'Still so';
  return 'Label read: fine';
}

/** Lines that ask alike are answered by one press: all bags certified, all labels read. */
const ALIKE: readonly {
  readonly kinds: readonly Question['kind'][];
  readonly says: (count: number) => string;
}[] = [
  { kinds: ['certified'], says: (count) => `All ${count} bags are certified` },
  { kinds: ['possible', 'label'], says: (count) => `All ${count} labels read: fine` },
];

function alike(open: readonly Asked[]) {
  return ALIKE.flatMap(({ kinds, says }) => {
    const same = open.filter(({ questions }) => questions.every(({ kind }) => kinds.includes(kind)));
    return same.length > 1 ? [{ same, words: says(same.length) }] : [];
  });
}

/** What stays open until a person answers, in one list. An answer can be taken back, and opens by itself when its line changes. */
export function OpenQuestions() {
  const guard = useEngine(({ answer, outcome }) =>
    outcome?.outcome === 'docket' ? outcome.docket.guard : answer?.guard,
  );
  const [{ answers }, ask] = useRequest();
  const open = byLine(guard?.open ?? NONE);
  const answered = byLine(guard?.answered ?? NONE);
  const { settings, change } = useSettings();
  const giveAll = (given: readonly Asked[], answer: GuardAnswer['answer']) => {
    const lines = new Set(given.map(({ line }) => line));
    ask({
      answers: [
        ...answers.filter((one) => !lines.has(one.line)),
        ...given.map(({ line, key }) => ({ line, answer, about: key, on: today(), by: settings.signs })),
      ],
    });
  };
  return (
    <section aria-labelledby="open-questions">
      <Heading id="open-questions">
        {guard && guard.lines.length > 0 ? stateWords(guard.state, open.length) : 'Nothing read yet'}
      </Heading>
      {open.length + answered.length > 0 ? (
        <Row $gap={4} style={{ alignItems: 'end' }}>
          <TextEntry
            label="You sign as"
            value={settings.signs}
            mayBeEmpty
            maxLength={80}
            onCommit={(signs) => change({ signs })}
          />
          {alike(open).map(({ same, words }) => (
            <Button key={words} onPress={() => giveAll(same, 'label-checked')}>
              {words}
            </Button>
          ))}
        </Row>
      ) : null}
      <List>
        {open.map((one) => (
          <OpenQuestion key={one.line} asked={one} onAnswer={(answer) => giveAll([one], answer)} />
        ))}
        {answered.map((one) => (
          <Answered key={one.line} asked={one} />
        ))}
      </List>
    </section>
  );
}

/** What was answered, by whom and when. A person's answer can be taken back; a label's stands in the cupboard. */
function Answered({ asked: { line, source, questions } }: { readonly asked: Asked }) {
  const [{ answers }, ask] = useRequest();
  const answer = answers.find((one) => one.line === line);
  const how = [...new Set(questions.flatMap(({ settled }) => (settled ? [settledWords(settled)] : [])))];
  const words = answer?.answer === 'left-out' ? LEFT_OUT : yesWords(questions);
  return (
    <li>
      <Row>
        <Small as="span">
          {source.trim()}: {words}
          {how.some(Boolean) ? ` (${how.filter(Boolean).join('; ')})` : ''}
        </Small>
        {answer ? (
          <Button
            $weight="quiet"
            aria-label={`Ask again: ${source.trim()}`}
            onPress={() => ask({ answers: answers.filter((one) => one.line !== line) })}
          >
            Ask again
          </Button>
        ) : null}
      </Row>
    </li>
  );
}

interface OpenProps {
  readonly asked: Asked;
  readonly onAnswer: (answer: GuardAnswer['answer']) => void;
}

function OpenQuestion({ asked, onAnswer }: OpenProps) {
  const { line, questions } = asked;
  const source = asked.source.trim();
  const facts = questions.flatMap((one) => one.facts);
  const others = questions.filter(({ kind }) => kind !== 'blend' && !NEVER_ANSWERED.has(kind));
  const parts = useDocket()?.parts;
  const blended = parts
    ?.flatMap(({ blend }) => blend)
    .find(({ ingredient }) => line.endsWith(`~${ingredient}`));
  const made = parts?.flatMap(({ lines }) => lines).find(({ id }) => id === line);
  const ofBag = blended?.ingredient ?? made?.ingredient ?? null;
  const byBag = questions.some(({ kind }) => kind === 'certified');
  const written = useEngine(
    ({ answer }) => answer?.guard.lines.some((one) => one.line === sourceOf(line).line) ?? false,
  );
  const unsure = questions.some(({ kind }) => kind === 'unknown' || kind === 'near');
  return (
    <li data-open>
      <p>
        <strong>{source}</strong> {questions.map(({ ask }) => say(ask)).join(' ')}
      </p>
      {facts.length > 0 ? <Facts line={line} source={source} facts={facts} /> : null}
      <Row>
        {others.length > 0 ? (
          <Button aria-label={`${yesWords(others)}: ${source}`} onPress={() => onAnswer('label-checked')}>
            {yesWords(others)}
          </Button>
        ) : null}
        {written ? (
          <Button aria-label={`${LEFT_OUT}: ${source}`} onPress={() => onAnswer('left-out')}>
            {LEFT_OUT}
          </Button>
        ) : null}
        {byBag && ofBag !== null ? <BagsSay ingredient={ofBag} name={made?.name ?? source} /> : null}
        {blended ? <WithoutFlour ingredient={blended.ingredient} name={blended.name} /> : null}
        {unsure ? <ItIs line={line} /> : null}
      </Row>
    </li>
  );
}

/** A flour of the blend that this kitchen can't have: the blend is found without it. */
function WithoutFlour({ ingredient, name }: { readonly ingredient: string; readonly name: string }) {
  const [{ withoutFlours }, ask] = useRequest();
  return (
    <Button
      aria-label={`Blend without it: ${name}`}
      onPress={() => ask({ withoutFlours: [...withoutFlours, ingredient] })}
    >
      Blend without it
    </Button>
  );
}

/** A line that was misread or not placed: what it is. */
function ItIs({ line }: { readonly line: string }) {
  const household = useHousehold();
  const edit = useEdit();
  return (
    <IngredientBox
      household={household}
      label="No, it is"
      value={null}
      onPick={(ingredient) => edit({ kind: 'correction', correction: { line, ingredient } })}
    />
  );
}

interface FactsProps {
  readonly line: string;
  readonly source: string;
  readonly facts: readonly LabelFact[];
}

/** What the label of a blend says, one thing at a time. What it says goes into the balance. */
function Facts({ line, source, facts }: FactsProps) {
  const [{ labels }, ask] = useRequest();
  const known = labels.find((one) => one.line === line)?.says ?? {};
  const say = (fact: LabelFact, yes: boolean) =>
    ask({
      labels: [...labels.filter((one) => one.line !== line), { line, says: { ...known, [fact]: yes } }],
    });
  return (
    <FactList>
      {facts.map((fact) => (
        <li key={fact}>
          {FACT_QUESTIONS[fact]}?{' '}
          <Button aria-label={`Yes, ${FACT_QUESTIONS[fact]}: ${source}`} onPress={() => say(fact, true)}>
            yes
          </Button>
          <Button aria-label={`No ${FACT_QUESTIONS[fact]}: ${source}`} onPress={() => say(fact, false)}>
            no
          </Button>
        </li>
      ))}
    </FactList>
  );
}

const FactList = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: ${({ theme }) => `${theme.space(2)} ${theme.space(5)}`};
  li {
    display: inline-flex;
    align-items: center;
    gap: ${({ theme }) => theme.space(1.5)};
  }
`;
const List = styled.ul`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  margin-top: ${({ theme }) => theme.space(2)};
  [data-open] {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: ${({ theme }) => theme.space(2)};
    padding: ${({ theme }) => `${theme.space(2)} ${theme.space(3)}`};
    border-left: 4px solid ${({ theme }) => theme.colour.ask};
    background: ${({ theme }) => theme.colour.askWash};
    > p {
      flex: 1 1 16rem;
    }
  }
`;
