import { memo } from 'react';
import { styled } from 'styled-components';
import type { FlourClass } from '@omniarton/core/vocabulary';
import { saysAmount, SPOON_LEADS, type DocketLine } from '@omniarton/core/docket';
import { FlourScrap } from '../ui/Flour';
import { Figure } from '../ui/layout';
import { useUnits } from '../state/settings/units';
import { sayGrams } from '../words/say';
import { inCups } from '../ui/units';

/** A longer line is a sentence: what it was stands with its step. */
const LONGEST_WAS = 120;

/** The weight stands beside the words already. */
const LEADING_GRAMS = /^\d[\d.,]*\s?(?:g|gr|grams?)\b\s*(?:of\s+)?/i;

interface Props {
  readonly line: DocketLine;
  /** Of a flour of the blend: the class that its pattern shows. */
  readonly kind: FlourClass | undefined;
  /** What it weighed when it was last looked at, where it has changed since; null: it wasn't there. */
  readonly before: string | null | undefined;
  readonly onLook: (line: string, said: string) => void;
}

/** A number and its unit stay together. */
const UNIT_GAP = / (?=(?:tsp|tbsp|cups?)\b)/g;

/** One line of the docket: weight, name, volume; what it was where it has changed. */
export const DocketLineRow = memo(function DocketLineRow({ line, kind, before, onLook }: Props) {
  const { id, grams, name, words, volume, cupGrams, source, changed, overruled } = line;
  const units = useUnits();
  const cups = grams ? inCups(grams.central, cupGrams, units) : null;
  const said = grams ? sayGrams(grams.central) : '·';
  const unseen = before !== undefined;
  // A spoon measures better than a scale what is so light; the author's own amount says it already.
  const own = saysAmount(line);
  const measure = own ? null : (cups ?? volume);
  const bySpoon = grams !== null && !own && grams.central < SPOON_LEADS;
  return (
    <Line
      data-changed={changed || undefined}
      data-unseen={unseen || undefined}
      onPointerLeave={unseen ? () => onLook(id, said) : undefined}
    >
      <Weight data-spoon={(bySpoon && measure !== null) || undefined}>
        {bySpoon && measure ? (
          measure.replaceAll(UNIT_GAP, '\u00a0')
        ) : (
          <>
            {said}
            {grams ? <small> g</small> : null}
          </>
        )}
      </Weight>
      <span>
        {kind ? <FlourScrap kind={kind} size={11} /> : null}{' '}
        <strong>{(words ?? name).replace(LEADING_GRAMS, '')}</strong>
        {measure ? (
          <Volume data-cups={cups !== null || undefined}> {bySpoon ? `${said} g` : measure}</Volume>
        ) : null}
        {unseen ? <Before>{before === null ? 'new' : `before ${before} g`}</Before> : null}
        {overruled ? <Volume> by hand</Volume> : null}
        {changed && source !== null && source.length <= LONGEST_WAS ? <Was>was {source.trim()}</Was> : null}
        {grams === null && !changed && source !== null && !own ? <Volume> {source.trim()}</Volume> : null}
      </span>
    </Line>
  );
});

const Line = styled.li`
  display: grid;
  grid-template-columns: 4.2rem minmax(0, 1fr);
  align-items: baseline;
  gap: ${({ theme }) => theme.space(3)};
  padding: 3px 0;
  break-inside: avoid;
  strong {
    font-weight: 450;
  }
  &[data-changed] strong {
    font-weight: 700;
  }
  @media print {
    padding: 0;
    grid-template-columns: 14mm minmax(0, 1fr);
    html[data-paper='card'] & {
      grid-template-columns: 26mm minmax(0, 1fr);
      padding: 0.6mm 0;
    }
  }
`;
const Weight = styled(Figure).attrs({ $size: 1.55 })`
  text-align: right;
  &[data-spoon] {
    font-size: 1.02rem;
    line-height: 1.1;
    white-space: normal;
  }
  @media screen {
    [data-unseen] > & {
      background: ${({ theme }) => theme.colour.mark};
      box-shadow: inset -3px 0 ${({ theme }) => theme.colour.act};
      padding-right: 5px;
      margin-right: -5px;
    }
  }
  small {
    font-size: 0.55em;
    font-weight: 500;
  }
  @media print {
    font-size: 13pt;
    &[data-spoon] {
      font-size: 10.5pt;
    }
    html[data-paper='card'] & {
      font-size: 21pt;
      &[data-spoon] {
        font-size: 16pt;
      }
    }
  }
`;
const Volume = styled.span`
  font-size: 0.86rem;
  color: ${({ theme }) => theme.colour.soft};
  &[data-cups] {
    font-weight: 650;
    color: ${({ theme }) => theme.colour.ink};
  }
`;
/** It stands beside the name: a mark moves no other line. */
const Before = styled.em`
  margin-left: ${({ theme }) => theme.space(2)};
  font: 600 0.8rem/1 ${({ theme }) => theme.font.figures};
  color: ${({ theme }) => theme.colour.act};
  white-space: nowrap;
  @media print {
    display: none;
  }
`;
const Was = styled.span`
  display: block;
  font: italic 400 0.84rem/1.25 ${({ theme }) => theme.font.written};
  color: ${({ theme }) => theme.colour.soft};
  @media print {
    font-size: 7.5pt;
    html[data-paper='card'] & {
      display: none;
    }
  }
`;
