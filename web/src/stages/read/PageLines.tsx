import { styled } from 'styled-components';
import { SURE } from '@omniarton/core/vocabulary';
import { Fold } from '../../ui/Fold';
import { Heading, Small } from '../../ui/layout';
import { useDraft, useEngine } from '../../state/bench/onBench';
import { PageLine, type Taken } from './PageLine';

const NONE: readonly never[] = [];

interface Props {
  readonly onApart: (line: string) => void;
}

/** The page line by line: first what could be something else, then, once it is asked for, all of it. */
export function PageLines({ onApart }: Props) {
  const lines = useEngine(({ answer }) => answer?.lines ?? NONE);
  const kinds = useEngine(({ answer }) => answer?.recipe.kinds ?? NONE);
  const said = useDraft(({ doc }) => doc.corrections);
  const page = kinds.map((one, at): Taken => ({ ...one, at, source: lines[at]?.source ?? '' }));
  const isSaid = ({ line }: Taken) => said.some((one) => one.line === line && one.kind !== undefined);
  const unsure = page.filter((one) => one.sure < SURE && !isSaid(one));
  if (page.length === 0) return null;
  return (
    <section aria-labelledby="page-lines">
      <Heading id="page-lines" hidden={unsure.length === 0}>
        {unsure.length === 1
          ? 'One line could be something else'
          : `${unsure.length} lines could be something else`}
      </Heading>
      {unsure.length > 0 ? (
        <Lines>
          {unsure.map((one) => (
            <PageLine key={one.line} {...one} said={false} doubtful onApart={onApart} />
          ))}
        </Lines>
      ) : null}
      <Fold name="Each line of the page, and what it was taken for">
        <Small>
          On a line: T makes it the title, H a heading, I an ingredient, S a step, N a note; J joins it to the
          line above, Shift and J to both above.
        </Small>
        <Lines>
          {page.map((one) => (
            <PageLine key={one.line} {...one} said={isSaid(one)} doubtful={false} onApart={onApart} />
          ))}
        </Lines>
      </Fold>
    </section>
  );
}

const Lines = styled.ul`
  display: grid;
  margin: ${({ theme }) => `${theme.space(2)} 0`};
`;
