import { memo, useRef, useState } from 'react';
import { styled } from 'styled-components';
import type { Item, Line } from '@omniarton/core/read';
import { useUnits } from '../../state/settings/units';
import { DoubtBar, isDoubtful } from '../../ui/Doubt';
import { Figure } from '../../ui/layout';
import { sayGrams, sayNumber } from '../../words/say';
import { inCups } from '../../ui/units';
import { useDraft, useEngine } from '../../state/bench/onBench';
import { glutenWords } from '../../words/guard';
import { LineFace, Source } from './LineFace';
import { LineFix } from './LineFix';
import { ROLE_WORDS, unitWords } from '../../words/read';

function question(items: readonly Item[]): string | null {
  if (items.some(({ match }) => match === 'none')) return 'What is this? It can’t be placed.';
  const near = items.find(({ match }) => match === 'near');
  return near ? `Read as ${near.name}. Is that right?` : null;
}

/** One line: as it was written, its weight with its doubt, what it is; and, opened, how to put it right. */
export const LineRow = memo(function LineRow({ line }: { readonly line: Line }) {
  const [open, setOpen] = useState(false);
  const face = useRef<HTMLButtonElement>(null);
  /** Whoever came by the keyboard goes on from this line. */
  const close = () => {
    setOpen(false);
    face.current?.focus();
  };
  const corrected = useDraft(({ doc }) => doc.corrections.some((one) => one.line === line.id));
  const gluten = useEngine(({ answer }) => answer?.guard.lines.find((one) => one.line === line.id)?.gluten);
  const first = useEngine(({ answer }) => answer?.weighThis?.line === line.id);
  const main = line.items.filter(({ alternative }) => !alternative);
  const doubt = corrected ? null : question(line.items);
  return (
    <Row data-trouble={doubt !== null || undefined}>
      <Face
        ref={face}
        type="button"
        data-line
        aria-expanded={open}
        aria-label={`Put right: ${line.source.trim()}`}
        onClick={() => setOpen(!open)}
      >
        <Source>{line.source.trim()}</Source>
        <Weights>
          {main.map((item, at) => (
            <WeightOf key={at} item={item} />
          ))}
        </Weights>
        <span>
          <Name>
            {main.map(({ ingredient, name, words }) => (ingredient === null ? words : name)).join(' + ')}
          </Name>
          {gluten && gluten !== 'free' ? <Flag data-class={gluten}>{glutenWords(gluten)}</Flag> : null}
          {main[0] && main[0].role !== 'none' ? <As>{roleWords(main[0], line.aside)}</As> : null}
          <Uses line={line} />
          {first ? <First>weigh this one: it brings most of the doubt about the flour</First> : null}
          {doubt ? <Doubt>{doubt}</Doubt> : null}
        </span>
        <Mark aria-hidden="true">{corrected ? 'by hand' : '✎'}</Mark>
      </Face>
      {open ? <LineFix line={line} corrected={corrected} onDone={close} /> : null}
    </Row>
  );
});

/** How many of what, where one measure says it, and the job that it does. */
function roleWords({ quantity, unit, role }: Item, aside: boolean): string {
  const measure = quantity ? [`${sayNumber(quantity.central)} ${unitWords(unit)}`] : [];
  return [...measure, aside ? 'beside the dough' : ROLE_WORDS[role]].join(' · ');
}

/** Where the parts of a line go that no step takes whole. */
function Uses({ line: { id, items } }: { readonly line: Line }) {
  const steps = useEngine(({ answer }) => answer?.recipe.method);
  const actions = useEngine(({ answer }) => answer?.process.actions) ?? [];
  const whole = items[0]?.grams?.central ?? 0;
  const words = actions.flatMap(({ step, takes }) =>
    takes
      .filter(({ line, share }) => line === id && share < 0.995)
      .map(({ share }) => {
        const at = (steps?.findIndex((one) => one.id === step) ?? -1) + 1;
        return `${sayGrams(share * whole)} g in step ${at}`;
      }),
  );
  return words.length > 0 ? <As>{words.join(', ')}</As> : null;
}

function WeightOf({ item: { grams, ingredient } }: { readonly item: Item }) {
  const units = useUnits();
  const cup = useEngine(({ answer }) => (ingredient === null ? undefined : answer?.cups[ingredient]));
  if (!grams) return <Figure title="no weight is given">–</Figure>;
  const cups = inCups(grams.central, cup, units);
  return (
    <span>
      {cups ? (
        <Cups>{cups}</Cups>
      ) : (
        <Figure $size={1.9}>
          {sayGrams(grams.central)}
          <small> g</small>
        </Figure>
      )}
      <DoubtBar range={grams} />
      {isDoubtful(grams) ? (
        <Range>{`${sayGrams(grams.low)}–${sayGrams(grams.high)}${cups ? ' g' : ''}`}</Range>
      ) : null}
    </span>
  );
}

const Row = styled.li`
  border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  &[data-trouble] {
    background: ${({ theme }) => theme.colour.askWash};
  }
`;
const Face = styled(LineFace)`
  display: grid;
  grid-template-columns: minmax(8rem, 5fr) 7.5rem minmax(8rem, 4fr) auto;
  align-items: center;
  gap: ${({ theme }) => `${theme.space(1)} ${theme.space(5)}`};
  width: 100%;
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr) 6.5rem;
    > :nth-child(3) {
      grid-column: 1 / -1;
    }
    > :nth-child(4) {
      display: none;
    }
  }
`;
const Weights = styled.span`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  text-align: right;
  small {
    font-size: 0.5em;
    font-weight: 500;
  }
`;
const Cups = styled.span`
  font: 650 1.25rem/1.1 ${({ theme }) => theme.font.figures};
`;
const Range = styled.span`
  display: block;
  font: 500 0.86rem/1.2 ${({ theme }) => theme.font.figures};
  color: ${({ theme }) => theme.colour.soft};
`;
const Name = styled.span`
  font-weight: 600;
`;
const As = styled.span`
  display: block;
  font-size: 0.82rem;
  color: ${({ theme }) => theme.colour.soft};
`;
const Doubt = styled.span`
  display: block;
  color: ${({ theme }) => theme.colour.ask};
  font-weight: 600;
`;
const First = styled.span`
  display: block;
  font-size: 0.86rem;
  font-weight: 650;
  color: ${({ theme }) => theme.colour.act};
`;
const Mark = styled.span`
  font-size: 0.86rem;
  color: ${({ theme }) => theme.colour.act};
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
