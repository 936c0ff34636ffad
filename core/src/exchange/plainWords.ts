import { textContent } from 'domutils';
import { parseDocument } from 'htmlparser2';
import { isIntricatePage } from './intricate';

/** Marks that turn up in somebody else's data. Anything else in angle brackets is a word. */
const MARKED =
  /<\/?(?:a|abbr|b|br|div|em|h[1-6]|i|img|li|ol|p|s|small|span|strong|sub|sup|u|ul)\b[^<>]*>|&(?:#\d+|#x[\da-f]+|\w+);/i;

/** Words of somebody else's data without marks: tags go, entities are what they stand for, white space is single. */
export function plainWords(text: string): string {
  const bare = !MARKED.test(text)
    ? text
    : isIntricatePage(text)
      ? text.replace(/<[^<>]*>/g, ' ')
      : textContent(parseDocument(text.replace(/<br\s*\/?>|<\/(?:p|li|div)>/gi, ' $& ')));
  return bare.replace(/\s+/g, ' ').trim();
}
