import { headLines, headOf, headWarnings, makingLines, openQuestions } from './head';
import { docketLineWords } from './lineWords';
import { stepWords } from './stepWords';
import type { MeasureSystem } from './system';
import type { Docket } from './types';

/** A docket as a message has it: title, what is to be known, list, method and what is still open. No marks. */
export function toPlainText(docket: Docket, system?: MeasureSystem): string {
  const { title, parts, method } = docket;
  const open = openQuestions(docket);
  return `${[
    [title, ...headLines(docket)].join('\n'),
    headWarnings(docket).join('\n'),
    makingLines(headOf(docket, system)).join('\n'),
    ...parts.map(({ name, lines }) =>
      [...(name === null ? [] : [name]), ...lines.map(docketLineWords)].join('\n'),
    ),
    method.map(({ text }, at) => `${at + 1}. ${stepWords(text, system)}`).join('\n'),
    open.length === 0 ? '' : ['Still open:', ...open].join('\n'),
  ]
    .filter((block) => block !== '')
    .join('\n\n')}\n`;
}
