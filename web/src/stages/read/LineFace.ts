import { styled } from 'styled-components';

/** A line of the recipe as something to press: it opens what can be put right of it. */
export const LineFace = styled.button`
  min-height: ${({ theme }) => theme.touch};
  padding: ${({ theme }) => `${theme.space(1.5)} ${theme.space(2)}`};
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
  &:hover {
    background: ${({ theme }) => theme.colour.table};
  }
`;

/** Its words, as they were written. */
export const Source = styled.span`
  font: 400 1.02rem/1.35 ${({ theme }) => theme.font.written};
  overflow-wrap: anywhere;
`;
