import type { Intake } from '@omniarton/core/exchange';
import type { RecipeDocument } from '@omniarton/core/kitchen';
import type { Recipe } from '@omniarton/core/read';
import type { FileFormat } from './answers';
import type { InKitchen, Read } from './desk';

/** Fetched when a file comes in or goes out. */
const exchange = () => import('@omniarton/core/exchange');

/** What a worker does with recipes as files. */
export const fileDesk = (inKitchen: InKitchen, read: Read) => ({
  /** The recipes in a file, whatever kind it is. */
  takeIn: async (name: string, text: string): Promise<Intake> => (await exchange()).takeIn(name, text),
  /** A recipe as it was written, as a file. */
  async sendOut(as: FileFormat, recipe: Recipe, foreign: string | null): Promise<string> {
    const { recipeToJsonLd, recipeToMarkdown, toCsv } = await exchange();
    switch (as) {
      case 'jsonld':
        return recipeToJsonLd(recipe, foreign);
      case 'md':
        return recipeToMarkdown(recipe);
      case 'csv':
        return toCsv(recipe);
    }
  },
  /** Several recipes as they were written, in one file: a list of what `sendOut` makes of each. */
  async sendSeveralOut(key: string, docs: readonly RecipeDocument[]): Promise<string | null> {
    const { recipeToJsonLd } = await exchange();
    return inKitchen(
      key,
      (kitchen) =>
        `[\n${docs.map((doc) => recipeToJsonLd(read(doc, kitchen).recipe, doc.foreign)).join(',\n')}]\n`,
    );
  },
});
