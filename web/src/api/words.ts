import type { Failure } from './http';

/** The one place that turns a failure into what a person reads. */
export function failureWords({ code, message }: Failure): string {
  switch (code) {
    case 'offline':
      return 'The server does not answer. Everything here is kept and sent when it is back.';
    case 'database-down':
      return 'The database does not answer. Everything here is kept and sent when it is back.';
    case 'busy':
      return 'The server has too much to do just now. Everything here is kept and sent again in a moment.';
    case 'disk-full':
      return 'There is no room left where the data lie, so nothing can be stored. Make room there: everything here is kept, and sent by itself.';
    case 'unreadable':
      return 'This was written by a newer Omniarton. Update this one to open it; it is untouched.';
    case 'too-many-requests':
      return 'That was a lot at once. It is sent again in a moment.';
    case 'signed-out':
      return 'This device isn’t signed in. Everything here is kept, and sent when it is in again.';
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
