#!/usr/bin/env node
import { run, type Surroundings } from './run';

declare const __ENGINE__: string;

const CLEAR_LINE = '\r\u001B[K';

/** How far it is with several files, on one line that is gone when all is said. */
const progress: Surroundings['progress'] = process.stderr.isTTY
  ? (done, of, file) => process.stderr.write(`${CLEAR_LINE}${done + 1} of ${of}: ${file}`)
  : undefined;
const cleared = process.stderr.isTTY ? CLEAR_LINE : '';

process.exitCode = run(process.argv.slice(2), {
  out: (text) => {
    process.stderr.write(cleared);
    process.stdout.write(`${text}\n`);
  },
  err: (text) => process.stderr.write(`${cleared}${text}\n`),
  progress,
  folder: process.env.INIT_CWD ?? process.cwd(),
  engine: __ENGINE__,
});
