import { NEVER_ANSWERED } from '../vocabulary';
import { say } from '../words';
import { bakeTimeWords } from './heatWords';
import { forWhomWords } from './jsonld';
import { docketLineWords } from './listWords';
import { ovenWords } from './ovenWords';
import { unnumbered } from './written';
import type { Docket } from './types';

/** A docket as a message has it: title, oven, list and method, and how the guard stands. No marks. */
export function toPlainText(docket: Docket): string {
  const { title, guard, parts, method, bake, ask } = docket;
  const out = [guard.diet, ...guard.without.map((one) => `no ${one}`)].join(', ');
  const named = guard.open.filter(({ kind }) => NEVER_ANSWERED.has(kind)).map((one) => say(one.ask));
  return `${[
    `${title}\n${out}. Guard: ${guard.state}${forWhomWords(guard)}. Read every label.`,
    [...(ask ? [say(ask.question)] : []), ...named].join('\n'),
    `${ovenWords(docket)}, ${bakeTimeWords(bake)}`,
    ...parts.map(({ name, lines }) =>
      [...(name === null ? [] : [name]), ...lines.map(docketLineWords)].join('\n'),
    ),
    method.map(({ text }, at) => `${at + 1}. ${unnumbered(text)}`).join('\n'),
  ]
    .filter((block) => block !== '')
    .join('\n\n')}\n`;
}
