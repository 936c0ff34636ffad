import { Link } from 'react-router';
import { styled } from 'styled-components';

/** The name, with a balance's beam and pivot for its sign; it leads to the work list. */
export const Wordmark = () => (
  <Home to="/" aria-label="Omniarton: to the work list">
    <svg viewBox="0 0 36 28" width="34" height="26" aria-hidden="true">
      <path d="M2 9L34 5" stroke="currentColor" strokeWidth="2.4" fill="none" />
      <path d="M18 7v15M11 25h14" stroke="currentColor" strokeWidth="2.4" fill="none" />
      <path d="M2 9l-1 8h8l-1-8M28 5.700l-1 8h8l-1-8" stroke="currentColor" strokeWidth="1.8" fill="none" />
    </svg>
    <span>Omniarton</span>
  </Home>
);

const Home = styled(Link)`
  display: inline-flex;
  align-items: center;
  gap: ${({ theme }) => theme.space(2)};
  min-height: ${({ theme }) => theme.touch};
  min-width: ${({ theme }) => theme.touch};
  color: ${({ theme }) => theme.colour.ink};
  font: 640 1.22rem/1 ${({ theme }) => theme.font.written};
  text-decoration: none;
`;
