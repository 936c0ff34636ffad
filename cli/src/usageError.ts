/** An option or a file that can't be used: one line on standard error, exit 2. */
export class UsageError extends Error {}
