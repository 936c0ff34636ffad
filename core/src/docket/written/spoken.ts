/** A row's name as it is said: "milk, whole" is milk, "cream, heavy" heavy cream, "rum, 80 proof" rum. */
export function spokenName(name: string): string {
  const [head = name, kind = ''] = name.replace(/\s*\([^)]*\)/g, '').split(', ');
  return kind === '' || kind === 'whole' || /\d/.test(kind) ? head : `${kind} ${head}`;
}

const LIST = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/** Names in a row. Example: "rice flour, tapioca starch and xanthan gum". */
export const andList = (names: readonly string[]): string => LIST.format(names);
