/** How what is held here stands with the server. */
export type SaveState =
  { readonly status: 'idle' | 'sending' } | { readonly status: 'offline' | 'failed'; readonly words: string };
