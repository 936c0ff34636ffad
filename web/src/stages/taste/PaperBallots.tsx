import { styled } from 'styled-components';
import { servedTrays, type TastingDocument } from '@omniarton/core/taste';
import { holdsWords } from '../../words/tasting';
import { asksOf } from './given';
import { OnPaper } from './onPaper';
import { roundWords } from './roundWords';

interface Props {
  readonly doc: TastingDocument;
  readonly nameOf: (taster: string) => string;
}

/** A ballot a taster, on paper: only there. */
export function PaperBallots({ doc, nameOf }: Props) {
  return (
    <OnPaper>
      {servedTrays(doc).map(({ taster, round, cups }) => (
        <Ballot key={`${taster}${round}`}>
          <h2>
            {nameOf(taster)}
            {roundWords(doc, { round })}
          </h2>
          <p>{asksOf(doc.test, doc.about)}</p>
          <ol>
            {cups.map(({ code }) => (
              <li key={code}>{code} ____________</li>
            ))}
          </ol>
          <p>{holdsWords(doc)} Water between.</p>
        </Ballot>
      ))}
    </OnPaper>
  );
}

const Ballot = styled.article`
  break-inside: avoid;
  padding: 6mm 0;
  border-bottom: 1px dashed currentColor;
  li {
    font-size: 1.4rem;
    line-height: 2;
  }
`;
