import type { Request, Response } from 'express';
import type { Logger } from 'pino';
import type { FirstPage } from '@omniarton/contracts';
import { whoAsks } from '../http/caller';
import { HttpError } from '../http/errors';
import type { Services } from '../services';
import { firstPageService } from './firstPageService';

/** What whoever asks sees first, if they see the work list; null: they don't, or aren't in. */
export type AsksFirstPage = (req: Request, res: Response) => Promise<FirstPage | null>;

/**
 * What is written into the document for whoever opens it. Who isn't in gets none of it, and where it can't be gathered the page is sent
 * bare: it asks for itself, and says what is wrong.
 */
export function asksFirstPage(
  services: Services,
  host: string,
  port: () => number,
  logger: Logger,
): AsksFirstPage {
  const ask = whoAsks(services, host, port);
  const first = firstPageService(services);
  return async (req, res) => {
    try {
      return await first.of((await ask(req, res)).personId);
    } catch (error) {
      if (!(error instanceof HttpError)) logger.warn({ err: error }, 'the first page was sent bare');
      return null;
    }
  };
}
