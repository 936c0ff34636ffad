import { styled } from 'styled-components';
import type { DocketAsk } from '@omniarton/core/docket';
import { say } from '@omniarton/core/words';
import { useRequest } from '../state/bench/onBench';
import { Button } from '../ui/Button';
import { Row } from '../ui/layout';

/** The one question that a docket hangs on, with its answers one press away. */
export function AskBake({ ask: { question, choices } }: { readonly ask: DocketAsk }) {
  const [, change] = useRequest();
  return (
    <Asked aria-label="A question first">
      <p>{say(question)}</p>
      <Row $gap={2}>
        {choices.map(({ family, name }) => (
          <Button key={family} onPress={() => change({ family })}>
            {name}
          </Button>
        ))}
      </Row>
    </Asked>
  );
}

const Asked = styled.section`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  margin-bottom: ${({ theme }) => theme.space(3)};
  padding: ${({ theme }) => theme.space(3)};
  border-left: 4px solid ${({ theme }) => theme.colour.act};
  background: ${({ theme }) => theme.colour.paper};
  @media print {
    display: none;
  }
`;
