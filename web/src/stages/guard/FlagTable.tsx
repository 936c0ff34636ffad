import { sourceOf } from '@omniarton/core/read';
import { styled } from 'styled-components';
import type { LineGuard, PersonGuard } from '@omniarton/core/guard';
import { namedByLaw } from '@omniarton/core/guard';
import type { DocketPart } from '@omniarton/core/docket';
import type { Avoidance } from '@omniarton/core/vocabulary';
import { reasonWords } from '@omniarton/core/words';
import { Heading, Stack } from '../../ui/layout';
import { useDocket, useEngine, useRequest } from '../../state/bench/onBench';
import { avoidanceWords, glutenWords, grainWords } from '../../words/guard';

const NONE: readonly LineGuard[] = [];
const NOBODY: readonly PersonGuard[] = [];
const NO_PARTS: readonly DocketPart[] = [];
const STANDING = { out: '✕ out', ask: '? ask', 'nothing known': '·' } as const;

/** Every line of the recipe: what is in it and why, what each law names, and how it stands for each person. */
export function FlagTable() {
  const guard = useEngine(({ answer }) => answer?.guard);
  const lines = guard?.lines ?? NONE;
  const people = guard?.people ?? NOBODY;
  const parts = useDocket()?.parts ?? NO_PARTS;
  const [{ diet, without }] = useRequest();
  const recipe = useEngine(({ answer }) => answer?.recipe);
  if (lines.length === 0) return null;
  const own = new Map(
    recipe?.parts.flatMap((part) =>
      part.lines.map((line) => [line.id, line.items.map(({ ingredient }) => ingredient)] as const),
    ),
  );
  /** What the docket has in a line's place: another thing, not only more or less of the same. */
  const insteadOf = (line: string) =>
    parts
      .flatMap((part) => part.lines)
      .filter((one) => sourceOf(one.id).line === line && !own.get(line)?.includes(one.ingredient))
      .map(({ name }) => name)
      .join(', ');
  return (
    <Stack as="section" $gap={2} aria-labelledby="flags">
      <Heading id="flags">What is in it, as it was written</Heading>
      <Scroll>
        <Table>
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">Gluten</th>
              {diet === 'grain-free' ? <th scope="col">Grain</th> : null}
              <th scope="col">Allergens</th>
              {people.map(({ person, name }) => (
                <th scope="col" key={person}>
                  {name || 'a guest'}
                </th>
              ))}
              <th scope="col">Because, and what to do</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((one) => (
              <FlagRow
                key={one.line}
                flag={one}
                grainFree={diet === 'grain-free'}
                without={without}
                people={people}
                instead={insteadOf(one.line)}
              />
            ))}
          </tbody>
        </Table>
      </Scroll>
    </Stack>
  );
}

interface RowProps {
  readonly flag: LineGuard;
  readonly grainFree: boolean;
  readonly without: readonly Avoidance[];
  readonly people: readonly PersonGuard[];
  readonly instead: string;
}

function FlagRow({ flag, grainFree, without, people, instead }: RowProps) {
  const { line, source, gluten, grain, allergens, reason, lookFor } = flag;
  const law = namedByLaw(allergens, gluten, /\boat/i.test(source));
  return (
    <tr>
      <th scope="row">{source.trim()}</th>
      <td data-class={gluten}>{glutenWords(gluten)}</td>
      {grainFree ? <td data-class={grain}>{grainWords(grain)}</td> : null}
      <td data-class={allergens.some((each) => without.includes(each)) ? 'contains' : undefined}>
        {allergens.map(avoidanceWords).join(', ')}
        {law.us.join() === law.eu.join() ? null : (
          <Law>
            US: {law.us.join(', ') || 'none'}; EU: {law.eu.join(', ') || 'none'}
          </Law>
        )}
      </td>
      {people.map((one) => (
        <StandingCell key={one.person} line={line} person={one} />
      ))}
      <td>
        {reasonWords(reason)}
        {instead ? <Law>instead: {instead}</Law> : null}
        {lookFor ? <Law>on the label: {lookFor}</Law> : null}
      </td>
    </tr>
  );
}

/** How a line stands for one person. */
function StandingCell({ line, person }: { readonly line: string; readonly person: PersonGuard }) {
  const own = person.lines.find((each) => each.line === line);
  if (!own) return <td data-standing="nothing known" />;
  const { standing, why } = own;
  return (
    <td
      data-standing={standing}
      data-person={person.name || 'a guest'}
      data-class={standing === 'out' ? 'contains' : standing === 'ask' ? 'check-label' : undefined}
    >
      {STANDING[standing]}
      {why.length > 0 ? <Law>{why.join(', ')}</Law> : null}
    </td>
  );
}

const Scroll = styled.div`
  overflow-x: auto;
`;
const Law = styled.span`
  display: block;
  font-size: 0.84rem;
  font-weight: 400;
  color: ${({ theme }) => theme.colour.soft};
`;
const Table = styled.table`
  width: 100%;
  margin-top: ${({ theme }) => theme.space(2)};
  border-collapse: collapse;
  font-size: 0.94rem;
  th,
  td {
    padding: ${({ theme }) => `${theme.space(1.5)} ${theme.space(3)} ${theme.space(1.5)} 0`};
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
    text-align: left;
    vertical-align: top;
    overflow-wrap: anywhere;
  }
  thead th {
    border-bottom: 2px solid ${({ theme }) => theme.colour.ink};
    font-size: 0.82rem;
    color: ${({ theme }) => theme.colour.soft};
    overflow-wrap: normal;
  }
  tbody th {
    font: 400 0.98rem/1.35 ${({ theme }) => theme.font.written};
  }
  td[data-class='contains'],
  td[data-class='grain'],
  td[data-class='pseudocereal'],
  td[data-class='unknown'] {
    color: ${({ theme }) => theme.colour.danger};
    font-weight: 650;
  }
  td[data-class='check-label'],
  td[data-class='contains-grain-derivative'] {
    color: ${({ theme }) => theme.colour.ask};
    font-weight: 650;
  }
  ${({ theme }) => theme.phone} {
    td[data-standing='nothing known'] {
      display: none;
    }
    td[data-person]::before {
      content: attr(data-person) ': ';
      font-weight: 400;
      color: ${({ theme }) => theme.colour.soft};
    }
    thead {
      position: absolute;
      clip-path: inset(50%);
    }
    tr {
      display: grid;
      grid-template-columns: 1fr 1fr;
      border-bottom: 1px solid ${({ theme }) => theme.colour.line};
    }
    th[scope='row'],
    td:last-child {
      grid-column: 1 / -1;
    }
    th,
    td {
      border: 0;
      padding: ${({ theme }) => theme.space(0.5)} 0;
    }
  }
`;
