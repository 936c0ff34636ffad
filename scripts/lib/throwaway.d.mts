export const CHROMIUM: { readonly executablePath: string; readonly args: string[] };
export function openThrowaway(options: {
  demo: boolean;
}): Promise<{ address: string; close(): Promise<void> }>;
