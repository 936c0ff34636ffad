import { useState } from 'react';
import { styled } from 'styled-components';
import { traysOf, type TastingDocument } from '@omniarton/core/taste';
import { Button } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { printAs } from '../../ui/paper';
import { OnScreen } from './onPaper';
import { roundWords } from './roundWords';
import { PaperLabels } from './PaperLabels';

interface Props {
  readonly doc: TastingDocument;
  readonly nameOf: (taster: string) => string;
  readonly leave: () => void;
}

/** Which code is what, for who serves: whoever has seen it can't taste. */
export function CodeTable({ doc, nameOf, leave }: Props) {
  const [sure, setSure] = useState(false);
  if (!sure) return <AskFirst show={() => setSure(true)} leave={leave} />;
  return (
    <>
      <OnScreen>
        <Stack as="section" aria-labelledby="codes" $gap={4}>
          <Heading id="codes">Which code is what</Heading>
          <Table>
            <thead>
              <tr>
                <th scope="col">Taster</th>
                <th scope="col">Cups from left to right</th>
              </tr>
            </thead>
            <tbody>
              {traysOf(doc).map(({ taster, round, cups }) => (
                <tr key={`${taster}${round}`}>
                  <th scope="row">
                    {nameOf(taster)}
                    {roundWords(doc, { round })}
                    {doc.withdrawn.includes(taster) ? ' (went)' : ''}
                  </th>
                  <td>
                    {cups.map(({ code, sample }) => (
                      <span key={code}>
                        <b>{code}</b> {doc.samples[sample]!.name}
                      </span>
                    ))}
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
          <Small>
            Same cup, same amount, same warmth. Mask what gives a sample away: the same light, crumbs without
            crust where colour would tell, eyes shut where it can’t be hidden.
          </Small>
          <Row>
            <Button $weight="strong" onPress={leave}>
              Hide the codes
            </Button>
            <Button onPress={() => printAs('stage')}>Print labels</Button>
          </Row>
        </Stack>
      </OnScreen>
      <PaperLabels doc={doc} nameOf={nameOf} />
    </>
  );
}

function AskFirst({ show, leave }: { readonly show: () => void; readonly leave: () => void }) {
  return (
    <Stack $gap={3}>
      <Notice tone="ask">Whoever sees the codes can’t taste. Is nobody looking?</Notice>
      <Row>
        <Button $weight="strong" onPress={show}>
          Show the codes
        </Button>
        <Button onPress={leave}>Back</Button>
      </Row>
    </Stack>
  );
}

const Table = styled.table`
  border-collapse: collapse;
  th {
    text-align: left;
    padding: ${({ theme }) => theme.space(2)} ${({ theme }) => theme.space(5)}
      ${({ theme }) => theme.space(2)} 0;
  }
  tr {
    border-top: 1px solid ${({ theme }) => theme.colour.line};
  }
  td {
    display: flex;
    flex-wrap: wrap;
    gap: ${({ theme }) => theme.space(5)};
    padding: ${({ theme }) => theme.space(2)} 0;
  }
  b {
    font-size: 1.3rem;
    font-variant-numeric: tabular-nums;
  }
`;
