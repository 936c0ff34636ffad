import { Link } from 'react-router';
import { styled } from 'styled-components';
import type { FlourPage } from '@omniarton/core/blend';
import { say } from '@omniarton/core/words';
import { flourPath } from '../base/paths';
import { useKitchenAnswer } from '../state/engine/useKitchenAnswer';
import { PROPERTY_WORDS, sayProperty } from '../words/blend';
import { FlourScrap } from '../ui/Flour';
import { GLUTEN_SAYS, holdsWords, NUMBERS, SCORES } from './facts';

interface Props {
  readonly household: string;
  readonly ids: readonly string[];
}

/** Two to five flours side by side: scores as strokes and figures, then the numbers, then the words. */
export function CompareFlours({ household, ids }: Props) {
  const { data } = useKitchenAnswer(
    household,
    ['compare', ids],
    async (engine, key) => await engine.flourPages(key, ids),
  );
  const pages = data ?? [];
  if (pages.length === 0) return <p role="status">Fetching …</p>;
  const words: readonly (readonly [string, (page: FlourPage) => string])[] = [
    ['gives', ({ gives }) => gives.map(say).join(', ') || 'little by itself'],
    ['its vice', ({ vice }) => vice],
    ['tastes', ({ tastes }) => tastes.join(', ')],
    ['gluten', ({ gluten }) => GLUTEN_SAYS[gluten]],
    ['holds', holdsWords],
    ['stands in for it', ({ standIns }) => standIns.map(({ name }) => name).join(', ') || '–'],
  ];
  return (
    <Scroll tabIndex={0} role="region" aria-label="Side by side">
      <table>
        <thead>
          <tr>
            <td />
            {pages.map(({ id, name, class: kind }) => (
              <th scope="col" key={id}>
                <FlourScrap kind={kind} size={18} /> <Link to={flourPath(household, id)}>{name}</Link>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {SCORES.map((property) => (
            <tr key={property}>
              <th scope="row">{PROPERTY_WORDS[property][0]}</th>
              {pages.map(({ id, properties }) => (
                <td key={id}>
                  {properties ? (
                    <>
                      <strong>{sayProperty(property, properties[property])}</strong>
                      <Stroke style={{ width: `${properties[property] * 10}%` }} aria-hidden="true" />
                    </>
                  ) : (
                    '–'
                  )}
                </td>
              ))}
            </tr>
          ))}
          {[...NUMBERS, ...words].map(([name, say]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              {pages.map((page) => (
                <td key={page.id}>{say(page)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Scroll>
  );
}

const Scroll = styled.div`
  overflow-x: auto;
  table {
    border-collapse: collapse;
    width: 100%;
    font-variant-numeric: tabular-nums;
  }
  th,
  td {
    min-width: 8.5rem;
    padding: ${({ theme }) => `${theme.space(1.5)} ${theme.space(3)}`};
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
    text-align: left;
    vertical-align: top;
  }
  th[scope='row'] {
    min-width: 7rem;
    font-weight: 500;
    color: ${({ theme }) => theme.colour.soft};
  }
  thead th {
    border-bottom: 3px solid ${({ theme }) => theme.colour.ink};
    font: 600 1.1rem/1.3 ${({ theme }) => theme.font.written};
  }
  thead a {
    color: inherit;
  }
  ${({ theme }) => theme.phone} {
    th,
    td {
      min-width: 6.4rem;
      padding: ${({ theme }) => `${theme.space(1.5)} ${theme.space(1)}`};
    }
    th[scope='row'] {
      min-width: 5.5rem;
    }
  }
  td strong {
    font: 650 1.25rem/1.2 ${({ theme }) => theme.font.figures};
  }
`;
const Stroke = styled.span`
  display: block;
  height: 4px;
  background: ${({ theme }) => theme.colour.act};
`;
