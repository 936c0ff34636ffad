import { NEVER_ANSWERED } from '../vocabulary';
import { forWhomWords } from './jsonld';
import { docketLineWords } from './listWords';
import { unnumbered } from './written';
import { bakeTimeWords } from './heatWords';
import { ovenWords } from './ovenWords';
import { say } from '../words';
import type { Docket } from './types';

/** Characters that Markdown would take for marks. */
const escaped = (text: string): string => text.replace(/[\\`*_[\]<>#|]/g, '\\$&');

/** A docket as Markdown: headings, a list for each part, numbered steps, the shifts with their because. */
export function toMarkdown(docket: Docket): string {
  const { title, family, guard, parts, method, bake, shifts, warnings } = docket;
  const minutes = bakeTimeWords(bake);
  const blocks = [
    `# ${escaped(title)}`,
    escaped(
      [
        family.name,
        guard.diet,
        ...guard.without.map((one) => `no ${one}`),
        `guard: ${guard.state}${forWhomWords(guard)}${guard.checkedOn === null ? '' : ` (last answered on ${guard.checkedOn})`}`,
      ].join(' · '),
    ),
    guard.open
      .filter(({ kind }) => NEVER_ANSWERED.has(kind))
      .map(({ ask }) => `**${escaped(say(ask))}**`)
      .join('\n\n'),
    guard.notForEating.length === 0
      ? ''
      : `**Not for eating: ${escaped([...new Set(guard.notForEating.map(({ words }) => words))].join(', '))}**`,
    `${ovenWords(docket)}, ${minutes}.`,
    ...parts.flatMap(({ name, lines }) => [
      `## ${escaped(name ?? 'Ingredients')}`,
      lines.map((line) => `- ${escaped(docketLineWords(line))}`).join('\n'),
    ]),
    '## Method',
    method.map(({ text }, at) => `${at + 1}. ${escaped(unnumbered(text))}`).join('\n'),
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
    '## Notes',
    [
      ...shifts.map(({ from, to, because }) => `- ${escaped(`${say(from)} → ${say(to)}: ${say(because)}`)}`),
      ...warnings.map((warning) => `- ${escaped(say(warning))}`),
      ...guard.cautions.map(({ text }) => `- ${escaped(text)}`),
    ].join('\n'),
  ];
  return `${blocks.filter((block) => block !== '').join('\n\n')}\n`;
}
