import { headLines, headOf, headWarnings, makingLines, noteWarnings, openQuestions } from './head';
import { docketLineWords } from './lineWords';
import { stepWords } from './stepWords';
import type { MeasureSystem } from './system';
import { say } from '../words';
import type { Docket } from './types';

/** Characters that Markdown would take for marks. */
const escaped = (text: string): string => text.replace(/[\\`*_[\]<>#|]/g, '\\$&');

/** A docket as Markdown: headings, a list for each part, numbered steps, the shifts with their because. */
export function toMarkdown(docket: Docket, system?: MeasureSystem): string {
  const { title, guard, parts, method, shifts } = docket;
  const open = openQuestions(docket);
  const blocks = [
    `# ${escaped(title)}`,
    headLines(docket).map(escaped).join('\\\n'),
    headWarnings(docket)
      .map((words) => `**${escaped(words)}**`)
      .join('\n\n'),
    makingLines(headOf(docket, system))
      .map((words) => `- ${escaped(words)}`)
      .join('\n'),
    ...parts.flatMap(({ name, lines }) => [
      `## ${escaped(name ?? 'Ingredients')}`,
      lines.map((line) => `- ${escaped(docketLineWords(line))}`).join('\n'),
    ]),
    '## Method',
    method.map(({ text }, at) => `${at + 1}. ${escaped(stepWords(text, system))}`).join('\n'),
    ...(guard.crossContact.length > 0
      ? [
          '## Against cross-contact',
          guard.crossContact
            .map(
              ({ check, done }) =>
                `- [${done ? 'x' : ' '}] ${escaped(check)}${done ? escaped(` (${[done.by, done.on].filter(Boolean).join(', ')})`) : ''}`,
            )
            .join('\n'),
        ]
      : []),
    ...(open.length > 0
      ? ['## What the guard still asks', open.map((one) => `- ${escaped(one)}`).join('\n')]
      : []),
    '## Notes',
    [
      ...shifts.map(({ from, to, because }) => `- ${escaped(`${say(from)} → ${say(to)}: ${say(because)}`)}`),
      ...noteWarnings(docket).map((warning) => `- ${escaped(say(warning))}`),
      ...guard.cautions.map(({ text }) => `- ${escaped(text)}`),
    ].join('\n'),
  ];
  return `${blocks.filter((block) => block !== '').join('\n\n')}\n`;
}
