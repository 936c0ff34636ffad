import { styled } from 'styled-components';
import type { LineGuard } from '@omniarton/core/guard';
import { Heading } from '../../ui/layout';
import { useEngine, useRequest } from '../bench/onBench';
import { avoidanceWords, glutenWords, grainWords } from './words';

const NONE: readonly LineGuard[] = [];

/** Every line of the recipe with what is in it, and why that is said. */
export function FlagTable() {
  const lines = useEngine(({ answer }) => answer?.guard.lines ?? NONE);
  const [{ diet, without }] = useRequest();
  if (lines.length === 0) return null;
  return (
    <section aria-labelledby="flags">
      <Heading id="flags">What is in it, as it was written</Heading>
      <Table>
        <thead>
          <tr>
            <th scope="col">Line</th>
            <th scope="col">Gluten</th>
            {diet === 'grain-free' ? <th scope="col">Grain</th> : null}
            <th scope="col">Allergens</th>
            <th scope="col">Because</th>
          </tr>
        </thead>
        <tbody>
          {lines.map(({ line, source, gluten, grain, allergens, reason }) => (
            <tr key={line}>
              <th scope="row">{source}</th>
              <td data-class={gluten}>{glutenWords(gluten)}</td>
              {diet === 'grain-free' ? <td data-class={grain}>{grainWords(grain)}</td> : null}
              <td data-class={allergens.some((one) => without.includes(one)) ? 'contains' : undefined}>
                {allergens.map(avoidanceWords).join(', ')}
              </td>
              <td>{reason}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  );
}

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
