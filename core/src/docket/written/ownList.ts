import { tokensOf, underLists, type Recipe } from '../../read';
import type { SpanEdit } from './spans';

/** A heading in capitals is a name as another is. */
const inLetters = (name: string): string =>
  name === name.toUpperCase() ? `${name.charAt(0)}${name.slice(1).toLowerCase()}` : name;

/** What stands under a list's heading on the page says in the docket's one method whose it is: "Craquelin: Mix.", where it doesn't itself. */
export function ownListEdits(id: string, source: string, recipe: Recipe): SpanEdit[] {
  const under = underLists(recipe);
  const part = under.get(id);
  const [first] = [...under].find(([, one]) => one === part) ?? [];
  const name = recipe.parts.find((one) => one.id === part)?.name ?? null;
  if (part === undefined || first !== id || name === null) return [];
  const said = tokensOf(source);
  if (/[?!]$/.test(name) || tokensOf(name).some((word) => said.includes(word))) return [];
  return [{ from: 0, to: 0, text: `${inLetters(name)}: `, because: '' }];
}
