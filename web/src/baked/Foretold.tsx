import { styled } from 'styled-components';
import { useEffect, useState } from 'react';
import type { Aspect, Baked, Beside, Direction } from '@omniarton/core/next';
import { askSlow } from '../state/engine/engine';
import { Small } from '../ui/layout';

/** What less, the same and more of an aspect is called. */
const WORDS: Readonly<Record<Aspect, readonly [name: string, less: string, same: string, more: string]>> = {
  thickness: ['height', 'lower', 'as high', 'higher'],
  spread: ['spread', 'less', 'as far', 'further'],
  colour: ['colour', 'paler', 'as dark', 'darker'],
  crispEdge: ['edge', 'softer', 'as crisp', 'crisper'],
  chew: ['chew', 'less', 'as much', 'more'],
  crumb: ['crumb', 'drier, firmer', 'as moist', 'moister, softer'],
};
const directionWords = (aspect: Aspect, direction: Direction | null): string =>
  direction === null ? '–' : WORDS[aspect][(direction + 2) as 1 | 2 | 3];

function useBeside(a: Baked, b: Baked): Beside | null {
  const [beside, setBeside] = useState<Beside | null>(null);
  const asked = JSON.stringify([a.notes, b.notes]);
  useEffect(() => {
    let gone = false;
    askSlow(async (engine) => await engine.bakesBeside(a, b)).then(
      (found) => (gone ? undefined : setBeside(found)),
      () => (gone ? undefined : setBeside(null)),
    );
    return () => void (gone = true);
    // `asked` stands for the notes.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [asked, a.docket, b.docket]);
  return beside;
}

/** What the differences should do, beside what was seen of it, and whether the two agree. */
export function Foretold({ a, b }: { readonly a: Baked; readonly b: Baked }) {
  const beside = useBeside(a, b);
  const told = beside?.aspects.filter(({ expected }) => expected !== null) ?? [];
  if (!beside || told.length === 0) return null;
  return (
    <>
      <Table>
        <caption>What that should do, and what was seen</caption>
        <tbody>
          {told.map(({ aspect, expected, seen }) => (
            <tr key={aspect}>
              <th scope="row">{WORDS[aspect][0]}</th>
              <td>{directionWords(aspect, expected)}</td>
              <td>
                {seen === null
                  ? 'not judged'
                  : seen === expected
                    ? '✓ so it was'
                    : directionWords(aspect, seen)}
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      <Small>
        {beside.of === 0
          ? 'Nobody judged both of them at the same age, so it can’t be held against what was foretold.'
          : `${beside.agree} of ${beside.of} as foretold${beside.confounded.length > 0 ? '; but more than one thing differs' : ''}. Foretold from common practice.`}
      </Small>
    </>
  );
}

const Table = styled.table`
  border-collapse: collapse;
  font-size: 0.92rem;
  caption {
    text-align: left;
    color: ${({ theme }) => theme.colour.soft};
  }
  th {
    text-align: left;
    font-weight: 400;
  }
  th,
  td {
    padding: ${({ theme }) => `${theme.space(0.5)} ${theme.space(3)} ${theme.space(0.5)} 0`};
  }
`;
