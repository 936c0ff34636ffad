import { failureWords } from '../api/words';
import type { Failure } from '../api/http';
import { Notice } from './Notice';

/** Why something asked of the server didn't come about, where it didn't. `error`: what the query or the change answers with. */
export const Failed = ({ error }: { readonly error: unknown }) =>
  error ? (
    <Notice tone="danger" loud>
      {failureWords(error as Failure)}
    </Notice>
  ) : null;
