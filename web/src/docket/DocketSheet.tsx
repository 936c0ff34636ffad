import {
  headLines,
  headOf,
  headWarnings,
  makingLines,
  noteWarnings,
  openQuestions,
  stepWords,
  type Docket,
  type MeasureSystem,
} from '@omniarton/core/docket';
import { say } from '@omniarton/core/words';
import { styled } from 'styled-components';

interface Props {
  readonly docket: Docket;
  /** Left out: the page's own. */
  readonly system?: MeasureSystem | undefined;
  /** With what is to be known and asked, as it is baked from; without, to look at. */
  readonly whole?: boolean;
}

/** A docket by itself, away from its bench: to look at, or one sheet of a booklet. */
export function DocketSheet({ docket, system, whole = false }: Props) {
  const { title, parts, method, guard } = docket;
  const open = whole ? openQuestions(docket) : [];
  return (
    <>
      <h2>{title}</h2>
      {(whole ? headLines(docket) : headLines(docket).slice(0, 1)).map((words) => (
        <Soft key={words}>{words}</Soft>
      ))}
      {whole ? headWarnings(docket).map((words) => <b key={words}>{words}</b>) : null}
      <Soft>{makingLines(headOf(docket, system)).join(' · ')}</Soft>
      {parts.map(({ id, name, lines }) => (
        <section key={id}>
          {name ? <h3>{name}</h3> : null}
          <ul>
            {lines.map((line) => (
              <li key={line.id}>{line.text ?? line.name}</li>
            ))}
          </ul>
        </section>
      ))}
      <Steps>
        {method.map(({ id, text }) => (
          <li key={id}>{stepWords(text, system)}</li>
        ))}
      </Steps>
      {whole
        ? noteWarnings(docket)
            .map(say)
            .map((words) => <Soft key={words}>{words}</Soft>)
        : null}
      {open.length > 0 ? (
        <section>
          <h3>To be answered before anybody eats it</h3>
          <ul>
            {open.map((words) => (
              <li key={words}>□ {words}</li>
            ))}
          </ul>
        </section>
      ) : null}
      {whole ? guard.cautions.map(({ id, text }) => <Soft key={id}>{text}</Soft>) : null}
    </>
  );
}

const Soft = styled.p`
  font-size: 0.9rem;
  color: ${({ theme }) => theme.colour.soft};
`;
const Steps = styled.ol`
  padding-left: 1.6em;
  list-style: decimal;
  li {
    margin-bottom: ${({ theme }) => theme.space(1)};
  }
`;
