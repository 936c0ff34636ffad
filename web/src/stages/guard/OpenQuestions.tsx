import { styled } from 'styled-components';
import type { Question } from '@omniarton/core/guard';
import type { GuardAnswer } from '@omniarton/core/kitchen';
import { Button } from '../../ui/Button';
import { Heading, Row, Small } from '../../ui/layout';
import { useEngine, useRequest } from '../bench/onBench';
import { stateWords } from './words';

const NONE: readonly Question[] = [];
const ANSWERS: readonly { readonly id: GuardAnswer['answer']; readonly name: string }[] = [
  { id: 'label-checked', name: 'Label read: fine' },
  { id: 'replaced', name: 'Another used' },
  { id: 'left-out', name: 'Left out' },
];

interface Asked {
  readonly line: string;
  readonly source: string;
  readonly asks: readonly string[];
}

/** Questions of one line together: a person answers for the bag in hand. */
function byLine(questions: readonly Question[]): Asked[] {
  const lines = new Map<string, Asked>();
  for (const { line, source, ask } of questions) {
    const known = lines.get(line);
    lines.set(line, { line, source, asks: [...(known?.asks ?? []), ask] });
  }
  return [...lines.values()];
}

/** What stays open until a person answers. An answer can be taken back. */
export function OpenQuestions() {
  const guard = useEngine(({ answer, outcome }) =>
    outcome?.outcome === 'docket' ? outcome.docket.guard : answer?.guard,
  );
  const [{ answers }, ask] = useRequest();
  const open = byLine(guard?.open ?? NONE);
  const answered = byLine(guard?.answered ?? NONE);
  const give = (line: string, answer: GuardAnswer['answer']) =>
    ask({ answers: [...answers.filter((one) => one.line !== line), { line, answer }] });
  const takeBack = (line: string) => ask({ answers: answers.filter((one) => one.line !== line) });
  return (
    <section aria-labelledby="open-questions">
      <Heading id="open-questions">
        {guard && guard.lines.length > 0 ? stateWords(guard.state, open.length) : 'Nothing read yet'}
      </Heading>
      <List>
        {open.map(({ line, source, asks }) => (
          <li key={line} data-open>
            <p>
              <strong>{source}</strong> {asks.join(' ')}
            </p>
            <Row>
              {ANSWERS.map(({ id, name }) => (
                <Button key={id} aria-label={`${name}: ${source}`} onPress={() => give(line, id)}>
                  {name}
                </Button>
              ))}
            </Row>
          </li>
        ))}
        {answered.map(({ line, source }) => (
          <li key={line}>
            <Row>
              <Small as="span">
                {source}:{' '}
                {ANSWERS.find(({ id }) => id === answers.find((one) => one.line === line)?.answer)?.name}
              </Small>
              <Button $weight="quiet" aria-label={`Ask again: ${source}`} onPress={() => takeBack(line)}>
                Ask again
              </Button>
            </Row>
          </li>
        ))}
      </List>
    </section>
  );
}

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
    p {
      flex: 1 1 16rem;
    }
  }
`;
