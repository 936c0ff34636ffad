import { lazy, Suspense, useMemo, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { styled } from 'styled-components';
import { v7 as newId } from 'uuid';
import {
  countedBallots,
  fromTastingCsv,
  TastingCsvError,
  toTastingCsv,
  type RankedResult,
  type TastingDocument,
  type TastingResult,
} from '@omniarton/core/taste';
import { nowMs } from '../../base/clock';
import { saveFile } from '../../docket/saveFile';
import type { TastingChange } from '../../state/tastings/tastings';
import { useResult } from '../../state/tastings/useResult';
import { Button } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { printAs } from '../../ui/paper';
import { pWords, resultWords, TEST_WORDS } from '../../words/tasting';

/** The chart comes with its library, when there is something to be drawn. */
const Dots = lazy(async () => ({ default: (await import('./Dots')).Dots }));

interface Props {
  readonly doc: TastingDocument;
  readonly change: (how: TastingChange) => void;
  readonly leave: () => void;
  /** The same once more, under other codes. */
  readonly again: () => void;
}

/** What came of it: the answer in a sentence, the numbers behind it, and what this panel could have found. */
export function Outcome({ doc, change, leave, again }: Props) {
  const counted = useResult(doc);
  return (
    <Stack
      as="section"
      aria-labelledby="outcome"
      aria-busy={counted.kind === 'counting' || undefined}
      $gap={4}
    >
      <Heading id="outcome">
        {TEST_WORDS[doc.test].name}, {doc.on}
      </Heading>
      {counted.kind === 'counted' ? <Result doc={doc} result={counted.result} /> : null}
      {counted.kind === 'counting' ? (
        <div role="status">
          <p>Counting what chance alone could bring …</p>
          <progress value={counted.done} max={1} aria-label="Counting" />
        </div>
      ) : null}
      {counted.kind === 'failed' ? (
        <Notice tone="danger">
          The result could not be worked out. The ballots are kept: open the tasting again.
        </Notice>
      ) : null}
      <Row>
        <Button onPress={() => saveFile(`tasting-${doc.on}.csv`, 'text/csv', toTastingCsv(doc))}>
          As CSV
        </Button>
        <TakeBack doc={doc} change={change} />
        <Button onPress={() => printAs('stage')}>Print</Button>
        <Button onPress={again}>Taste them again</Button>
        <Button onPress={leave}>Done with it</Button>
      </Row>
    </Stack>
  );
}

function Result({ doc, result }: { readonly doc: TastingDocument; readonly result: TastingResult }) {
  const [first, ...more] = resultWords(result, doc);
  const names = useMemo(() => doc.samples.map(({ name }) => name), [doc.samples]);
  return (
    <>
      <Answer>{first}</Answer>
      {more.map((one) => (
        <p key={one}>{one}</p>
      ))}
      {result.kind === 'liking' || result.kind === 'ranking' ? (
        <>
          <Suspense fallback={<Small role="status">Drawing …</Small>}>
            <Dots
              names={names}
              table={result.table}
              low={1}
              high={result.kind === 'liking' ? 9 : names.length}
            />
          </Suspense>
          <Numbers result={result} names={names} />
          {result.kind === 'liking' ? <Pairs pairs={result.pairs} names={names} /> : null}
        </>
      ) : null}
      <Small>
        {countedBallots(doc).length} ballots of {doc.tasters.length - doc.withdrawn.length} tasters.{' '}
        {result.kind === 'difference' || result.kind === 'paired'
          ? `${result.p.toPrecision(3)} is the exact chance of such an answer, or a clearer one, by guessing.`
          : ''}
      </Small>
    </>
  );
}

/** Judgements out of a file take the place of those that are here. */
function TakeBack({ doc, change }: Pick<Props, 'doc' | 'change'>) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    try {
      const ballots = fromTastingCsv(doc, await file.text(), newId, nowMs());
      change((one) => ({ ...one, ballots }));
      setTrouble(null);
    } catch (error) {
      if (!(error instanceof TastingCsvError)) throw error;
      setTrouble(error.message);
    }
  };
  return (
    <>
      <FileTrigger acceptedFileTypes={['.csv', 'text/csv']} onSelect={(files) => void take(files?.[0])}>
        <Button>Judgements from CSV</Button>
      </FileTrigger>
      {trouble ? <Notice tone="danger">{trouble}</Notice> : null}
    </>
  );
}

function Numbers({ result, names }: { readonly result: RankedResult; readonly names: readonly string[] }) {
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col">Sample</th>
          <th scope="col">Mean</th>
          <th scope="col">Sum of ranks</th>
        </tr>
      </thead>
      <tbody>
        {names.map((name, at) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            <td>{result.means[at]!.toFixed(2)}</td>
            <td>{result.sums[at]}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

/** How much more the one of each pair is liked, and how sure that is. */
function Pairs({
  pairs,
  names,
}: {
  readonly pairs: RankedResult['pairs'];
  readonly names: readonly string[];
}) {
  return (
    <Stack $gap={2}>
      <Table>
        <thead>
          <tr>
            <th scope="col">Of two</th>
            <th scope="col">Liked more by</th>
            <th scope="col">95 % interval</th>
            <th scope="col">Signed ranks</th>
          </tr>
        </thead>
        <tbody>
          {pairs.map(({ a, b, mean, wilcoxonP }) => {
            const [more, less, sign] = mean.mean < 0 ? [a, b, -1] : [b, a, 1];
            const ends = mean.interval?.map((end) => (sign * end).toFixed(1).replace('-', '−'));
            return (
              <tr key={`${a}-${b}`}>
                <th scope="row">
                  {names[more]} over {names[less]}
                </th>
                <td>{Math.abs(mean.mean).toFixed(1)}</td>
                <td>
                  {ends ? `${ends[sign < 0 ? 1 : 0]} to ${ends[sign < 0 ? 0 : 1]}` : 'all say the same'}
                </td>
                <td>{pWords(wilcoxonP)}</td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      {pairs.length > 1 ? (
        <Small>
          Each pair as though it were the only one that was asked about: of {pairs.length} looked at, one can
          seem apart by chance more easily than 5 % say.
        </Small>
      ) : null}
    </Stack>
  );
}

const Answer = styled.p`
  font: 600 1.35rem/1.35 ${({ theme }) => theme.font.written};
`;
const Table = styled.table`
  border-collapse: collapse;
  th {
    text-align: left;
    font-weight: 400;
  }
  th,
  td {
    padding: ${({ theme }) => theme.space(1)} ${({ theme }) => theme.space(5)}
      ${({ theme }) => theme.space(1)} 0;
  }
  td {
    font-variant-numeric: tabular-nums;
  }
  tr {
    border-top: 1px solid ${({ theme }) => theme.colour.line};
  }
`;
