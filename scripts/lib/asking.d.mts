type Ask = (path: string, options?: RequestInit) => Promise<Response>;
export function signedIn(
  address: string,
  direct: string,
  from?: Readonly<Record<string, string>>,
): Promise<{ ask: Ask; cookie(): string; home: string; signInMs: number }>;
