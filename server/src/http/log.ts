import { pino, type DestinationStream, type Logger } from 'pino';

/** What lets somebody in, and is in no log. */
const SECRETS = ['req.headers.cookie', 'req.headers.authorization', 'res.headers["set-cookie"]'];

/** The server's log: a JSON object a line, without secrets. */
export const makeLogger = (level: string, to?: DestinationStream): Logger =>
  pino({ level, redact: { paths: SECRETS, remove: true } }, ...(to ? [to] : []));
