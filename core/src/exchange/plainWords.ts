import { innerText } from 'domutils';
import { parseDocument } from 'htmlparser2';

/** Words of somebody else's data without marks: tags go, entities are what they stand for, white space is single. */
export function plainWords(text: string): string {
  const bare = /[<&]/.test(text) ? innerText(parseDocument(text.replace(/<br\s*\/?>|<\/(?:p|li|div)>/gi, ' $& '))) : text;
  return bare.replace(/\s+/g, ' ').trim();
}
