import { isOfBlend } from '@omniarton/core/read';
import { say } from '@omniarton/core/words';
import { memo } from 'react';
import { styled } from 'styled-components';
import {
  headOf,
  headWarnings,
  noteWarnings,
  openQuestions,
  sayDuration,
  stepWords,
  type Docket,
  type DocketPart,
  type DocketStep,
} from '@omniarton/core/docket';
import { useMeasures } from '../state/bench/useMeasures';
import { avoidanceWords, stateWords } from '../words/guard';
import { BlendBar } from '../ui/BlendBar';
import { Figure } from '../ui/layout';
import { sayDay } from '../words/say';
import { DocketLineRow } from './DocketLineRow';
import { SinceYouLooked } from './SinceYouLooked';
import { useUnseen } from './unseen';

interface Props {
  readonly docket: Docket;
  /** The time in the oven is the answer to an older question. */
  readonly stale: boolean;
}

/** The converted recipe as you would pin it up. It prints on one page. */
export const DocketPaper = memo(function DocketPaper({ docket, stale }: Props) {
  const { guard, parts, method } = docket;
  const warnings = noteWarnings(docket);
  return (
    <Paper>
      <SinceYouLooked />
      <Head docket={docket} />
      <Making docket={docket} stale={stale} />
      {parts.map((part) => (
        <PartOf key={part.id} part={part} />
      ))}
      <Steps>
        {method.map((step) => (
          <StepOf key={step.id} step={step} />
        ))}
      </Steps>
      {warnings.length > 0 ? (
        <Warnings>
          {warnings.map(say).map((words) => (
            <li key={words}>{words}</li>
          ))}
        </Warnings>
      ) : null}
      <StillAsked docket={docket} />
      <Cautions>
        {guard.cautions.map(({ id, text }) => (
          <li key={id}>{text}</li>
        ))}
      </Cautions>
    </Paper>
  );
});

/** What it is, for whom, and how its guard stands: a step that still names what is avoided is said here, on paper too. */
function Head({ docket }: { readonly docket: Docket }) {
  const { title, family, guard } = docket;
  const out = guard.without.map((one) => `no ${avoidanceWords(one)}`);
  const seen = guard.crossContact.filter(({ done }) => done !== null).length;
  const state = stateWords(guard.state, new Set(guard.open.map(({ line }) => line)).size);
  return (
    <header>
      <h2>{title}</h2>
      <p>
        {[
          family.name,
          guard.diet,
          ...(guard.gluten === 'certified' ? ['certified goods only'] : []),
          ...out,
        ].join(' · ')}
      </p>
      {guard.forWhom.some(Boolean) ? <p>for {guard.forWhom.filter(Boolean).join('; ')}</p> : null}
      <GuardState data-state={guard.state}>
        guard: {state}
        {guard.checkedOn === null ? '' : `, last answered on ${sayDay(guard.checkedOn)}`}
        {guard.crossContact.length > 0
          ? `; cross-contact: ${seen} of ${guard.crossContact.length} seen to`
          : ''}
      </GuardState>
      {headWarnings(docket).map((words) => (
        <GuardState key={words} data-state="open">
          {words}
        </GuardState>
      ))}
    </header>
  );
}

/** What it makes, in what, how hot and how long: each stage, as the steps say it. */
function Making({ docket, stale }: Props) {
  const { makes, tin, heat, times, learnt } = headOf(docket, useMeasures());
  const rest = [
    ...learnt,
    ...(makes === null ? [] : [`makes ${makes.replace(/^for /, 'enough for ')}`]),
    ...(tin === null ? [] : [tin]),
    ...(times ? [`${sayDuration(times.total)} in all, ${sayDuration(times.handsOn)} of it work`] : []),
  ];
  return (
    <BakeLines>
      {heat.map(({ place, time }) => (
        <li key={place + time}>
          <Figure $size={1.35}>{place}</Figure>
          <span data-stale={stale || undefined}>{time}</span>
        </li>
      ))}
      {rest.length > 0 ? <li>{rest.join(' · ')}</li> : null}
    </BakeLines>
  );
}

/** On paper, where nobody can look it up: each question that is open. */
function StillAsked({ docket }: { readonly docket: Docket }) {
  const open = openQuestions(docket);
  if (open.length === 0) return null;
  return (
    <OnPaperOnly>
      <h3>To be answered before anybody eats it</h3>
      <ul>
        {open.map((words) => (
          <li key={words}>□ {words}</li>
        ))}
      </ul>
    </OnPaperOnly>
  );
}

const PartOf = memo(function PartOf({ part }: { readonly part: DocketPart }) {
  const { name, blend, lines } = part;
  const kinds = new Map(blend.map((one) => [one.ingredient, one.class]));
  const { before, look } = useUnseen();
  return (
    <section>
      {name ? <h3>{name}</h3> : null}
      {blend.length > 0 ? <BlendBar shares={blend} height={12} /> : null}
      <ul>
        {lines.map((line) => (
          <DocketLineRow
            key={line.id}
            line={line}
            before={before[line.id]}
            onLook={look}
            kind={isOfBlend(line.id) && line.ingredient ? kinds.get(line.ingredient) : undefined}
          />
        ))}
      </ul>
    </section>
  );
});

/** A changed step has a mark, and the words that it had stay a tap away. */
const StepOf = memo(function StepOf({ step }: { readonly step: DocketStep }) {
  const { text, source, changed } = step;
  return (
    <li data-changed={changed || undefined}>
      {stepWords(text, useMeasures())}
      {changed && source !== null ? (
        <details>
          <summary>as written</summary>
          {source}
        </details>
      ) : null}
    </li>
  );
});

const Paper = styled.article`
  position: relative;
  display: grid;
  gap: ${({ theme }) => theme.space(3)};
  padding: ${({ theme }) => `${theme.space(11)} ${theme.space(5)} ${theme.space(6)}`};
  background: ${({ theme }) => theme.colour.paper};
  box-shadow:
    0 1px 0 ${({ theme }) => theme.colour.line},
    0 10px 24px -14px rgb(0 0 0 / 0.45);
  /* Torn off a roll: a row of bites along the top. */
  mask: radial-gradient(circle at 6px 0, transparent 3.5px, black 4px) 0 0 / 12px 100% repeat-x;
  h2 {
    font: 620 1.35rem/1.15 ${({ theme }) => theme.font.written};
  }
  h3 {
    margin: ${({ theme }) => `${theme.space(2)} 0 ${theme.space(1)}`};
    font: 650 1rem/1.2 ${({ theme }) => theme.font.text};
  }
  header p {
    font-size: 0.86rem;
    color: ${({ theme }) => theme.colour.soft};
  }
  @media print {
    display: block;
    padding: 0;
    box-shadow: none;
    mask: none;
    section {
      columns: 2;
      column-gap: 8mm;
      h3,
      svg {
        column-span: all;
      }
    }
    > * + * {
      margin-top: 2mm;
    }
    html[data-paper='card'] & section {
      columns: 1;
    }
  }
`;
const GuardState = styled.p`
  && {
    font-weight: 650;
    color: ${({ theme }) => theme.colour.calm};
  }
  &&[data-state='open'] {
    color: ${({ theme }) => theme.colour.ask};
  }
`;
const BakeLines = styled.ul`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  padding: ${({ theme }) => theme.space(2)} 0;
  border-block: 2px solid ${({ theme }) => theme.colour.ink};
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: ${({ theme }) => `0 ${theme.space(3)}`};
  }
`;
const OnPaperOnly = styled.section`
  display: none;
  font-size: 8.5pt;
  @media print {
    display: block;
  }
`;
const Steps = styled.ol`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  counter-reset: step;
  font: 400 0.98rem/1.4 ${({ theme }) => theme.font.written};
  li {
    position: relative;
    padding-left: ${({ theme }) => theme.space(6.5)};
    counter-increment: step;
  }
  li::before {
    content: counter(step);
    position: absolute;
    left: 0;
    font: 650 1.05rem/1.3 ${({ theme }) => theme.font.figures};
  }
  li[data-changed] {
    background: linear-gradient(90deg, ${({ theme }) => theme.colour.mark}, transparent 70%);
  }
  summary {
    font: 500 0.82rem/1.6 ${({ theme }) => theme.font.text};
    color: ${({ theme }) => theme.colour.act};
    cursor: pointer;
  }
  @media print {
    display: block;
    details {
      display: none;
    }
    li {
      margin-bottom: 1mm;
    }
  }
`;
const Warnings = styled.ul`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  font-size: 0.9rem;
  font-weight: 550;
  color: ${({ theme }) => theme.colour.ask};
  li::before {
    content: '? ';
    font-weight: 800;
  }
`;
const Cautions = styled.ul`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  padding-top: ${({ theme }) => theme.space(2)};
  border-top: 1px solid ${({ theme }) => theme.colour.line};
  font-size: 0.8rem;
  line-height: 1.35;
  color: ${({ theme }) => theme.colour.soft};
  @media print {
    font-size: 7pt;
  }
`;
