import { createGlobalStyle } from 'styled-components';
import { variablesFor } from '../base/theme';

export const GlobalStyle = createGlobalStyle`
  :root { color-scheme: light; ${variablesFor('light')} }
  :root[data-theme='dark'] { color-scheme: dark; ${variablesFor('dark')} }
  @media (prefers-color-scheme: dark) {
    :root:not([data-theme='light']) { color-scheme: dark; ${variablesFor('dark')} }
  }
  *, *::before, *::after { box-sizing: border-box; }
  html { -webkit-text-size-adjust: 100%; }
  body {
    margin: 0;
    background: ${({ theme }) => theme.colour.ground};
    color: ${({ theme }) => theme.colour.ink};
    font: 400 17px/1.45 ${({ theme }) => theme.font.text};
    font-variant-numeric: tabular-nums;
  }
  h1, h2, h3, p, ul, ol, dl, dd, figure { margin: 0; padding: 0; }
  ul, ol { list-style: none; }
  button, input, textarea, select { font: inherit; color: inherit; }
  :focus-visible, [data-focus-visible] { outline: 3px solid ${({ theme }) => theme.colour.focus}; outline-offset: 2px; }
  @media (prefers-reduced-motion: reduce) { *, *::before, *::after { animation: none !important; transition: none !important; } }
  @media print {
    :root, :root[data-theme='dark'], :root:not([data-theme='light']) { color-scheme: light; ${variablesFor('light')} --ground: #fff; --paper: #fff; --table: #fff; }
    body { font-size: 9.5pt; line-height: 1.3; }
    @page { margin: 14mm; }
    /* For the counter: read from a step away. */
    html[data-paper='card'] { font-size: 150%; }
    html[data-paper='card'] body { font-size: 15pt; }
  }
`;
