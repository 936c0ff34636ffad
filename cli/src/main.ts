import { run } from './run';

process.exitCode = run(process.argv.slice(2), {
  out: (text) => process.stdout.write(`${text}\n`),
  err: (text) => process.stderr.write(`${text}\n`),
  folder: process.env.INIT_CWD ?? process.cwd(),
});
