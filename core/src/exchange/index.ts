export { takeIn } from './intake';
export { MOST_FOREIGN } from './linkedData';
export { recipeToJsonLd, recipeToMarkdown } from './out';
export { bareCell, toCsv } from './table';
export type { FileKind, Found, Intake } from './types';
