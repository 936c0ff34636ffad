import { marked, type Token, type Tokens } from 'marked';
import type { Found } from './types';

/** The words of a token without its marks. */
function wordsOf(token: Token): string {
  if (token.type === 'br') return ' ';
  if (token.type === 'image' || token.type === 'html') return '';
  if (token.type === 'escape') return token.text as string;
  const inner = (token as { tokens?: Token[] }).tokens;
  if (inner && inner.length > 0) return inner.map(wordsOf).join('');
  return 'text' in token ? String(token.text) : '';
}

const entities: Readonly<Record<string, string>> = {
  '&amp;': '&',
  '&lt;': '<',
  '&gt;': '>',
  '&quot;': '"',
  '&#39;': "'",
};
const decoded = (words: string) =>
  words
    .replace(/&(?:amp|lt|gt|quot|#39);/g, (one) => entities[one] ?? one)
    .replace(/\s+/g, ' ')
    .trim();

/** Headings that are no part of the bake: the reader knows them as they are. */
const KNOWN = /^(?:ingredients?|method|directions?|instructions?|steps?|preparation|notes?|tips?)$/i;

function linesOf(token: Token): string[] {
  switch (token.type) {
    case 'heading': {
      const words = decoded(wordsOf(token));
      if ((token as Tokens.Heading).depth === 1 || words === '') return ['', words];
      return ['', KNOWN.test(words) ? words : `${words.replace(/:$/, '')}:`];
    }
    case 'list':
      return (token as Tokens.List).items.flatMap((item) => item.tokens.flatMap(linesOf));
    case 'paragraph':
    case 'text':
      return (token as Tokens.Paragraph).raw.trimEnd().split('\n').length > 1 && !hasBreaks(token)
        ? (token as Tokens.Paragraph).raw
            .split('\n')
            .map((line) => decoded(marked.lexer(line).map(wordsOf).join('')))
        : [decoded(wordsOf(token))];
    case 'blockquote':
      return ((token as Tokens.Blockquote).tokens ?? []).flatMap(linesOf);
    case 'table':
      return (token as Tokens.Table).rows.map((row) =>
        decoded(row.flatMap((cell) => cell.tokens.map(wordsOf)).join(' ')),
      );
    case 'code':
      return (token as Tokens.Code).text.split('\n');
    default:
      return [];
  }
}

const hasBreaks = (token: Token) =>
  (token as { tokens?: Token[] }).tokens?.some(({ type }) => type === 'br') ?? false;

/** A recipe in Markdown: a heading is its title, further ones its parts; lists are lines; marks go. */
export function ofMarkdown(markdown: string): Found {
  const all = marked.lexer(markdown).flatMap(linesOf);
  const text = all
    .filter((line, at) => line !== '' || (at > 0 && all[at - 1] !== ''))
    .join('\n')
    .trim();
  return { title: text.split('\n')[0] ?? '', text, foreign: null };
}
