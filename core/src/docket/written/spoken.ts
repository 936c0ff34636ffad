import { remembered } from '../../read';

/** A row's name as it is said: "milk, whole" is milk, "cream, heavy" heavy cream, "rum, 80 proof" rum. */
export function spokenName(name: string): string {
  const [head = name, kind = ''] = name.replace(/\s*\([^)]*\)/g, '').split(', ');
  return kind === '' || kind === 'whole' || /\d/.test(kind) ? head : `${kind} ${head}`;
}

const MOST_LISTS = 2000;
const LIST = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/** Names in a row. Example: "rice flour, tapioca starch and xanthan gum". */
export const andList = (names: readonly string[]): string => listed(names.join('\n'));

/** The formatter is slow, and a docket says the same few lists again with every edit. */
const listed = remembered((names) => LIST.format(names.split('\n')), MOST_LISTS);
