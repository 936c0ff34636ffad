import { styled } from 'styled-components';
import { traysOf, type TastingDocument } from '@omniarton/core/taste';
import { OnPaper } from './onPaper';

interface Props {
  readonly doc: TastingDocument;
  readonly nameOf: (taster: string) => string;
}

/** To be cut apart and stuck under cups: a code says nothing of what is in it. */
export function PaperLabels({ doc, nameOf }: Props) {
  return (
    <OnPaper>
      <Labels>
        {traysOf(doc).flatMap(({ taster, round, cups }) =>
          cups.map(({ code }, at) => (
            <li key={`${taster}${round}${code}`}>
              <b>{code}</b>
              <small>
                {nameOf(taster)}, cup {at + 1}
              </small>
            </li>
          )),
        )}
      </Labels>
    </OnPaper>
  );
}

const Labels = styled.ul`
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  li {
    display: grid;
    place-items: center;
    gap: 1mm;
    padding: 5mm 2mm;
    border: 1px dashed currentColor;
    break-inside: avoid;
  }
  b {
    font-size: 2.2rem;
    font-variant-numeric: tabular-nums;
  }
`;
