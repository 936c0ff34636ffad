import { TextField } from 'react-aria-components';
import { styled } from 'styled-components';

/** A field for what is written in lines: a packet's statement, notes on a bake. */
export const Written = styled(TextField)`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  textarea {
    width: 100%;
    max-width: 46rem;
    padding: ${({ theme }) => theme.space(2)};
    border: 0;
    border-left: 3px solid ${({ theme }) => theme.colour.strong};
    background: ${({ theme }) => theme.colour.table};
    font: 400 1rem/1.45 ${({ theme }) => theme.font.written};
    resize: vertical;
  }
`;
