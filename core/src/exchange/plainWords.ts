import { textContent } from 'domutils';
import { parseDocument } from 'htmlparser2';

/** Marks that turn up in somebody else's data. Anything else in angle brackets is a word. */
const MARKED =
  /<\/?(?:a|abbr|b|br|div|em|h[1-6]|i|img|li|ol|p|s|small|span|strong|sub|sup|u|ul)\b[^<>]*>|&(?:#\d+|#x[\da-f]+|\w+);/i;

/** Words of somebody else's data without marks: tags go, entities are what they stand for, white space is single. */
export function plainWords(text: string): string {
  const bare = MARKED.test(text)
    ? textContent(parseDocument(text.replace(/<br\s*\/?>|<\/(?:p|li|div)>/gi, ' $& ')))
    : text;
  return bare.replace(/\s+/g, ' ').trim();
}
