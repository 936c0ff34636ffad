import { memo } from 'react';
import { styled } from 'styled-components';
import type { DocketPart } from '@omniarton/core/docket';
import { sayShort } from '../../words/say';

/** The grams and moles behind a part's balances, for whoever wants to check them. */
export const Accounts = memo(function Accounts({ part }: { readonly part: DocketPart }) {
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col">{part.name ?? 'In the bowl'}</th>
          <th scope="col">wheat</th>
          <th scope="col">converted</th>
          <th />
        </tr>
      </thead>
      <tbody>
        {part.accounts.map(({ name, unit, original, converted }) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            <td>{sayShort(original)}</td>
            <td>{sayShort(converted)}</td>
            <td>{unit}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
});

const Table = styled.table`
  border-collapse: collapse;
  th,
  td {
    padding: ${({ theme }) => `${theme.space(1)} ${theme.space(4)} ${theme.space(1)} 0`};
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
    text-align: left;
    font-weight: 400;
  }
  td:not(:last-child) {
    text-align: right;
    font: 550 1.05rem/1.3 ${({ theme }) => theme.font.figures};
    font-variant-numeric: tabular-nums;
  }
`;
