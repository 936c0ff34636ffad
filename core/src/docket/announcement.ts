import type { Recipe } from '../read';

const HERE_IS = /^\s*(?:here|this)\b[^.!?]*\bis\b([^.!?]*)[.!?]\s+/i;

/** Steps without the sentence that brings the bake by its name: "Here at last is Aunt Flo's Boiled Fruit Cake." It stands at the head. */
export function withoutAnnouncement(recipe: Recipe): Recipe {
  const { title, method } = recipe;
  const brings = (source: string) => HERE_IS.exec(source)?.[1]?.includes(title) ?? false;
  if (title === '' || !method.some(({ source }) => brings(source))) return recipe;
  return {
    ...recipe,
    method: method.map((step) =>
      brings(step.source) ? { ...step, source: step.source.replace(HERE_IS, '') } : step,
    ),
  };
}
