import { memo, useState } from 'react';
import { styled } from 'styled-components';
import type { Item, Line } from '@omniarton/core/read';
import { Button } from '../../ui/Button';
import { Figure } from '../../ui/layout';
import { sayGrams, sayNumber } from '../../ui/say';
import { useDraft, useEngine } from '../bench/onBench';
import { glutenWords } from '../guard/words';
import { LineFix } from './LineFix';
import { ROLE_WORDS, unitWords } from './words';

function question(items: readonly Item[]): string | null {
  if (items.some(({ match }) => match === 'none')) return 'What is this? It can’t be placed.';
  const near = items.find(({ match }) => match === 'near');
  return near ? `Read as ${near.name}. Is that right?` : null;
}

/** One line as it was read: its weight with its doubt, what it is, and how to put it right. */
export const LineRow = memo(function LineRow({ line }: { readonly line: Line }) {
  const [open, setOpen] = useState(false);
  const corrected = useDraft(({ doc }) => doc.corrections.some((one) => one.line === line.id));
  const gluten = useEngine(({ answer }) => answer?.guard.lines.find((one) => one.line === line.id)?.gluten);
  const main = line.items.filter(({ alternative }) => !alternative);
  const doubt = corrected ? null : question(line.items);
  return (
    <Row data-trouble={doubt !== null || undefined}>
      <Weights>
        {main.map((item, at) => (
          <WeightOf key={at} item={item} />
        ))}
      </Weights>
      <div>
        <Name>
          {main.map(({ ingredient, name, words }) => (ingredient === null ? words : name)).join(' + ')}
          {gluten && gluten !== 'free' ? <Flag data-class={gluten}>{glutenWords(gluten)}</Flag> : null}
        </Name>
        <Source>{line.source}</Source>
        {main[0] && main[0].role !== 'none' ? <As>{roleWords(main[0])}</As> : null}
        {doubt ? <Doubt>{doubt}</Doubt> : null}
      </div>
      <Button
        $weight="quiet"
        aria-expanded={open}
        aria-label={`Put right: ${line.source.trim()}`}
        onPress={() => setOpen(!open)}
      >
        {corrected ? 'by hand' : doubt ? 'Put right' : '✎'}
      </Button>
      {open ? <LineFix line={line} corrected={corrected} onDone={() => setOpen(false)} /> : null}
    </Row>
  );
});

/** How many of what, where one measure says it, and the job that it does. */
function roleWords({ quantity, unit, role }: Item): string {
  const measure = quantity ? [`${sayNumber(quantity.central)} ${unitWords(unit)}`] : [];
  return [...measure, ROLE_WORDS[role]].join(' · ');
}

function WeightOf({ item: { grams } }: { readonly item: Item }) {
  if (!grams) return <span title="no weight is given">–</span>;
  const doubtful = grams.high - grams.low > 0.01 * grams.central;
  return (
    <span>
      <Figure $size={1.75}>{sayGrams(grams.central)}</Figure>
      <small> g</small>
      {doubtful ? <Range>{`${sayGrams(grams.low)}–${sayGrams(grams.high)}`}</Range> : null}
    </span>
  );
}

const Row = styled.li`
  display: grid;
  grid-template-columns: 6.5rem minmax(0, 1fr) auto;
  align-items: center;
  gap: ${({ theme }) => `${theme.space(2)} ${theme.space(4)}`};
  padding: ${({ theme }) => theme.space(1.5)} 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  &[data-trouble] {
    background: ${({ theme }) => theme.colour.askWash};
  }
`;
const Weights = styled.div`
  display: grid;
  justify-items: end;
  text-align: right;
`;
const Range = styled.span`
  display: block;
  font: 500 0.88rem/1.2 ${({ theme }) => theme.font.figures};
  color: ${({ theme }) => theme.colour.soft};
`;
const Name = styled.p`
  font-weight: 600;
`;
const Source = styled.p`
  font: italic 400 0.92rem/1.3 ${({ theme }) => theme.font.written};
  color: ${({ theme }) => theme.colour.soft};
  overflow-wrap: anywhere;
`;
const As = styled.p`
  font-size: 0.82rem;
  color: ${({ theme }) => theme.colour.soft};
`;
const Doubt = styled.p`
  color: ${({ theme }) => theme.colour.ask};
  font-weight: 600;
`;
const Flag = styled.span`
  margin-left: ${({ theme }) => theme.space(2)};
  font-size: 0.82rem;
  font-weight: 650;
  white-space: nowrap;
  color: ${({ theme }) => theme.colour.ask};
  &[data-class='contains'],
  &[data-class='unknown'] {
    color: ${({ theme }) => theme.colour.danger};
  }
`;
