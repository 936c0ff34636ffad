import { NUMBERS_IN_WORDS } from '../read';

const FIRST_FEW =
  /\b(?:the )?first (two|three|four|five|six|seven|eight|[2-9])\b(?! (?:min|hour|day|batch|tray|layer|cake|time|rise|of\b))(?: (?:things|ingredients|items|lines)\b)?/i;

/** "Sift first 4", "boil the first four", "the first six things": so many of the part's lines, in words that stand at a place. Null: none are said. */
export function firstFew(
  text: string,
): { readonly words: string; readonly at: number; readonly many: number } | null {
  const match = FIRST_FEW.exec(text);
  if (!match) return null;
  const said = match[1]!.toLowerCase();
  return { words: match[0], at: match.index, many: NUMBERS_IN_WORDS[said] ?? Number(said) };
}
