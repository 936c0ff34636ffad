import { Parser } from 'htmlparser2';

/** Saved pages nest some forty elements deep and hold some ten thousand; more is no page that anybody reads. */
const DEEPEST_ELEMENT = 250;
const MOST_ELEMENTS = 60_000;
/** Linked data of a recipe nests some ten deep. */
const DEEPEST_JSON = 100;
/** Characters between two blank lines of Markdown, in one line, and marks of quotation or steps of indent before it. */
const LONGEST_BLOCK = 6000;
const LONGEST_LINE = 2000;
const DEEPEST_QUOTE = 10;
const DEEPEST_INDENT = 60;
/** Letters among the characters of a long block: prose has far more. */
const FEWEST_LETTERS = 0.2;
const SHORT_BLOCK = 400;

class TooIntricate extends Error {}

/** True for a page that is nested or cut up as no page is: taking it apart would take long, or overflow. One pass, given up early. */
export function isIntricatePage(html: string): boolean {
  let depth = 0;
  let elements = 0;
  const parser = new Parser({
    onopentagname: () => {
      depth += 1;
      elements += 1;
      if (depth > DEEPEST_ELEMENT || elements > MOST_ELEMENTS) throw new TooIntricate();
    },
    onclosetag: () => void (depth -= 1),
  });
  try {
    parser.end(html);
    return false;
  } catch (error) {
    if (error instanceof TooIntricate) return true;
    throw error;
  }
}

/** True for JSON that is nested deeper than any recipe's data; brackets in strings don't count. */
export function isDeepJson(text: string): boolean {
  let depth = 0;
  let inString = false;
  for (let at = 0; at < text.length; at += 1) {
    const char = text.charCodeAt(at);
    if (inString) {
      if (char === BACKSLASH) at += 1;
      else if (char === QUOTE) inString = false;
    } else if (char === QUOTE) inString = true;
    else if (char === BRACE || char === BRACKET) {
      depth += 1;
      if (depth > DEEPEST_JSON) return true;
    } else if (char === BRACE_END || char === BRACKET_END) depth -= 1;
  }
  return false;
}
const [QUOTE, BACKSLASH, BRACKET, BRACKET_END, BRACE, BRACE_END] = [0x22, 0x5c, 0x5b, 0x5d, 0x7b, 0x7d];

const QUOTED = new RegExp(`^[ \\t]*(?:>[ \\t]*){${DEEPEST_QUOTE},}`);
const INDENTED = new RegExp(`^[ \\t]{${DEEPEST_INDENT},}\\S`);

/** True for Markdown whose marks would take long to pair: long unbroken blocks, deep quotes and indents, marks and hardly a letter. */
export function isIntricateMarkdown(markdown: string): boolean {
  let block = 0;
  let letters = 0;
  for (const line of markdown.split('\n')) {
    if (line.length > LONGEST_LINE || QUOTED.test(line) || INDENTED.test(line)) return true;
    if (line.trim() === '') {
      block = 0;
      letters = 0;
      continue;
    }
    block += line.length;
    letters += line.match(/[\p{L}\d\s]/gu)?.length ?? 0;
    if (block > LONGEST_BLOCK || (block > SHORT_BLOCK && letters < FEWEST_LETTERS * block)) return true;
  }
  return false;
}
