import type { Failure } from './http';

/** The one place that turns a failure into what a person reads. */
export function failureWords({ code, message }: Failure): string {
  switch (code) {
    case 'offline':
      return 'The server does not answer. Everything here is kept and sent when it is back.';
    case 'database-down':
      return 'The database does not answer. Everything here is kept and sent when it is back.';
    case 'too-many-requests':
      return 'That was a lot at once. It is sent again in a moment.';
    case 'body-too-large':
      return 'This is too much text to keep (512 kB at most). Shorten it; nothing is lost meanwhile.';
    case 'not-found':
      return 'This is not here. It may have been removed in another tab.';
    case 'invalid':
      return `Something in it can’t be kept: ${message}`;
    default:
      return message;
  }
}
