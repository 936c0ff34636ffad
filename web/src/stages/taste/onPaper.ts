import { styled } from 'styled-components';

/** What is for the screen alone. */
export const OnScreen = styled.div`
  @media print {
    display: none;
  }
`;

/** What is for paper alone. */
export const OnPaper = styled.div`
  display: none;
  @media print {
    display: block;
  }
`;
