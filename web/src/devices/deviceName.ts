const KINDS = [
  [/iPad|Tablet/i, 'a tablet'],
  [/iPhone|Mobile/i, 'a phone'],
  [/Android/i, 'a tablet'],
] as const;

/** What a device is called until it is named. */
export const deviceName = (): string =>
  KINDS.find(([words]) => words.test(navigator.userAgent))?.[1] ?? 'a laptop';
